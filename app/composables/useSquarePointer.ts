import type { Square } from '~~/core/charts/drawing'

/** What a hand does on squares that are seen through a window. */
interface SquareBoard {
  /** Where the window begins, pixels of a square, and how many squares there are. */
  place: () => { left: number; top: number; scale: number; columns: number; rows: number }
  press: (square: Square) => void
  move: (square: Square) => void
  lift: () => void
}

/** Pointers on a canvas of squares, from press to lift. */
export function useSquarePointer(canvas: Readonly<Ref<HTMLCanvasElement | null>>, board: SquareBoard) {
  function squareAt({ clientX, clientY }: PointerEvent): Square | null {
    const box = canvas.value!.getBoundingClientRect()
    const { left, top, scale, columns, rows } = board.place()
    const x = Math.floor((clientX - box.left + left) / scale)
    const y = Math.floor((clientY - box.top + top) / scale)
    return x >= 0 && y >= 0 && x < columns && y < rows ? { x, y } : null
  }
  let isDown = false
  function onDown(event: PointerEvent) {
    const square = squareAt(event)
    if (event.button !== 0 || !square) return
    isDown = true
    canvas.value!.setPointerCapture(event.pointerId)
    board.press(square)
  }
  function onMove(event: PointerEvent) {
    if (!isDown) return
    // a quick hand moves over several squares in one frame
    for (const each of event.getCoalescedEvents?.() ?? [event]) {
      const square = squareAt(each)
      if (square) board.move(square)
    }
  }
  function onUp() {
    if (!isDown) return
    isDown = false
    board.lift()
  }
  return { onDown, onMove, onUp }
}
