import { useStorage } from '@vueuse/core'

/** So long nothing was pressed, and the clock stands still. */
const IDLE_MS = 4 * 60_000
const BEAT_MS = 5_000

/** Minutes of work at a quilt that were not written down yet: counted while a step mode is open and in use. */
export function useSittingTimer(quilt: string) {
  const seconds = useStorage(`wren-sitting:${quilt}`, 0)
  const minutes = computed(() => Math.round(seconds.value / 60))
  const forget = () => (seconds.value = 0)
  return { minutes, seconds, forget }
}

/** Counts while the component that calls it is on show. */
export function useRunningTimer(quilt: string) {
  const { seconds } = useSittingTimer(quilt)
  let last = performance.now()
  let pressed = last
  // by a clock that does not jump when the computer's own is set
  const beat = () => {
    const now = performance.now()
    const passed = now - last
    last = now
    // a computer that slept was not worked at
    if (now - pressed <= IDLE_MS && passed < IDLE_MS) seconds.value += passed / 1000
  }
  useIntervalFn(beat, BEAT_MS)
  for (const event of ['pointerdown', 'keydown'] as const)
    useEventListener(document, event, () => {
      beat()
      pressed = performance.now()
    })
  onBeforeUnmount(beat)
}
