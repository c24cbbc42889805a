import { MAX_CHART_CLOTHS } from '~~/core/charts/codingColours'
import { MAX_SQUARES } from '~~/core/designs/squares'
import type { PictureWish } from '~/workers/pictureWorker'

/** What is asked of a photograph, as the fields say it: sides in parts of a hundred. */
export interface PhotoWish {
  columns: number
  rows: number
  turns: 0 | 1 | 2 | 3
  across: number[]
  down: number[]
  count: number
  contrast: number
  isMixed: boolean
  isCleaned: boolean
  from: 'proposed' | 'own'
}

/** The fields of a photograph, and what is asked of the worker. `colours`: of the cloths that the quilt has. */
export function usePhotoWish(
  opened: Readonly<Ref<{ width: number; height: number } | null>>,
  colours: () => readonly string[],
) {
  const wish = reactive<PhotoWish>({
    columns: 60,
    rows: 80,
    turns: 0,
    across: [0, 100],
    down: [0, 100],
    count: 12,
    contrast: 1,
    isMixed: false,
    isCleaned: true,
    from: 'proposed',
  })
  /** The part that is left when its sides are cut off, in points of the picture. */
  const part = computed(() => {
    const { width, height } = opened.value ?? { width: 1, height: 1 }
    const [w, h] = wish.turns % 2 === 1 ? [height, width] : [width, height]
    const [left, right] = wish.across as [number, number]
    const [top, bottom] = wish.down as [number, number]
    return { width: (w * (right - left)) / 100, height: (h * (bottom - top)) / 100, w, h }
  })
  const canBePointByPoint = computed(() => part.value.w <= MAX_SQUARES && part.value.h <= MAX_SQUARES)
  /** Squares stay square: as many rows as the part is high. */
  function fitRows() {
    const rows = Math.round((wish.columns * part.value.height) / part.value.width)
    wish.rows = Math.min(MAX_SQUARES, Math.max(1, rows))
  }
  watch(opened, found => {
    if (!found) return
    wish.across = [0, 100]
    wish.down = [0, 100]
    wish.turns = 0
    if (canBePointByPoint.value) pointByPoint()
    else fitRows()
  })
  function pointByPoint() {
    Object.assign(wish, { across: [0, 100], down: [0, 100], columns: part.value.w, rows: part.value.h })
    Object.assign(wish, { count: MAX_CHART_CLOTHS, isCleaned: false, contrast: 1, isMixed: false })
  }
  function turn() {
    wish.turns = ((wish.turns + 1) % 4) as typeof wish.turns
    fitRows()
  }
  const asked = computed(() => askedOf(wish, colours()))
  return { wish, asked, canBePointByPoint, fitRows, turn, pointByPoint }
}

/** The fields as the worker takes them. `colours`: of the cloths that the quilt has. */
function askedOf(wish: PhotoWish, colours: readonly string[]): PictureWish {
  const { columns, rows, turns, across, down, count, contrast, isMixed, isCleaned, from } = wish
  return {
    columns,
    rows,
    turns,
    left: across[0]! / 100,
    right: 1 - across[1]! / 100,
    top: down[0]! / 100,
    bottom: 1 - down[1]! / 100,
    reduction: { count, contrast, isMixed, isCleaned, cloths: from === 'own' ? colours : null },
  }
}
