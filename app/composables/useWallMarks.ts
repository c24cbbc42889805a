import { wallMarks } from '~~/words/wall'

/** More in a drawing are one tangle; the first are the surest. */
const MOST_DRAWN = 30

/** What the eye would catch, by the newest plan: its list, and those that are drawn, one alone or all. */
export function useWallMarks(isShown: () => boolean, isJudged: () => boolean) {
  const store = useQuilt()
  const speech = useSpeech()
  const marks = computed(() =>
    store.plan && isJudged() ? wallMarks(store.plan.wall, store.clothNames, speech.value) : [],
  )
  const shown = ref<number | null>(null)
  watch(marks, () => (shown.value = null))
  const drawn = computed(() => {
    if (!isShown()) return []
    const all = marks.value.slice(0, MOST_DRAWN).map(({ cells }, i) => ({ number: i + 1, cells }))
    const one = shown.value === null ? undefined : all[shown.value]
    return one ? [one] : all
  })
  return { marks, shown, drawn }
}
