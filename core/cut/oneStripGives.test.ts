import { planOf, SAMPLE } from '../testing/quiltOf'
import { oneStripGives } from './oneStripGives'

const { plan, quilt } = planOf(SAMPLE)
const usable = (cloth: string) => quilt.cloths.find(({ id }) => id === cloth)!.usable

test('one strip gives what lies side by side across the cloth, and no more', () => {
  for (const piece of plan.pieces) {
    const strip = oneStripGives(piece, usable(piece.cloth))
    if (!strip) continue
    const sides = [piece.width, piece.height]
    expect(sides).toContain(strip.depth)
    const across = sides[0] === strip.depth ? sides[1]! : sides[0]!
    const { total } = strip.pieces
    expect(total * across).toBeLessThanOrEqual(usable(piece.cloth) + 1e-6)
    expect((total + 1) * across).toBeGreaterThan(usable(piece.cloth) + 1e-6)
  }
})

test('a star takes eight points and one centre', () => {
  const star = (use: string) => plan.pieces.find(piece => piece.use === use && piece.cloth === 'soot')!
  // 3⅛″ squares for the points of geese made four at a time: one for two points; 13 from 41″: 26 points, 3 stars
  const points = star('star: points')
  expect(points.width).toBe(3.125)
  expect(oneStripGives(points, 41)).toMatchObject({ depth: 3.125, blocks: [{ block: 'star', count: 3 }] })
  expect(oneStripGives(points, 41)!.pieces.total).toBe(13)
  // one centre a block, 5″ square
  const centre = star('star: squares')
  expect(oneStripGives(centre, 41)!.blocks).toEqual([{ block: 'star', count: 8 }])
})

test('what lies one way only is not turned; what fits no way gives nothing', () => {
  const [piece] = plan.pieces
  const narrow = { ...piece!, cuts: 'none' as const, width: 10, height: 3, grain: 'across' as const }
  expect(oneStripGives(narrow, 41)).toMatchObject({ depth: 3, pieces: { total: 4 } })
  expect(oneStripGives({ ...narrow, grain: 'along' }, 41)).toMatchObject({ depth: 10, pieces: { total: 13 } })
  expect(oneStripGives({ ...narrow, width: 50, height: 50 }, 41)).toBeNull()
})
