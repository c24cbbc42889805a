import type { CostPartOf } from './costPart'

/** How far quarters, edges, corners and the middle are from the mean in lightness: squared, times their blocks. */
export const balanceCost: CostPartOf = ({ count, kinds, lightness, parts, partSizes }, { blocks }) => {
  const lightAt = (p: number) => lightness[kinds[blocks[p]!]!]!
  const sums = new Float64Array(partSizes.length)
  const mean = kinds.reduce((sum, kind) => sum + lightness[kind]!, 0) / count
  function offBy(part: number, sum: number): number {
    const size = partSizes[part]!
    return size === 0 ? 0 : size * (sum / size - mean) ** 2
  }
  function changeIn(mine: readonly number[], others: readonly number[], more: number): number {
    let change = 0
    for (const part of mine)
      if (!others.includes(part)) change += offBy(part, sums[part]! + more) - offBy(part, sums[part]!)
    return change
  }
  return {
    whole: () => partSizes.reduce((sum, _, part) => sum + offBy(part, sums[part]!), 0),
    change(p, q) {
      const more = lightAt(q) - lightAt(p)
      return more === 0 ? 0 : changeIn(parts[p]!, parts[q]!, more) + changeIn(parts[q]!, parts[p]!, -more)
    },
    swapped(p, q) {
      const more = lightAt(p) - lightAt(q)
      for (const part of parts[p]!) sums[part]! += more
      for (const part of parts[q]!) sums[part]! -= more
    },
    settle() {
      sums.fill(0)
      for (let p = 0; p < count; p++) for (const part of parts[p]!) sums[part]! += lightAt(p)
    },
  }
}
