// In: rows and borders, and where each of their parts comes from. Out: what is done to join them.
import { cornerRules } from '../file/corners'
import type { BorderedTop } from '../top/borders/index'
import type { Quilt } from '../file/quilt'
import { longHash } from '../measure/longHash'
import type { Region } from '../top/regions/region'
import { joiningOrder } from '../top/joiningOrder'
import { rowArea, type Setting, type SettingRow } from '../top/settings/setting'
import type { CutParts } from './cutParts'
import type { Operations, Task } from './operation'
import type { Source } from './unitLots'

export interface TopParts {
  /** Where a part comes from. */
  sourceOf: CutParts
  /** The name of each row in ticks. */
  rowIds: readonly string[]
}

/** From blocks to the whole top: rows, rows joined two and two, borders. */
export function topJoins(
  quilt: Quilt,
  setting: Setting,
  { drawnStrips }: Pick<BorderedTop, 'drawnStrips'>,
  { sourceOf, rowIds }: TopParts,
  operations: Operations,
): Source {
  const rows = setting.rows.map(({ kind, regions }, r) => {
    const parts = regions.map(region => ({ source: sourceOf(region), lie: lieOf(region) }))
    const source = rowJoins(rowIds[r]!, kind, parts, operations)
    // a single part is its own row: nothing is sewn, and nothing to be ticked
    const last = parts.length > 1 ? operations.get(source) : undefined
    if (last) last.ready = { what: 'row', id: rowIds[r]! }
    return { kind, size: rowArea(regions), source }
  })
  const whole = rowsJoined(
    rows.filter(({ kind }) => kind !== 'corner'),
    operations,
  )
  const withCorners = cornersSewn(
    whole,
    rows.flatMap(({ kind, source }) => (kind === 'corner' ? [source] : [])),
    operations,
  )
  return bordersSewn(quilt, withCorners, drawnStrips, sourceOf, operations)
}

/** How a part stands in its row, so that rows alike are told from rows that only have the same blocks. */
function lieOf({ fabric }: Region): string {
  return 'cell' in fabric ? `${fabric.cell.turn}${fabric.cell.mirror ? 'm' : ''}` : ''
}

/** A row from its first part to its last, then pressed. Rows alike are sewn together. */
function rowJoins(
  name: string,
  kind: Setting['rows'][number]['kind'],
  parts: readonly { source: Source; lie: string }[],
  operations: Operations,
): Source {
  const [first, ...others] = parts as [(typeof parts)[0], ...typeof parts]
  if (others.length === 0) return first.source
  let before = first.source
  let text = `${kind} ${first.source} ${first.lie}`
  others.forEach(({ source, lie }, k) => {
    text = longHash(`${text} + ${source} ${lie}`)
    before = joinTwo(operations, `row.${text}`, { row: name, kind, part: k + 1 }, before, source)
  })
  return operations.press(before, { row: name, kind, part: others.length }, 1, `row.${text}.press`)
}

/** Neighbours in the order in which the least is in hand. */
function rowsJoined(
  rows: readonly { kind: SettingRow['kind']; size: number; source: Source }[],
  operations: Operations,
): Source {
  const kind = rows.find(row => row.kind !== 'sash')?.kind ?? 'row'
  const sections = new Map(rows.map(({ source }, i) => [i + 1, source]))
  for (const { from, middle, to } of joiningOrder(rows.map(({ size }) => size))) {
    const [first, second] = [sections.get(from)!, sections.get(middle + 1)!]
    const id = `rows.${longHash(`${first} + ${second} ${from}`)}`
    sections.set(from, joinTwo(operations, id, { rows: [from, middle, to], kind }, first, second))
  }
  const source = sections.get(1)!
  return rows.length === 1 ? source : operations.press(source, { rows: [1, rows.length, rows.length], kind })
}

function cornersSewn(top: Source, corners: readonly Source[], operations: Operations): Source {
  if (corners.length === 0) return top
  const id = `corners.${longHash(top)}`
  operations.add({
    id,
    at: 'machine',
    what: 'join',
    task: { border: 0, side: 'corners' },
    count: corners.length,
    uses: [{ id: top, count: 1 }, ...counted(corners)],
    parts: [top, corners[0]!],
    gives: 1,
  })
  return operations.press(id, { border: 0, side: 'corners' })
}

/** Two opposite strips, pressed; then the other two. */
function bordersSewn(
  quilt: Quilt,
  top: Source,
  strips: readonly (readonly Region[])[],
  sourceOf: TopParts['sourceOf'],
  operations: Operations,
): Source {
  let inside = top
  quilt.borders.forEach((border, b) => {
    const mine = strips.slice(4 * b, 4 * b + 4)
    const rules = cornerRules(border.corners)
    const others = border.first === 'sides' ? ('ends' as const) : ('sides' as const)
    for (const [side, pair] of [[border.first, mine.slice(0, 2)] as const, [others, mine.slice(2)] as const]) {
      const sources = pair.map((regions, k) => {
        const isCorner = (at: number) =>
          rules.isOwnPiece && side !== border.first && (at === 0 || at === regions.length - 1)
        const parts = regions.map((region, at) => ({
          source: sourceOf(region, isCorner(at) ? 'corner' : strips.indexOf(regions)),
          lie: lieOf(region),
        }))
        return rowJoins(`border-${b + 1}.${side}.${k}`, 'row', parts, operations)
      })
      const id = `border.${longHash(`${inside} ${side}`)}`
      operations.add({
        id,
        at: 'machine',
        what: 'join',
        task: { border: b + 1, side },
        count: 2,
        uses: [{ id: inside, count: 1 }, ...counted(sources)],
        parts: [inside, sources[0]!],
        gives: 1,
      })
      inside = operations.press(id, { border: b + 1, side })
    }
    if (rules.isOnSlant) {
      const id = `mitres.${longHash(inside)}`
      operations.add({
        id,
        at: 'machine',
        what: 'join',
        task: { border: b + 1, side: 'corners' },
        count: 4,
        uses: [{ id: inside, count: 1 }],
        parts: [inside],
        gives: 1,
      })
      inside = operations.press(id, { border: b + 1, side: 'corners' })
    }
  })
  return inside
}

function joinTwo(operations: Operations, id: string, task: Task, first: Source, second: Source): Source {
  return operations.add({
    id,
    at: 'machine',
    what: 'join',
    task,
    count: 1,
    uses: counted([first, second]),
    parts: [first, second],
    gives: 1,
  })
}

function counted(sources: readonly Source[]): { id: Source; count: number }[] {
  const counts = new Map<Source, number>()
  for (const source of sources) counts.set(source, (counts.get(source) ?? 0) + 1)
  return [...counts].map(([id, count]) => ({ id, count }))
}
