import { codingColour } from '~~/core/charts/codingColours'
import { nearLetters } from '~~/core/charts/nearLetters'
import type { Quilt } from '~~/core/file/quilt'

/** What the letters of a picture wear, and what is asked of them: trials, the subject, edges that melt. */
export function usePictureLetters(draft: PictureDraft, chosen: Ref<number>, quilt: () => Quilt) {
  const letters = computed(() => draft.picture.value.letters)
  const subject = ref(new Set<number>())
  const tried = ref<string | null>(null)
  const marked = ref(new Set<string>())
  watch(chosen, () => (tried.value = null))
  watch(draft.picture, ({ letters: now }, { letters: before }) => {
    if (now.length === before.length) return
    subject.value = new Set()
    marked.value = new Set()
  })

  const colourOf = (id: string) => quilt().cloths.find(cloth => cloth.id === id)?.colour
  /** As the picture is seen: the chosen letter in the cloth that is tried. */
  const colours = computed(() =>
    letters.value.map(({ cloths, colour }, i) => {
      const worn = i === chosen.value && tried.value ? tried.value : cloths[0]
      return (worn && colourOf(worn)) ?? colour
    }),
  )
  const codings = computed(() =>
    Object.fromEntries(letters.value.flatMap(({ letter, coding }) => (coding ? [[letter, coding]] : []))),
  )
  const chartColours = computed(() => letters.value.map(({ letter }) => codingColour(letter, codings.value)))
  const counts = computed(() => {
    void draft.version.value
    const found = letters.value.map(() => 0)
    for (const place of draft.picture.value.squares) found[place]! += 1
    return found
  })
  const near = computed(() => {
    void draft.version.value
    const { size, squares } = draft.picture.value
    return nearLetters(size, squares, colours.value, subject.value)
  })

  const acts = useLetterEdits(draft, chosen, tried, quilt)
  const toggled = <T>(set: Set<T>, entry: T) => {
    const next = new Set(set)
    if (!next.delete(entry)) next.add(entry)
    return next
  }
  return {
    letters,
    colours,
    codings,
    chartColours,
    counts,
    near,
    subject,
    tried,
    marked,
    ...acts,
    toggleSubject: (place: number) => (subject.value = toggled(subject.value, place)),
    toggleMark: (pair: string) => (marked.value = toggled(marked.value, pair)),
  }
}
