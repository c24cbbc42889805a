// In: a picture in its cloths, and where its squares come from. Out: what is done to sew so many of it by its chart.
import { panelNumbers } from '../charts/panels'
import { rowNumber } from '../charts/rows'
import type { SquarePicture } from '../designs/chart'
import type { BlockMake } from '../make/units/blockMake'
import type { Unit } from '../make/units/unit'
import { unitsOf } from '../make/units/unitTree'
import { shortHash } from '../measure/shortHash'
import { mergedUses, type Operations } from './operation'
import type { Source } from './unitLots'

export interface ChartedBlock {
  make: BlockMake
  picture: SquarePicture
  count: number
  /** Made in the mirror. */
  isMirrored: boolean
  sourceOf: (unit: Unit) => Source
}

/** Row by row, or panel by panel, each pressed when it is sewn; then all to each other. Like rows are one operation. */
export function chartJoins(block: ChartedBlock, operations: Operations): Source {
  const { make, count, picture } = block
  const parts = partsOf(block).map(units => chartPart(units, block, operations))
  const [only, ...more] = parts
  if (more.length === 0) return only!
  const key = shortHash([make.block.id, block.isMirrored, ...parts].join('|'))
  const task = { chart: make.block.id, parts: picture.chart.way === 'panels' ? ('panels' as const) : ('rows' as const) }
  const id = operations.add({
    id: `chart.${key}`,
    at: 'machine',
    what: 'join',
    task,
    count,
    uses: mergedUses(parts.map(part => ({ id: part, count }))),
    parts: [parts[0]!, parts[1]!],
    gives: count,
  })
  const pressed = operations.press(id, task, count)
  operations.get(pressed)!.ready ??= { what: 'block', id: make.block.id }
  return pressed
}

interface ChartPart {
  /** Its number: of a row in the order of reading, of a panel from the top left. */
  number: number
  /** In the order in which they lie, from the left. */
  units: Unit[]
}

function partsOf({ make, picture }: ChartedBlock): ChartPart[] {
  const columns = make.design.width
  const numberAt =
    picture.chart.way === 'panels' ? panelNumbers(picture) : (_: number, y: number) => rowNumber(picture, y)
  const parts = new Map<number, Unit[]>()
  for (const unit of unitsOf(make.units)) {
    const first = unit.patches[0]!.patch
    const number = numberAt(first % columns, Math.floor(first / columns))
    const known = parts.get(number)
    if (known) known.push(unit)
    else parts.set(number, [unit])
  }
  return [...parts].map(([number, units]) => ({ number, units })).sort((a, b) => a.number - b.number)
}

function chartPart({ number, units }: ChartPart, block: ChartedBlock, operations: Operations): Source {
  const { make, count, isMirrored, picture, sourceOf } = block
  const sources = units.map(sourceOf)
  if (sources.length === 1) return sources[0]!
  const isPanel = picture.chart.way === 'panels'
  const lying = isMirrored ? [...sources].reverse() : sources
  const sign = isPanel ? `panel ${number} ${isMirrored}` : `${(number % 2 === 1) !== isMirrored}`
  const task = { chart: make.block.id, [isPanel ? 'panel' : 'line']: number } as
    { chart: string; panel: number } | { chart: string; line: number }
  const id = operations.add({
    id: `chart.${shortHash([sign, ...lying].join('|'))}`,
    at: 'machine',
    what: 'join',
    task,
    count,
    uses: mergedUses(sources.map(source => ({ id: source, count }))),
    parts: [lying[0]!, lying[1]!],
    gives: count,
  })
  return operations.press(id, task, count)
}
