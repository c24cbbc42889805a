import type { TiledPicture, TileView } from '~/drawing/tiledPicture'

interface Shown {
  picture: Readonly<Ref<TiledPicture>>
  /** Where the picture lies, in pixels of the page. */
  place: Readonly<Ref<TileView>>
  /** It is being moved or made larger just now. */
  isMoving: Readonly<Ref<boolean>>
  across: Readonly<Ref<number>>
  down: Readonly<Ref<number>>
}

/** Keeps a canvas painted with a picture that is moved about in: a few tiles in each frame, until none is missing. */
export function useTiledCanvas(canvas: Readonly<Ref<HTMLCanvasElement | null>>, shown: Shown) {
  const { picture, place, isMoving, across, down } = shown
  const { pixelRatio: ratio } = useDevicePixelRatio()
  let request = 0
  let before: TileView = { scale: 0, left: 0, top: 0 }
  function draw() {
    request = 0
    const context = canvas.value?.getContext('2d')
    if (!context || across.value < 1) return
    const isResized = resize(context.canvas)
    const view = {
      scale: place.value.scale * ratio.value,
      left: Math.round(place.value.left * ratio.value),
      top: Math.round(place.value.top * ratio.value),
    }
    const isScaling = isMoving.value && view.scale !== before.scale
    const hasMoved = isResized || view.scale !== before.scale || view.left !== before.left || view.top !== before.top
    before = view
    if (picture.value.draw(context, view, { isScaling, hasMoved }) || isScaling) ask()
  }
  function resize(to: HTMLCanvasElement): boolean {
    const [width, height] = [Math.round(across.value * ratio.value), Math.round(down.value * ratio.value)]
    if (to.width === width && to.height === height) return false
    to.width = width
    to.height = height
    return true
  }
  function ask() {
    request ||= requestAnimationFrame(draw)
  }
  watch([place, picture, isMoving, canvas, ratio], ask, { immediate: true })
  onBeforeUnmount(() => cancelAnimationFrame(request))
}
