import type { CheckedPlan } from '~~/core/checks/planQuilt'
import type { Sum } from '~~/core/measure/sum'
import type { Workbook } from './planMessages'

type WiredCloth = CheckedPlan['cloths'][number]
type WiredStrip = WiredCloth['strips'][number]
type WiredCut = WiredStrip['cuts'][number]

/** A cut as it lies within its strip: from the strip's left, and down from its top. */
type WireCut = Omit<WiredCut, 'x' | 'y'> & { right: number; down: number }
type WireStrip = Omit<WiredStrip, 'cuts'> & { cuts: WireCut[] }
type WireCloth = Omit<WiredCloth, 'strips'> & { strips: WireStrip[] }
type WiredPressing = CheckedPlan['pressing']
type Place = WiredPressing['hubs']['mixed'][number]
/** Places on the top as they lie against the first of them: a wider border moves them all alike. */
interface WirePlaces {
  first: Place | null
  others: { right: number; down: number }[]
}
type WirePressing = Omit<WiredPressing, 'crossings' | 'hubs'> & {
  crossings: Omit<WiredPressing['crossings'], 'clash'> & { clash: WirePlaces }
  hubs: Omit<WiredPressing['hubs'], 'mixed'> & { mixed: WirePlaces }
}
/** The reasons of a part of the plan: its own under the empty name, those of what it holds under theirs. */
interface Reasons {
  [name: string]: Reasons | Sum
}

/**
 * A workbook as it goes between threads: like things are alike wherever they stand. Strips cut alike hold the same
 * cuts, and the reasons of like parts are the same, so that a change which moves them tells of them once.
 */
export interface WireBook extends Omit<Workbook, 'plan'> {
  plan: Omit<CheckedPlan, 'cloths' | 'pressing' | 'sums'> & {
    cloths: WireCloth[]
    pressing: WirePressing
    sums: Reasons
  }
}

/** A workbook made ready to be told. */
export function toWire({ plan, ...rest }: Workbook): WireBook {
  const [cloths, pressing, sums] = [plan.cloths.map(wireCloth), wirePressing(plan.pressing), reasonsOf(plan.sums)]
  return { ...rest, plan: { ...plan, cloths, pressing, sums } }
}

/** The workbook that was told. What was the same object before is so again. */
export function fromWire({ plan, ...rest }: WireBook): Workbook {
  return { ...rest, plan: plainPlan(plan) }
}

const plainPlan = once((plan: WireBook['plan']): CheckedPlan => ({
  ...plan,
  cloths: plainCloths(plan.cloths),
  pressing: plainPressing(plan.pressing),
  sums: plainSums(plan.sums),
}))
const plainCloths = once((cloths: WireCloth[]): WiredCloth[] => cloths.map(cloth => plainCloth(cloth)))
const plainCloth = once((cloth: WireCloth): WiredCloth => ({ ...cloth, strips: plainStrips(cloth.strips) }))
const plainStrips = once((strips: WireStrip[]): WiredStrip[] => strips.map(strip => plainStrip(strip)))
const plainStrip = once((strip: WireStrip): WiredStrip => ({
  ...strip,
  cuts: strip.cuts.map(({ right, down, width, height, piece }) => {
    return { x: strip.x + right, y: strip.y + down, width, height, piece }
  }),
}))
const plainPressing = once(({ crossings, hubs, ...rest }: WirePressing): WiredPressing => ({
  ...rest,
  crossings: { ...crossings, clash: plainPlaces(crossings.clash) },
  hubs: { ...hubs, mixed: plainPlaces(hubs.mixed) },
}))
const plainPlaces = ({ first, others }: WirePlaces): Place[] =>
  first === null ? [] : [first, ...others.map(({ right, down }) => ({ x: first.x + right, y: first.y + down }))]
const plainSums = once((reasons: Reasons): Record<string, Sum> => {
  const sums: Record<string, Sum> = {}
  const visit = (part: Reasons, path: string) => {
    for (const name of Object.keys(part)) {
      if (name === '') sums[path] = part[''] as Sum
      else visit(part[name] as Reasons, path === '' ? name : `${path}.${name}`)
    }
  }
  visit(reasons, '')
  return sums
})

function wirePressing({ crossings, hubs, ...rest }: WiredPressing): WirePressing {
  return {
    ...rest,
    crossings: { ...crossings, clash: wirePlaces(crossings.clash) },
    hubs: { ...hubs, mixed: wirePlaces(hubs.mixed) },
  }
}

function wirePlaces([first, ...others]: readonly Place[]): WirePlaces {
  if (!first) return { first: null, others: [] }
  // differences of the same lengths end in other last digits elsewhere on the top
  const apart = (one: number, other: number) => Math.round((one - other) * 1e11) / 1e11
  return { first, others: others.map(({ x, y }) => ({ right: apart(x, first.x), down: apart(y, first.y) })) }
}

function wireCloth(cloth: WiredCloth): WireCloth {
  return { ...cloth, strips: cloth.strips.map(wireStrip) }
}

function wireStrip(strip: WiredStrip): WireStrip {
  const cuts = strip.cuts.map(({ x, y, width, height, piece }) => {
    return { right: x - strip.x, down: y - strip.y, width, height, piece }
  })
  return { ...strip, cuts }
}

function reasonsOf(sums: Readonly<Record<string, Sum>>): Reasons {
  const reasons: Reasons = {}
  for (const [path, sum] of Object.entries(sums)) {
    let part = reasons
    for (const name of path.split('.')) part = (part[name] ??= {}) as Reasons
    part[''] = sum
  }
  return reasons
}

/** The same answer for the same object, without asking again. */
function once<A extends object, B>(make: (given: A) => B): (given: A) => B {
  const made = new WeakMap<A, B>()
  return given => {
    if (!made.has(given)) made.set(given, make(given))
    return made.get(given)!
  }
}

/**
 * The same value with equal parts made one object: what is sent between threads is written once for each object,
 * however often it is held.
 */
export function shared<T>(value: T): T {
  const known = new Map<string, object>()
  const numbers = new Map<object, number>()
  const nameOf = (part: unknown) => (typeof part === 'object' && part !== null ? numbers.get(part)! : nameOfBare(part))
  const visit = (part: unknown): unknown => {
    if (typeof part !== 'object' || part === null) return part
    const copy: object = Array.isArray(part)
      ? part.map(visit)
      : Object.fromEntries(Object.entries(part).map(([name, below]) => [name, visit(below)]))
    const key = Array.isArray(copy)
      ? `[${copy.map(nameOf).join()}`
      : Object.entries(copy)
          .map(([name, below]) => `${JSON.stringify(name)}:${nameOf(below)}`)
          .join()
    const one = known.get(key)
    if (one) return one
    known.set(key, copy)
    numbers.set(copy, numbers.size)
    return copy
  }
  return visit(value) as T
}

/** Told apart from the numbers of objects by its quotes. */
function nameOfBare(value: unknown): string {
  return typeof value === 'string' ? `'${JSON.stringify(value)}` : `'${Object.is(value, -0) ? '-0' : String(value)}`
}
