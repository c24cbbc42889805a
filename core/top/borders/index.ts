// In: the quilt and its setting. Out: the stages of the top, its border strips, and all its regions.
import type { CornerKind } from '../../file/corners'
import type { Quilt } from '../../file/quilt'
import type { Box } from '../../geometry/polygon'
import type { StageKey } from '../../file/measuredThing'
import { measuredRows, measuredStage, type Measured } from '../../made/measures'
import { sumOf, type Sum } from '../../measure/sum'
import { placed, raw, type BorderStrip, type BorderStyle, type Inside, type Ring } from './border'
import { seamBeyond } from '../../file/seamBeyond'
import { beyondSeam } from '../regions/rawEdge'
import { movedRegions, type Region } from '../regions/region'
import type { Setting } from '../settings/setting'
import type { GrowthStage } from './growthStage'
import { butted } from './butted'
import { cornered } from './cornered'
import { mitred } from './mitred'

/** By how its corners are made. */
const STYLES: Record<CornerKind, BorderStyle> = { butted, mitred, squares: cornered, pieced: cornered }

export interface BorderedTop {
  /** From the setting outwards; the last one is the top. */
  stages: GrowthStage[]
  /** In the order of sewing. */
  strips: BorderStrip[]
  /** Each border strip as it is drawn, one region or several sewn end to end, in the order of sewing. */
  drawnStrips: Region[][]
  /** All pieces of the top, from its own top left: border strips, then what the setting is made of. */
  regions: Region[]
}

type Size = Omit<Ring, 'strips'>

/** The setting with its borders round it. What was measured of a stage replaces its plan for all that follows. */
export function addBorders(quilt: Quilt, setting: Setting): BorderedTop {
  const seam = seamBeyond(quilt)
  const asMeasured = (found: Measured, of: string, beyond: number): Sum =>
    sumOf(
      [
        { what: 'measured-mean', value: found.mean, of },
        { what: 'seams', count: -2, each: seam },
        ...beyondSeam(beyond, -2),
      ],
      found.raw.map(value => ({ what: 'measure', value })),
    )
  const sizeOf: Inside['sizeOf'] = (stage, side, planned, beyond = 0) => {
    const found = measuredStage(quilt, stage, side)
    return found ? asMeasured(found, stage, beyond) : planned
  }
  /** Until the whole is measured, its rows say how wide it will be. */
  const byRows = (side: 'width' | 'height', planned: Sum): Sum => {
    const found = measuredRows(quilt, side)
    return found ? asMeasured(found, 'rows', 0) : planned
  }
  const stageOf = (what: StageKey, { width, height, first }: Size, beyond = 0): GrowthStage => ({
    what,
    width: sizeOf(what, 'width', width, beyond),
    height: sizeOf(what, 'height', height, beyond),
    expected: { width: raw(width, seam, beyond), height: raw(height, seam, beyond) },
    first,
  })
  const rows = { width: byRows('width', sumOf(setting.across)), height: byRows('height', sumOf(setting.down)) }
  const stages = [stageOf('setting', rows)]
  const strips: BorderStrip[] = []
  for (const border of placed(quilt)) {
    const ring = STYLES[border.corners].around({ ...stages.at(-1)!, seam, sizeOf }, border)
    const { at, beyond } = border
    strips.push(...ring.strips.map(strip => ({ border: at, beyond, ...strip })))
    stages.push(stageOf(`border-${at}`, ring, beyond))
  }
  return { stages, strips, ...drawn(quilt, setting) }
}

/** All regions by planned sizes. */
function drawn(quilt: Quilt, setting: Setting): Pick<BorderedTop, 'drawnStrips' | 'regions'> {
  const x = quilt.borders.reduce((sum, border) => sum + border.sides, 0)
  const y = quilt.borders.reduce((sum, border) => sum + border.ends, 0)
  const drawnStrips: Region[][] = []
  let inside: Box = { x, y, width: setting.width, height: setting.height }
  for (const border of placed(quilt)) {
    drawnStrips.push(...STYLES[border.corners].groups(inside, border))
    inside = {
      x: inside.x - border.sides,
      y: inside.y - border.ends,
      width: inside.width + 2 * border.sides,
      height: inside.height + 2 * border.ends,
    }
  }
  return { drawnStrips, regions: [...drawnStrips.flat(), ...movedRegions(setting.regions, x, y)] }
}
