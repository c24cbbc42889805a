// How short the layouts of a cloth become, on orders made by a script: as a share of the least length where that is
// known, else of the bound. Processor time.

const SECONDS = 5
const SEEDS = [1, 2, 3, 4]

const perfect = how => (core, seed) => core.perfectOrder(seed, how)
const open = how => (core, seed) => core.openOrder(seed, how)
/** Name, order, the aim on average and the first layout's, in milliseconds. */
const KINDS = [
  ['small, perfect', perfect({ strips: 2, times: 1, turn: true }), 1, 100],
  ['medium, perfect, fixed', perfect({ strips: 12, times: 1, turn: false }), 1.003, 100],
  ['medium, perfect, may turn', perfect({ strips: 12, times: 1, turn: true }), 1.003, 100],
  ['large, perfect', perfect({ strips: 10, times: 20, turn: true }), 1.004, 300],
  ['open, 150 pieces', open({ pieces: 150, sizes: 25 }), 1.02, 100],
  ['open, 2,000 pieces', open({ pieces: 2000, sizes: 40 }), 1.02, 300],
  ['open, 300 sizes', open({ pieces: 1500, sizes: 300 }), 1.03, 300],
]

const cpu = () => process.cpuUsage().user / 1000
const mean = list => list.reduce((sum, value) => sum + value, 0) / list.length

/** Calls `record` with each figure. `core`: `betterLayouts`, `provedBound` and the makers of orders. */
export function layoutFigures(core, record) {
  for (const [name, orderFor, aim, first] of KINDS) {
    const figures = SEEDS.map(seed => figuresOf(core, orderFor(core, seed)))
    record(`layout, ${name}: the first`, Math.max(...figures.map(figure => figure.first)), 'ms', first)
    record(`layout, ${name}: the bound`, Math.max(...figures.map(figure => figure.bound)), 'ms', 300)
    record(`layout, ${name}: length after ${SECONDS} s`, mean(figures.map(figure => figure.share)), '×', aim)
    record(`layout, ${name}: the worst`, Math.max(...figures.map(figure => figure.share)), '×', null)
  }
}

function figuresOf({ betterLayouts, provedBound }, { pieces, usable, least }) {
  let began = cpu()
  const proved = provedBound(pieces, usable)
  const bound = cpu() - began
  began = cpu()
  let [first, length] = [null, Infinity]
  for (const layout of betterLayouts(pieces, usable)) {
    first ??= cpu() - began
    length = layout.length
    if (cpu() - began > 1000 * SECONDS) break
  }
  return { first, bound, share: length / (least ?? proved) }
}
