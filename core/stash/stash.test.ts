import fc from 'fast-check'
import { quiltOf, SAMPLE } from '../testing/quiltOf'
import { runs } from '../testing/runs'
import { addCloth, changeCloth } from '../edits/cloths'
import { findInStash, valueGroup } from './findInStash'
import { readPalette, writePalette } from './palette'
import { freshStashCloth, isUsedUp, readStash, type Stash, type StashCloth } from './stashCloth'
import {
  changeInStash,
  differencesIn,
  giveBack,
  mergeIn,
  putBackLeftovers,
  putIn,
  setAside,
  takeOutOfStash,
  type StashEdit,
} from './stashEdits'
import { clothsFromTable, guessColumns, tableOfStash } from './stashTable'
import { asClothOf } from './useOfStash'

const moss: StashCloth = {
  ...freshStashCloth('moss', 44, 'in', 'Moss', '#5b744c'),
  length: 60,
  pieces: [{ width: 10, length: 18, count: 3 }],
  price: 9,
}
const quilt = (id: string) => ({ id, name: `Quilt ${id}` })

/** All the cloth there is, free or set aside, in square inches; a length is as wide as it was sold. */
const areaOf = (stash: Stash) =>
  stash.reduce((sum, { width, length, pieces, asides }) => {
    const of = (held: { length: number; pieces: StashCloth['pieces'] }) =>
      held.length * width + held.pieces.reduce((all, piece) => all + piece.width * piece.length * piece.count, 0)
    return sum + of({ length, pieces }) + asides.reduce((all, aside) => all + of(aside), 0)
  }, 0)

test('whatever is set aside and given back, no cloth is lost, none is had twice', () => {
  const edit: fc.Arbitrary<StashEdit> = fc.oneof(
    fc
      .record({ to: fc.constantFrom('a', 'b'), length: fc.integer({ min: 0, max: 90 }) })
      .map(({ to, length }) => setAside('moss', quilt(to), { length })),
    fc
      .record({ to: fc.constantFrom('a', 'b'), count: fc.integer({ min: 1, max: 5 }) })
      .map(({ to, count }) => setAside('moss', quilt(to), { piece: { width: 10, length: 18, count } })),
    fc.constantFrom('a', 'b').map(from => giveBack('moss', from)),
  )
  fc.assert(
    fc.property(fc.array(edit, { maxLength: 12 }), edits => {
      const before: Stash = [moss]
      const after = edits.reduce((stash, each) => each(stash), before)
      expect(areaOf(after)).toBeCloseTo(areaOf(before), 6)
      for (const { length, pieces, asides } of after) {
        expect(length).toBeGreaterThanOrEqual(0)
        for (const piece of [...pieces, ...asides.flatMap(aside => aside.pieces)])
          expect(piece.count).toBeGreaterThan(0)
      }
      // once everything is given back, nothing is for anyone
      const back = giveBack('moss', 'b')(giveBack('moss', 'a')(after))
      expect(back[0]!.asides).toEqual([])
      expect(readStash(JSON.parse(JSON.stringify(back)))).toEqual({ cloths: back, spoilt: 0 })
    }),
    { numRuns: runs(200) },
  )
})

test('a quilt that is cut uses what was set aside, and what is left comes back by size', () => {
  const aside = setAside('moss', quilt('a'), { length: 40 })([moss])
  expect(aside[0]).toMatchObject({ length: 20, asides: [{ quilt: 'a', length: 40, pieces: [] }] })
  const left = [
    { width: 10, length: 18, count: 1 },
    { width: 43, length: 6, count: 1 },
  ]
  const [after] = putBackLeftovers('moss', 'a', left)(aside)
  expect(after).toMatchObject({
    length: 20,
    asides: [],
    pieces: [
      { width: 43, length: 6, count: 1 },
      { width: 10, length: 18, count: 4 },
    ],
  })
  expect(isUsedUp({ ...after!, length: 0, pieces: [] })).toBe(true)
  expect(takeOutOfStash('moss')([moss])).toEqual([])
  expect(putIn({ ...moss, name: 'Other' })([moss]).map(({ name }) => name)).toEqual(['Other'])
})

test('a cloth is found by words of its name, place, or quilt, and by how light it is; dark ones first', () => {
  const cream = { ...freshStashCloth('cream', 44, 'in', 'Timetable cream', '#f3e7cd'), from: 'Junction market' }
  const soot = setAside('soot', quilt('7'), { length: 1 })([
    { ...freshStashCloth('soot', 44, 'in', 'Soot', '#26282b'), length: 9 },
  ])[0]!
  const stash = [cream, soot, moss]
  const found = (text: string, group: 'all' | 'dark' | 'light' | 'medium' = 'all') =>
    findInStash(stash, { text, group }).map(({ id }) => id)
  expect(found('')).toEqual(['soot', 'moss', 'cream'])
  expect(found('MARKET')).toEqual(['cream'])
  expect(found('quilt 7')).toEqual(['soot'])
  expect(found('cream soot')).toEqual([])
  expect(found('', 'light')).toEqual(['cream'])
  expect([valueGroup('#000000'), valueGroup('#777777'), valueGroup('#ffffff')]).toEqual(['dark', 'medium', 'light'])
})

test('what goes into a quilt is a cloth with what is at hand; a washed one shrinks no more', () => {
  const used = asClothOf({ ...moss, shrink: 0.05, washed: true }, { length: 40 }, 'cm')
  const file = addCloth({ ...SAMPLE, units: 'cm' }, used).edit({ ...SAMPLE, units: 'cm' })
  const cloth = quiltOf(file).cloths.find(({ stash }) => stash === 'moss')!
  expect(cloth).toMatchObject({ name: 'Moss', form: 'yardage', shrink: 0 })
  expect([cloth.have, cloth.width]).toEqual([expect.closeTo(40, 6), expect.closeTo(44, 6)])
  // 9 a yard is 9 ÷ 0.9144 a metre
  expect(cloth.price).toBeCloseTo(9.84, 2)
  const piece = quiltOf(addCloth(SAMPLE, asClothOf(moss, { piece: moss.pieces[0]! }, 'in')).edit(SAMPLE)).cloths
  expect(piece.at(-1)).toMatchObject({ form: 'piece', usable: 10, usableLength: 18, count: 3, selvage: 0 })
})

test('a print goes with its cloth in the units of the quilt; of a leftover nobody knows where its edge was', () => {
  const picture = 'data:image/png;base64,AAAA'
  const printed = { ...moss, picture, repeat: { across: 6, down: 8, first: 2.5 } }
  const metric: typeof SAMPLE = { ...SAMPLE, units: 'cm' }
  const bolt = asClothOf(printed, { length: 40 }, 'cm')
  const file = addCloth(metric, bolt).edit(metric)
  expect(file.cloths.at(-1)!.repeat).toEqual({ across: 15.24, down: 20.32, first: 6.35 })
  const { repeat, id } = quiltOf(file).cloths.at(-1)!
  expect([repeat!.across, repeat!.down, repeat!.first]).toEqual([6, 8, 2.5].map(n => expect.closeTo(n, 9)))
  const plain = changeCloth(id, { picture: null, repeat: null })(file).cloths.at(-1)!
  expect(plain).not.toHaveProperty('repeat')
  expect(plain).not.toHaveProperty('picture')
  expect(asClothOf(printed, { piece: moss.pieces[0]! }, 'in')).toMatchObject({
    picture,
    repeat: { across: 6, down: 8 },
  })
  expect(asClothOf(printed, { piece: moss.pieces[0]! }, 'in').repeat).not.toHaveProperty('first')
  const [unsaid] = changeInStash('moss', { picture: null, repeat: null, price: null })([printed])
  for (const key of ['picture', 'repeat', 'price']) expect(unsaid).not.toHaveProperty(key)
  expect(readStash([printed, { ...printed, picture: 'https://elsewhere' }])).toMatchObject({ spoilt: 1 })
})

test('a table from elsewhere: its columns are guessed, and what cannot be read is told by line', () => {
  const heads = ['Fabric', 'Hex color', 'Yardage', 'Bought at', 'Price of a yard']
  const columns = guessColumns(heads)
  expect(columns).toEqual({ name: 0, colour: 1, length: 2, from: 3, price: 4, width: null })
  const rows = [
    ['Moss', '5B744C', '1 1/2 yd', 'Junction market', '8.5'],
    ['', '', '1 yd', '', ''],
    ['Brass', 'brassy', 'some', '', 'dear'],
    ['', '', '', '', ''],
  ]
  const { cloths, problems } = clothsFromTable(rows, columns, 'in', row => `r${row}`)
  expect(cloths).toMatchObject([
    { id: 'r0', name: 'Moss', colour: '#5b744c', length: 54, from: 'Junction market', price: 8.5, width: 42 },
    { id: 'r2', name: 'Brass', length: 0 },
  ])
  expect(problems.map(({ line, field }) => `${line} ${field}`)).toEqual(['2 name', '3 colour', '3 price', '3 length'])
})

test('the stash as a table reads back as the same cloth, in both units', () => {
  for (const units of ['in', 'cm'] as const) {
    const { heads, rows } = tableOfStash(setAside('moss', quilt('a'), { length: 12 })([moss]), units)
    expect(rows.map(row => row.at(-1))).toEqual(['', '', 'Quilt a'])
    const { cloths, problems } = clothsFromTable(
      rows.map(row => row.map(String)),
      guessColumns(heads),
      units,
      String,
    )
    expect(problems).toEqual([])
    expect(cloths.map(({ length }) => length)).toEqual([48, 18, 12].map(length => expect.closeTo(length, 2)))
    expect(cloths[0]).toMatchObject({ name: 'Moss', colour: '#5b744c', width: expect.closeTo(44, 2), price: 9 })
  }
})

test('a palette goes out and comes back; what is none is refused', () => {
  const colours = [
    { name: 'Soot', colour: '#26282b' },
    { name: 'Signal red', colour: '#a8402c' },
  ]
  expect(readPalette(writePalette('Stash', colours))).toEqual(colours)
  expect(readPalette('GIMP Palette\r\n#x\r\n300 0 0 wrong\r\n 1 2 3\r\n')).toEqual([
    { name: '#010203', colour: '#010203' },
  ])
  expect(readPalette('name,colour')).toBeNull()
})

test('what is kept and spoilt is counted, and hides nothing else', () => {
  expect(readStash([moss, { id: 'x' }, null, { ...moss, length: -1 }])).toEqual({ cloths: [moss], spoilt: 3 })
  expect(readStash('nonsense')).toEqual({ cloths: [], spoilt: 0 })
})

test('cloths of a backup are put below those that are there; they change those only where that is asked for', () => {
  const [a, b, c] = ['a', 'b', 'c'].map(id => freshStashCloth(id, 42, 'in', id.toUpperCase(), '#112233'))
  const other = { ...a!, name: 'other' }
  expect(differencesIn([a!, b!], [other, b!, c!])).toEqual({ missing: 1, differing: 1 })
  expect(mergeIn([other, c!], false)([a!, b!])).toEqual([a, b, c])
  expect(mergeIn([other, c!], true)([a!, b!])).toEqual([other, b, c])
  expect(mergeIn([c!, a!], false)([])).toEqual([c, a])
})
