import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { colourDistance } from '../measure/lightness'
import { planOf, quiltOf } from '../testing/quiltOf'
import { squaresQuilt, WALL_COLOURS } from '../testing/wallQuilts'
import { dimensionsOf } from '../top/dimensions'
import { alikeSeams } from '../wall/touching'
import { wallOf } from '../wall/wall'
import { removeCloth } from './cloths'
import { dealHeap, undealt, type DealtHeap, type HeapWish } from './heaps'
import { keepLayout, lockPlaces } from './wall'

const cloths = (count: number) => Array.from({ length: count }, (_, i) => `c${i}`)
function squares(across: number, down: number, setting: object = {}): QuiltFile {
  const { setting: plain, ...file } = squaresQuilt(
    Array.from({ length: down }, () => Array(across).fill(0) as number[]),
  )
  const { cells: _, ...counts } = plain
  return { ...file, setting: { ...counts, ...setting } }
}
function dealtFrom(file: QuiltFile, wish: Partial<HeapWish> = {}): DealtHeap & { file: QuiltFile } {
  const quilt = quiltOf(file)
  const whole = { block: 'b', role: 'cloth', cloths: cloths(6), seed: 1, ...wish }
  const dealt = dealHeap(quilt, dimensionsOf(quilt), whole)
  return { ...dealt, file: dealt.edit(file) }
}
const alikeIn = (file: QuiltFile) => {
  const quilt = quiltOf(file)
  return alikeSeams(wallOf(quilt, dimensionsOf(quilt))).length
}
const rowsOf = (file: QuiltFile) => quiltOf(file).setting.cells.map(line => line.map(cell => cell.cloths.cloth!))

test('four hundred squares are dealt from four cloths and from twelve: counts level, no two alike side by side', () => {
  for (const kinds of [4, 12]) {
    const { file, counts, alike } = dealtFrom(squares(20, 20), { cloths: cloths(kinds) })
    expect(alike).toBe(0)
    const rows = rowsOf(file)
    rows.forEach((row, r) =>
      row.forEach((cloth, c) => {
        expect(cloth).not.toBe(row[c + 1])
        expect(cloth).not.toBe(rows[r + 1]?.[c])
      }),
    )
    expect(Math.max(...counts.map(({ count }) => count)) - Math.min(...counts.map(({ count }) => count))).toBeLessThan(
      2,
    )
    for (const { cloth, count } of counts) expect(rows.flat().filter(own => own === cloth)).toHaveLength(count)
    // what is dealt is what is cut
    const { plan } = planOf(file)
    for (const { cloth, count } of counts)
      expect(plan.pieces.filter(piece => piece.cloth === cloth).reduce((sum, piece) => sum + piece.count, 0)).toBe(
        count,
      )
  }
})

test.each([
  ['on point', { kind: 'on-point', settingCloth: 'c11' }],
  ['shifted rows', { kind: 'offset-rows', ends: { cloth: 'c11' } }],
  ['shifted columns', { kind: 'offset-columns', ends: 'half-blocks' }],
])('%s: no like squares touch', (_, setting) => {
  const { file, alike } = dealtFrom(squares(6, 7, setting))
  expect(alike).toBe(0)
  expect(alikeIn(file)).toBe(0)
})

test('a part of a block is dealt: leaves of scraps on one ground, none beside its like', () => {
  const file = {
    ...squares(6, 5),
    blocks: [{ id: 'b', design: 'maple-leaf', size: 9, cloths: { leaf: 'c1', ground: 'c11', stem: 'c1' } }],
  }
  const roles = Object.keys(quiltOf(file).blocks[0]!.cloths)
  const role = roles.find(name => name !== 'ground' && name !== 'stem')!
  const { file: dealt, alike } = dealtFrom(file, { role, cloths: cloths(5) })
  expect(alike).toBe(0)
  const cells = quiltOf(dealt).setting.cells
  cells.forEach((line, r) =>
    line.forEach(({ cloths: worn }, c) => {
      expect(worn[role]).not.toBe(line[c + 1]?.cloths[role])
      expect(worn[role]).not.toBe(cells[r + 1]?.[c]?.cloths[role])
    }),
  )
  expect(quiltOf(dealt).blocks[0]!.heaps).toEqual({ [role]: role })
})

test('the same seed deals the same, another another; locked places keep theirs', () => {
  const once = dealtFrom(squares(6, 6))
  expect(rowsOf(dealtFrom(squares(6, 6)).file)).toEqual(rowsOf(once.file))
  const locked = lockPlaces(
    [
      [0, 0],
      [3, 4],
    ],
    true,
  )(once.file)
  const again = dealtFrom(locked, { seed: 2 })
  expect(rowsOf(again.file)).not.toEqual(rowsOf(once.file))
  expect([rowsOf(again.file)[0]![0], rowsOf(again.file)[3]![4]]).toEqual([
    rowsOf(once.file)[0]![0],
    rowsOf(once.file)[3]![4],
  ])
  expect(again.alike).toBe(0)
  expect(again.file.heaps).toHaveLength(1)
  // also what does not lie in the heap any more
  const kept = rowsOf(once.file)[0]![0]!
  const without = dealtFrom(locked, { cloths: cloths(6).filter(cloth => cloth !== kept) })
  expect(
    rowsOf(without.file)
      .flat()
      .filter(cloth => cloth === kept).length,
  ).toBeLessThan(3)
  expect(rowsOf(without.file)[0]![0]).toBe(kept)
})

test('cloths that look the same count as one, and why not all can be parted is told', () => {
  const file = squares(4, 4)
  const like = {
    ...file,
    cloths: file.cloths.map(cloth => (cloth.id === 'c1' ? { ...cloth, colour: '#1f2733' } : cloth)),
  }
  expect(colourDistance(WALL_COLOURS[0], '#1f2733')).toBeLessThan(6)
  const two = dealtFrom(like, { cloths: ['c0', 'c1'] })
  expect(two.unlike).toBe(1)
  // all 24 seams of four by four
  expect(two.alike).toBe(24)
  expect(dealtFrom(file, { cloths: ['c0', 'c4'] }).unlike).toBe(2)
})

test('cloth in pieces gives what it has, the others the rest; what falls short is said', () => {
  const file = squares(4, 4)
  const piece = { form: 'piece', width: 14, length: 14, count: 1 } as const
  const one = { ...file, cloths: file.cloths.map(cloth => (cloth.id === 'c2' ? { ...cloth, ...piece } : cloth)) }
  // 14 × 14 less a fifth, in squares of 6: four of them
  const { counts, short } = dealtFrom(one, { cloths: ['c0', 'c2'] })
  expect(counts.map(({ count }) => count)).toEqual([12, 4])
  expect(short).toBe(0)
  const all = { ...file, cloths: file.cloths.map(cloth => ({ ...cloth, ...piece })) }
  expect(dealtFrom(all, { cloths: ['c0', 'c2', 'c4'] }).short).toBe(16 - 12)
})

test('what is not dealt yet differs from its neighbours all the same, and the file says what it does not know', () => {
  for (const kinds of [3, 4, 5, 7]) {
    const heap = { id: 'scraps', cloths: cloths(kinds) }
    const file: QuiltFile = { ...squares(7, 6), heaps: [heap] }
    const dressed = { ...file, blocks: [{ ...file.blocks[0]!, cloths: { cloth: { heap: 'scraps' } } }] }
    expect(alikeIn(dressed)).toBe(0)
    const gone = readQuilt({ ...dressed, heaps: [{ ...heap, id: 'other' }] })
    expect(gone.ok ? [] : gone.problems.map(({ path }) => path.join('.'))).toContain('blocks.0.cloths.cloth')
  }
})

test('a cloth that is taken away leaves the heap; a part of one cloth again forgets its heap', () => {
  const { file } = dealtFrom(squares(5, 5), { cloths: cloths(4) })
  const without = removeCloth('c3', 'c0')(file)
  expect(quiltOf(without).heaps[0]!.cloths).toEqual(['c0', 'c1', 'c2'])
  expect(rowsOf(without).flat()).not.toContain('c3')
  // whatever else is of it takes the other cloth: label, sleeve, layouts that are kept
  const labelled = keepLayout(
    'Before',
    '2026-03-01',
  )({ ...file, label: { cloth: 'c3' }, hanging: { way: 'sleeve', cloth: 'c3' } })
  const other = quiltOf(removeCloth('c3', 'c0')(labelled))
  expect([other.label!.cloth, other.hanging!.cloth]).toEqual(['c0', 'c0'])
  expect(other.wall.kept[0]!.cells).toEqual(other.setting.cells)
  const plain = undealt('b', 'cloth', 'c2')(file)
  expect(plain.heaps).toEqual([])
  expect(
    quiltOf(plain)
      .setting.cells.flat()
      .every(cell => cell.cloths.cloth === undefined),
  ).toBe(true)
  expect(quiltOf(plain).blocks[0]!.cloths).toEqual({ cloth: 'c2' })
})
