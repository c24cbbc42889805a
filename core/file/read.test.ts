import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { SAMPLE } from '../testing/quiltOf'
import { clothLetters, letterAt } from './letters'
import { readQuilt } from './readQuilt'
import { MAX_BYTES, readText } from './readText'

const problems = (file: unknown) => {
  const read = readQuilt(file)
  return read.ok ? [] : read.problems.map(problem => `${problem.path.join('.')}: ${problem.code}`)
}

test('text that is no quilt is refused before anything is built from it', () => {
  const codes = (text: string) => {
    const read = readText(text)
    return read.ok ? 'ok' : read.problems[0]!.code
  }
  expect(codes('{"a": [1, 2, {"b": "]]]]}}}"}]}')).toBe('ok')
  expect(codes('{"a": ')).toBe('not-json')
  expect(codes('['.repeat(1_000_000))).toBe('too-deep')
  expect(codes(`"${'x'.repeat(MAX_BYTES)}"`)).toBe('too-big')
  expect(codes('{"blocks": [{"__proto__": {"x": 1}}]}')).toBe('forbidden-key')
  expect(codes('{"constructor": 1}')).toBe('forbidden-key')
})

test('whatever JSON it is given, reading ends in a quilt or in problems with paths, and never throws', () => {
  fc.assert(
    fc.property(fc.jsonValue(), value => {
      const read = readQuilt(value)
      if (!read.ok) for (const problem of read.problems) expect(Array.isArray(problem.path)).toBe(true)
    }),
  )
})

test('a good file with one field spoilt is refused at that field', () => {
  const paths: (readonly (string | number)[])[] = [
    ['units'],
    ['cloths', 0, 'width'],
    ['blocks', 0, 'size'],
    ['setting', 'across'],
    ['setting', 'sashing', 'width'],
    ['borders', 0, 'width'],
    ['binding', 'strip'],
    ['margin'],
  ]
  fc.assert(
    fc.property(fc.constantFrom(...paths), fc.constantFrom('many', -3, true, {}, [1]), (path, value) => {
      const file = structuredClone(SAMPLE) as unknown as Record<string | number, unknown>
      const holder = path.slice(0, -1).reduce((at, step) => at[step] as Record<string | number, unknown>, file)
      holder[path.at(-1)!] = value
      expect(problems(file).some(problem => problem.startsWith(path.join('.')))).toBe(true)
    }),
  )
})

test('names that lead nowhere, twice the same name, a role without cloth', () => {
  const [star, plain] = SAMPLE.blocks
  expect(problems({ ...SAMPLE, blocks: [{ ...star, design: 'no-such' }, plain] })).toContain(
    'blocks.0.design: unknown-reference',
  )
  expect(problems({ ...SAMPLE, borders: [{ width: 3, cloth: 'velvet' }] })).toContain(
    'borders.0.cloth: unknown-reference',
  )
  expect(problems({ ...SAMPLE, cloths: [...SAMPLE.cloths, SAMPLE.cloths[0]] })).toContain('cloths.4.id: repeated')
  expect(problems({ ...SAMPLE, blocks: [{ ...star, cloths: { star: 'soot' } }, plain] })).toContain(
    'blocks.0.cloths: undressed-role',
  )
})

test('letters run A to Z and on with AA, keep what was given, and never meet twice', () => {
  expect([0, 25, 26, 51, 52, 701, 702].map(letterAt)).toEqual(['A', 'Z', 'AA', 'AZ', 'BA', 'ZZ', 'AAA'])
  fc.assert(
    fc.property(fc.array(fc.record({ letter: fc.constantFrom('', 'A', 'B', 'K') }), { maxLength: 40 }), cloths => {
      const letters = clothLetters(cloths)
      expect(new Set(letters).size).toBe(letters.length)
      cloths.forEach(({ letter }, i) => {
        if (letter !== '' && cloths.findIndex(other => other.letter === letter) === i) expect(letters[i]).toBe(letter)
      })
    }),
  )
})

test('a file made of parts that were read before is read like a new one, good or bad', () => {
  const cell = fc.record({
    block: fc.constantFrom('star', 'plain'),
    turn: fc.constantFrom<0 | 90>(0, 90),
    cloths: fc.constantFrom<Record<string, string>>({}, { cloth: 'soot' }),
  })
  const row = fc.array(cell, { minLength: 3, maxLength: 3 })
  const design = (width: number) => ({
    id: 'own',
    width,
    height: 1,
    patches: [
      {
        role: 'a',
        points: [
          [0, 0],
          [1, 0],
          [1, 1],
          [0, 1],
        ],
      },
    ],
  })
  fc.assert(
    fc.property(fc.array(row, { minLength: 2, maxLength: 4 }), row, fc.boolean(), (cells, other, isGood) => {
      const setting = { ...SAMPLE.setting, across: 3, down: cells.length, cells }
      const before = { ...SAMPLE, designs: [design(1)], setting }
      const first = readQuilt(before)
      expect(first.ok && first.value.setting.cells).toMatchObject(cells)
      const after = {
        ...before,
        borders: [{ width: 4, cloth: 'soot' }],
        designs: [...before.designs, { ...design(isGood ? 1 : 2), id: 'other' }],
        setting: { ...setting, cells: [other, ...cells.slice(1)] },
      }
      const read = readQuilt(after)
      expect(read.ok).toBe(isGood)
      expect(read).toEqual(readQuilt(structuredClone(after)))
    }),
  )
})

/** A picture of a lamp, in a block of its own beside the sample's. */
const withPicture = (design: object) => ({
  ...SAMPLE,
  designs: [{ id: 'lamp', width: 3, height: 2, ...design }],
  blocks: [...SAMPLE.blocks, { id: 'lamp', design: 'lamp', size: 3, cloths: { A: 'soot', B: 'cream' } }],
})

test('a picture has a letter for each of its squares, and is refused at the row that has not', () => {
  expect(problems(withPicture({ squares: ['ABA', 'BBA'] }))).toEqual([])
  expect(problems(withPicture({ squares: ['ABA'] }))).toEqual(['designs.0.squares: expected'])
  expect(problems(withPicture({ squares: ['ABA', 'BB'] }))).toEqual(['designs.0.squares.1: expected'])
  expect(problems(withPicture({ squares: ['ABA', 'B A'] }))).toEqual(['designs.0.squares.1: expected'])
  expect(problems(withPicture({ squares: ['ABA', 'BCA'] }))).toEqual(['blocks.2.cloths: undressed-role'])
  expect(problems(withPicture({ squares: 'ABABBA' }))).toEqual(['designs.0.squares: expected'])
  expect(problems(withPicture({}))).toEqual(['designs.0.patches: expected'])
  const square = {
    role: 'A',
    points: [
      [0, 0],
      [3, 0],
      [3, 2],
      [0, 2],
    ],
  }
  expect(problems(withPicture({ squares: ['ABA', 'BBA'], patches: [square] }))).toEqual(['designs.0.patches: expected'])
})

test('seams pressed by hand are named by their number, and lie to a side or open', () => {
  const [star, plain] = SAMPLE.blocks
  const pressed = (press: object) => problems({ ...SAMPLE, blocks: [{ ...star, press }, plain] })
  expect(pressed({ 0: 'first', 3: 'open' })).toEqual([])
  expect(pressed({ 3: 'left' })).toEqual(['blocks.0.press.3: expected'])
  expect(pressed({ top: 'open' })).toEqual(['blocks.0.press.top: expected'])
  expect(problems({ ...SAMPLE, press: 'flat' })).toEqual(['press: expected'])
})

test('a mirrored cell that looks like the block turned is that turn; any other stays mirrored', () => {
  const placed = (design: string, cell: object, stripes: object = {}) => {
    const file = {
      format: 'wren-quilt',
      version: 1,
      cloths: [{ id: 'a', colour: '#222222', pattern: 'stripe' }],
      blocks: [
        {
          id: 'one',
          design,
          size: 6,
          stripes,
          cloths: Object.fromEntries(
            SHIPPED_DESIGNS.find(({ id }) => id === design)!.patches.map(({ role }) => [role, 'a']),
          ),
        },
      ],
      setting: {
        across: 2,
        down: 1,
        cells: [
          [
            { block: 'one', ...cell },
            { block: 'one', turn: 90 },
          ],
        ],
      },
    }
    const quilt = readQuilt(file)
    if (!quilt.ok) throw new Error(JSON.stringify(quilt.problems))
    return quilt.value.setting.cells[0]!
  }
  // a four-patch in the mirror has its colours changed over, as after a quarter turn
  const [image, turned] = placed('four-patch', { mirror: true })
  expect(image).toMatchObject({ turn: 90, mirror: false })
  expect(image).toBe(turned)
  expect(placed('four-patch', { mirror: true, turn: 90 })[0]).toMatchObject({ turn: 180, mirror: false })
  expect(placed('pinwheel', { mirror: true })[0]).toMatchObject({ turn: 0, mirror: true })
  // stripes lie otherwise after a quarter turn
  expect(placed('four-patch', { mirror: true }, { dark: 'level' })[0]).toMatchObject({ turn: 0, mirror: true })
})
