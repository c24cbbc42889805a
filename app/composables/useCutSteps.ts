import type { StripGroup } from '~~/core/cut/stripGroups'
import type { Cloth } from '~~/core/file/quilt'
import type { PlannedCloth } from '~~/core/plan/plannedCloth'
import { CAUTIONS } from '~~/words/caution'
import { columnParts, stripParts, stripWords, subcuts, togetherText } from '~~/words/cutting'
import { TRIM_FROM_THE_MIDDLE, trimParts } from '~~/words/sewnSettings'
import { inEnglish } from '~~/words/speech'
import type { TextPart } from '~~/words/textPart'
import type { ModeStep } from '~/components/common/StepMode.vue'

/** A cloth to be cut: its place in the plan, its strips, like ones together, and which of them are cut. */
export interface CutCloth {
  cloth: Cloth
  need: PlannedCloth
  index: number
  /** Where its strips stand in the plan. */
  path: string
  /** After a mistake: what is left of it, and what finds no room there. */
  again: PlannedCloth['again']
  groups: readonly StripGroup[]
  progress: readonly { done: boolean; cut: number }[]
}

const FOLD =
  'Press the cloth, fold selvage to selvage so that it hangs without a ripple, and square one end against the fold.'

/** After a sentence, where there is something to say. */
const lead = (text: string) => (text === '' ? [] : [` ${text}`])

/** Of pieces that were left after a mistake. */
const SINGLE = 'Press the piece of cloth, lay it flat, and square one end.'

/** A step at the mat: the like strips that it cuts, or the sewn blocks that it trims; what its tick does. */
export interface CutStep extends ModeStep {
  strips?: CutCloth & { group: StripGroup }
  sewn?: Cloth
  tick: () => void
}

/** At the mat: what is sewn already is trimmed, then every kind of strip of every cloth, counted down. */
export function useCutSteps(
  cloths: Readonly<Ref<readonly CutCloth[]>>,
  { pieces, places }: ReturnType<typeof usePieces>,
  cut: (cloth: string, strip: number) => void,
) {
  const speech = useSpeech()
  const { trims, countTrimmed } = useSewnTrims()
  const trimSteps = computed(() =>
    trims.value.map(({ piece, cloth, done }, i): CutStep => {
      const path = `pieces.${places.value.get(piece.id)}`
      const isDone = done >= piece.count
      return {
        place: `Blocks that are sewn: ${i + 1} of ${trims.value.length}`,
        figures: [`${path}.width`, `${path}.height`],
        parts: [
          ...trimParts(cloth.name, piece, speech.value, path),
          ' ',
          inEnglish(TRIM_FROM_THE_MIDDLE, speech.value),
        ],
        done: isDone,
        sewn: cloth,
        tick: () => countTrimmed(piece.id, isDone ? -piece.count : piece.count - done),
        ...(i === 0 ? { caution: CAUTIONS.blade } : {}),
      }
    }),
  )
  const stripSteps = computed(() =>
    cloths.value.flatMap(cloth =>
      cloth.groups.map((group, place): CutStep => {
        const { strip, places: strips } = group
        const path = `${cloth.path}.strips.${strips[0]}`
        const left = strips.filter(at => !cloth.progress[at]!.done)
        return {
          place: `${cloth.cloth.letter}, ${cloth.cloth.name}: cut ${place + 1} of ${cloth.groups.length}`,
          figures: [`${path}.${stripWords(strip, 1, speech.value).side}`],
          parts: [
            ...stripParts(strip, strips.length, speech.value, path),
            strips.length > 1 ? '. Each into ' : '. Into ',
            ...subcuts(strip, pieces.value, speech.value, places.value).flatMap(({ piece, parts }, i): TextPart[] => [
              `${i > 0 ? '; ' : ''}pile ${piece?.letter ?? ''}: `,
              ...parts,
            ]),
            ...columnParts(strip, pieces.value, speech.value).flatMap((column): TextPart[] => ['. ', ...column]),
            '. Seam included.',
            ...lead(togetherText(strip, strips.length, pieces.value)),
          ],
          done: left.length === 0,
          strips: { ...cloth, group },
          // one more strip of the kind; when all are ticked, the last tick is taken back
          tick: () => cut(cloth.cloth.id, left[0] ?? strips.at(-1)!),
          ...(strips.length > 1 && left.length > 0 ? { left: left.length } : {}),
          ...(place === 0
            ? { caution: `${inEnglish(cloth.again ? SINGLE : FOLD, speech.value)} ${CAUTIONS.blade}` }
            : {}),
        }
      }),
    ),
  )
  return computed(() => [...trimSteps.value, ...stripSteps.value])
}
