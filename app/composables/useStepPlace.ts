/**
 * Steps shown one at a time: whether they are, where they begin (where they were left, else the first that is not
 * done), and how the place is kept for tomorrow. `names`: of the steps, in order; what a bookmark calls them.
 */
export function useStepPlace(names: () => readonly string[], isDone: (step: number) => boolean) {
  const store = useQuilt()
  const route = useRoute()
  const isStepping = computed(() => route.query.steps !== undefined)
  const startAt = computed(() => {
    const left = names().indexOf(store.bookmark?.of ?? '')
    return left >= 0
      ? left
      : Math.max(
          0,
          names().findIndex((_, i) => !isDone(i)),
        )
  })
  function keepPlace(step: number) {
    const of = names()[step]
    if (of !== undefined) store.setBookmark({ station: 'finish', of })
  }
  return { isStepping, startAt, keepPlace }
}
