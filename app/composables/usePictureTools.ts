import { boxSquares, filledSquares, lineSquares, mirroredSquares, type Square } from '~~/core/charts/drawing'
import type { PictureLetter } from '~~/core/edits/pictures'

export const PICTURE_TOOLS = [
  { id: 'pencil', label: 'Pencil', icon: 'i-lucide-pencil' },
  { id: 'line', label: 'Line', icon: 'i-lucide-slash' },
  { id: 'box', label: 'Box', icon: 'i-lucide-square' },
  { id: 'fill', label: 'Fill', icon: 'i-lucide-paint-bucket' },
  { id: 'take', label: 'Take a letter', icon: 'i-lucide-pipette' },
] as const
export type PictureTool = (typeof PICTURE_TOOLS)[number]['id']

/** What hands do on the board: by pointer from press to lift, by keys at the cursor. */
export function usePictureTools(draft: PictureDraft) {
  const tool = ref<PictureTool>('pencil')
  const mirrors = reactive({ across: false, down: false })
  /** The place of the letter that is painted. */
  const letter = ref(0)
  const cursor = shallowRef<Square>({ x: 0, y: 0 })
  /** Where a line or a box begins. */
  const start = shallowRef<Square | null>(null)
  let last: Square | null = null

  const size = computed(() => draft.picture.value.size)
  const letterAt = ({ x, y }: Square) => draft.picture.value.squares[y * size.value.columns + x]!
  const paint = (squares: readonly number[]) => draft.paint(mirroredSquares(size.value, squares, mirrors), letter.value)
  const ended = (from: Square, to: Square) =>
    tool.value === 'line' ? lineSquares(size.value, from, to) : boxSquares(size.value, from, to)

  function press(square: Square) {
    cursor.value = square
    if (tool.value === 'take') letter.value = letterAt(square)
    else if (tool.value === 'fill') paint(filledSquares(size.value, draft.picture.value.squares, square))
    else if (tool.value === 'pencil') {
      draft.beginStroke()
      paint([square.y * size.value.columns + square.x])
    } else start.value = square
    last = square
  }
  function move(square: Square) {
    cursor.value = square
    if (tool.value === 'pencil' && last) paint(lineSquares(size.value, last, square))
    last = square
  }
  function lift() {
    if (tool.value === 'pencil') draft.endStroke()
    else if (start.value && last) paint(ended(start.value, last))
    start.value = last = null
  }
  /** By keys a line or a box has two presses: where it begins, and where it ends. */
  function pressKey() {
    const square = cursor.value
    if (tool.value === 'line' || tool.value === 'box') {
      if (!start.value) start.value = square
      else {
        paint(ended(start.value, square))
        start.value = null
      }
      return
    }
    press(square)
    lift()
  }
  const onKey = usePictureKeys(draft, { cursor, start, letter, pressKey })
  // another picture may be smaller, and have fewer letters
  watch(draft.picture, ({ size: { columns, rows }, letters }) => {
    letter.value = Math.min(letter.value, letters.length - 1)
    cursor.value = { x: Math.min(cursor.value.x, columns - 1), y: Math.min(cursor.value.y, rows - 1) }
    start.value = null
  })
  return { tool, mirrors, letter, cursor, start, letterAt, press, move, lift, onKey }
}

/** By the key as it is typed; of letters that have one case alone by the other too. */
function placeOfLetter(letters: readonly PictureLetter[], key: string): number {
  const own = letters.findIndex(({ letter }) => letter === key)
  return own >= 0 ? own : letters.findIndex(({ letter }) => letter.toLowerCase() === key.toLowerCase())
}

interface KeyedHands {
  cursor: Ref<Square>
  start: Ref<Square | null>
  letter: Ref<number>
  pressKey: () => void
}

/** Arrows move the cursor, with Shift by ten; Space and Enter press; a letter chooses itself. */
function usePictureKeys(draft: PictureDraft, { cursor, start, letter, pressKey }: KeyedHands) {
  const size = computed(() => draft.picture.value.size)
  const step = (dx: number, dy: number) => () =>
    (cursor.value = {
      x: Math.min(size.value.columns - 1, Math.max(0, cursor.value.x + dx)),
      y: Math.min(size.value.rows - 1, Math.max(0, cursor.value.y + dy)),
    })
  function onKey(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const far = event.shiftKey ? 10 : 1
    const keys: Readonly<Record<string, () => void>> = {
      'ArrowLeft': step(-far, 0),
      'ArrowRight': step(far, 0),
      'ArrowUp': step(0, -far),
      'ArrowDown': step(0, far),
      ' ': pressKey,
      'Enter': pressKey,
    }
    const named = placeOfLetter(draft.picture.value.letters, event.key)
    const isLeaving = event.key === 'Escape' && start.value !== null
    const act = isLeaving
      ? () => (start.value = null)
      : (keys[event.key] ?? (named >= 0 ? () => (letter.value = named) : null))
    if (!act) return
    event.preventDefault()
    event.stopPropagation()
    act()
  }
  return onKey
}
