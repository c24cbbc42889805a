import { chanceFrom, type Chance } from '../measure/chance'
import { guessedPace, learntPace, type Sitting } from './pace'
import { PACE_NAMES, PACES, type Amounts } from './paceKinds'
import { drawsOf, spanOf } from './span'

/** A whole quilt's work, and what a sitting of it may be. */
const QUILT: Amounts = {
  cut: 340,
  ready: 110,
  sew: 400,
  press: 350,
  trim: 90,
  join: 1500,
  layer: 30,
  quilt: 3000,
  bind: 280,
}
const STAGES: readonly (readonly (typeof PACE_NAMES)[number][])[] = [
  ['cut'],
  ['ready', 'sew', 'press', 'trim'],
  ['sew', 'press', 'join'],
  ['layer', 'quilt'],
  ['quilt', 'bind'],
]

/** Minutes of each kind, of a quilter nobody knows: `slower` than the guess, each kind her own way. */
function hidden(chance: Chance, slower = 1): Record<string, number> {
  const shared = 0.55 * chance.normal() + Math.log(slower)
  return Object.fromEntries(
    PACE_NAMES.map(name => [name, PACES[name].guess * Math.exp(shared + 0.5 * chance.normal())]),
  )
}

const minutesOf = (paces: Record<string, number>, amounts: Amounts) =>
  PACE_NAMES.reduce((sum, name) => sum + (amounts[name] ?? 0) * paces[name]!, 0)

/** Work of about one and a half hours at this pace, of one stage. */
function someWork(chance: Chance, paces: Record<string, number>, stage: number): Amounts {
  const kinds = STAGES[stage % STAGES.length]!
  const minutes = 60 + 60 * chance.even()
  const parts = kinds.map(() => 0.2 + chance.even())
  const all = parts.reduce((a, b) => a + b, 0)
  return Object.fromEntries(
    kinds.map((name, i) => [name, Math.max(1, Math.round((minutes * parts[i]!) / all / paces[name]!))]),
  )
}

/** How often the span of a whole quilt holds what it takes, and how wide it is in the middle of all. */
function tried(count: number, sittings: number, sit: (chance: Chance, minutes: number) => number, slower = 1) {
  const chance = chanceFrom(2026)
  const widths: number[] = []
  let held = 0
  for (let n = 0; n < count; n++) {
    const paces = hidden(chance, slower)
    const timed = Array.from({ length: sittings }, (_, i): Sitting => {
      const amounts = someWork(chance, paces, i)
      return { amounts, minutes: sit(chance, minutesOf(paces, amounts)) }
    })
    const { low, high } = spanOf(drawsOf(learntPace(timed).pace), QUILT)
    const truth = minutesOf(paces, QUILT)
    if (truth >= low && truth <= high) held += 1
    widths.push(high / low)
  }
  return { held: held / count, width: widths.sort((a, b) => a - b)[count >> 1]! }
}

const clean = (chance: Chance, minutes: number) => minutes * Math.exp(0.25 * chance.normal())

test('drawn from the stated guess the span holds nine of ten times, and narrows as sittings are timed', () => {
  const [none, one, ten] = [0, 1, 10].map(sittings => tried(250, sittings, clean))
  for (const { held } of [none!, one!, ten!]) expect(held).toBeGreaterThanOrEqual(0.9)
  expect(one!.width).toBeLessThan(none!.width)
  expect(ten!.width).toBeLessThan(2)
})

test('of quilters slower than the guess, with heavy tails and forgotten clocks, it holds eight of ten times', () => {
  const heavy = (chance: Chance, minutes: number) => {
    const wild = chance.normal() / Math.sqrt((chance.normal() ** 2 + chance.normal() ** 2 + chance.normal() ** 2) / 3)
    const isForgotten = chance.even() < 0.03
    const isPaused = chance.even() < 0.1
    return minutes * Math.exp(0.25 * wild) * (isForgotten ? 2 + 4 * chance.even() : isPaused ? 1.3 : 1)
  }
  for (const sittings of [0, 3, 10, 30]) expect(tried(250, sittings, heavy, 1.6).held).toBeGreaterThanOrEqual(0.8)
})

test('a sitting of mixed work fixes its sum and leaves its kinds tied', () => {
  const amounts = { cut: 12, sew: 30 }
  const timed = Array.from({ length: 8 }, (): Sitting => ({ amounts, minutes: 50 }))
  const draws = drawsOf(learntPace(timed).pace)
  const sum = spanOf(draws, amounts)
  expect(sum.low).toBeGreaterThan(35)
  expect(sum.high).toBeLessThan(70)
  const ratio = ({ low, high }: { low: number; high: number }) => high / low
  expect(ratio(spanOf(draws, { cut: 12 }))).toBeGreaterThan(2 * ratio(sum))
  // timed apart, each is known
  const apart = timed.flatMap((): Sitting[] => [
    { amounts: { cut: 12 }, minutes: 10 },
    { amounts: { sew: 30 }, minutes: 40 },
  ])
  expect(ratio(spanOf(drawsOf(learntPace(apart).pace), { cut: 12 }))).toBeLessThan(2)
})

test('a sitting that cannot be is asked about, and believed only when it was so', () => {
  const usual = Array.from({ length: 6 }, (): Sitting => ({ amounts: { cut: 60 }, minutes: 20 }))
  const odd: Sitting = { amounts: { cut: 12 }, minutes: 432 }
  const { pace, doubted } = learntPace([...usual, odd])
  expect(doubted).toEqual([6])
  expect(spanOf(drawsOf(pace), { cut: 60 }).high).toBeLessThan(40)
  expect(learntPace([...usual, { ...odd, isSure: true }]).doubted).toEqual([])
})

test('before anything is timed the span is wide about the guess, and what is slow learns from what was timed', () => {
  const before = spanOf(drawsOf(guessedPace()), { sew: 100 })
  expect(before.low).toBeLessThan(60 * 0.6)
  expect(before.high).toBeGreaterThan(60 * 2)
  const slow = Array.from({ length: 6 }, (): Sitting => ({ amounts: { sew: 100 }, minutes: 180 }))
  const after = drawsOf(learntPace(slow).pace)
  // three times slower at the machine: likely slower at the mat too, though that was never timed
  const cut = (draws: Parameters<typeof spanOf>[0]) => spanOf(draws, { cut: 100 }).minutes
  expect(cut(after)).toBeGreaterThan(1.2 * cut(drawsOf(guessedPace())))
})

test('sittings without time or without counted work teach nothing', () => {
  expect(
    learntPace([
      { amounts: {}, minutes: 60 },
      { amounts: { cut: 5 }, minutes: 0 },
    ]).pace,
  ).toEqual(guessedPace())
})
