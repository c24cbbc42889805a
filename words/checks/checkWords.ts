import type { CheckData, CheckId } from '../../core/checks/check'
import { formatCount, formatLength } from '../length'
import { capital, stageName, useName } from '../names'
import { inEnglish, type Speech } from '../speech'

/** What the sentence of a check is made of. */
export type CheckWords = ReturnType<typeof checkWords>
/** A sentence for each check, by its id. */
export type CheckSentences = { readonly [Id in CheckId]: (data: Readonly<CheckData[Id]>, words: CheckWords) => string }
export type CheckTable = Partial<CheckSentences>

/** The words of one check, in the English and the units of who reads it. */
export function checkWords(speech: Speech, blockNames: ReadonlyMap<string, string>) {
  const length = (inches: number) => formatLength(inches, speech)
  return {
    speech,
    length,
    use: (pieces: Parameters<typeof useName>[0]) => inEnglish(useName(pieces, blockNames), speech),
    stage: (name: string) => inEnglish(capital(stageName(name)), speech),
    spacerText: ({ sides, ends }: { sides: number; ends: number }) =>
      sides === ends ? `${length(sides)} all round` : `${length(sides)} at the sides and ${length(ends)} at the ends`,
    degrees: (angle: number) => `${formatCount(Math.round(angle * 2) / 2)}°`,
  }
}
