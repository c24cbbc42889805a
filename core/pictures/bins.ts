import { scales } from './apart'
import type { LabGrid } from './labGrid'

/** Colours of a picture that look the same, with how many squares have them. */
export interface Bins {
  count: number
  /** Three numbers each. */
  lab: Float64Array
  weight: Float64Array
  /** Which bin each square is in. */
  binOf: Uint16Array
  /** For each bin how differences near it look: six numbers of a symmetric 3 × 3 matrix. */
  metric: Float64Array
}

const { sqrt } = Math

/** Steps of colour that are not told apart; wider where a picture has more colours than can be weighed. */
const SIDE = 1
const MOST = 4000

/** The colours of a picture gathered in bins. */
export function binsOf(grid: LabGrid): Bins {
  for (let side = SIDE; ; side *= 1.3) {
    const bins = gathered(grid, side)
    if (bins.count <= MOST) return bins
  }
}

function gathered({ lab }: LabGrid, side: number): Bins {
  const squares = lab.length / 3
  const numbers = new Map<number, number>()
  const sums: number[] = []
  const weights: number[] = []
  const binOf = new Uint16Array(squares)
  for (let i = 0; i < squares; i++) {
    const at = 3 * i
    const step = (value: number) => Math.round(value / side) + 500
    const key = (step(lab[at]!) * 1000 + step(lab[at + 1]!)) * 1000 + step(lab[at + 2]!)
    let bin = numbers.get(key)
    if (bin === undefined) {
      bin = numbers.size
      numbers.set(key, bin)
      weights.push(0)
      sums.push(0, 0, 0)
    }
    binOf[i] = bin
    weights[bin]! += 1
    for (let k = 0; k < 3; k++) sums[3 * bin + k]! += lab[at + k]!
  }
  const weight = Float64Array.from(weights)
  const means = Float64Array.from(sums, (sum, i) => sum / weight[Math.floor(i / 3)]!)
  return { count: weight.length, lab: means, weight, binOf, metric: metricsOf(means) }
}

/**
 * CIEDE2000 near a colour, as a matrix: lightness, chroma and hue each by the step that looks as one there. The turn
 * of blues is left out.
 */
function metricsOf(lab: Float64Array): Float64Array {
  const metric = new Float64Array(lab.length * 2)
  for (let i = 0; i < lab.length; i += 3) {
    const [l, a, b] = [lab[i]!, lab[i + 1]!, lab[i + 2]!]
    const c7 = Math.hypot(a, b) ** 7
    const grow = 1 + 0.5 * (1 - Math.sqrt(c7 / (c7 + 25 ** 7)))
    const [x, chroma] = [a * grow, Math.hypot(a * grow, b)]
    const { sl, sc, sh } = scales(l, chroma, Math.atan2(b, x))
    const [cos, sin] = chroma > 1e-9 ? [x / chroma, b / chroma] : [1, 0]
    const [pc, ph] = [1 / (sc * sc), 1 / (sh * sh)]
    metric.set(
      [
        1 / (sl * sl),
        0,
        0,
        (cos * cos * pc + sin * sin * ph) * grow * grow,
        cos * sin * (pc - ph) * grow,
        sin * sin * pc + cos * cos * ph,
      ],
      i * 2,
    )
  }
  return metric
}

/** How far a colour looks from a bin, by the bin's own matrix. */
export function metricDistance({ lab, metric }: Bins, bin: number, l: number, a: number, b: number): number {
  const [i, m] = [3 * bin, 6 * bin]
  const [dl, da, db] = [l - lab[i]!, a - lab[i + 1]!, b - lab[i + 2]!]
  const square =
    metric[m]! * dl * dl + metric[m + 3]! * da * da + 2 * metric[m + 4]! * da * db + metric[m + 5]! * db * db
  return square > 0 ? sqrt(square) : 0
}
