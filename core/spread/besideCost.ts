import { changeBeside, type CostPartOf } from './costPart'

/** How alike blocks beside each other are in all their colours, whether they touch or not; at the corners by half. */
export const besideCost: CostPartOf = ({ count, kinds, kindCount, alike, beside }, layout) => {
  const kindAt = (p: number) => kinds[layout.blocks[p]!]!
  function at(p: number, without: number): number {
    let sum = 0
    const from = kindAt(p) * kindCount
    for (const { at: other, weight } of beside[p]!) if (other !== without) sum += weight * alike[from + kindAt(other)]!
    return sum
  }
  const change = changeBeside(layout, at)
  return {
    whole() {
      let sum = 0
      for (let p = 0; p < count; p++) sum += at(p, -1) / 2
      return sum
    },
    change: (p, q) => (kindAt(p) === kindAt(q) ? 0 : change(p, q)),
  }
}
