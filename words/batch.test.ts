import { plannedBatches } from '../core/plan/batches/plannedBatches'
import { recipesFor } from '../core/plan/recipe'
import { planOf, SAMPLE } from '../core/testing/quiltOf'
import { visitText, type BatchBook } from './batch'

test('what is done at a visit is said in a line: what, how many, of which', () => {
  const { quilt, plan, work } = planOf(SAMPLE)
  const recipes = quilt.blocks.flatMap(block => recipesFor(work, plan, block.id))
  const book: BatchBook = {
    units: new Map(recipes.flatMap(({ units }) => units.map(unit => [unit.key, unit] as const))),
    joins: new Map(),
    pieces: new Map(plan.pieces.map(piece => [piece.id, piece])),
    rows: new Map(plan.rows.map(row => [row.id, [row]])),
    joined: plan.rows,
    cloths: new Map(quilt.cloths.map(({ id, name }) => [id, name])),
    blocks: new Map(quilt.blocks.map(({ id, name }) => [id, name])),
    clips: [],
    speech: { units: 'in', english: 'us' },
  }
  const batches = plannedBatches(work, plan.rows)
  const first = batches.find(({ test, what }) => !test && what === 'join')!
  expect(visitText([first], book)).toMatch(new RegExp(`^sew ${first.count} × \\w.*: \\w`))
  const many = batches.filter(({ test }) => !test).slice(0, 6)
  const said = visitText(many, book)
  const parts = new Set(many.map(batch => visitText([batch], book)))
  expect(said.split('; ')).toHaveLength(2)
  expect(said.endsWith(`, and ${parts.size - 2} more`)).toBe(true)
})
