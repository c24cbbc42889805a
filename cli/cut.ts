import { z } from 'zod'
import { liesOf, type CutPiece } from '../core/cut/cutPiece'
import { layOutOnMixed } from '../core/cut/mixedSheets'
import { betterLayouts, type BetterLayout } from '../core/layouts/betterLayouts'
import { problemsOf, refuse } from '../core/file/expectation'
import { fieldsFor } from '../core/file/fields'
import { readText } from '../core/file/readText'
import { problemLine } from '../words/problem'
import type { Answer } from './answer'
import { refused } from './readFile'

const f = fieldsFor('in')
const order = z.object(
  {
    width: f.length(0.1),
    pieces: f.list(
      z.object(
        {
          id: f.id,
          width: f.length(0.1),
          height: f.length(0.1),
          turn: f.flag.default(false),
          count: f.whole(1, 100_000),
          // its height runs along the cloth
          along: f.flag.default(false),
        },
        refuse({ kind: 'object' }),
      ),
    ),
    time: f.number(0, 600).default(0),
    // pieces of cloth in place of a length of it
    sheets: f
      .list(
        z.object(
          { width: f.length(0.1), height: f.length(0.1), count: f.whole(1, 1000).default(1) },
          refuse({ kind: 'object' }),
        ),
        0,
        40,
      )
      .default([]),
  },
  refuse({ kind: 'object' }),
)

/** Lays out one order, thinking for its `time` in seconds, less when nothing can be shorter. */
export function cut(text: string): Answer {
  const value = readText(text)
  if (!value.ok) return refused(value.problems)
  const parsed = order.safeParse(value.value)
  if (!parsed.success) return refused(problemsOf(parsed.error, value.value))
  const { width, pieces, time, sheets } = parsed.data
  const repeated = pieces.findIndex((piece, i) => pieces.findIndex(other => other.id === piece.id) !== i)
  if (repeated >= 0) return refused([{ code: 'repeated', path: ['pieces', repeated, 'id'], got: pieces[repeated]!.id }])
  const started = performance.now()
  const seconds = () => (performance.now() - started) / 1000
  if (sheets.length > 0) {
    const { opened, bound, strips, unplaced } = layOutOnMixed(pieces, sheets)
    if (unplaced.length > 0) return tooLarge(unplaced, pieces, 'no room on the pieces of cloth there are')
    const { length } = opened
    return answered({ length, bound, proved: length <= bound, by: 'greedy', opened, strips, time: seconds() })
  }
  const unplaced = pieces.filter(piece => liesOf(piece, width).length === 0)
  if (unplaced.length > 0) return tooLarge(unplaced, pieces, 'wider than the cloth')
  const { length, bound, strips, by } = bestWithin(pieces, width, () => seconds() >= time)
  return answered({ length, bound, proved: length <= bound + 1e-6, by, strips: strips(), time: seconds() })
}

const answered = (value: object): Answer => ({ exit: 0, output: `${JSON.stringify(value)}\n` })

/** Pieces that cannot be laid, each with the path of its width. */
function tooLarge(unplaced: readonly CutPiece[], pieces: readonly CutPiece[], why: string): Answer {
  const line = ({ id, width }: CutPiece) => {
    const path = ['pieces', pieces.findIndex(piece => piece.id === id), 'width']
    return `${problemLine({ code: 'expected', path, expected: { kind: 'length' }, got: width })}: ${why}\n`
  }
  return { exit: 2, error: unplaced.map(line).join('') }
}

/** The first good layout at least; the search ends by itself where nothing can be shorter. */
function bestWithin(pieces: readonly CutPiece[], width: number, isOver: () => boolean): BetterLayout {
  let best: BetterLayout | null = null
  for (const layout of betterLayouts(pieces, width)) {
    best = layout
    if (isOver()) break
  }
  return best!
}
