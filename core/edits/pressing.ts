import type { QuiltFile } from '../file/schema'
import type { Press } from '../make/steps/press'
import type { Edit } from './edit'

/** How the seams of all blocks are pressed: so that they nest, to the darker side, or open. */
export function setPressing(press: NonNullable<QuiltFile['press']>): Edit {
  return ({ press: _, ...file }) => (press === 'plan' ? file : { ...file, press })
}

/** Half-squares are trimmed opened, or closed and then pressed. */
export function setHalfSquares(trimmed: NonNullable<QuiltFile['halfSquares']>): Edit {
  return ({ halfSquares: _, ...file }) => (trimmed === 'open' ? file : { ...file, halfSquares: trimmed })
}

/** Seams of a block pressed by hand, by their numbers in its sewing; null leaves a seam to the plan again. */
export function pressSeams(id: string, seams: readonly { number: number; press: Press | null }[]): Edit {
  return file => ({
    ...file,
    blocks: file.blocks.map(block => {
      if (block.id !== id) return block
      const { press: old = {}, ...rest } = block
      const changed = new Map(seams.map(({ number, press }) => [String(number), press]))
      const kept = Object.entries(old).filter(([number]) => !changed.has(number))
      const added = [...changed].flatMap(([number, press]) => (press ? [[number, press] as const] : []))
      const press = Object.fromEntries([...kept, ...added])
      return Object.keys(press).length === 0 ? rest : { ...rest, press }
    }),
  })
}
