import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { area, type Point } from '../geometry/polygon'
import { tilingFaults } from '../geometry/tiling'
import { blockFromSvg, blockToSvg, MAX_POINTS } from './blockSvg'
import { blankDraft, draftOf, mirrored, paint, turned, type Draft } from './draft'
import { draftFaults } from './draftFaults'
import { repeatUnit } from './repeatUnit'
import { splitByLine, splitPolygon } from './splitByLine'
import { imagesOf, SYMMETRIES } from './symmetry'
import { unitePatches } from './unite'
import { runs } from '../testing/runs'

const tiles = (draft: Draft) =>
  tilingFaults(
    draft.patches.map(patch => patch.points),
    draft.width,
    draft.height,
  ).length === 0
const point = (most: number) =>
  fc.tuple(fc.integer({ min: 0, max: most }), fc.integer({ min: 0, max: most })) as fc.Arbitrary<[number, number]>
const lines = fc.array(fc.tuple(point(6), point(6)), { maxLength: 12 })
const drawn = (all: readonly [Point, Point][]) =>
  all.reduce((draft, [from, to]) => splitByLine(draft, from, to), blankDraft(6, 6))

test('whatever lines are drawn, the patches tile the block, and each patch is what it was or a part of it', () => {
  fc.assert(
    fc.property(lines, all => {
      let draft = blankDraft(6, 6)
      for (const [from, to] of all) {
        const next = splitByLine(draft, from, to)
        expect(next.patches.length).toBeGreaterThanOrEqual(draft.patches.length)
        draft = next
      }
      expect(tiles(draft)).toBe(true)
      expect(draft.patches.reduce((sum, patch) => sum + area(patch.points), 0)).toBeCloseTo(36, 6)
    }),
    { numRuns: runs(300) },
  )
})

test('a line from edge to edge splits; one that ends inside a patch, or runs along an edge, does not', () => {
  const square = blankDraft(4, 4)
  expect(splitByLine(square, [0, 0], [4, 4]).patches).toHaveLength(2)
  expect(splitByLine(square, [0, 0], [2, 2]).patches).toHaveLength(1)
  expect(splitByLine(square, [0, 0], [4, 0]).patches).toHaveLength(1)
  // across a notch: the line leaves the patch and comes in again
  expect(
    splitPolygon(
      [
        [0, 0],
        [4, 0],
        [4, 4],
        [3, 4],
        [3, 1],
        [1, 1],
        [1, 4],
        [0, 4],
      ],
      [0, 2],
      [4, 2],
    ),
  ).toHaveLength(3)
})

test('a line drawn with a symmetry is drawn in all its images, and the drawing has the symmetry', () => {
  fc.assert(
    fc.property(fc.constantFrom(...SYMMETRIES), lines, (symmetry, all) => {
      const images = imagesOf(symmetry, 6, 6)
      const draft = all.reduce(
        (now, [from, to]) => images.reduce((each, image) => splitByLine(each, image(from), image(to)), now),
        blankDraft(6, 6),
      )
      // sixteenths and the like end half way between two written figures; a little aside they do not
      const written = (value: number) => (value + 0.0000123).toFixed(4)
      const look = (move: (p: Point) => Point) =>
        draft.patches
          .map(patch =>
            patch.points
              .map(p => move(p).map(written).join())
              .sort()
              .join(' '),
          )
          .sort()
      expect(tiles(draft)).toBe(true)
      // lines that end inside patches may split in one image and not yet in another; complete the drawing, then it
      // must be the same
      const again = all.reduce(
        (now, [from, to]) => images.reduce((each, image) => splitByLine(each, image(from), image(to)), now),
        draft,
      )
      if (again.patches.length === draft.patches.length)
        for (const image of images) expect(look(image)).toEqual(look(p => p))
    }),
    { numRuns: runs(150) },
  )
})

test('two neighbours become one and the drawing still tiles; patches that only meet at a corner do not', () => {
  fc.assert(
    fc.property(lines, fc.nat(50), fc.nat(50), (all, a, b) => {
      const draft = drawn(all)
      const [first, second] = [a % draft.patches.length, b % draft.patches.length]
      fc.pre(first !== second)
      const one = unitePatches(draft, first, second)
      if (!one) return
      expect(one.patches).toHaveLength(draft.patches.length - 1)
      expect(tiles(one)).toBe(true)
    }),
  )
  const four = splitByLine(splitByLine(blankDraft(2, 2), [1, 0], [1, 2]), [0, 1], [2, 1])
  const corner = (x: number, y: number) =>
    four.patches.findIndex(patch => patch.points.every(p => Math.abs(p[0] - x) <= 1 && Math.abs(p[1] - y) <= 1))
  expect(unitePatches(four, corner(0, 0), corner(2, 2))).toBeNull()
})

test('a unit picked up and put elsewhere looks there as it was picked up, and the block still tiles', () => {
  fc.assert(
    fc.property(
      lines,
      point(4),
      point(4),
      fc.constantFrom(0 as const, 90 as const, 180 as const, 270 as const),
      fc.boolean(),
      (all, from, to, turn, mirror) => {
        const draft = drawn(all)
        const copied = repeatUnit(draft, { x: from[0], y: from[1], width: 2, height: 2 }, to, { turn, mirror })!
        expect(tiles(copied)).toBe(true)
        const shape = (d: Draft, [x, y]: readonly number[]) =>
          d.patches
            .filter(patch =>
              patch.points.every(
                p => p[0] >= x! - 1e-6 && p[1] >= y! - 1e-6 && p[0] <= x! + 2 + 1e-6 && p[1] <= y! + 2 + 1e-6,
              ),
            )
            .map(patch => area(patch.points).toFixed(6))
            .sort()
        const apart = Math.abs(from[0] - to[0]) >= 2 || Math.abs(from[1] - to[1]) >= 2
        if (apart) expect(shape(copied, to)).toEqual(shape(copied, from))
      },
    ),
    { numRuns: runs(150) },
  )
  expect(
    repeatUnit(blankDraft(4, 4), { x: 0, y: 0, width: 2, height: 2 }, [3, 3], { turn: 0, mirror: false }),
  ).toBeNull()
})

test('four turns and two mirrors bring a drawing back', () => {
  fc.assert(
    fc.property(lines, all => {
      const draft = drawn(all)
      const look = (d: Draft) =>
        d.patches
          .map(patch =>
            patch.points
              .map(p => p.map(v => v.toFixed(6)).join())
              .sort()
              .join(' '),
          )
          .sort()
      expect(look(turned(turned(turned(turned(draft)))))).toEqual(look(draft))
      expect(look(mirrored(mirrored(draft)))).toEqual(look(draft))
    }),
  )
})

test('painting changes the role of the chosen patches and nothing else', () => {
  const draft = paint(splitByLine(blankDraft(2, 2), [0, 0], [2, 2]), [1], 'star')
  expect(draft.patches.map(patch => patch.role)).toEqual(['ground', 'star'])
})

test('gaps, overlaps and slivers are found where they are', () => {
  const square = (x: number, role = 'a') => ({
    role,
    points: [
      [x, 0],
      [x + 1, 0],
      [x + 1, 1],
      [x, 1],
    ] as Point[],
  })
  expect(draftFaults({ width: 2, height: 1, patches: [square(0), square(1)] })).toEqual([])
  expect(draftFaults({ width: 3, height: 1, patches: [square(0), square(2)] }).map(fault => fault.code)).toContain(
    'gap-or-overlap',
  )
  expect(
    draftFaults({ width: 2, height: 1, patches: [square(0), square(0.5), square(1)] }).map(fault => fault.code),
  ).toContain('gap-or-overlap')
  expect(draftFaults(splitByLine(blankDraft(4, 4), [0, 4], [4, 3.97])).map(fault => fault.code)).toEqual(['sliver'])
})

describe('a block as a drawing', () => {
  test.each(SHIPPED_DESIGNS.map(design => [design.id, design] as const))(
    '%s is read back as it was written',
    (_, design) => {
      const read = blockFromSvg(blockToSvg(design), Math.max(design.width, design.height))
      expect(read.ok).toBe(true)
      if (!read.ok) return
      expect(read.draft.patches.map(patch => patch.role)).toEqual(design.patches.map(patch => patch.role.split(' ')[0]))
      read.draft.patches.forEach((patch, i) =>
        patch.points.forEach((p, k) => {
          expect(p[0]).toBeCloseTo(design.patches[i]!.points[k]![0], 3)
          expect(p[1]).toBeCloseTo(design.patches[i]!.points[k]![1], 3)
        }),
      )
    },
  )
  const svg = (inside: string) => `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 2 1">${inside}</svg>`
  const codes = (text: string) => {
    const read = blockFromSvg(text)
    return read.ok
      ? 'ok'
      : read.troubles.map(trouble =>
          trouble.code === 'cannot-be-sewn'
            ? trouble.fault.code
            : 'figure' in trouble
              ? `${trouble.code} ${trouble.figure}`
              : trouble.code,
        )
  }
  test('polygons, rectangles and straight paths; fills for roles', () => {
    const read = blockFromSvg(
      svg(
        '<rect x="0" y="0" width="1" height="1" fill="#f00"/><path class="sky far" d="M1 0h1v1z"/><path '
          + 'fill="blue" d="M 1,0 L 2,1 L 1,1 Z"/>',
      ),
      2,
    )
    expect(read).toMatchObject({
      ok: true,
      draft: { width: 2, height: 1, patches: [{ role: '#f00' }, { role: 'sky' }, { role: 'blue' }] },
    })
    expect(draftOf(SHIPPED_DESIGNS[1]!).patches).toHaveLength(4)
  })
  test('what cannot be a block is named with its place, and nothing is taken over', () => {
    const left = '<rect x="0" y="0" width="1" height="1"/>'
    expect(codes('hello')).toEqual(['not-a-drawing'])
    expect(codes(svg(''))).toEqual(['nothing-drawn'])
    expect(codes(svg(`${left}<circle cx="1" cy="1" r="1"/>`))).toEqual(['curved 2'])
    expect(codes(svg(`${left}<path d="M1 0 C 1 1 2 1 2 0 Z"/>`))).toEqual(['curved 2'])
    expect(
      codes(svg(`<rect fill="none" stroke="red" width="2" height="1"/><line x1="0" y1="0" x2="2" y2="1"/>`)),
    ).toEqual(['only-a-line 1', 'only-a-line 2'])
    expect(codes(svg(`${left}<rect x="0.5" y="0" width="1.5" height="1"/>`))).toContain('gap-or-overlap')
    expect(codes(svg(`${left}<rect x="1.5" y="0" width="0.5" height="1"/>`))).toContain('gap-or-overlap')
    expect(codes(svg(`<g transform="rotate(5)">${left}</g>`))).toContain('moved-figure 0')
    expect(codes(svg(`<polygon points="${'1,2 '.repeat(50_000)}"/>`))).toEqual(['too-many-points'])
    expect(MAX_POINTS).toBeLessThan(50_000)
  })
  test('script in a name does not get out', () => {
    expect(blockToSvg({ ...SHIPPED_DESIGNS[0]!, name: '</title><script>alert(1)</script>' })).not.toContain('<script')
  })
})

describe('drawings from strangers', () => {
  const rows = (inside: string) => `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 4 4">${inside}</svg>`
  test('what is made to take long is refused at once', () => {
    const hostile = [
      rows('<g>'.repeat(100_000)),
      rows('<rect '.repeat(100_000)),
      `<svg ${'a="b" '.repeat(200_000)}/>`,
      rows(`<path d="${'m0 0'.repeat(300_000)}"/>`),
      rows('<!-- '.repeat(200_000)),
      rows('<defs>'.repeat(50_000)),
      rows(`<polygon style="${'fill '.repeat(300_000)}" points="0,0 4,0 4,4 0,4"/>`),
      `${'<'.repeat(1_000_000)}svg>`,
      rows(`<polygon points="${'1'.repeat(1_000_000)}"/>`),
      rows('<rect width="1" height="1"/>'.repeat(60_000)),
    ]
    const started = performance.now()
    for (const text of hostile) expect(typeof blockFromSvg(text).ok).toBe('boolean')
    // two megabytes each; one of them alone took for ever
    expect(performance.now() - started).toBeLessThan(15_000)
  })
  test('what stands in definitions is not drawn; a mark in front of the text does no harm', () => {
    const reading = blockFromSvg(
      `\uFEFF<?xml `
        + `version="1.0"?>${rows(
          '<defs><circle r="1"/></defs><rect class="a" width="4" height="2"/>'
            + '<rect class="b" y="2" width="4" height="2"/>',
        )}`,
    )
    expect(reading.ok && reading.draft.patches.map(patch => patch.role)).toEqual(['a', 'b'])
  })
  test('text that is no XML is no drawing', () => {
    for (const text of ['', 'svg', '<svg', '<svg><rect></svg>', '<html/>'])
      expect(blockFromSvg(text)).toEqual({ ok: false, troubles: [{ code: 'not-a-drawing' }] })
  })
})

test('a drawing made of many crossing lines still tiles', () => {
  const images = imagesOf('quarter-turns', 6, 6)
  const all = [
    [
      [0, 6],
      [1, 0],
    ],
    [
      [6, 1],
      [1, 6],
    ],
    [
      [3, 6],
      [5, 1],
    ],
  ] as [Point, Point][]
  const draft = all.reduce(
    (now, [from, to]) => images.reduce((each, image) => splitByLine(each, image(from), image(to)), now),
    blankDraft(6, 6),
  )
  expect(tiles(draft)).toBe(true)
})
