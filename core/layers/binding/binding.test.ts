import fc from 'fast-check'
import { readQuilt } from '../../file/readQuilt'
import type { Inches } from '../../measure/ruler'
import { planOf, quiltOf, SAMPLE } from '../../testing/quiltOf'
import { biasLength, biasSquares } from './biasSquare'
import { dealtStrips, joinedLength, joinsAlong } from './dealtStrips'
import { TURN } from '../../file/bindings/bindingRules'
import { fromCorner, placedJoins } from './placedJoins'
import { runs } from '../../testing/runs'

const eighths = (least: number, most: number) => fc.integer({ min: least * 8, max: most * 8 }).map(n => n / 8)
type Binding = Record<string, unknown>
const bound = (binding: Binding, more: object = {}) => {
  const { plan } = planOf({ ...SAMPLE, ...more, binding: { cloth: 'soot', ...binding } })
  return plan
}
const strips = (binding: Binding, more: object = {}) => {
  const found = bound(binding, more).binding!
  if (found.style === 'self') throw new Error('sewn on')
  return found
}

test('random edges: joins and start keep 4″ off the corners and 2″ off the flange, measured round the edge', () => {
  let placed = 0
  fc.assert(
    fc.property(
      eighths(20, 110),
      eighths(20, 110),
      eighths(36, 44),
      eighths(1, 3),
      fc.boolean(),
      (width, height, usable, loss, isFlanged) => {
        const round = 2 * (width + height)
        const along = (length: number, lost: number) => {
          const dealt = dealtStrips(round + 12, [{ cloth: 'a', usable: length }], lost)
          return { joins: joinsAlong(dealt, lost), spare: joinedLength(dealt, lost) - round - lost }
        }
        const binding = along(usable, loss)
        const flange = isFlanged ? along(usable, loss + 0.25) : null
        const found = placedJoins({ width, height }, binding, flange)
        if (found.faults.length > 0) return
        placed += 1
        // walk round the edge by hand: how far from the last corner, and to the next
        const sides = [width, height, width, height]
        const off = (at: number) => {
          let rest = ((at % round) + round) % round
          for (const side of sides) {
            if (rest < side) return Math.min(rest, side - rest)
            rest -= side
          }
          return 0
        }
        for (const at of [0, ...found.joins, ...found.flangeJoins])
          expect(off(found.start + at)).toBeGreaterThanOrEqual(4 - 1e-6)
        for (const at of found.flangeJoins)
          for (const other of found.joins) expect(Math.abs(at - other)).toBeGreaterThanOrEqual(2 - 1e-6)
        // what is cut off the head is there to be cut off, and the strip still reaches round and closes
        expect(found.trim).toBeGreaterThanOrEqual(0)
        expect(found.trim).toBeLessThanOrEqual(binding.spare + 1e-6)
        expect(found.joins).toEqual(binding.joins.map(join => expect.closeTo(join - found.trim, 9)))
      },
    ),
    { numRuns: runs(1000) },
  )
  expect(placed).toBeGreaterThan(runs(930))
}, 60_000)

test('where joins of short strips cannot be placed, some strips are cut shorter, within what is over', () => {
  let shortened = 0
  fc.assert(
    fc.property(fc.array(eighths(9, 26), { minLength: 6, maxLength: 12 }), eighths(0, 8), (lengths, spare) => {
      const joins = joinsAlong(
        lengths.map(length => ({ cloth: 'a', length })),
        0.5,
      )
      const edge = { width: 30, height: 26 }
      const found = placedJoins(edge, { joins, spare }, null)
      if (found.faults.length > 0 || found.shortened.length === 0) return
      shortened += 1
      expect(found.shortened.reduce((sum, { by }) => sum + by, 0)).toBeLessThanOrEqual(spare + 1e-6)
      // joined again from the strips as they are cut now
      const again = joinsAlong(
        lengths.map((length, i) => ({
          cloth: 'a',
          length: length - (found.shortened.find(({ strip }) => strip === i + 1)?.by ?? 0),
        })),
        0.5,
      )
      expect(found.joins).toEqual(again.map(at => expect.closeTo(at, 9)))
      for (const at of [0, ...again]) expect(fromCorner(edge, found.start + at)).toBeGreaterThanOrEqual(4 - 1e-6)
    }),
    { numRuns: runs(300) },
  )
  expect(shortened).toBeGreaterThan(runs(20))
})

test('where joins fall badly the fewest faults are told, and no other start has fewer', () => {
  fc.assert(
    fc.property(fc.array(eighths(6, 14), { minLength: 12, maxLength: 16 }), lengths => {
      const dealt = lengths.map(length => ({ cloth: 'a', length }))
      const joins = joinsAlong(dealt, 0.5)
      const edge = { width: 24, height: 20 }
      const found = placedJoins(edge, { joins, spare: 0 }, null)
      for (let start = 0; start < 88; start += 0.5) {
        const faults = [0, ...joins].filter(at => fromCorner(edge, start + at) < 4 - 1e-6).length
        expect(found.faults.length).toBeLessThanOrEqual(faults)
      }
    }),
    { numRuns: runs(60) },
  )
})

/**
 * Folds a strip as cloth: walked from its raw edge, each stretch lies on the back or the front of the quilt, or in the
 * fold. Gives what each side shows beyond the raw edge inwards.
 */
function folded(
  style: string,
  strip: Inches,
  seam: Inches,
  flange: Inches,
  joined: Inches,
): { sewnSide: Inches; other: Inches; flange: Inches } {
  // how wide it is when folded: from the raw edges to the fold
  const wide = style === 'double' ? strip / 2 : style === 'single' ? strip - seam : (strip + flange - 2 * joined) / 2
  // sewn a seam from its raw edges, it turns back over itself, runs to the edge, over it, and inwards
  const beyondStitches = wide - seam
  const other = beyondStitches - seam - TURN
  // the seam between strip and flange lies at (strip − joined) from the raw edge of the strip, the flange beyond
  const flangeFrom = strip - joined
  return { sewnSide: seam, other, flange: style === 'flanged' ? wide - flangeFrom : 0 }
}

test('unfolding every style gives what front and back are said to show', () => {
  fc.assert(
    fc.property(
      fc.constantFrom('double', 'single', 'flanged'),
      eighths(1, 4),
      fc.constantFrom(1 / 4, 3 / 8),
      eighths(0, 1),
      fc.constantFrom('front', 'back'),
      (style, strip, seam, wider, attach) => {
        const flange = strip + wider
        const own = style === 'flanged' ? { flange: { strip: flange, cloth: 'cream' } } : { attach }
        const { visible, back, flange: second } = strips({ style, strip, seam, ...own })
        const fold = folded(style, strip, seam, flange, 1 / 4)
        if (style === 'flanged') {
          expect([visible + second!.visible, back]).toEqual([expect.closeTo(fold.other, 9), fold.sewnSide])
          expect(second!.visible).toBeCloseTo(fold.flange, 9)
          expect(second!.visible).toBeCloseTo((flange - strip) / 2, 9)
        } else {
          const [sewn, other] = attach === 'front' ? [visible, back] : [back, visible]
          expect([sewn, other]).toEqual([fold.sewnSide, expect.closeTo(fold.other, 9)])
        }
      },
    ),
    { numRuns: runs(200) },
  )
})

test("the handbook's figures: double, 1 7/8″ for a seam of 1/4″ just does, 1 3/4″ not; nor a flange no wider", () => {
  const ids = (binding: Binding) => bound(binding).checks.map(({ id }) => id)
  expect(ids({ strip: 1.875 })).not.toContain('binding-narrow')
  expect(ids({ strip: 1.75 })).toContain('binding-narrow')
  expect(ids({ style: 'self', extra: 0.5 })).not.toContain('binding-narrow')
  expect(ids({ style: 'self', extra: 0.375 })).toContain('binding-narrow')
  expect(ids({ style: 'flanged', strip: 1.5, flange: { strip: 1.5, cloth: 'cream' } })).toContain('flange-hidden')
  expect(ids({ style: 'flanged', strip: 1.5, flange: { strip: 1.75, cloth: 'cream' } })).not.toContain('flange-hidden')
})

test('the back brought round: no strips, edged where the raw edge is, and the back must be large enough', () => {
  const backing = (overhang: number) => ({ backing: { cloth: 'cream', overhang } })
  const plan = bound({ style: 'self', cloth: undefined }, backing(4))
  expect(plan.binding).toEqual({ style: 'self', extra: 1.25, visible: 0.625 })
  expect(plan.quilt.edged).toEqual({ width: plan.quilt.width + 0.5, height: plan.quilt.height + 0.5 })
  expect(plan.pieces.some(({ part }) => part === 'binding')).toBe(false)
  expect(bound({ style: 'self', extra: 2 }, backing(1.5)).checks).toContainEqual(
    expect.objectContaining({ id: 'overhang-too-small', severity: 'error' }),
  )
  const none = readQuilt({ ...SAMPLE, backing: null, binding: { style: 'self' } })
  expect(none.ok ? [] : none.problems.map(({ path }) => path.join('.'))).toEqual(['binding.style'])
})

test('several cloths are dealt in turn, and each is cut for its own strips', () => {
  const { strips: count, buy, joins } = strips({ cloth: ['soot', 'cream'] })
  const { pieces } = bound({ cloth: ['soot', 'cream'] })
  const cut = pieces.filter(({ part }) => part === 'binding').map(({ cloth, count: own }) => [cloth, own])
  expect(cut).toEqual([
    ['soot', Math.ceil(count / 2)],
    ['cream', Math.floor(count / 2)],
  ])
  expect([buy, joins.length]).toEqual([count * 2.25, count - 1])
})

test('a flange is cut as long as its binding, from its own cloth; its joins are its own', () => {
  const {
    flange,
    length,
    strips: count,
    joins,
  } = strips({
    style: 'flanged',
    strip: 1.5,
    flange: { strip: 1.75, cloth: 'cream' },
  })
  expect(flange).toMatchObject({ length, visible: 0.125, buy: flange!.strips * 1.75 })
  expect([joins.length, flange!.joins.length]).toEqual([count - 1, flange!.strips - 1])
})

test('bias squares: what is cut round and round is as long as it must be, and an eighth smaller would not do', () => {
  fc.assert(
    fc.property(eighths(40, 700), eighths(1, 4), eighths(20, 60), (length, strip, usable) => {
      const seam = 1 / 4
      const found = biasSquares(length, strip, { seam, ruler: 1 / 8, loss: strip, usable })!
      // areas: the square, less two allowances of both seams
      const gives = (side: number) =>
        found.count * ((side * side - 2 * (2 * seam * side)) / strip) - (found.count - 1) * strip
      expect(gives(found.side)).toBeGreaterThanOrEqual(length - 1e-6)
      expect(gives(found.side - 1 / 8)).toBeLessThan(length)
      expect(found.side).toBeLessThanOrEqual(Math.min(36, usable))
      expect(biasLength(found.side, strip, seam)).toBeCloseTo(
        (gives(found.side) + (found.count - 1) * strip) / found.count,
        6,
      )
    }),
  )
  const { square, squares, strips: count, joins, buy } = strips({ bias: true })
  expect([count, joins, buy]).toEqual([1, [], square! * squares!])
  const { pieces } = bound({ bias: true })
  expect(pieces.find(({ part }) => part === 'bias-square')).toMatchObject({
    width: square,
    height: square,
    count: squares,
  })
})

test('ready-made tape: nothing is cut, its length is bought', () => {
  const tape = strips({ style: 'tape', strip: 1 })
  expect(tape).toMatchObject({ strips: 1, joins: [], buy: tape.length })
  expect(bound({ style: 'tape', strip: 1 }).pieces.some(({ part }) => part === 'binding')).toBe(false)
})

test('what is not there is said at its field', () => {
  const faults = (binding: Binding) => {
    const read = readQuilt({ ...SAMPLE, binding })
    return read.ok ? [] : read.problems.map(({ path }) => path.join('.'))
  }
  expect(faults({ style: 'flanged', cloth: 'soot' })).toEqual(['binding.flange'])
  expect(faults({ cloth: ['soot', 'none'] })).toEqual(['binding.cloth.1'])
  expect(faults({ style: 'flanged', cloth: 'soot', flange: { strip: 2, cloth: 'none' } })).toEqual([
    'binding.flange.cloth',
  ])
  expect(faults({ cloth: [] })).toEqual(['binding.cloth'])
  expect(faults({ strip: 0.1, cloth: 'soot' })).toEqual(['binding.strip'])
})

test('mirrored, renamed, in centimetres: the binding stays what it is', () => {
  const before = strips({ style: 'flanged', strip: 1.5, flange: { strip: 1.75, cloth: 'cream' } })
  const quilt = quiltOf({
    ...SAMPLE,
    binding: { style: 'flanged', strip: 1.5, cloth: 'soot', flange: { strip: 1.75, cloth: 'cream' } },
  })
  expect(quilt.binding!.attach).toBe('back')
  const text = strips({ style: 'flanged', strip: '3.81cm', flange: { strip: '4.445cm', cloth: 'cream' } })
  expect(text.length).toBeCloseTo(before.length, 9)
  expect(text.start).toBeCloseTo(before.start, 6)
  expect(text.joins.map(({ at }) => at)).toEqual(before.joins.map(({ at }) => expect.closeTo(at, 6)))
})

test('joins lie where the second strip begins, measured along strips that are really laid end to end', () => {
  // three strips of 40″ on the diagonal, 2″ wide: each join takes 2″, its middle lies an inch before the strip's end
  const dealt = dealtStrips(110, [{ cloth: 'a', usable: 40 }], 2)
  expect(dealt).toHaveLength(3)
  expect(joinsAlong(dealt, 2)).toEqual([39, 77])
  expect(joinedLength(dealt, 2)).toBe(116)
  const { joins, strip, trim } = strips({})
  joins.forEach(({ at }, k) => expect(at).toBeCloseTo((k + 1) * 41 - (k + 0.5) * strip - trim, 9))
})
