import { LEGS, type LeggedCode } from '../core/batches/legs'
import { plannedBatches, type PlannedBatch } from '../core/batches/plannedBatches'
import { recipesFor } from '../core/recipes/recipe'
import { planOf, SAMPLE } from '../core/testing/quiltOf'
import { batchGroups, batchParts, testParts, visitText } from './batch'
import { batchBook } from './batchBook'
import { legParts } from './leg'
import { textOf } from './textPart'

const { quilt, plan, work } = planOf(SAMPLE)
const book = batchBook(
  {
    recipes: quilt.blocks.flatMap(block => recipesFor(work, plan, block.id)),
    rows: plan.rows,
    pieces: plan.pieces,
  },
  {
    cloths: new Map(quilt.cloths.map(({ id, name }) => [id, name])),
    blocks: new Map(quilt.blocks.map(({ id, name }) => [id, name])),
    clips: [],
    speech: { units: 'in', english: 'us' },
  },
)
const batches = plannedBatches(work, plan.rows)

test('what is done at a visit is said in a line: what, how many, of which', () => {
  const first = batches.find(({ test, what }) => !test && what === 'join')!
  expect(visitText([first], book)).toMatch(new RegExp(`^sew ${first.count} × \\w.*: \\w`))
  const many = batches.filter(({ test }) => !test).slice(0, 6)
  const said = visitText(many, book)
  const parts = new Set(many.map(batch => visitText([batch], book)))
  expect(said.split('; ')).toHaveLength(2)
  expect(said.endsWith(`, and ${parts.size - 2} more`)).toBe(true)
})

test('on paper batches with the same words are told once, and none is lost', () => {
  const groups = batchGroups(batches, book)
  const told = groups.map(({ parts, kind }) => `${kind} ${textOf(parts)}`)
  expect(new Set(told).size).toBe(told.length)
  expect(groups.length).toBeLessThan(batches.length)
  const sum = (counts: readonly { count: number }[]) => counts.reduce((total, { count }) => total + count, 0)
  expect(sum(groups.flatMap(({ of }) => of))).toBe(sum(batches))
  for (const { first, parts } of groups) expect(textOf(parts)).toBe(textOf(batchParts(batches[first]!, book)))
  const inTable = testParts(batches, book).flatMap(({ to }) =>
    [...to.matchAll(/(\d+)\u00a0×/g)].map(([, n]) => Number(n)),
  )
  expect(inTable.reduce((total, n) => total + n, 0)).toBe(sum(batches))
})

/** Work of the other stations. */
const ELSEWHERE: Readonly<Record<PlannedBatch['at'], RegExp>> = {
  mat: /\b(press|sew|join)\b/i,
  machine: /\b(press|cut|trim|mark)\b(?!,)/i,
  iron: /\b(sew|join|mark|trim|lay)\b/i,
}

test('a leg of a step tells what is done at its station, and nothing of the others', () => {
  for (const code of Object.keys(LEGS) as LeggedCode[])
    LEGS[code].forEach(([at], leg) => {
      const step = { code, do: 'sew' as const, picture: { shapes: [], lines: [] } as never, data: { over: 'a' } }
      const text = textOf(legParts(step, leg, book.speech, new Map()))
      // where to sew from: the mark is made at the mat
      const own = text
        .replace(/away from the mark/, '')
        .replace(/on the line/, '')
        .replace(/anything is cut/, '')
      expect(`${code} ${leg}: ${ELSEWHERE[at].exec(own)?.[0] ?? 'only its own'}`).toBe(`${code} ${leg}: only its own`)
    })
})

test('seams of a block are pressed between parts that lie on the table, never by the number of a join', () => {
  const texts = batches
    .filter(({ what, task }) => what === 'press' && 'block' in task)
    .map(batch => textOf(batchParts(batch, book)))
  expect(texts.length).toBeGreaterThan(0)
  for (const text of texts) {
    expect(text).not.toMatch(/join \d/)
    expect(text).toMatch(/press (it|those between .+ and .+) (open|upwards|downwards|to the (left|right))/)
  }
})
