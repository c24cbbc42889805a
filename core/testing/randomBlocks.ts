import fc from 'fast-check'
import { arrangementOf } from '../geometry/arrangement'
import { unite } from '../drafting/unite'
import type { Point, Polygon } from '../geometry/polygon'

/** A block as bare polygons that tile its rectangle. */
export interface BareBlock {
  width: number
  height: number
  patches: Polygon[]
}

type Cut = { which: number; from: number; to: number }
const cut = fc.record({ which: fc.nat(40), from: fc.nat(7), to: fc.nat(7) })

/**
 * Cuts a convex polygon by a line through the middles of two of its edges, again and again: straight seams can sew
 * it.
 */
export function cutUp(polygons: readonly Polygon[], cuts: readonly Cut[]): Polygon[] {
  const parts: Polygon[] = [...polygons]
  for (const { which, from, to } of cuts) {
    const index = which % parts.length
    const part = parts[index]!
    const n = part.length
    const a = from % n
    const b = (a + 1 + (to % (n - 1))) % n
    const on = (edge: number): Point => {
      const p = part[edge]!
      const q = part[(edge + 1) % n]!
      return [(p[0] + q[0]) / 2, (p[1] + q[1]) / 2]
    }
    const [lo, hi] = [Math.min(a, b), Math.max(a, b)]
    parts.splice(
      index,
      1,
      [on(lo), ...part.slice(lo + 1, hi + 1), on(hi)],
      [on(hi), ...part.slice(hi + 1), ...part.slice(0, lo + 1), on(lo)],
    )
  }
  return parts
}

const side = fc.integer({ min: 2, max: 6 })

export const cutBlock = (most = 8): fc.Arbitrary<BareBlock> =>
  fc
    .record({ width: side, height: side, cuts: fc.array(cut, { maxLength: most - 1 }) })
    .map(({ width, height, cuts }) => ({
      width,
      height,
      patches: cutUp(
        [
          [
            [0, 0],
            [width, 0],
            [width, height],
            [0, height],
          ],
        ],
        cuts,
      ),
    }))

/** Four rectangles wound round a fifth, and then cut up: nothing but a partial seam begins it. */
export const ringBlock = (most = 9): fc.Arbitrary<BareBlock> =>
  fc
    .record({
      x1: fc.integer({ min: 1, max: 3 }),
      x2: fc.integer({ min: 1, max: 3 }),
      y1: fc.integer({ min: 1, max: 3 }),
      y2: fc.integer({ min: 1, max: 3 }),
      more: fc.integer({ min: 1, max: 3 }),
      mirror: fc.boolean(),
      cuts: fc.array(cut, { maxLength: most - 5 }),
    })
    .map(({ x1, x2, y1, y2, more, mirror, cuts }) => {
      const width = x1 + x2 + more
      const height = y1 + y2 + more
      const [a, b, c, d] = [x1, x1 + x2, y1, y1 + y2]
      const ring: Polygon[] = [
        [
          [a, c],
          [b, c],
          [b, d],
          [a, d],
        ],
        [
          [0, 0],
          [b, 0],
          [b, c],
          [0, c],
        ],
        [
          [b, 0],
          [width, 0],
          [width, d],
          [b, d],
        ],
        [
          [a, d],
          [width, d],
          [width, height],
          [a, height],
        ],
        [
          [0, c],
          [a, c],
          [a, height],
          [0, height],
        ],
      ]
      const patches = cutUp(ring, cuts)
      return {
        width,
        height,
        patches: mirror ? patches.map(patch => patch.map(([x, y]) => [width - x, y] as const)) : patches,
      }
    })

/** A grid whose inner corners have been pushed about: four patches meet and no seam runs through. */
export const jitteredBlock = (most = 3): fc.Arbitrary<BareBlock> =>
  fc
    .record({
      across: fc.integer({ min: 2, max: most }),
      down: fc.integer({ min: 2, max: most }),
      push: fc.array(fc.tuple(fc.integer({ min: -3, max: 3 }), fc.integer({ min: -3, max: 3 })), {
        minLength: 25,
        maxLength: 25,
      }),
    })
    .map(({ across, down, push }) => {
      const at = (x: number, y: number): Point => {
        const [px, py] = push[(y * 5 + x) % 25]!
        // corners on the outline stay on it
        return [x === 0 || x === across ? x : x + px / 10, y === 0 || y === down ? y : y + py / 10]
      }
      const patches = Array.from({ length: across * down }, (_, i): Polygon => {
        const x = i % across
        const y = Math.floor(i / across)
        return [at(x, y), at(x + 1, y), at(x + 1, y + 1), at(x, y + 1)]
      })
      return { width: across, height: down, patches }
    })

/** Another block with some neighbours made one patch: bent, and of many sides. */
export const merged = (block: fc.Arbitrary<BareBlock>): fc.Arbitrary<BareBlock> =>
  fc.tuple(block, fc.array(fc.nat(50), { minLength: 1, maxLength: 4 })).map(([{ width, height, patches }, picks]) => {
    let now = patches
    for (const pick of picks) {
      const { edges } = arrangementOf(now)
      const inner = edges.filter(edge => edge.left >= 0 && edge.right >= 0)
      if (inner.length === 0) break
      const { left, right } = inner[pick % inner.length]!
      const one = unite(now[left]!, now[right]!)
      if (one) now = [...now.filter((_, i) => i !== left && i !== right), one]
    }
    return { width, height, patches: now }
  })

/** Blocks of every sort, up to about so many patches. */
export const anyBlock = (most = 9): fc.Arbitrary<BareBlock> =>
  fc.oneof(
    cutBlock(most),
    ringBlock(most),
    jitteredBlock(3),
    merged(cutBlock(most)),
    merged(ringBlock(most)),
    merged(jitteredBlock(3)),
  )
