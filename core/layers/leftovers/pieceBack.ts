// In: what is left of the cloths and how large the back must be. Out: the back as it is cut and sewn from them.
import { layOut } from '../../cut/layout'
import { clothOf, type Quilt } from '../../file/quilt'
import { lengthKey, roundUpToRuler, TOLERANCE, type Inches } from '../../measure/ruler'
import { sumOf, type Sum } from '../../measure/sum'
import { toInches, UNIT_DEFAULTS } from '../../measure/units'
import type { BackingWay } from './backingWay'
import { clothToBuy } from '../../cut/clothToBuy'
import { fillBack, type FilledBack, type FilledPanel, type FilledRow, type Scrap } from './fillBack'
import type { BackThing } from './things'

/** A piece as it is cut, raw, and as it lies. `thing`: what it is cut from, by its place; null where it is bought. */
export interface BackPiece {
  thing: number | null
  width: Sum
  height: Sum
  /** Where it lies, finished, from the upper left. */
  x: Inches
  y: Inches
}

/** Pieces sewn to each other in one line; raw. */
export interface BackUnit {
  width: Sum
  height: Sum
  pieces: BackPiece[]
}

/** Units sewn to each other, as long as the back is high; or as wide as it, where panels lie one below the other. */
export interface BackPanel {
  width: Sum
  height: Sum
  units: BackUnit[]
}

export interface PiecedBack {
  way: BackingWay
  /** Panels lie one below the other, their pieces in columns; else side by side, their pieces in rows. */
  isLevel: boolean
  panels: BackPanel[]
  /** What pieces are cut from, the largest first. */
  things: readonly BackThing[]
  /** To be cut from new cloth, raw, as they lie. */
  bought: { width: Sum; height: Sum; count: number }[]
  filled: FilledBack
}

/** The back of this raw size, pieced from what there is; what it cannot cover is cut from the backing cloth. */
export function pieceBack(
  quilt: Quilt,
  { width, height }: { width: Sum; height: Sum },
  things: readonly BackThing[],
): PiecedBack {
  const { seam, units } = quilt
  const { cloth: name, seed, offCentre, narrowest = UNIT_DEFAULTS[quilt.units].narrowestPiece } = quilt.backing!
  const cloth = clothOf(quilt, name)
  const step = toInches(units === 'in' ? 1 / 4 : 1 / 2, units)
  const finished = ({ total }: Sum) => roundUpToRuler(total, step) - 2 * seam
  const scraps = things.map(({ squared, turn, isWhole }, source): Scrap => ({
    source,
    x: 0,
    y: 0,
    ...squared,
    turn,
    isWhole,
  }))
  const panelsOf = (panels: readonly FilledPanel[], isLevel: boolean) => {
    const most = cloth.usable - 2 * seam
    return placed(
      { panels, isLevel },
      part => boughtParts(part, { isLevel, most, turn: !cloth.directional, isOffCentre: offCentre }),
      seam,
    )
  }
  const lengthFor = (panels: readonly BackPanel[]) =>
    layOut(
      boughtOf(panels).map(({ width: w, height: h, count }, i) => ({
        id: String(i),
        width: w.total,
        height: h.total,
        count,
        turn: !cloth.directional,
      })),
      cloth.usable,
    ).length
  const filled = fillBack({
    scraps,
    width: finished(width),
    height: finished(height),
    seam,
    seed,
    narrowest,
    isOffCentre: offCentre,
    bought: (panels, isLevel) => cloth.usable * lengthFor(panelsOf(panels, isLevel)),
  })
  const { isLevel } = filled
  const panels = panelsOf(filled.panels, isLevel)
  const way: BackingWay = {
    seams: panels.length === 1 ? 'none' : isLevel ? 'horizontal' : 'vertical',
    panels: sumOf([{ what: 'panels', value: panels.length }]),
    panelLength: isLevel ? panels[0]!.width : panels[0]!.height,
    isSplit: false,
    buy: clothToBuy(quilt, cloth.shrink, [{ what: 'strips', value: lengthFor(panels) }]),
  }
  return { way, isLevel, panels, things, bought: boughtOf(panels), filled }
}

/** Shares of its sides, each way, that a place is cut in from cloth that it is too large for. */
interface Parts {
  along: readonly number[]
  across: readonly number[]
}
const WHOLE: readonly number[] = [1]

/** As many equal parts; with no seam in the middle one of an even number is cut in two, for both ends. */
function sharesOf(count: number, isOffCentre: boolean): number[] {
  const equal = Array<number>(count).fill(1 / count)
  return isOffCentre && count % 2 === 0 ? [1 / (2 * count), ...equal.slice(1), 1 / (2 * count)] : equal
}

/** `most`: the widest that the cloth gives, finished. A piece whose print may turn need fit one way only. */
function boughtParts(
  { width, height }: { width: Inches; height: Inches },
  { isLevel, most, turn, isOffCentre }: { isLevel: boolean; most: Inches; turn: boolean; isOffCentre: boolean },
): Parts {
  const [across, down] = isLevel ? [height, width] : [width, height]
  if (across <= most + TOLERANCE || (turn && down <= most + TOLERANCE)) return { along: WHOLE, across: WHOLE }
  const shares = sharesOf(Math.ceil(across / most - TOLERANCE), isOffCentre)
  return isLevel ? { along: WHOLE, across: shares } : { along: shares, across: WHOLE }
}

function raw(finished: Inches, seam: Inches): Sum {
  return sumOf([
    { what: 'finished', value: finished },
    { what: 'seams', count: 2, each: seam },
  ])
}

/** Panels, units and pieces where they lie. */
function placed(
  { panels, isLevel }: { panels: readonly FilledPanel[]; isLevel: boolean },
  partsOf: (place: { width: Inches; height: Inches }) => Parts,
  seam: Inches,
): BackPanel[] {
  const size = (along: Inches, across: Inches) =>
    isLevel
      ? { width: raw(across, seam), height: raw(along, seam) }
      : { width: raw(along, seam), height: raw(across, seam) }
  let start = 0
  return panels.map((panel): BackPanel => {
    const down = panel.rows.reduce((sum, row) => sum + row.height, 0)
    let below = 0
    const units = rowsOf(panel, partsOf).map((row): BackUnit => {
      let beside = start
      const pieces = row.pieces.map(({ scrap, width }): BackPiece => {
        const [x, y] = isLevel ? [below, beside] : [beside, below]
        beside += width
        return { thing: scrap ? scrap.source : null, ...size(width, row.height), x, y }
      })
      below += row.height
      return { ...size(panel.width, row.height), pieces }
    })
    start += panel.width
    return { ...size(panel.width, down), units }
  })
}

/** The rows of a panel, places to be bought cut into as many parts as the cloth needs. */
function rowsOf({ rows }: FilledPanel, partsOf: (place: { width: Inches; height: Inches }) => Parts): FilledRow[] {
  return rows.flatMap(({ height, pieces }): FilledRow[] => {
    const [only] = pieces
    if (!only || only.scrap) return [{ height, pieces }]
    const { along, across } = partsOf({ width: only.width, height })
    return across.map(part => ({
      height: height * part,
      pieces: along.map(share => ({ ...only, width: only.width * share })),
    }))
  })
}

function boughtOf(panels: readonly BackPanel[]): PiecedBack['bought'] {
  const found = new Map<string, { width: Sum; height: Sum; count: number }>()
  for (const { units } of panels)
    for (const { pieces } of units)
      for (const { thing, width, height } of pieces) {
        if (thing !== null) continue
        const key = `${lengthKey(width.total)} ${lengthKey(height.total)}`
        const known = found.get(key)
        if (known) known.count += 1
        else found.set(key, { width, height, count: 1 })
      }
  return [...found.values()]
}
