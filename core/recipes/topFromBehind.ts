// In: the plan's work and its recipes. Out: the rows from behind, every block and every seam between them as pressed.
import { clothsOfCell } from '../file/clothsOfCell'
import type { Point, Polygon } from '../geometry/polygon'
import type { Arrow } from '../make/steps/picture'
import { variants } from '../make/units/demands'
import type { Inches } from '../measure/ruler'
import { outlineOf, ownSize, type Region } from '../top/regions/region'
import type { QuiltRow } from '../top/rows'
import type { SettingRow } from '../top/settings/setting'
import { versionNames, versionOf, type PlannedPressing } from '../plan/plannedPressing'
import type { PlanWork } from '../plan/planWork'
import type { Recipe } from './recipe'
import { spanOf } from '../plan/rowCrossings'

/** Blocks set, turned over sideways; without borders. Inches, finished, from the top left as seen from behind. */
export interface TopFromBehind {
  width: Inches
  height: Inches
  /** The back view of a recipe round its middle, turned clockwise by so many degrees. */
  blocks: { recipe: number; x: Inches; y: Inches; turn: number; scale: number }[]
  /** Sashes, cornerstones, triangles and ends, their wrong side. */
  plain: { points: Polygon; cloth: string }[]
  /** Folded allowances of the seams between blocks and between rows. */
  allowances: Polygon[]
  arrows: Arrow[]
}

/** More blocks and sashes cannot be told apart on a screen or a page. */
const MAX_REGIONS = 1200
/** More arrows than this only hide the seams. */
const MAX_ARROWS = 150

/** Null where the setting is too large to be drawn. */
export function topFromBehind(
  { quilt, makes, dimensions, pressing }: PlanWork,
  { rows, pressing: planned }: { rows: readonly QuiltRow[]; pressing: Pick<PlannedPressing, 'between'> },
  recipes: readonly Recipe[],
): TopFromBehind | null {
  const { setting } = dimensions
  if (setting.regions.length > MAX_REGIONS) return null
  const names = versionNames(pressing)
  const pressed = versionOf(pressing)
  const dressed = new Map(variants(quilt).flatMap(({ cell, cells }) => cells.map(placed => [placed, cell] as const)))
  const behind = ([x, y]: Point): Point => [setting.width - x, y]
  const found: TopFromBehind = {
    width: setting.width,
    height: setting.height,
    blocks: [],
    plain: [],
    allowances: [],
    arrows: [],
  }
  for (const region of setting.regions) {
    const { fabric, part } = region
    if ('cloth' in fabric) {
      found.plain.push({ points: outlineOf(region).map(behind), cloth: fabric.cloth })
      continue
    }
    const version = pressed(region)
    const cell = dressed.get(fabric.cell)
    const name = version && names.get(version)
    const recipe = recipes.findIndex(other => other.cell === cell && other.version === name)
    if ((part.kind !== 'block' && part.kind !== 'half-block') || recipe < 0) {
      found.plain.push({
        points: outlineOf(region).map(behind),
        cloth: Object.values(clothsOfCell(quilt, fabric.cell))[0]!,
      })
      continue
    }
    const { turn } = pressing.signatures.get(fabric.cell)!
    const { width, height } = ownSize(region)
    const planned = makes.get(fabric.cell.block)!.block
    const [x, y] = behind([region.x + region.width / 2, region.y + region.height / 2])
    found.blocks.push({
      recipe,
      x,
      y,
      turn: (region.own ? 45 : 0) - turn,
      scale: Math.min(width, height) / Math.min(planned.width, planned.height),
    })
  }
  const seams = [...rowSeams(setting.rows, rows, quilt.seam), ...joinsOfRows(setting.rows, planned.between, quilt.seam)]
  found.allowances = seams.map(({ band }) => band.map(behind))
  if (seams.length <= MAX_ARROWS) found.arrows = seams.map(({ from, to }) => ({ from: behind(from), to: behind(to) }))
  return found
}

interface SeamFromBehind {
  band: Polygon
  from: Point
  to: Point
}

/** Along a row and across it, to the point in the setting. */
function pointOf(kind: SettingRow['kind'], isUpright: boolean): (along: number, across: number) => Point {
  const half = Math.SQRT1_2
  if (kind === 'diagonal') return (u, v) => [(u + v) * half, (v - u) * half]
  return isUpright ? (u, v) => [v, u] : (u, v) => [u, v]
}

/** From where to where a region reaches across its row. */
function acrossOf({ x, y, width, height, own }: Region, isUpright: boolean): readonly [number, number] {
  if (own) {
    const middle = (x + width / 2 + y + height / 2) * Math.SQRT1_2
    return [middle - own.height / 2, middle + own.height / 2]
  }
  return isUpright ? [x, x + width] : [y, y + height]
}

const isColumns = (rows: readonly SettingRow[]) => rows.some(({ kind }) => kind === 'column')

function rowSeams(settingRows: readonly SettingRow[], rows: readonly QuiltRow[], seam: Inches): SeamFromBehind[] {
  const isUpright = isColumns(settingRows)
  return settingRows.flatMap(({ kind, regions }, r) => {
    const { press } = rows[r]!
    const at = pointOf(regions.some(({ own }) => own) ? 'diagonal' : kind, isUpright)
    return regions.slice(1).flatMap((region, k): SeamFromBehind[] => {
      const alongs = isUpright ? 'column' : kind
      const u = spanOf(region, alongs)?.[0] ?? spanOf(regions[k]!, alongs)?.[1]
      if (u === undefined) return []
      const isOnwards = press === 'sashes' ? region.part.kind === 'sash' : press === 'right' || press === 'down'
      const side = isOnwards ? seam : -seam
      const [a, b] = acrossOf(spanOf(region, alongs) ? region : regions[k]!, isUpright)
      return [seamOf(at, [u, u + side], [a, b])]
    })
  })
}

function joinsOfRows(rows: readonly SettingRow[], between: PlannedPressing['between'], seam: Inches): SeamFromBehind[] {
  const isUpright = isColumns(rows)
  return rows.slice(1).flatMap(({ kind, regions }, r): SeamFromBehind[] => {
    const before = rows[r]!.regions
    const join = between[r]
    if (kind === 'corner' || !join) return []
    const isDiagonal = [...before, ...regions].some(({ own }) => own)
    const at = pointOf(isDiagonal ? 'diagonal' : 'row', isUpright)
    const spans = (list: readonly Region[]) =>
      list.flatMap(region => spanOf(region, isUpright ? 'column' : isDiagonal ? 'diagonal' : 'row') ?? [])
    const [one, other] = [spans(before), spans(regions)]
    if (one.length === 0 || other.length === 0) return []
    const from = Math.max(Math.min(...one), Math.min(...other))
    const to = Math.min(Math.max(...one), Math.max(...other))
    const v = Math.max(
      ...before.filter(region => !isDiagonal || region.own).map(region => acrossOf(region, isUpright)[1]),
    )
    const side = join.press === 'down' || join.press === 'right' ? seam : -seam
    const turned = (u: number, w: number) => at(w, u)
    return [seamOf(turned, [v, v + side], [from, to])]
  })
}

/** A band along one side of a seam, and an arrow into it. */
function seamOf(
  at: (u: number, v: number) => Point,
  [seam, edge]: readonly [number, number],
  [a, b]: readonly [number, number],
): SeamFromBehind {
  const middle = (a + b) / 2
  return {
    band: [at(seam, a), at(edge, a), at(edge, b), at(seam, b)],
    from: at(seam - (edge - seam), middle),
    to: at(seam + 3 * (edge - seam), middle),
  }
}
