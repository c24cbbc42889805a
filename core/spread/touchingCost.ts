import { changeBeside, type CostPartOf } from './costPart'

/** How alike the cloths are that touch, along each seam of the blocks: of its length, the part that looks the same. */
export const touchingCost: CostPartOf = ({ count, kinds, seams, still, isSquare }, layout) => {
  const { blocks, turns } = layout
  const kindAt = (p: number) => kinds[blocks[p]!]!
  function seamsAt(p: number, without: number): number {
    let sum = 0
    const [kind, turn] = [kindAt(p), turns[p]!]
    for (const { other, cost } of seams[p]!)
      if (other !== without) sum += cost(kind, turn, kindAt(other), turns[other]!)
    return sum
  }
  function stillAt(p: number): number {
    let sum = 0
    for (const { cost } of still[p]!) sum += cost(kindAt(p), turns[p]!)
    return sum
  }
  const at = (p: number, without: number) => seamsAt(p, without) + stillAt(p)
  const change = changeBeside(layout, at)
  return {
    whole() {
      let sum = 0
      // each seam between blocks is met from both sides
      for (let p = 0; p < count; p++) sum += seamsAt(p, -1) / 2 + stillAt(p)
      return sum
    },
    change: (p, q) => (kindAt(p) === kindAt(q) && turns[p] === turns[q] ? 0 : change(p, q)),
    turned(p, quarters) {
      if (!isSquare[kindAt(p)]!) return Infinity
      const turn = turns[p]!
      const now = at(p, -1)
      turns[p] = (turn + quarters) % 4
      const then = at(p, -1)
      turns[p] = turn
      return then - now
    },
  }
}
