// In: the units of the quilt, each with the way it is made. Out: what is done for each lot, from its piles on.
import type { ChosenWay } from '../plan/choose'
import { unitIds } from '../plan/unitIds'
import { pieceId } from '../cut/gather'
import type { PieceDraft } from '../make/methods/method'
import type { StepCode } from '../make/steps/stepCode'
import { stepsOf } from '../make/methods/stepsOf'
import type { Step } from '../make/steps/step'
import { shortHash } from '../measure/shortHash'
import { isLegged, LEGS, type Leg } from './legs'
import { mergedUses, type Operations, type Use } from './operation'

/** Where the parts come from that are the units of a lot. */
export type Source = string

const ONE: Record<Step['do'], Leg> = {
  'cut': ['mat', 'cut-apart'],
  'mark': ['mat', 'mark'],
  'layer': ['mat', 'layer'],
  'sew': ['machine', 'join'],
  'cut-apart': ['mat', 'cut-apart'],
  'press': ['iron', 'press'],
  'trim': ['mat', 'trim'],
  'measure': ['mat', 'trim'],
}

function legsOf(step: Step): readonly Leg[] {
  return isLegged(step.code) ? LEGS[step.code] : [ONE[step.do]]
}

/** Cut to the last one wanted: of a set that is not full fewer come. */
const AS_MANY_AS_WANTED: ReadonlySet<StepCode> = new Set(['cut-segments', 'cut-wedges-in-turn'])

/** Lots by the key of their demand: of both hands one lot, where one way makes both in one go. */
export function unitLots(choices: readonly ChosenWay[], operations: Operations): Map<string, Source> {
  const sources = new Map<string, Source>()
  const byKey = new Map(choices.map(choice => [choice.demand.key, choice]))
  const ids = unitIds(choices)
  for (const choice of choices) {
    const { demand, way } = choice
    if (sources.has(demand.key)) continue
    const mirror =
      way.made.isBothHands && isSewn(choice)
        ? demand.mirrors.map(key => byKey.get(key)).find(other => other?.way.method === way.method)
        : undefined
    // the hand that is wanted more often decides how many are made
    const lot = mirror && mirror.demand.count > demand.count ? mirror : choice
    const source = unitLot(lot, operations)
    const last = operations.get(source)
    if (last && 'unit' in last.task) last.ready ??= { what: 'unit', id: ids.get(lot.demand.key)! }
    sources.set(demand.key, source)
    if (mirror) sources.set(mirror.demand.key, source)
  }
  return sources
}

/** One lot: its steps one after the other, each taking what the one before gave and the pieces that it adds. */
function unitLot(choice: ChosenWay, operations: Operations): Source {
  const {
    demand,
    way: { made },
  } = choice
  const { key, count: wanted } = demand
  const pieces = made.pieces.flatMap(draft => piecesBySlot(draft, wanted, operations))
  if (!isSewn(choice)) return pieces[0]!.use.id
  const steps = stepsOf(made).flatMap((step, at) => (step.do === 'cut' ? [] : [{ step, at }]))
  const addedLater = new Set(steps.slice(1).flatMap(({ step }) => step.adds ?? []))
  const marked = new Map<string, Source>()
  let before: Use | null = null
  for (const { step, at } of steps) {
    const isFirst = before === null && step.do !== 'mark'
    const taken = pieces.filter(({ slot }) => step.adds?.includes(slot) || (isFirst && !addedLater.has(slot)))
    const added = mergedUses(taken.map(({ slot, use }) => ({ ...use, id: marked.get(slot) ?? use.id })))
    const operation = (d: number, [station, what]: Leg, uses: Use[], count: number, gives: number): Use => {
      const [first, second] = uses
      const id = operations.add({
        id: `unit.${shortHash(key)}.${at}${d > 0 ? `.${d}` : ''}`,
        at: station,
        what,
        task: { unit: key, step: at, leg: d },
        count,
        uses,
        parts: second ? [first!.id, second.id] : [first!.id],
        gives,
      })
      return { id, count: gives }
    }
    if (step.do === 'mark') {
      const count = added.reduce((sum, use) => sum + use.count, 0)
      const { id } = operation(0, ['mat', 'mark'], added, count, count)
      for (const slot of step.adds ?? []) marked.set(slot, id)
      continue
    }
    for (const [d, doing] of legsOf(step).entries()) {
      const count: number = (d === 0 ? step.of : undefined) ?? before?.count ?? made.made
      const gives = doing[1] === 'cut-apart' ? givesOf(step, count, made.made) : count
      before = operation(d, doing, [...(before ? [before] : []), ...(d === 0 ? added : [])], count, gives)
    }
  }
  return before!.id
}

/** Of other units all is told by the cutting sheet; a panel has no seam, but much to be done to it. */
function isSewn({ demand, way }: ChosenWay): boolean {
  return demand.unit.panel !== undefined || stepsOf(way.made).some(({ do: doing }) => doing === 'sew')
}

/** Parts that come of a cut. */
function givesOf({ code, data, into }: Step, count: number, made: number): number {
  return AS_MANY_AS_WANTED.has(code) ? made : count * (into ?? data?.gives ?? 1)
}

/** What a lot takes for each slot of its unit: of a pile, or of what is cut from it first. */
function piecesBySlot(draft: PieceDraft, units: number, operations: Operations): { slot: string; use: Use }[] {
  const pile = pieceId({ draft })
  const { slots, cuts } = draft
  if (cuts === 'none') return slots.map(slot => ({ slot, use: { id: pile, count: draft.count / slots.length } }))
  const id = cutApart(pile, cuts, units * slots.length, operations)
  return slots.map(slot => ({ slot, use: { id, count: units } }))
}

/** Squares cut into triangles, strips cut at an angle: once for all that the pile feeds. `wanted`: parts of it. */
export function cutApart(pile: string, cuts: PieceDraft['cuts'], wanted: number, operations: Operations): Source {
  return operations.add({
    id: `cut.${pile}`,
    at: 'mat',
    what: 'cut-apart',
    task: { pile },
    // whole pieces are known when all that they feed is
    count: 0,
    uses: [],
    parts: [pile],
    gives: cuts === 'angle' ? wanted : 0,
  })
}
