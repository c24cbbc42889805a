import { CHART_LETTERS } from '~~/core/charts/codingColours'
import type { PictureLetter } from '~~/core/edits/pictures'
import type { Quilt } from '~~/core/file/quilt'
import { fabricsOf } from '~~/core/file/trayCloths'

/** What is done to the chosen letter of a picture, each a step of its own. */
export function useLetterEdits(
  draft: PictureDraft,
  chosen: Ref<number>,
  tried: Ref<string | null>,
  quilt: () => Quilt,
) {
  const letters = computed(() => draft.picture.value.letters)
  const colourOf = (id: string) => quilt().cloths.find(cloth => cloth.id === id)?.colour

  function change(next: Partial<PictureLetter>) {
    const all = letters.value.map((letter, i) => (i === chosen.value ? { ...letter, ...next } : letter))
    draft.replace({ ...draft.picture.value, letters: all })
  }
  function wear(cloth: string) {
    tried.value = null
    change({ cloths: [cloth], colour: colourOf(cloth) ?? letters.value[chosen.value]!.colour })
  }
  const scrap = (cloth: string) => change({ cloths: [...letters.value[chosen.value]!.cloths, cloth] })
  const drop = (cloth: string) =>
    change({ cloths: letters.value[chosen.value]!.cloths.filter(other => other !== cloth) })
  /** All squares of the chosen letter take another, and it is gone. */
  function merge(into: number) {
    const gone = chosen.value
    const place = (at: number) => (at > gone ? at - 1 : at)
    const { size, squares } = draft.picture.value
    const merged = squares.map(at => place(at === gone ? into : at))
    chosen.value = place(into)
    draft.replace({ size, squares: merged, letters: letters.value.filter((_, i) => i !== gone) })
  }
  function add() {
    const taken = new Set(letters.value.map(({ letter }) => letter))
    const letter = CHART_LETTERS.find(free => !taken.has(free))
    if (!letter) return
    const worn = new Set(letters.value.flatMap(({ cloths }) => cloths))
    const cloth = fabricsOf(quilt().cloths).find(({ id }) => !worn.has(id))
    const entry = { letter, cloths: cloth ? [cloth.id] : [], colour: cloth?.colour ?? '#9a9a9a' }
    draft.replace({ ...draft.picture.value, letters: [...letters.value, entry] })
    chosen.value = letters.value.length - 1
  }
  return { change, wear, scrap, drop, merge, add }
}
