import type { QuiltFile } from '~~/core/file/schema'
import { quiltOf, SAMPLE } from '~~/core/testing/quiltOf'
import { tick } from '~~/core/edits/record'
import type { DoneKind } from '~~/core/cut/progress'
import { makeWorkbook } from '~/workers/makeWorkbook'
import { useProgress } from './useProgress'
import { useMade } from './useMade'

const AT = '2026-03-01T10:00:00Z'
let file: QuiltFile = SAMPLE
const workbook = makeWorkbook(quiltOf(SAMPLE)).workbook
Object.assign(globalThis, {
  useQuilt: () => ({
    get quilt() {
      return quiltOf(file)
    },
    workbook,
    tick: (what: DoneKind, id: string, count: number) => void (file = tick(what, id, count, AT)(file)),
  }),
})
const done = (entries: [DoneKind, string, number][], start = SAMPLE) => {
  file = entries.reduce((now, [what, id, count]) => tick(what, id, count, AT)(now), start)
  return useProgress().value!
}
const { plan, recipes } = workbook
const { rows } = plan

beforeEach(() => (file = SAMPLE))

test('nothing done is nothing, everything done is all, at each station', () => {
  expect(done([]).stations).toMatchObject({ cloth: 0, cut: 0, piece: 0, finish: 0 })
  const units = new Map(recipes.flatMap(recipe => recipe.units).map(unit => [unit.id, unit.inQuilt]))
  const all = done([
    ...plan.cloths
      .filter(cloth => cloth.need > 0)
      .map((cloth): [DoneKind, string, number] => ['step', `bought.${cloth.id}`, 1]),
    ...plan.pieces.map((piece): [DoneKind, string, number] => ['cut', piece.id, piece.count]),
    ...[...units].map(([id, count]): [DoneKind, string, number] => ['unit', id, count]),
    ...plan.blocks.map((block): [DoneKind, string, number] => ['block', block.id, 100]),
    ...rows.map((row): [DoneKind, string, number] => ['row', row.id, 1]),
    ...done([]).finishSteps.map((step): [DoneKind, string, number] => ['step', step, 1]),
  ])
  expect(all.stations).toMatchObject({ cloth: 1, cut: 1, piece: 1, finish: 1 })
  expect(all.sewn.blocks).toBe(all.sewn.allBlocks)
})

test('what was sewn beyond what is needed does not count', () => {
  expect(done([['block', 'star', 500]]).sewn.blocks).toBe(18)
})

test('rows that are alike are ticked one after the other, and the last is the one taken back', () => {
  const alike = rows.findIndex((row, i) => rows.slice(0, i).some(other => other.id === row.id))
  const first = rows.findIndex(row => row.id === rows[alike]!.id)
  useMade().toggleRow(first)
  expect([useMade().rowsDone.value[first], useMade().rowsDone.value[alike]]).toEqual([true, false])
  useMade().toggleRow(alike)
  expect(useMade().rowsDone.value[alike]).toBe(true)
  useMade().toggleRow(alike)
  expect([useMade().rowsDone.value[first], useMade().rowsDone.value[alike]]).toEqual([true, false])
})

test('block by block there are other steps at the end, and all of them can be done', () => {
  const setting = { kind: 'straight', across: 2, down: 3, fill: [['star']] } as const
  const start = { ...SAMPLE, making: 'as-you-go', borders: [], setting } as unknown as QuiltFile
  const { finishSteps } = done([], start)
  expect(finishSteps).toEqual(['as-you-go.blocks', 'as-you-go.long', 'as-you-go.edges', 'labelled'])
  const finished = done(
    finishSteps.map((step): [DoneKind, string, number] => ['step', step, 1]),
    start,
  )
  expect(finished.stations.finish).toBe(1)
})
