// A picture takes shorter roads than a block that is drawn: each must lead where the long one does.
import fc from 'fast-check'
import { isItsOwnMirrorImage, turnOfMirrorImage } from '../designs/mirrorImage'
import type { Design } from '../designs/design'
import type { Quilt } from '../file/quilt'
import { blockSeams, type Ray } from '../make/pressing/meetings'
import { pictureSeams } from '../make/pressing/pictureSeams'
import { plainSizedTree, sizedTree } from '../make/order/sizedTree'
import { dressedPicture } from '../make/units/dressedPicture'
import { dressUnit } from '../make/units/dressUnit'
import { blockMake } from '../make/units/blockMake'
import { unitsOf } from '../make/units/unitTree'
import { splitReasons } from '../measure/explained'
import { quiltOf } from '../testing/quiltOf'
import { runs } from '../testing/runs'
import { faceOf } from '../wall/face'
import { meltingPairs } from '../wall/melting'

const COLOURS = { a: '#2c3d5e', b: '#7d7f95', c: '#4f6b45' }

/** The same squares as a picture, or drawn one by one; framed, so that sides are not the picture's alone. */
function quiltsOf(rows: readonly string[], chart: object, more: { directional?: boolean; turn?: number } = {}) {
  const [width, height] = [rows[0]!.length, rows.length]
  const patches = rows.flatMap((row, y) =>
    [...row].map((role, x) => ({
      role,
      points: [
        [x, y],
        [x + 1, y],
        [x + 1, y + 1],
        [x, y + 1],
      ],
    })),
  )
  const file = (design: object): Quilt =>
    quiltOf({
      format: 'wren-quilt',
      version: 1,
      cloths: Object.entries(COLOURS).map(([id, colour]) => ({ id, colour, directional: more.directional === true })),
      designs: [{ id: 'p', width, height, ...design }],
      blocks: [
        {
          id: 'p',
          design: 'p',
          width: 2 * width,
          height: 2 * height,
          cloths: { A: 'a', B: 'b', C: 'c' },
          frame: [{ cloth: 'b', width: 1 }],
        },
      ],
      setting: { across: 1, down: 1, cells: [[{ block: 'p', turn: more.turn ?? 0 }]] },
    })
  return { picture: file({ squares: rows, chart }), drawn: file({ patches }) }
}

const pictures = fc.tuple(fc.integer({ min: 2, max: 6 }), fc.integer({ min: 2, max: 6 })).chain(([width, height]) =>
  fc.array(
    fc.array(fc.constantFrom('A', 'B', 'C'), { minLength: width, maxLength: width }).map(letters => letters.join('')),
    { minLength: height, maxLength: height },
  ),
)
const charts = fc.record({
  way: fc.constantFrom('rows', 'strip-sets', 'panels'),
  from: fc.constantFrom('top', 'bottom'),
  panel: fc.record({ across: fc.integer({ min: 2, max: 4 }), down: fc.integer({ min: 2, max: 4 }) }),
})
const makeOf = (quilt: Quilt) => blockMake(quilt, quilt.blocks[0]!)
const byPlace = <T extends { at: readonly [number, number] }>(list: readonly T[]) =>
  [...list].sort((a, b) => a.at[1] - b.at[1] || a.at[0] - b.at[0])
const sorted = (rays: readonly Ray[]) => rays.map(({ join, sense }) => `${join} ${sense}`).sort()

test('its seams meet, end and lie where they are found among the patches, whichever way it is sewn', () => {
  fc.assert(
    fc.property(pictures, charts, (rows, chart) => {
      const { design, tree } = makeOf(quiltsOf(rows, chart).picture)
      const quick = pictureSeams(design.picture!, tree)
      const found = blockSeams(
        design.patches.map(({ points }) => points),
        tree,
      )
      expect(quick.joins.map(({ node }) => node.seam)).toEqual(found.joins.map(({ node }) => node.seam))
      expect(
        byPlace(quick.meetings).map(({ at, kind, through, rays }) => [...at, kind, through, ...sorted(rays)]),
      ).toEqual(byPlace(found.meetings).map(({ at, kind, through, rays }) => [...at, kind, through, ...sorted(rays)]))
      const ends = ({ ends: list }: typeof found) => byPlace(list).map(({ at, join, sense }) => [...at, join, sense])
      expect(ends(quick)).toEqual(ends(found))
      expect(found.corners).toEqual([])
      const edges = ({ edges: list }: typeof found) =>
        list
          .map(
            ({ join, from, to, first, second }) => `${join} ${[from, to].map(String).sort().join()} ${first} ${second}`,
          )
          .sort()
      expect(edges(quick)).toEqual(edges(found))
    }),
    { numRuns: runs(60) },
  )
})

test('its units are dressed as each would be by itself, prints with an up too', () => {
  fc.assert(
    fc.property(pictures, charts, fc.boolean(), fc.constantFrom(0, 90, 180, 270), (rows, chart, directional, turn) => {
      const quilt = quiltsOf(rows, chart, { directional, turn }).picture
      const make = makeOf(quilt)
      const cell = quilt.setting.cells[0]![0]!
      const quick = dressedPicture(quilt, make, cell)
      const feeds = (list: readonly { slot: string; patch: number }[]) =>
        list.map(({ slot, patch }) => `${slot} ${patch}`).sort()
      for (const unit of unitsOf(make.units)) {
        const slow = dressUnit(quilt, make, unit, cell)
        // a segment is named by its set besides
        expect(
          quick
            .get(unit)!
            .dressed.key.split('|')
            .slice(0, slow.dressed.patches.length + 1)
            .join('|'),
        ).toBe(slow.dressed.key)
        expect({ ...quick.get(unit)!.dressed, key: '' }).toEqual({ ...slow.dressed, key: '' })
        expect(
          quick
            .get(unit)!
            .feeds.map(({ patch }) => patch)
            .sort(),
        ).toEqual(slow.feeds.map(({ patch }) => patch).sort())
        expect(feeds(quick.get(unit)!.feeds)).toEqual(feeds(slow.feeds))
      }
    }),
    { numRuns: runs(40) },
  )
})

test('its sizes after each seam, mirror image, sides and what melts are those of the same squares drawn', () => {
  fc.assert(
    fc.property(pictures, fc.constantFrom(0, 90, 180, 270), (rows, turn) => {
      const { picture, drawn } = quiltsOf(rows, {}, { turn })
      const make = makeOf(picture)
      expect(plainSizedTree(make.tree, make.polygons, picture.seam)).toEqual(
        splitReasons(sizedTree(make.tree, make.polygons, picture.seam)).plain,
      )
      const designs = [picture, drawn].map(({ designs: all }) => all.get('p')!) as [Design, Design]
      for (const size of [designs[0], { width: designs[0].width, height: 2 * designs[0].height }]) {
        expect(isItsOwnMirrorImage(designs[0], size)).toBe(isItsOwnMirrorImage(designs[1], size))
        expect(turnOfMirrorImage(designs[0], size)).toBe(turnOfMirrorImage(designs[1], size))
      }
      const [one, other] = [picture, drawn].map(quilt => faceOf(quilt, quilt.setting.cells[0]![0]!))
      expect(one!.sides).toEqual(other!.sides)
      expect([...one!.shares.keys()].sort()).toEqual([...other!.shares.keys()].sort())
      for (const [cloth, share] of other!.shares) expect(one!.shares.get(cloth)).toBeCloseTo(share, 9)
      const melts = (quilt: Quilt) =>
        meltingPairs(quilt, quilt.setting.cells[0]![0]!)
          .map(pair => JSON.stringify(pair))
          .sort()
      expect(melts(picture)).toEqual(melts(drawn))
    }),
    { numRuns: runs(60) },
  )
})
