// In: a file of the right shape. Out: blocks that its quilting names and that are not there.
import type { Problem } from './problem'
import type { ParsedQuilt } from './schema'

/** Quilting that names a block which is not there, or cannot be drawn. */
export function quiltingProblems({ quilting, blocks }: ParsedQuilt): Problem[] {
  const known = blocks.map(({ id }) => id)
  return quilting.flatMap(({ where }, i): Problem[] =>
    typeof where === 'string' || known.includes(where.block)
      ? []
      : [
          {
            code: 'unknown-reference',
            path: ['quilting', i, 'where', 'block'],
            to: 'block',
            got: where.block,
            known,
          },
        ],
  )
}
