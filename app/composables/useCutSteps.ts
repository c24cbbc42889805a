import type { StripGroup } from '~~/core/cut/stripGroups'
import type { Cloth } from '~~/core/file/quilt'
import type { PlannedCloth } from '~~/core/plan/plannedCloth'
import { CAUTIONS } from '~~/words/caution'
import { stripParts, stripWords, subcuts } from '~~/words/cutting'
import { inEnglish } from '~~/words/speech'
import type { TextPart } from '~~/words/textPart'
import type { ModeStep } from '~/components/common/StepMode.vue'

/** A cloth to be cut: its place in the plan, its strips, like ones together, and which of them are cut. */
export interface CutCloth {
  cloth: Cloth
  need: PlannedCloth
  index: number
  groups: readonly StripGroup[]
  progress: readonly { done: boolean; cut: number }[]
}

const FOLD =
  'Press the cloth, fold selvage to selvage so that it hangs without a ripple, and square one end against the fold.'

/** At the mat: every kind of strip of every cloth, one after the other, counted down. */
export function useCutSteps(
  cloths: Readonly<Ref<readonly CutCloth[]>>,
  { pieces, places }: ReturnType<typeof usePieces>,
  cut: (cloth: string, strip: number) => void,
) {
  const speech = useSpeech()
  const flat = computed(() =>
    cloths.value.flatMap(cloth => cloth.groups.map((group, place) => ({ ...cloth, group, place }))),
  )
  const steps = computed(() =>
    flat.value.map(({ cloth, index, groups, progress, group, place }): ModeStep => {
      const { strip, places: strips } = group
      const path = `cloths.${index}.strips.${strips[0]}`
      const cuts = subcuts(strip, pieces.value, speech.value, places.value)
      const left = strips.filter(at => !progress[at]!.done).length
      return {
        place: `${cloth.letter}, ${cloth.name}: cut ${place + 1} of ${groups.length}`,
        figures: [`${path}.${stripWords(strip, 1, speech.value).side}`],
        parts: [
          ...stripParts(strip, strips.length, speech.value, path),
          strips.length > 1 ? '. Each into ' : '. Into ',
          ...cuts.flatMap(({ piece, parts }, i): TextPart[] => [
            `${i > 0 ? '; ' : ''}pile ${piece?.letter ?? ''}: `,
            ...parts,
          ]),
          '. Seam included.',
        ],
        done: left === 0,
        ...(strips.length > 1 && left > 0 ? { left } : {}),
        ...(place === 0 ? { caution: `${inEnglish(FOLD, speech.value)} ${CAUTIONS.blade}` } : {}),
      }
    }),
  )
  /** Ticks one more strip of a kind; when all are ticked, takes the last tick back. */
  function tickStep(at: number) {
    const { cloth, group, progress } = flat.value[at]!
    cut(cloth.id, group.places.find(place => !progress[place]!.done) ?? group.places.at(-1)!)
  }
  return { flat, steps, tickStep }
}
