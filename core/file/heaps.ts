// In: blocks that are dressed from heaps of cloths. Out: a cloth for each of their parts, in each place.
import type { Cell } from './quilt'
import type { ParsedQuilt } from './schema'

type HeapedBlock = ParsedQuilt['blocks'][number]

/** A block's own cloths: for a part from a heap the first of it, until it is dealt. */
export function clothsWithHeaps(heaps: ParsedQuilt['heaps'], block: HeapedBlock): HeapedBlock['cloths'] {
  const first = Object.entries(block.heaps).flatMap(([role, id]): [string, string][] => {
    const heap = heaps.find(other => other.id === id)
    return heap ? [[role, heap.cloths[0]!]] : []
  })
  return { ...block.cloths, ...Object.fromEntries(first) }
}

/**
 * The cloths of one place. What was dealt stands in the place itself; a part to which nothing was dealt yet takes the
 * next of its heap, so that neighbours differ: by turns along the row, and in the next row further on.
 */
export function clothsOfPlace(
  file: ParsedQuilt,
  { block: id, cloths }: Pick<Cell, 'block' | 'cloths'>,
  [row, column]: readonly [number, number],
): Cell['cloths'] {
  const block = file.blocks.find(other => other.id === id)
  const missing = Object.entries(block?.heaps ?? {}).filter(([role]) => cloths[role] === undefined)
  if (missing.length === 0) return cloths
  const next = missing.flatMap(([role, heapId], i): [string, string][] => {
    const heap = file.heaps.find(other => other.id === heapId)
    if (!heap) return []
    const count = heap.cloths.length
    const at = heap.seed + column + row * (count < 5 ? 1 : 2) + i * Math.ceil(count / 2)
    return [[role, heap.cloths[at % count]!]]
  })
  return { ...cloths, ...Object.fromEntries(next) }
}
