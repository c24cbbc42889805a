import type { Check, CheckData, CheckId } from '../core/checks/check'
import { BLOCKS_CHECKS } from './checks/blocksChecks'
import { checkWords, type CheckSentences, type CheckWords } from './checks/checkWords'
import { CUTTING_CHECKS } from './checks/cuttingChecks'
import { EDGE_CHECKS } from './checks/edgeChecks'
import { LAYERS_CHECKS } from './checks/layersChecks'
import { MEASURED_CHECKS } from './checks/measuredChecks'
import { formatBought } from './length'
import { capital } from './names'
import { plural, type Speech } from './speech'

const SENTENCES: CheckSentences = {
  ...CUTTING_CHECKS,
  ...BLOCKS_CHECKS,
  ...EDGE_CHECKS,
  ...LAYERS_CHECKS,
  ...MEASURED_CHECKS,
}

/** What to look at and why, in a sentence or two. */
export function checkText(check: Check, speech: Speech, blockNames: ReadonlyMap<string, string> = new Map()): string {
  return sentenceOf(check, checkWords(speech, blockNames))
}

function sentenceOf<Id extends CheckId>(
  { id, data }: { id: Id; data: Readonly<CheckData[Id]> },
  words: CheckWords,
): string {
  return SENTENCES[id](data, words)
}

/** For the list on screen: a few words. */
export function checkTitle({ id }: Check): string {
  return TITLES[id] ?? capital(id.replaceAll('-', ' '))
}

/** Titles that the check's own name would not make clear. */
const TITLES: Partial<Record<Check['id'], string>> = {
  'angled-folded': 'Cut at an angle: one layer',
  'off-ruler': 'Not on the ruler',
  'border-covered': 'What the binding hides',
  'binding-narrow': 'A narrow binding strip',
  'flange-hidden': 'A flange that does not show',
  'join-at-corner': 'Joins of the binding',
  'gap-too-wide': 'Too far between lines',
  'batting-shows': 'What shines through',
  'batting-joined': 'Joined batting',
  'baby-safety': 'For the smallest',
  'back-not-wide': 'A back in panels',
  'edges-covered': 'What the sashes cover',
  'leftovers-short': 'A back from leftovers',
  'mitre-angle': 'Miters not at 45°',
  'no-foundation': 'No foundation papers',
  'no-precuts': 'Precuts to make it from',
  'cut-already': 'Cut and no longer needed',
  'mirrored-pieces': 'Left and right hands',
  'short-margin': 'Little cloth to spare',
  'trimmed-unlikely': 'The trimmed quilt',
  'turned-print': 'A print that turns',
}

/** Cloth to buy as a shop sells it. */
export function clothToBuy(inches: number, unit: 'in' | 'piece', speech: Speech): string {
  return unit === 'piece' ? plural(inches, 'piece') : formatBought(inches, speech)
}
