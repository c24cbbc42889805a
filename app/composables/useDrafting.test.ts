import { useManualRefHistory } from '@vueuse/core'
import fc from 'fast-check'
import { blankDraft } from '~~/core/drafting/draft'
import { area, type Point } from '~~/core/geometry/polygon'
import { tilingFaults } from '~~/core/geometry/tiling'
import { innerPoint, patchAt, useDrafting } from './useDrafting'
import { runs } from '~~/core/testing/runs'

// what Nuxt imports by itself
Object.assign(globalThis, { useManualRefHistory })

const point = fc.tuple(fc.nat(8), fc.nat(8)).map(([x, y]): Point => [x, y])
const step = fc.oneof(
  fc.record({ do: fc.constant('line' as const), from: point, to: point }),
  fc.record({ do: fc.constant('paint' as const), patch: fc.nat(30), role: fc.constantFrom('light', 'dark', 'third') }),
  fc.record({ do: fc.constant('take-out' as const), first: fc.nat(30), second: fc.nat(30) }),
  fc.record({
    do: fc.constant('symmetry' as const),
    to: fc.constantFrom('none' as const, 'half-turn' as const, 'quarter-turns' as const, 'mirror' as const),
  }),
  fc.record({ do: fc.constantFrom('turn' as const, 'mirror' as const, 'undo' as const, 'redo' as const) }),
)
type Board = ReturnType<typeof useDrafting>
type Step = typeof step extends fc.Arbitrary<infer S> ? S : never

function take(board: Board, next: Step) {
  const patches = board.draft.value.patches.length
  switch (next.do) {
    case 'line':
      return board.drawLine(next.from, next.to)
    case 'paint':
      return board.paintAt(next.patch % patches, next.role)
    case 'take-out':
      return board.takeOut(next.first % patches, next.second % patches)
    case 'symmetry':
      return void (board.symmetry.value = next.to)
    default:
      return board[next.do]()
  }
}

test('whatever is drawn, painted, taken out and turned, the patches tile the block; all undone it is blank', () => {
  fc.assert(
    fc.property(fc.array(step, { maxLength: 30 }), steps => {
      const board = useDrafting(blankDraft(8, 8))
      const blank = board.draft.value
      for (const next of steps) {
        take(board, next)
        const { patches, width, height } = board.draft.value
        expect(
          tilingFaults(
            patches.map(patch => patch.points),
            width,
            height,
          ),
        ).toEqual([])
      }
      const last = board.draft.value
      let undone = 0
      while (board.canUndo.value) {
        board.undo()
        undone += 1
      }
      expect(board.draft.value).toEqual(blank)
      for (let i = 0; i < undone; i++) board.redo()
      expect(board.draft.value).toEqual(last)
    }),
    { numRuns: runs(150) },
  )
})

test('with quarter turns one line is drawn four times, and painting one patch paints the four', () => {
  const board = useDrafting(blankDraft(8, 8))
  board.symmetry.value = 'quarter-turns'
  expect(board.drawLine([0, 4], [4, 0])).toBe(true)
  expect(board.draft.value.patches).toHaveLength(5)
  board.paintAt(patchAt(board.draft.value, [0.2, 0.2])!, 'dark')
  expect(board.draft.value.patches.filter(patch => patch.role === 'dark').map(patch => area(patch.points))).toEqual([
    8, 8, 8, 8,
  ])
  expect(board.sewing.value).toMatchObject({ setIn: 0, partial: 0, papers: 1 })
})

test('a line that crosses no patch is no step', () => {
  const board = useDrafting(blankDraft(8, 8))
  expect(board.drawLine([1, 1], [3, 3])).toBe(false)
  expect(board.canUndo.value).toBe(false)
})

test('another grid stretches the drawing and keeps every patch', () => {
  const board = useDrafting(blankDraft(8, 8))
  board.drawLine([4, 0], [4, 8])
  board.setGrid({ ...board.grid.value, across: 6, down: 8 })
  expect(board.draft.value).toMatchObject({ width: 6, height: 8 })
  expect(board.draft.value.patches.map(patch => area(patch.points))).toEqual([24, 24])
})

test('a point inside is found in a bent patch too', () => {
  const bent: Point[] = [
    [0, 0],
    [4, 0],
    [4, 1],
    [1, 1],
    [1, 4],
    [0, 4],
  ]
  const draft = {
    width: 4,
    height: 4,
    patches: [
      { role: 'light', points: bent },
      {
        role: 'dark',
        points: [
          [1, 1],
          [4, 1],
          [4, 4],
          [1, 4],
        ] as Point[],
      },
    ],
  }
  expect(patchAt(draft, innerPoint(draft, 0))).toBe(0)
})
