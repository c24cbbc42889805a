import fc from 'fast-check'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { finishedPatches } from '../designs/design'
import { foundationOf } from '../make/order/howSewn'
import { area, boundingBox, contains, withoutIdleCorners, type Point, type Polygon } from '../geometry/polygon'
import { outlinesInSvg, runMachine } from './cuttingMachine'
import { foundationPapers } from './foundationPapers'
import { layFlat, templatesToSvg } from './outlineFiles'
import { pagesOf, TEST_SQUARE } from './pages'
import { HEAD, outline, PAGES, PAGE_MARGIN, type Drawing } from './sheet'
import { templateDrawing, templatesOf } from './templates'
import { runs } from '../testing/runs'

const sizeOf = (design: { width: number; height: number }) =>
  [
    (9 * design.width) / Math.max(design.width, design.height),
    (9 * design.height) / Math.max(design.width, design.height),
  ] as const
const perimeter = (polygon: Polygon) =>
  polygon.reduce(
    (sum, p, i) =>
      sum + Math.hypot(polygon[(i + 1) % polygon.length]![0] - p[0], polygon[(i + 1) % polygon.length]![1] - p[1]),
    0,
  )

/** From a point to a stretch of line. */
function distanceTo([x, y]: Point, [ax, ay]: Point, [bx, by]: Point): number {
  const length = Math.hypot(bx - ax, by - ay)
  const along = Math.max(0, Math.min(length, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length))
  return Math.hypot(x - ax - ((bx - ax) / length) * along, y - ay - ((by - ay) / length) * along)
}

describe.each(SHIPPED_DESIGNS.map(design => [design.id, design] as const))('%s', (_, design) => {
  const [width, height] = sizeOf(design)
  const patches = finishedPatches(design, width, height)

  test('its templates make the block: a shape for every patch, counted by hand, cut lines a seam outside', () => {
    const templates = templatesOf(design, width, height, 1 / 4)
    expect(templates.reduce((sum, { count, reversed }) => sum + count + reversed, 0)).toBe(patches.length)
    expect(templates.reduce((sum, t) => sum + (t.count + t.reversed) * area(t.seamLine), 0)).toBeCloseTo(
      width * height,
      5,
    )
    for (const { seamLine, cutLine } of templates) {
      const gaps = seamLine.map(corner =>
        Math.min(...cutLine.map((from, i) => distanceTo(corner, from, cutLine[(i + 1) % cutLine.length]!))),
      )
      expect(Math.min(...gaps)).toBeCloseTo(1 / 4, 6)
      expect(Math.max(...gaps)).toBeCloseTo(1 / 4, 6)
      expect(boundingBox(cutLine)).toMatchObject({ x: expect.closeTo(0, 9), y: expect.closeTo(0, 9) })
    }
  })

  test('its papers are the mirror image of the block', () => {
    const foundation = foundationOf(design)
    if (!foundation) return
    const papers = foundationPapers(design, foundation, width, height, 1 / 4)
    expect(papers.flatMap(paper => paper.patches.map(({ patch }) => patch)).sort((a, b) => a - b)).toEqual(
      patches.map((_, i) => i),
    )
    for (const paper of papers) {
      // the paper moved back to where its first patch lies, and seen in the mirror, lies on the block
      const [first] = paper.patches
      const dx = width - patches[first!.patch]![0]![0] - first!.points[0]![0]
      const dy = patches[first!.patch]![0]![1] - first!.points[0]![1]
      for (const { patch, points } of paper.patches) {
        points.forEach(([x, y], i) => {
          expect(width - (x + dx)).toBeCloseTo(patches[patch]![i]![0], 6)
          expect(y + dy).toBeCloseTo(patches[patch]![i]![1], 6)
        })
      }
      expect(area(paper.edge)).toBeCloseTo(
        paper.patches.reduce((sum, { points }) => sum + area(points), 0),
        5,
      )
      // a seam all round
      const edge = boundingBox(paper.edge)
      const cut = boundingBox(paper.cutLine)
      expect(edge.x - cut.x).toBeGreaterThanOrEqual(1 / 4 - 1e-9)
    }
  })

  test('a cutting machine cuts out just the templates', () => {
    const templates = templatesOf(design, width, height, 1 / 4)
    const run = runMachine(outlinesInSvg(templatesToSvg(templates)))
    expect(run.pieces).toHaveLength(templates.length)
    expect(run.cutLength).toBeCloseTo(
      templates.reduce((sum, t) => sum + perimeter(t.cutLine), 0),
      3,
    )
    expect(run.pieces.reduce((sum, piece) => sum + piece.area, 0)).toBeCloseTo(
      templates.reduce((sum, t) => sum + area(t.cutLine), 0),
      3,
    )
  })
})

test('templates laid flat do not lie on each other', () => {
  const boxes = layFlat(
    templatesOf(
      SHIPPED_DESIGNS.find(d => d.id === 'lone-star')!,
      18,
      18,
      1 / 4,
    ),
  ).cut.map(boundingBox)
  boxes.forEach((a, i) =>
    boxes
      .slice(i + 1)
      .forEach(b =>
        expect(
          a.x + a.width <= b.x + 1e-9
            || b.x + b.width <= a.x + 1e-9
            || a.y + a.height <= b.y + 1e-9
            || b.y + b.height <= a.y + 1e-9,
        ).toBe(true),
      ),
  )
})

describe('pages', () => {
  const words = {
    title: 'Test',
    page: (n: number, of: number) => `${n}/${of}`,
    testSquare: 'square',
    tile: (c: string, r: number) => `${c}${r}`,
  }
  const rectangle = (width: number, height: number): Drawing => ({
    width,
    height,
    marks: [
      outline('cut', [
        [0, 0],
        [width, 0],
        [width, height],
        [0, height],
      ]),
    ],
  })
  const small = fc
    .record({
      width: fc.double({ min: 0.5, max: 7, noNaN: true }),
      height: fc.double({ min: 0.5, max: 8.5, noNaN: true }),
    })
    .map(({ width, height }) => rectangle(width, height))

  test('every drawing is on a page once, where a printer reaches; every page has its test square', () => {
    fc.assert(
      fc.property(
        fc.array(small, { minLength: 1, maxLength: 25 }),
        fc.constantFrom('a4' as const, 'letter' as const),
        (drawings, page) => {
          const sheets = pagesOf(drawings, page, words)
          const boxes = sheets.map(sheet =>
            sheet.marks.flatMap(mark => (mark.kind === 'cut' ? [boundingBox(mark.points)] : [])),
          )
          expect(boxes.flat()).toHaveLength(drawings.length)
          for (const [i, sheet] of sheets.entries()) {
            expect(sheet).toMatchObject(PAGES[page])
            const square = sheet.marks.find(mark => mark.kind === 'fine')!
            expect(square).toMatchObject({
              points: [
                [TEST_SQUARE.x, TEST_SQUARE.y],
                [TEST_SQUARE.x + 1, TEST_SQUARE.y],
                [TEST_SQUARE.x + 1, TEST_SQUARE.y + 1],
                [TEST_SQUARE.x, TEST_SQUARE.y + 1],
              ],
            })
            boxes[i]!.forEach((a, k) => {
              expect(a.x).toBeGreaterThanOrEqual(PAGE_MARGIN - 1e-9)
              expect(a.y).toBeGreaterThanOrEqual(HEAD - 1e-9)
              expect(a.x + a.width).toBeLessThanOrEqual(sheet.width - PAGE_MARGIN + 1e-9)
              expect(a.y + a.height).toBeLessThanOrEqual(sheet.height - PAGE_MARGIN + 1e-9)
              for (const b of boxes[i]!.slice(k + 1))
                expect(
                  a.x + a.width <= b.x + 1e-9
                    || b.x + b.width <= a.x + 1e-9
                    || a.y + a.height <= b.y + 1e-9
                    || b.y + b.height <= a.y + 1e-9,
                ).toBe(true)
            })
          }
        },
      ),
    )
  })

  test('a drawing larger than a page is tiled: glued together the tiles show all of it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 9, max: 40, noNaN: true }),
        fc.double({ min: 3, max: 40, noNaN: true }),
        (width, height) => {
          const sheets = pagesOf([rectangle(width, height)], 'letter', words)
          const room = { width: PAGES.letter.width - 2 * PAGE_MARGIN, height: PAGES.letter.height - HEAD - PAGE_MARGIN }
          const across = Math.max(1, Math.ceil((width - 0.4) / (room.width - 0.4)))
          expect(sheets.length % across).toBe(0)
          // every point of the outline is drawn on some tile
          const drawn = (p: Point) =>
            sheets.some((sheet, i) => {
              const [dx, dy] = [
                (i % across) * (room.width - 0.4) - PAGE_MARGIN,
                Math.floor(i / across) * (room.height - 0.4) - HEAD,
              ]
              return sheet.marks.some(
                mark =>
                  mark.kind === 'cut'
                  && mark.points.some((a, k) => {
                    const b = mark.points[k + 1]
                    if (!b) return false
                    const [ax, ay, bx, by] = [a[0] + dx, a[1] + dy, b[0] + dx, b[1] + dy]
                    return (
                      Math.abs((p[0] - ax) * (by - ay) - (p[1] - ay) * (bx - ax)) < 1e-6
                      && p[0] >= Math.min(ax, bx) - 1e-6
                      && p[0] <= Math.max(ax, bx) + 1e-6
                      && p[1] >= Math.min(ay, by) - 1e-6
                      && p[1] <= Math.max(ay, by) + 1e-6
                    )
                  }),
              )
            })
          for (const t of [0.1, 0.37, 0.5, 0.77, 0.93])
            for (const p of [
              [width * t, 0],
              [width * t, height],
              [0, height * t],
              [width, height * t],
            ] as Point[])
              expect(drawn(p)).toBe(true)
          expect(sheets.every(sheet => sheet.marks.filter(mark => mark.kind === 'match').length >= 8)).toBe(true)
        },
      ),
      { numRuns: runs(40) },
    )
  })
})

test('the grain arrow lies inside the seam line, along the stripes where the cloth has any', () => {
  for (const design of SHIPPED_DESIGNS) {
    for (const template of templatesOf(design, ...sizeOf(design), 1 / 4, role =>
      role === design.patches[0]!.role ? 30 : undefined,
    )) {
      const arrows = templateDrawing(template, { name: () => '', count: () => '' }).marks.flatMap(mark =>
        mark.kind === 'arrow' ? [mark.points] : [],
      )
      const [from, to] = arrows.at(-1) as [Point, Point]
      expect((Math.atan2(to[0] - from[0], from[1] - to[1]) * 180) / Math.PI).toBeCloseTo(template.grain, 4)
      for (const end of [from, to])
        expect({ id: design.id, inside: contains(template.seamLine, end) }).toEqual({ id: design.id, inside: true })
    }
  }
})

test('an idle corner in a drawing is no corner of its template', () => {
  const design = {
    id: 'x',
    name: 'X',
    family: 'own',
    width: 2,
    height: 1,
    patches: [
      {
        role: 'a',
        points: [
          [0, 0],
          [1, 0],
          [2, 0],
          [2, 1],
          [0, 1],
        ] as Point[],
      },
    ],
  }
  expect(templatesOf(design, 8, 4, 1 / 4)[0]!.seamLine).toHaveLength(4)
  expect(withoutIdleCorners(design.patches[0]!.points, 1e-6)).toHaveLength(4)
})

test('a drawing that fits a page only when it is turned is turned, and stands whole on one page', () => {
  const drawn = (width: number, height: number, turned?: Drawing): Drawing => ({
    width,
    height,
    marks: [outline('sew', rectangle(width, height))],
    ...(turned ? { turned } : {}),
  })
  const words = { title: 't', page: () => '', testSquare: '', tile: () => 'tile' }
  const sheetsOf = (drawing: Drawing) => pagesOf([drawing], 'letter', words)
  expect(sheetsOf(drawn(8.6, 4))).toHaveLength(2)
  const [only, ...more] = sheetsOf(drawn(8.6, 4, drawn(4, 8.6)))
  expect(more).toEqual([])
  const found = only!.marks.findLast(mark => 'points' in mark)!
  expect(boundingBox('points' in found ? found.points : [])).toMatchObject({
    width: expect.closeTo(4, 9),
    height: expect.closeTo(8.6, 9),
  })
  // what fits as it is stays as it is
  const [upright] = sheetsOf(drawn(6, 4, drawn(4, 6)))
  const kept = upright!.marks.findLast(mark => 'points' in mark)!
  expect(boundingBox('points' in kept ? kept.points : []).width).toBeCloseTo(6, 9)
})

function rectangle(width: number, height: number): Polygon {
  return [
    [0, 0],
    [width, 0],
    [width, height],
    [0, height],
  ]
}
