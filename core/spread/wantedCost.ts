import type { CostPartOf } from './costPart'

/** How far each block is from the value that is wanted in its place, squared. */
export const wantedCost: CostPartOf = ({ count, wanted }, { blocks }) => {
  const off = (p: number, block: number) => (wanted ? (wanted.values[block]! - wanted.targets[p]!) ** 2 : 0)
  return {
    whole() {
      let sum = 0
      for (let p = 0; p < count; p++) sum += off(p, blocks[p]!)
      return sum
    },
    change: (p, q) => off(p, blocks[q]!) + off(q, blocks[p]!) - off(p, blocks[p]!) - off(q, blocks[q]!),
  }
}
