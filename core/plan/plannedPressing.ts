// In: how the quilt is pressed. Out: the same as others read it: each seam by number, versions, crossings.
import type { Quilt } from '../file/quilt'
import type { BlockMake } from '../make/units/blockMake'
import type { Outcome } from '../make/pressing/pressBlock'
import type { Press } from '../make/steps/press'
import type { Inches } from '../measure/ruler'
import type { Explainable } from '../measure/explained'
import type { Region } from '../top/regions/region'
import type { QuiltRow } from '../top/rows'
import type { Setting } from '../top/settings/setting'
import { meetingsInTop } from './meetingsInTop'
import type { QuiltPressing, Version } from '../pressing/quiltPressing'
import { versionSign } from '../pressing/versionSigns'

export interface PlannedPressing {
  school: Quilt['press']
  /** `join` counts the joins of the block's `sewing` from the leaves up, left before right. */
  seams: { block: string; join: number; press: Press; version?: string }[]
  /** Seams within a row, and the join after it. */
  rows: { row: number; kind: QuiltRow['kind']; press: QuiltRow['press'] }[]
  between: { row: number; kind: QuiltRow['kind']; press: 'up' | 'down' | 'left' | 'right' }[]
  versions: { block: string; version: string; count: number }[]
  /** Over the whole quilt; `clash` by its place, from the raw top left of the top. */
  crossings: { nest: number; open: number; clash: { x: Inches; y: Inches }[] }
  /**
   * Where three seams or more meet: those that run straight on nest; where there are none, all turn one way, so that
   * the middle can be spun flat. `mixed` by its place.
   */
  hubs: { nest: number; mixed: { x: Inches; y: Inches }[] }
  /** Whether nothing better is possible with these versions in these places. */
  proven: boolean
}

/** Versions of a block by signs, the commonest first; none where a block is always pressed alike. */
export function versionNames({ versions }: QuiltPressing): ReadonlyMap<Version, string> {
  const names = new Map<Version, string>()
  for (const block of new Set(versions.map(({ signature }) => signature.block))) {
    const own = versions.filter(({ signature }) => signature.block === block).sort((a, b) => b.count - a.count)
    if (own.length > 1) own.forEach((version, i) => names.set(version, versionSign(i)))
  }
  return names
}

/** The version of the block in a place of the top; of blocks in borders the one they all have. */
export function versionOf(pressing: QuiltPressing): (region: Region) => Version | undefined {
  const byPlace = new Map<string, Version>()
  pressing.regions.forEach(({ part }, i) => {
    if (part.kind === 'block') byPlace.set(`${part.row} ${part.column}`, pressing.versions[pressing.versionOf[i]!]!)
  })
  return ({ part, fabric }) => {
    if (!('cell' in fabric)) return undefined
    if (part.kind === 'block') return byPlace.get(`${part.row} ${part.column}`)
    const first = pressing.ofCell.get(fabric.cell)?.keys().next().value
    return first === undefined ? undefined : pressing.versions[first]
  }
}

/** The sign of that version, where the block has versions. */
export function versionAt(pressing: QuiltPressing): (region: Region) => string | undefined {
  const names = versionNames(pressing)
  if (names.size === 0) return () => undefined
  const found = versionOf(pressing)
  return region => {
    const version = found(region)
    return version && names.get(version)
  }
}

/** How the quilt is pressed, as the plan tells it. */
export function plannedPressing(
  quilt: Quilt,
  pressing: QuiltPressing,
  makes: ReadonlyMap<string, BlockMake>,
  allRows: readonly Explainable<QuiltRow>[],
  setting: Setting,
): PlannedPressing {
  const rows = allRows.map(({ row, kind, press }) => ({ row: Number(row), kind, press }))
  const names = versionNames(pressing)
  const { versions } = pressing
  const met = meetingsInTop(quilt, pressing, makes, { setting, pressOf: rows.map(({ press }) => press) })
  const places = (outcome: Outcome) => (met.places.get(outcome) ?? []).map(at => fromTopLeft(quilt, at))
  return {
    school: quilt.press,
    seams: versions.flatMap(version => {
      const name = names.get(version)
      return version.press.map((press, join) => ({
        block: version.signature.block,
        join,
        press,
        ...(name ? { version: name } : {}),
      }))
    }),
    rows: rows
      .filter(({ kind }) => kind !== 'sash' && kind !== 'corner')
      .map(({ row, kind, press }) => ({ row, kind, press })),
    between: joinsBetween(rows),
    versions: versions.map(version => ({
      block: version.signature.block,
      version: names.get(version) ?? versionSign(0),
      count: version.count,
    })),
    crossings: { nest: met.counts.nest, open: met.counts.open, clash: places('clash') },
    hubs: { nest: met.counts['hub-nests'], mixed: places('hub-mixed') },
    proven: pressing.isProven,
  }
}

function fromTopLeft({ borders, seam }: Quilt, [x, y]: readonly [number, number]): { x: Inches; y: Inches } {
  const beyond = seam + (borders.at(-1)?.beyond ?? 0)
  return {
    x: borders.reduce((sum, { sides }) => sum + sides, beyond) + x,
    y: borders.reduce((sum, { ends }) => sum + ends, beyond) + y,
  }
}

/** The join after each row: towards the sashes, else away from the first row. */
function joinsBetween(rows: readonly Pick<QuiltRow, 'row' | 'kind' | 'press'>[]): PlannedPressing['between'] {
  return rows.flatMap(({ row, kind }, i): PlannedPressing['between'] => {
    const next = rows[i + 1]
    if (!next || next.kind === 'corner') return []
    const isColumn = kind === 'column' || next.kind === 'column'
    const [on, back] = isColumn ? (['right', 'left'] as const) : (['down', 'up'] as const)
    return [{ row, kind, press: kind === 'sash' && next.kind !== 'sash' ? back : on }]
  })
}
