import { planOf, SAMPLE } from '../../testing/quiltOf'
import type { QuiltFile } from '../../file/schema'

test('where blocks come out smaller their row is shorter, and its end pieces are longer by as much', () => {
  const { setting: _, borders: __, blocks, ...rest } = SAMPLE
  const nine = { id: 'nine', design: 'nine-patch', width: 6, height: 6, cloths: { dark: 'soot', light: 'cream' } }
  const endsOf = (made: QuiltFile['made']) => {
    const { plan } = planOf({
      ...rest,
      blocks: [...blocks, nine],
      made,
      setting: {
        kind: 'rows',
        ends: { cloth: 'cream' },
        rows: [{ cells: [{ block: 'star' }, { block: 'star' }] }, { cells: Array(4).fill({ block: 'nine' }) }],
      },
    })
    return { ends: plan.rows[0]!.parts.filter(({ what }) => what === 'end').map(({ width }) => width), plan }
  }
  const planned = endsOf([])
  // two stars of 9″ over four nine-patches of 6″: 6″ are missing, cut with a seam on both sides
  expect(planned.ends).toEqual([6.5])
  const smaller = endsOf([{ what: 'block', block: 'star', size: [9.25, 9.25, 9.25], decision: 'trim' }])
  expect(smaller.ends).toEqual([7])
  expect(smaller.plan.quilt.width).toBe(planned.plan.quilt.width)
})
