// In: a block, how its units are made, and a hand. Out: the block sewn many times.
import type { BlockMake } from '../make/units/blockMake'
import type { Inches } from '../measure/ruler'
import type { Chance } from '../measure/chance'
import { blockShape, type SimulatedShape } from './blockShape'
import { around, seamOf, type PartEdge, type PartMark, type SewnPart, type Tally } from './part'
import { seamsAlong, sewJoin, type Sewing } from './sewJoin'
import { meanOf, rawOut, sewnUnit, type UnitMaking } from './sewnUnit'

export interface SimulatedBlock {
  part: SewnPart
  /** For each join of the block, by its number. */
  tallies: Map<number, Tally>
}

export interface BlockQuestion extends UnitMaking {
  make: BlockMake
  seam: Inches
}

/** Sews the block `times` over: its units are made, then joined in the order of its sewing. */
export function simulateBlock(question: BlockQuestion, times: number, chance: Chance): SimulatedBlock {
  const shape = blockShape(question.make)
  const sewing: Sewing = {
    units: shape.units.map(unit => sewnUnit(unit, question, times, chance)),
    seam: seamOf(question.seam, question.hand, question.units === 'papers'),
    times,
    chance,
  }
  const tallies = new Map(shape.joins.map(join => [join.number, sewJoin(join, sewing)] as const))
  const part = partOf(shape, question, sewing)
  return { part: question.units === 'papers' ? trimmed(part, question, sewing) : part, tallies }
}

/** The whole block: how far its raw sides lie from each other, and where seams end on them. */
function partOf({ sides }: SimulatedShape, { make, seam }: BlockQuestion, sewing: Sewing): SewnPart {
  const { width, height } = make.block
  const outs = {} as Record<PartEdge, Float64Array>
  for (const edge of EDGES)
    outs[edge] = meanOf(
      sides[edge].stretches.map(({ of, length }) => ({ values: rawOut(sewing.units, of), weight: length })),
      sewing.times,
    )
  const marksOn = (edge: PartEdge): PartMark[] => {
    const { normal, along, seams } = sides[edge]
    const corner = outs[edge === 'left' || edge === 'right' ? 'top' : 'left']
    return seams.map(({ at: planned, ends }) => ({
      planned,
      at: seamsAlong(ends, { normal, along, out: outs[edge] }, sewing).map(
        (off, i) => planned + seam + off + corner[i]!,
      ),
    }))
  }
  return {
    planned: { width, height },
    width: outs.left.map((out, i) => width + 2 * seam + out + outs.right[i]!),
    height: outs.top.map((out, i) => height + 2 * seam + out + outs.bottom[i]!),
    marks: { left: marksOn('left'), right: marksOn('right'), top: marksOn('top'), bottom: marksOn('bottom') },
  }
}

const EDGES = ['left', 'right', 'top', 'bottom'] as const

/** On papers the whole block is trimmed at the end. */
function trimmed(part: SewnPart, { seam, hand }: BlockQuestion, { times, chance }: Sewing): SewnPart {
  return {
    ...part,
    width: around(part.planned.width + 2 * seam, hand.cutScatter, times, chance),
    height: around(part.planned.height + 2 * seam, hand.cutScatter, times, chance),
  }
}
