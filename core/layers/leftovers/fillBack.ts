// In: leftovers and the size of a back. Out: the back in panels of rows of pieces, and the places to buy cloth for.
import { chanceFrom, type Chance } from '../../measure/chance'
import { TOLERANCE, type Inches } from '../../measure/ruler'

/** What is left of a cloth: a place on one of the things in hand, raw. */
export interface Scrap {
  /** Which thing it is cut from, and where on it. */
  source: number
  x: Inches
  y: Inches
  width: Inches
  height: Inches
  /** Whether it may lie the other way round: a print with an up may not. */
  turn: boolean
  /** Sewn already: it is used as it is or not at all. */
  isWhole?: boolean
}

/** A piece in its row; `width` runs along the row, finished. `scrap`: null where cloth is to be bought. */
export interface FilledPiece {
  scrap: Scrap | null
  isTurned: boolean
  width: Inches
}
export interface FilledRow {
  height: Inches
  pieces: FilledPiece[]
}
/** Rows one below the other, all as wide as the panel. */
export interface FilledPanel {
  width: Inches
  rows: FilledRow[]
}
/** Panels side by side; or, `isLevel`, one below the other, their rows then standing upright. All sizes finished. */
export interface FilledBack {
  isLevel: boolean
  panels: FilledPanel[]
  /** Area that no leftover covers, area of cloth bought for it, area cut off leftovers and lost; pieces of them. */
  missing: number
  bought: number
  lost: number
  pieces: number
}

export interface BackQuestion {
  scraps: readonly Scrap[]
  /** Finished: a seam less on each side than the raw back. */
  width: Inches
  height: Inches
  seam: Inches
  seed: number
  /** No piece is narrower than this, finished. */
  narrowest: Inches
  /** No seam between panels lies in the middle, where a quilt is folded. */
  isOffCentre?: boolean
  /** Area of cloth that must be bought for what leftovers do not cover. */
  bought: (panels: readonly FilledPanel[], isLevel: boolean) => number
}

const MAX_IN_ROW = 6
const WIDTHS = 6
const LEADERS = 8
/** Each piece more is worth as much trouble as so many square inches lost. Source: finishing experiments. */
const PIECE_WORTH = 12
/** Cloth bought weighs more than cloth lost. */
const BOUGHT_WORTH = 4
const TRIES = 8
/** Nearer to the middle than this a seam is worn by its fold. */
const MIDDLE: Inches = 1.5

/**
 * The best of several backs filled by chance, each greedily: panel after panel as wide as some piece, row after row led
 * by a large piece and filled with what loses least. Everything is taken a seam smaller on each side, pieces and back,
 * so that what remains is an exact division by straight cuts; what is cut off and still large enough is used again. The
 * same seed gives the same back.
 */
export function fillBack(question: BackQuestion): FilledBack {
  const chance = chanceFrom(question.seed)
  const tries = Array.from({ length: TRIES }, (_, i) => fillOnce(question, i % 2 === 1, chance))
  // all of new cloth, where leftovers save none
  const without = [false, true].map(isLevel => fillOnce({ ...question, scraps: [] }, isLevel, chance))
  return [...tries, ...without].reduce((best, other) => (isBetterBack(other, best) ? other : best))
}

/** Less is better: whether another back is worth taking instead of one. */
export function isBetterBack(other: FilledBack, than: FilledBack): boolean {
  return worth(other, other.bought) < worth(than, than.bought) - TOLERANCE
}

function worth({ lost, pieces }: Pick<FilledBack, 'lost' | 'pieces'>, bought: number): number {
  return BOUGHT_WORTH * bought + lost + PIECE_WORTH * pieces
}

/** A scrap with the ways it may lie in a row, finished. */
interface Stock {
  scrap: Scrap
  lies: readonly ThingLie[]
}
interface ThingLie {
  scrap: Scrap
  isTurned: boolean
  width: Inches
  height: Inches
}

interface Filling {
  pool: readonly Stock[]
  isLevel: boolean
  seam: Inches
  narrowest: Inches
  chance: Chance
}

function fillOnce(question: BackQuestion, isLevel: boolean, chance: Chance): FilledBack {
  const { scraps, width, height, seam, narrowest, isOffCentre, bought } = question
  const [across, down] = isLevel ? [height, width] : [width, height]
  const back: FilledBack = { isLevel, panels: [], missing: 0, bought: 0, lost: 0, pieces: 0 }
  const pool = scraps.map(scrap => stockOf(scrap, { isLevel, seam }))
  let filling: Filling = { pool, isLevel, seam, narrowest, chance }
  for (let left = across; left > TOLERANCE;) {
    const isMiddle = (wide: Inches) => isOffCentre && Math.abs(across - left + wide - across / 2) < MIDDLE
    const widths = panelWidths(filling, left).filter(wide => wide === left || !isMiddle(wide))
    const tries = widths.map(wide => fillPanel(filling, wide, down))
    const whole = (panel: PanelFilling) => worth(panel, panel.missing) / panel.panel.width
    const best = tries.reduce((a, b) => (whole(b) < whole(a) - TOLERANCE ? b : a))
    // where a panel would have to be bought whole, all that is left is bought in one
    const isBought = best.pieces === 0
    const panel = isBought ? boughtPanel(left, down) : best.panel
    back.panels.push(panel)
    back.missing += isBought ? left * down : best.missing
    back.lost += best.lost
    back.pieces += best.pieces
    filling = { ...filling, pool: isBought ? filling.pool : best.pool }
    left -= panel.width
  }
  return { ...back, bought: bought(back.panels, isLevel) }
}

function boughtPanel(width: Inches, height: Inches): FilledPanel {
  return { width, rows: [{ height, pieces: [{ scrap: null, isTurned: false, width }] }] }
}

function stockOf(scrap: Scrap, { isLevel, seam }: Pick<Filling, 'isLevel' | 'seam'>): Stock {
  const [w, h] = [scrap.width - 2 * seam, scrap.height - 2 * seam]
  const upright: ThingLie = { scrap, isTurned: false, width: w, height: h }
  const turned: ThingLie = { scrap, isTurned: true, width: h, height: w }
  // rows that stand upright take a print with an up the other way
  if (!scrap.turn) return { scrap, lies: [isLevel ? turned : upright] }
  return { scrap, lies: Math.abs(w - h) < TOLERANCE ? [upright] : [upright, turned] }
}

/** How wide a panel might be: as some of the pieces, one or two together; or all that is left. */
function panelWidths({ pool, seam, narrowest, chance }: Filling, left: Inches): Inches[] {
  if (pool.length === 0) return [left]
  const side = () => {
    const { scrap } = pool[Math.floor(chance.even() * pool.length)]!
    return (chance.even() < 0.5 ? scrap.width : scrap.height) - 2 * seam
  }
  const some = Array.from({ length: WIDTHS }, (_, i) => (i % 2 === 0 ? side() : side() + side()))
  return [left, ...some.filter(wide => wide >= narrowest && wide <= left - narrowest)]
}

interface PanelFilling {
  panel: FilledPanel
  pool: readonly Stock[]
  missing: number
  lost: number
  pieces: number
}

function fillPanel(filling: Filling, width: Inches, height: Inches): PanelFilling {
  const found: PanelFilling = { panel: { width, rows: [] }, pool: filling.pool, missing: 0, lost: 0, pieces: 0 }
  for (let left = height; left > TOLERANCE;) {
    const row = bestRow({ ...filling, pool: found.pool }, width, left)
    if (!row) {
      found.panel.rows.push({ height: left, pieces: [{ scrap: null, isTurned: false, width }] })
      found.missing += width * left
      break
    }
    const { height: deep, taken } = row
    found.panel.rows.push({
      height: deep,
      pieces: taken.map(({ lie: { scrap, isTurned }, width: wide }) => ({ scrap, isTurned, width: wide })),
    })
    const offcuts = taken.flatMap(({ lie, width: wide }) => offcutsOf(lie, wide, deep, filling))
    found.pool = [
      ...found.pool.filter(({ scrap }) => !taken.some(({ lie }) => lie.scrap === scrap)),
      ...offcuts.map(scrap => stockOf(scrap, filling)),
    ]
    found.lost += lostIn(row) - offcuts.reduce((sum, scrap) => sum + scrap.width * scrap.height, 0)
    found.pieces += taken.length
    left -= deep
  }
  return { ...found, lost: Math.max(0, found.lost) }
}

interface Row {
  height: Inches
  taken: { lie: ThingLie; width: Inches }[]
}

/** Area of its pieces that is not in the row. */
function lostIn({ height, taken }: Row): number {
  return taken.reduce((sum, { lie, width }) => sum + lie.width * lie.height - width * height, 0)
}

/** The row that loses least of those led by some large pieces; null where no row can be filled. */
function bestRow({ pool, narrowest, chance }: Filling, width: Inches, most: Inches): Row | null {
  if (pool.length === 0) return null
  let best: Row | null = null
  let least = Infinity
  for (let i = 0; i < LEADERS; i++) {
    // of two taken by chance the larger
    const [a, b] = [pool[Math.floor(chance.even() * pool.length)]!, pool[Math.floor(chance.even() * pool.length)]!]
    const leader = a.scrap.width * a.scrap.height > b.scrap.width * b.scrap.height ? a : b
    for (const lie of leader.lies) {
      const row = fillRow(lie, width, most, { pool, narrowest })
      if (!row) continue
      const lost = (lostIn(row) + PIECE_WORTH * row.taken.length) / row.height
      if (lost < least - TOLERANCE) {
        best = row
        least = lost
      }
    }
  }
  return best
}

/**
 * A part of a length, so that what is left of it is nothing or enough for another piece; 0 where it cannot be. What is
 * whole is not made shorter.
 */
function partOf(side: Inches, left: Inches, { isWhole }: Pick<Scrap, 'isWhole'>, narrowest: Inches): Inches {
  if (isWhole && side > left + TOLERANCE) return 0
  if (side >= left - TOLERANCE) return left
  if (left - side >= narrowest) return side
  if (isWhole) return 0
  const shorter = left - narrowest
  return shorter >= narrowest ? shorter : 0
}

/** What a row may be filled from, and how narrow its pieces may be. */
type Supply = Pick<Filling, 'pool' | 'narrowest'>

function fillRow(leader: ThingLie, width: Inches, most: Inches, supply: Supply): Row | null {
  const { narrowest } = supply
  const height = partOf(leader.height, most, leader.scrap, narrowest)
  if (height < narrowest) return null
  const row: Row = { height, taken: [] }
  let left = width
  for (let lie: ThingLie | null = leader; lie; lie = left > TOLERANCE ? nextInRow(row, left, supply) : null) {
    const wide = partOf(lie.width, left, lie.scrap, narrowest)
    if (wide < narrowest || row.taken.length === MAX_IN_ROW) return null
    row.taken.push({ lie, width: wide })
    left -= wide
  }
  return left > TOLERANCE ? null : row
}

/** What loses least, for each inch of the row that it fills. */
function nextInRow({ height, taken }: Row, left: Inches, { pool, narrowest }: Supply): ThingLie | null {
  let best: ThingLie | null = null
  let least = Infinity
  for (const { lies } of pool)
    for (const lie of lies) {
      if (lie.height < height - TOLERANCE || (lie.scrap.isWhole && lie.height > height + TOLERANCE)) continue
      const wide = partOf(lie.width, left, lie.scrap, narrowest)
      if (wide < narrowest) continue
      const lost = (lie.width * lie.height - wide * height + PIECE_WORTH) / wide
      if (lost >= least - TOLERANCE || taken.some(other => other.lie.scrap === lie.scrap)) continue
      best = lie
      least = lost
    }
  return best
}

/** What stays of a scrap beside the piece and beyond it, where that is large enough to be sewn in. */
function offcutsOf(
  { scrap, isTurned }: ThingLie,
  width: Inches,
  height: Inches,
  { seam, narrowest }: Pick<Filling, 'seam' | 'narrowest'>,
): Scrap[] {
  const [across, down] = isTurned ? [height + 2 * seam, width + 2 * seam] : [width + 2 * seam, height + 2 * seam]
  const beside: Scrap = { ...scrap, x: scrap.x + across, width: scrap.width - across, height: down }
  const below: Scrap = { ...scrap, y: scrap.y + down, height: scrap.height - down }
  return [beside, below].filter(({ width: w, height: h }) => Math.min(w, h) - 2 * seam >= narrowest - TOLERANCE)
}
