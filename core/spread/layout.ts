import type { SpreadProblem } from './problem'

/** Which block stands in each place, called by the place it came from, and by how many quarters it was turned. */
export interface SpreadLayout {
  blocks: Int32Array
  turns: Uint8Array
}

/** The same layout by itself. */
export function copyOf({ blocks, turns }: SpreadLayout): SpreadLayout {
  return { blocks: blocks.slice(), turns: turns.slice() }
}

/** As it hangs. */
export function firstLayout({ count }: SpreadProblem): SpreadLayout {
  return { blocks: Int32Array.from({ length: count }, (_, i) => i), turns: new Uint8Array(count) }
}

/** Each block where its value is wanted. */
export function rankedLayout(problem: SpreadProblem): SpreadLayout {
  const layout = firstLayout(problem)
  const { wanted, groups } = problem
  if (!wanted) return layout
  for (const group of groups) {
    const blocks = [...group].sort((a, b) => wanted.values[a]! - wanted.values[b]! || a - b)
    const places = [...group].sort((a, b) => wanted.targets[a]! - wanted.targets[b]! || a - b)
    places.forEach((place, i) => (layout.blocks[place] = blocks[i]!))
  }
  return layout
}

/** What two places hold changes places, turns and all. */
export function exchange({ blocks, turns }: SpreadLayout, p: number, q: number) {
  const [block, turn] = [blocks[p]!, turns[p]!]
  blocks[p] = blocks[q]!
  turns[p] = turns[q]!
  blocks[q] = block
  turns[q] = turn
}
