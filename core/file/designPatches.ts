import type { z } from 'zod'
import { PLAIN_CHART, type Chart, type SquarePicture } from '../designs/chart'
import type { Patch } from '../designs/design'
import { squarePatches } from '../designs/squares'
import { expectationText } from './expectation'
import type { Expectation } from './problem'

interface WrittenDesign {
  width: number
  height: number
  patches?: { role: string; points: [number, number][] }[]
  squares?: string[]
  chart?: Chart
}

/** A design with its patches, whether they were drawn or given as a picture in squares. */
export function withPatches<T extends WrittenDesign>(
  { patches, squares, chart, ...rest }: T,
  context: z.RefinementCtx,
): Omit<T, 'patches' | 'squares' | 'chart'> & { patches: readonly Patch[]; picture?: SquarePicture } {
  const refused = (field: string, expected: Expectation, ...more: number[]) =>
    context.addIssue({ code: 'custom', message: expectationText(expected), path: [field, ...more] })
  if (chart && !squares) refused('chart', { kind: 'nothing' })
  if (!squares) {
    if (!patches) refused('patches', { kind: 'list', least: 1 })
    return { ...rest, patches: patches ?? [] }
  }
  if (patches) refused('patches', { kind: 'nothing' })
  if (squares.length !== rest.height) refused('squares', { kind: 'list', least: rest.height, most: rest.height })
  squares.forEach((row, y) => {
    if ([...row].length !== rest.width || !/^\p{L}+$/u.test(row))
      refused('squares', { kind: 'letters', count: rest.width }, y)
  })
  const picture: SquarePicture = { rows: squares, chart: chart ?? PLAIN_CHART }
  return { ...rest, patches: squarePatches(picture), picture }
}
