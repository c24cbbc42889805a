import { select } from 'd3-selection'
import { zoom, zoomIdentity } from 'd3-zoom'
import type { Ref } from 'vue'

/** A step of nearer or farther. */
const STEP = 1.5
/** Of the window, how far an arrow key goes. */
const ARROW = 1 / 4

/**
 * A window that looks at a picture: nearer and farther, moved about in; never so far that the picture leaves it. By
 * dragging, by two fingers, by Ctrl and the wheel (the wheel alone scrolls the page), by keys, and by what it gives.
 */
export function usePanZoom(frame: Readonly<Ref<HTMLElement | null>>, most: Readonly<Ref<number>>) {
  const view = shallowRef(zoomIdentity)
  /** Fingers are at it. */
  const isMoving = ref(false)
  const behaviour = zoom<HTMLElement, unknown>()
    .filter((event: Event) => {
      if (event instanceof WheelEvent) return event.ctrlKey || event.metaKey
      if (window.TouchEvent && event instanceof TouchEvent) return event.touches.length > 1 || view.value.k > 1
      return !(event instanceof MouseEvent) || event.button === 0
    })
    .on('start', () => (isMoving.value = true))
    .on('zoom', ({ transform }) => (view.value = transform))
    .on('end', () => (isMoving.value = false))
  const selected = () => (frame.value ? select<HTMLElement, unknown>(frame.value) : null)
  watch(
    [frame, most],
    () => {
      behaviour.scaleExtent([1, Math.max(1, most.value)])
      selected()?.call(behaviour).on('dblclick.zoom', null)
    },
    { immediate: true, flush: 'post' },
  )
  useResizeObserver(frame, ([entry]) => {
    const { width, height } = entry!.contentRect
    behaviour.extent([
      [0, 0],
      [width, height],
    ])
    behaviour.translateExtent([
      [0, 0],
      [width, height],
    ])
    whole()
  })

  const nearer = (times = STEP) => void selected()?.call(behaviour.scaleBy, times)
  const farther = () => nearer(1 / STEP)
  const whole = () => void selected()?.call(behaviour.transform, zoomIdentity)
  /** A place of the window as it is when the whole is seen, put in its middle. */
  function lookAt(x: number, y: number, times: number) {
    const { width, height } = frame.value!.getBoundingClientRect()
    const k = Math.min(Math.max(1, most.value), Math.max(1, times))
    const to = zoomIdentity
      .translate(width / 2, height / 2)
      .scale(k)
      .translate(-x, -y)
    selected()?.call(behaviour.transform, to)
    // once more, for its edges
    move(0, 0)
  }
  function move(across: number, down: number) {
    const { width, height } = frame.value!.getBoundingClientRect()
    const k = view.value.k
    selected()?.call(behaviour.translateBy, (across * width) / k, (down * height) / k)
  }
  const onKey = (event: KeyboardEvent) => {
    // where the whole is seen the arrows scroll the page
    if (view.value.k > 1 || !ARROWS[event.key]) onPictureKey(event, { nearer, farther, whole, move })
  }
  return { view, isMoving, nearer, farther, whole, lookAt, onKey }
}

/** Which way each arrow goes, in parts of the window. */
const ARROWS: Readonly<Record<string, readonly [across: number, down: number]>> = {
  ArrowLeft: [ARROW, 0],
  ArrowRight: [-ARROW, 0],
  ArrowUp: [0, ARROW],
  ArrowDown: [0, -ARROW],
}

interface PictureMoves {
  nearer: () => void
  farther: () => void
  whole: () => void
  move: (across: number, down: number) => void
}

/** What a key does to a picture. */
function onPictureKey(event: KeyboardEvent, { nearer, farther, whole, move }: PictureMoves) {
  const keys: Readonly<Record<string, () => void>> = { '+': nearer, '=': nearer, '-': farther, '0': whole }
  const arrow = ARROWS[event.key]
  const act = arrow ? () => move(...arrow) : keys[event.key]
  if (!act || event.ctrlKey || event.metaKey || event.altKey) return
  event.preventDefault()
  event.stopPropagation()
  act()
}
