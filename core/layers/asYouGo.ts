// In: a quilt that is made block by block. Out: its backs and batting, what covers the joins, how it is folded.
import { makingRules } from '../file/makings'
import { blockOf, type Quilt } from '../file/quilt'
import { measuredBlock } from '../made/measures'
import { lengthKey, type Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import { placesOf } from '../top/places'

export interface AsYouGo {
  /** Of the back beyond the batting, on every side. */
  allowance: Inches
  /** Two of them, folded, cover each join; one covers the edge. */
  sash: Sum
  edge: Sum
  sizes: BlockLayers[]
  /** Packets of batting, where it is said how it is sold. */
  packets: number | null
}

/** What lies under the blocks of one size. */
export interface BlockLayers {
  count: number
  back: { width: Sum; height: Sum }
  batting: { width: Sum; height: Sum }
}

/**
 * Batting as large as the block from seam to seam (or as the block itself, where that came out smaller), back larger by
 * the allowance all round. Sewn back to back along the batting, what stands beyond the seam is folded in half, raw edge
 * to the seam, and lies half an allowance over each block; round the outside likewise. Source: handbook §10.
 */
export function planAsYouGo(quilt: Quilt): AsYouGo | null {
  if (makingRules(quilt.making).hasTop) return null
  const { allowance } = quilt.asYouGo
  const sizes = blockSizes(quilt)
  return {
    allowance,
    sash: sumOf([{ what: 'half-of-the-allowance', count: 2, each: allowance / 2 }]),
    edge: sumOf([{ what: 'half-of-the-allowance', value: allowance / 2 }]),
    sizes: sizes.map(({ width, height, count }) => ({
      count,
      back: { width: larger(width, allowance), height: larger(height, allowance) },
      batting: {
        width: sumOf([{ what: 'finished', value: width }]),
        height: sumOf([{ what: 'finished', value: height }]),
      },
    })),
    packets: packetsFor(quilt, sizes),
  }
}

function larger(finished: Inches, allowance: Inches): Sum {
  return sumOf([
    { what: 'finished', value: finished },
    { what: 'allowance', count: 2, each: allowance },
  ])
}

interface BlockSize {
  width: Inches
  height: Inches
  count: number
}

/** Blocks as they lie, those of one size together. */
function blockSizes(quilt: Quilt): BlockSize[] {
  const found = new Map<string, BlockSize>()
  for (const [{ block, turn }, count] of placesOf(quilt)) {
    const own = blockOf(quilt, block)
    const size = measuredBlock(quilt, own) ?? own.outer
    const [width, height] = turn % 180 === 0 ? [size.width, size.height] : [size.height, size.width]
    const key = `${lengthKey(width)} ${lengthKey(height)}`
    const known = found.get(key) ?? { width, height, count: 0 }
    known.count += count
    found.set(key, known)
  }
  return [...found.values()]
}

/** As many of each size as a packet gives, all lying one way; null where a block is larger than the packet. */
function packetsFor({ batting }: Quilt, sizes: readonly BlockSize[]): number | null {
  if (batting?.width === undefined || batting.length === undefined) return null
  const [wide, long] = [batting.width, batting.length]
  const fits = (width: Inches, height: Inches) => Math.floor(wide / width + 1e-9) * Math.floor(long / height + 1e-9)
  const shares = sizes.map(({ width, height, count }) => count / Math.max(fits(width, height), fits(height, width)))
  const packets = Math.ceil(shares.reduce((sum, share) => sum + share, 0) - 1e-9)
  return Number.isFinite(packets) ? packets : null
}
