// The record in words: what was measured, what is done, what comes next.
import type { FinishStep } from '../core/file/makings/makingRules'
import { measuredThing } from '../core/file/measuredThing'
import type { Quilt } from '../core/file/quilt'
import { formatExactLength } from './length'
import { capital, stageName } from './names'
import { inEnglish, plural, type Speech } from './speech'

const STEPS: Readonly<Record<FinishStep, string>> = {
  'rows-joined': 'Rows joined',
  'borders': 'Borders on',
  'layered': 'Layered',
  'quilted': 'Quilted',
  'trimmed': 'Trimmed square',
  'bound': 'Bound',
  'labelled': 'Labelled and washed',
  'as-you-go.blocks': 'Blocks quilted to their backs',
  'as-you-go.long': 'Rows joined by their backs',
  'as-you-go.edges': 'Edges folded and sewn',
}

/** A step as it stands when it is done. */
export function finishStepName(step: FinishStep): string {
  return STEPS[step]
}

type Entry = Quilt['made'][number]

/** One line for one entry of what was measured. `nameOf`: of a block by its id. */
export function measureLine(entry: Entry, nameOf: (block: string) => string, speech: Speech): string {
  const list = (...values: (readonly number[] | undefined)[]) =>
    values
      .flatMap(some => some ?? [])
      .map(value => formatExactLength(value, speech))
      .join(', ')
  switch (measuredThing(entry.what).kind) {
    case 'seam-test':
      return `Seam test: ${seamTestText(entry, list)}${setUpText(entry)}`
    case 'block':
      return `${nameOf(entry.block ?? '')}: ${list(entry.size, entry.width, entry.height)}`
    default: {
      const sides = [entry.width ? `across ${list(entry.width)}` : '', entry.height ? `down ${list(entry.height)}` : '']
      return `${inEnglish(capital(stageName(entry.what)), speech)}: ${sides.filter(Boolean).join('; ')}`
    }
  }
}

function seamTestText({ strips, cut, measured }: Entry, list: (values: readonly number[]) => string): string {
  const sewn = `${strips} strips of ${cut === undefined ? '?' : list([cut])}`
  return measured === undefined ? `${sewn}, not measured yet` : `${sewn} measured ${list([measured])}`
}

/** In which cloth, on which machine, with which thread and needle a seam was tested. */
function setUpText({ cloth, machine, thread, needle }: Entry): string {
  const said = [cloth && `${cloth} cloth`, machine, thread, needle === undefined ? '' : `needle at ${needle}`]
  const given = said.filter(Boolean)
  return given.length > 0 ? ` (${given.join(', ')})` : ''
}

/** How much is done of how much, in the order of the work. */
export interface WorkDone {
  cut: { cut: number; all: number }
  sewn: Record<'units' | 'allUnits' | 'blocks' | 'allBlocks' | 'rows' | 'allRows', number>
  steps: ReadonlyMap<string, number>
  finishSteps: readonly FinishStep[]
}

/** What is to be done next, in one sentence. */
export function nextText({ cut, sewn, steps, finishSteps }: WorkDone): string {
  const left = [
    { count: cut.all - cut.cut, what: 'piece', still: 'to be cut' },
    { count: sewn.allUnits - sewn.units, what: 'unit', still: 'to be sewn' },
    { count: sewn.allBlocks - sewn.blocks, what: 'block', still: 'to be sewn' },
    { count: sewn.allRows - sewn.rows, what: 'row', still: 'to be joined' },
  ].find(({ count }) => count > 0)
  if (left) return `${plural(left.count, left.what)} ${left.count === 1 ? 'is' : 'are'} still ${left.still}.`
  const step = finishSteps.find(name => !steps.has(name))
  return step ? `Next: ${STEPS[step].toLowerCase()}.` : 'It is finished.'
}
