import { RING } from '../testing/ring'
import { mendsFor } from '../edits/mends'
import type { QuiltFile } from '../file/schema'
import { planOf, quiltOf, SAMPLE } from '../testing/quiltOf'
import type { CheckId } from './check'

const [soot, cream, brass, red] = SAMPLE.cloths as [
  QuiltFile['cloths'][0],
  QuiltFile['cloths'][0],
  QuiltFile['cloths'][0],
  QuiltFile['cloths'][0],
]
const [star, plain] = SAMPLE.blocks as [QuiltFile['blocks'][0], QuiltFile['blocks'][0]]
const border = SAMPLE.borders![0]!
const own = (colour: string) => ({ block: 'plain', cloths: { cloth: colour } })

/** For each kind of check a change of the sample that brings it about. */
const CAUSES: Partial<Record<CheckId, Partial<QuiltFile>>> = {
  'off-ruler': {
    blocks: [{ id: 'sixteen', design: 'sixteen-patch', size: 10.12, cloths: { dark: 'soot', light: 'cream' } }],
    setting: { across: 3, down: 3 },
  },
  'long-strip': {},
  'piece-too-large': {
    blocks: [{ id: 'plain', design: 'plain', size: 45, cloths: { cloth: 'red' } }],
    setting: { across: 1, down: 1 },
  },
  'not-enough-cloth': { cloths: [soot, cream, brass, { ...red, form: 'piece', width: 21, length: 18, count: 2 }] },
  'turned-print': {
    cloths: SAMPLE.cloths.map(cloth => ({ ...cloth, directional: cloth.id === SAMPLE.binding!.cloth })),
  },
  'cut-already': { done: [{ what: 'cut', id: 'soot.square.9x9.squares', count: 4 }] },
  'seam-test-unlikely': { made: [{ what: 'seam-test', strips: 2, cut: 3, measured: 55 }] },
  'seam-off': { made: [{ what: 'seam-test', strips: 2, cut: 3, measured: 5.4375 }] },
  'measures-disagree': {
    made: [
      { what: 'block', block: 'star', size: [9.5] },
      { what: 'setting', width: [52, 52] },
    ],
  },
  'trimmed-unlikely': { made: [{ what: 'trimmed', width: [54, 54] }] },
  'border-spread': { made: [{ what: 'setting', width: [54, 54.75] }] },
  'border-too-wide': { borders: [{ ...border, width: 10 }] },
  'border-too-narrow': { borders: [{ ...border, width: '3/8' }] },
  'border-too-short': { made: [{ what: 'setting', height: [80, 80] }] },
  'block-too-small': { made: [{ what: 'block', block: 'star', size: [9.25] }] },
  'points-at-risk': { made: [{ what: 'block', block: 'star', size: [9.5, 9.2] }] },
  'bulky-crossing': { blocks: [{ ...star, design: 'pinwheel', cloths: { blade: 'soot', ground: 'cream' } }, plain] },
  'scattered-blocks': { made: [{ what: 'block', block: 'star', size: [9.5, 9.3] }] },
  'low-contrast': { cloths: [{ ...soot, colour: '#f0e0c0' }, cream, brass, red] },
  'letters-alike': {
    designs: [{ id: 'lamp', width: 2, height: 2, squares: ['AB', 'BA'] }],
    blocks: [{ id: 'lamp', design: 'lamp', size: 8, cloths: { A: 'soot', B: 'soot' } }],
    setting: { across: 1, down: 1 },
  },
  'neighbours-alike': {
    setting: {
      across: 3,
      down: 3,
      cells: [
        [own('red'), own('red'), own('soot')],
        [own('soot'), own('cream'), own('brass')],
        [own('cream'), own('brass'), own('soot')],
      ],
    },
  },
  'set-in-seams': {
    designs: [
      {
        id: 'ring',
        name: 'Ring',
        width: 3,
        height: 3,
        patches: RING.map(points => ({ role: 'a', points: points.map(([x, y]): [number, number] => [x, y]) })),
      },
    ],
    blocks: [{ id: 'ring', design: 'ring', size: 9, cloths: { a: 'soot' } }],
    setting: { across: 2, down: 2 },
  },
  'mirrored-pieces': {
    designs: [
      {
        id: 'slant',
        name: 'Slant',
        width: 2,
        height: 3,
        patches: [
          {
            role: 'a',
            points: [
              [0, 0],
              [2, 0],
              [1, 3],
              [0, 3],
            ],
          },
          {
            role: 'b',
            points: [
              [2, 0],
              [2, 3],
              [1, 3],
            ],
          },
        ],
      },
    ],
    blocks: [{ id: 'slant', design: 'slant', width: 6, height: 9, cloths: { a: 'soot', b: 'cream' } }],
    setting: { across: 2, down: 2 },
  },
  'border-covered': { borders: [], binding: { ...SAMPLE.binding!, seam: '3/8' } },
  'mitre-angle': { borders: [{ sides: 2, ends: 4, cloth: 'soot', corners: 'mitred' }] },
  'edges-covered': { making: 'as-you-go', borders: [], setting: { across: 2, down: 2, fill: [['star']] } },
  'leftovers-short': { backing: { cloth: 'cream', way: 'leftovers' } },
  'overhang-too-small': { backing: { cloth: 'cream', overhang: 1 } },
  'no-foundation': {
    blocks: [
      {
        id: 'spool',
        design: 'spool',
        size: 9,
        method: 'foundation',
        cloths: { thread: 'soot', spool: 'cream', ground: 'brass' },
      },
    ],
    setting: { across: 2, down: 2 },
  },
  'stretched-block': {
    blocks: [{ id: 'diamond', design: 'diamond-in-rectangle', size: 9, cloths: { diamond: 'soot', corner: 'cream' } }],
    setting: { across: 2, down: 2 },
  },
  'bias-edges': {
    blocks: [
      { ...star, design: 'pinwheel', method: { 'half-square': 'hst-4' }, cloths: { blade: 'soot', ground: 'cream' } },
      plain,
    ],
  },
  'short-margin': { margin: 0 },
}

/** Where each part of the file is worked on. */
const PAGES: Readonly<Record<string, string>> = {
  cloths: 'cloth',
  margin: 'cloth',
  setting: 'design',
  blocks: 'design',
  borders: 'design',
  done: 'cut',
  press: 'piece',
  backing: 'finish',
  batting: 'finish',
  binding: 'finish',
  quilting: 'quilting',
  asYouGo: 'as-you-go',
}
const PAGE_OF_MEASURE: Readonly<Record<string, string>> = { 'seam-test': 'cut', 'block': 'piece' }

describe.each(Object.entries(CAUSES))('%s', (id, change) => {
  const file = { ...SAMPLE, ...change } as QuiltFile
  const { quilt, plan } = planOf(file)
  const found = plan.checks.filter(check => check.id === id)

  test('is found, with a place in the file', () => {
    expect(found.length).toBeGreaterThan(0)
    for (const check of found)
      expect(Object.hasOwn(file, check.path.split('.')[0]!) || check.path.split('.')[0]! in quilt).toBe(true)
  })

  test('leads to the page where it is put right, and to the part that its path names', () => {
    for (const { path, leads } of found) {
      const [room, index] = path.split('.') as [string, string | undefined]
      const measured = file.made?.[Number(index)]?.what ?? 'setting'
      expect(leads.page).toBe(room === 'made' ? (PAGE_OF_MEASURE[measured] ?? 'finish') : PAGES[room])
      const part = 'border' in leads ? leads.border : 'block' in leads ? leads.block : undefined
      if (room === 'borders' || room === 'blocks') expect(part).toBe(Number(index))
    }
  })

  test('each mend changes the file into one that can be read and in which it is better', () => {
    for (const mend of found.flatMap(check => mendsFor(check, quilt))) {
      const after = planOf(mend.edit(file)).plan.checks.filter(check => check.id === id)
      // a long strip cut the other way has nothing to join; the rest are gone or fewer
      expect(after.length).toBeLessThan(found.length + (id === 'long-strip' ? 1 : 0))
      expect(quiltOf(mend.edit(file)).name).toBe(quilt.name)
    }
  })
})

test('the worst stands first', () => {
  const { plan } = planOf({
    ...SAMPLE,
    margin: 0,
    made: [
      { what: 'setting', height: [80, 80] },
      { what: 'block', block: 'star', size: [9.25] },
    ],
  })
  const order = { error: 0, warn: 1, note: 2 }
  const severities = plan.checks.map(check => order[check.severity])
  expect(severities).toEqual([...severities].sort())
  expect(new Set(severities).size).toBe(3)
})

test('cloth in pieces is short by the first piece that is not at hand', () => {
  const isShort = (count: number) => {
    const { plan } = planOf({
      ...SAMPLE,
      backing: null,
      cloths: SAMPLE.cloths.map(cloth =>
        cloth.id === 'cream' ? { ...cloth, form: 'piece' as const, width: 21, length: 18, count } : cloth,
      ),
    })
    return { need: plan.cloths.find(cloth => cloth.id === 'cream')!.need, said: plan.checks.map(({ id }) => id) }
  }
  const { need } = isShort(1)
  expect(need).toBeGreaterThan(2)
  expect(isShort(need).said).not.toContain('not-enough-cloth')
  expect(isShort(need - 1).said).toContain('not-enough-cloth')
})

test('papers asked for a picture: it is told that its chart is sewn instead', () => {
  const lamp = { id: 'lamp', design: 'lamp', size: 8, method: 'foundation' as const, cloths: { A: 'soot', B: 'cream' } }
  const { plan } = planOf({
    ...SAMPLE,
    designs: [{ id: 'lamp', width: 2, height: 2, squares: ['AB', 'BA'] }],
    blocks: [lamp],
    setting: { across: 1, down: 1 },
  })
  expect(plan.checks.find(({ id }) => id === 'no-foundation')!.data).toEqual({ block: 'lamp', isPicture: true })
})

test('low contrast is said only of patches that touch', () => {
  // in a nine-patch ring the centre and the corners never meet along an edge
  const patches = [0, 1, 2].flatMap(y =>
    [0, 1, 2].map(x => ({
      role: x === 1 && y === 1 ? 'centre' : x === 1 || y === 1 ? 'side' : 'corner',
      points: [
        [x, y],
        [x + 1, y],
        [x + 1, y + 1],
        [x, y + 1],
      ] as [number, number][],
    })),
  )
  const cloths = [{ ...soot }, { ...cream, id: 'pale', colour: '#f2e6cc' }, { ...cream }]
  const check = (dress: Record<string, string>) =>
    planOf({
      ...SAMPLE,
      cloths,
      designs: [{ id: 'nine', name: 'Nine', width: 3, height: 3, patches }],
      blocks: [{ id: 'nine', design: 'nine', size: 9, cloths: dress }],
      setting: { across: 2, down: 2 },
      borders: [],
      backing: null,
      binding: null,
    }).plan.checks.some(c => c.id === 'low-contrast')
  expect(check({ centre: 'pale', corner: 'cream', side: 'soot' })).toBe(false)
  expect(check({ centre: 'pale', side: 'cream', corner: 'soot' })).toBe(true)
})

test('a quilt of plain squares in order has nothing to say but notes', () => {
  const { plan } = planOf({ ...SAMPLE, blocks: [star, plain], made: [] })
  expect(plan.checks.every(check => check.severity === 'note')).toBe(true)
})

test('a half block is looked at by itself: roundings that cancel in the whole add up in its halves', () => {
  const widths = [1.53, 1.53, 1.53, 1.47, 1.47, 1.47]
  const patches = widths.map((width, i) => {
    const x = widths.slice(0, i).reduce((sum, other) => sum + other, 0)
    return {
      role: i % 2 === 0 ? 'dark' : 'light',
      points: [
        [x, 0],
        [x + width, 0],
        [x + width, 3],
        [x, 3],
      ],
    }
  })
  const offOf = (setting: object) => {
    const { plan } = planOf({
      ...SAMPLE,
      made: [],
      designs: [{ id: 'slats', width: 9, height: 3, patches }],
      blocks: [{ id: 'slats', design: 'slats', width: 9, height: 3, cloths: { dark: 'soot', light: 'cream' } }],
      setting: { across: 3, down: 2, ...setting },
      borders: [],
    })
    return plan.checks.flatMap(check => (check.id === 'off-ruler' ? [check.data] : []))
  }
  expect(offOf({})).toEqual([])
  const [found] = offOf({ kind: 'offset-rows', ends: 'half-blocks' })
  // two slats cut 2″ that would be 2.03, and the third, cut off at the middle, 1 15/16″ for 1.94
  expect(Math.abs(found!.off)).toBeCloseTo(2 * 0.03 + 0.0025, 6)
  expect(found!.block).toMatch(/half/)
})

test('what is measured after blocks and rows must come to what they make, to half an inch', () => {
  const { plan } = planOf({ ...SAMPLE, made: [] })
  const raw = plan.stages[0]!.width + 0.5
  const said = (made: QuiltFile['made']) =>
    planOf({ ...SAMPLE, made })
      .plan.checks.filter(({ id }) => id === 'measures-disagree')
      .map(({ data }) => data)
  const blocks = { what: 'block', block: 'star', size: [9.5] }
  expect(said([blocks, { what: 'row-1', width: [raw + 0.5] }])).toEqual([])
  expect(said([blocks, { what: 'row-1', width: [raw + 0.75] }])).toEqual([
    { side: 'width', first: 'blocks', firstSays: raw, then: 'rows', thenSays: raw + 0.75 },
  ])
  // each against what came just before it
  expect(
    said([blocks, { what: 'row-1', width: [raw + 0.75] }, { what: 'setting', width: [raw + 0.75, raw + 0.75] }]),
  ).toHaveLength(1)
  expect(said([{ what: 'setting', width: [raw + 2] }])).toEqual([])
})

test('dark batting shows under light cloth, light batting under a quilt that is mostly dark; else nothing', () => {
  const shows = (colour: 'black' | 'white', colours: readonly string[]) =>
    planOf({
      ...SAMPLE,
      cloths: SAMPLE.cloths.map((cloth, i) => ({ ...cloth, colour: colours[i % colours.length]! })),
      batting: { colour },
    }).plan.checks.filter(({ id }) => id === 'batting-shows').length
  expect([shows('black', ['#f4efe0', '#202020']), shows('black', ['#303030', '#202020'])]).toEqual([1, 0])
  expect([shows('white', ['#101010', '#0c0c0c']), shows('white', ['#f4efe0', '#202020'])]).toEqual([1, 0])
})

test('the narrowest strip of a single binding goes round the edge and past its stitches, and no narrower one', () => {
  const narrow = (strip: number) =>
    planOf({ ...SAMPLE, binding: { style: 'single', strip, cloth: 'soot', join: 'diagonal' } }).plan.checks.some(
      ({ id }) => id === 'binding-narrow',
    )
  // four seams and what turns over the edge and is caught: about an inch and a quarter for a quarter-inch seam
  expect([narrow(1), narrow(1.5)]).toEqual([true, false])
})
