import type { GridSize } from '~~/core/charts/drawing'

/** Round the squares, so that their edge is seen. */
const ROOM_PX = 24
const MOST_PX = 64

/** How many pixels a square has: the whole at first; whole pixels, so that lines are even. */
export function useSquareScale(stage: Readonly<Ref<HTMLElement | null>>, size: Readonly<Ref<GridSize>>) {
  const { width, height } = useElementSize(stage)
  const times = ref(1)
  const scale = computed(() => {
    const fit = Math.min((width.value - ROOM_PX) / size.value.columns, (height.value - ROOM_PX) / size.value.rows)
    return Math.max(2, Math.min(MOST_PX, Math.round(Math.max(2, Math.floor(fit)) * times.value)))
  })
  const nearer = (by: number) => (times.value = Math.min(20, Math.max(1, times.value * by)))
  return { scale, nearer }
}
