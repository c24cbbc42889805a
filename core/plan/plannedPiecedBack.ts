import type { BackPiece, PiecedBack } from '../layers/leftovers/pieceBack'
import type { BackThing } from '../layers/leftovers/things'
import { explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { shortHash } from '../measure/shortHash'
import type { Sum } from '../measure/sum'

/** A back sewn from what is left, in the order of sewing: pieces to units, units to panels, panels to the back. */
export interface PlannedPiecedBack {
  /** Panels lie side by side, or one below the other. */
  panelsLie: 'beside' | 'below'
  /** Sizes raw; where each piece lies is finished, from the upper left. */
  panels: {
    id: string
    width: Inches
    height: Inches
    units: { id: string; width: Inches; height: Inches; pieces: PlannedBackPiece[] }[]
  }[]
  /** What is cut up for it; pieces name these by their places. */
  things: PlannedBackThing[]
  /** Things that are not needed. */
  unused: number
  /** To be cut from new cloth. */
  bought: { width: Inches; height: Inches; count: number }[]
  /** Part of the back that must be bought. */
  missing: number
}

export interface PlannedBackPiece {
  /** By its place among the things; null where it is cut from new cloth. */
  thing: number | null
  width: Inches
  height: Inches
  x: Inches
  y: Inches
}

export interface PlannedBackThing {
  from: BackThing['from']
  cloth: string | null
  name: string
  width: Inches
  height: Inches
}

/** A back from leftovers as the plan tells it. */
export function plannedPiecedBack(back: PiecedBack): Explainable<PlannedPiecedBack> {
  const { panels, things, isLevel, bought, filled } = back
  const used = things.flatMap((_, i) => (isUsed(i) ? [i] : []))
  function isUsed(thing: number): boolean {
    return panels.some(({ units }) => units.some(({ pieces }) => pieces.some(piece => piece.thing === thing)))
  }
  const places = new Map(used.map((thing, i) => [thing, i]))
  const area = filled.panels.reduce((sum, panel) => sum + panel.width * heightOf(panel), 0)
  const size = ({ width, height }: { width: Sum; height: Sum }) => ({
    width: explained(width),
    height: explained(height),
  })
  return {
    panelsLie: isLevel ? 'below' : 'beside',
    panels: panels.map((panel, p) => ({
      id: idOf(
        `panel ${p}`,
        panel.units.flatMap(({ pieces }) => pieces),
        things,
      ),
      ...size(panel),
      units: panel.units.map((unit, u) => ({
        id: idOf(`unit ${p} ${u}`, unit.pieces, things),
        ...size(unit),
        pieces: unit.pieces.map(({ thing, x, y, ...piece }) => ({
          thing: thing === null ? null : places.get(thing)!,
          ...size(piece),
          x,
          y,
        })),
      })),
    })),
    things: used.map(thing => {
      const { from, cloth, name, width, height } = things[thing]!
      return { from, cloth, name, width: explained(width), height: explained(height) }
    }),
    unused: things.length - used.length,
    bought: bought.map(({ count, ...piece }) => ({ ...size(piece), count })),
    missing: area === 0 ? 0 : filled.missing / area,
  }
}

function heightOf({ rows }: PiecedBack['filled']['panels'][number]): Inches {
  return rows.reduce((sum, { height }) => sum + height, 0)
}

/** The name of its tick: by what is sewn together. */
function idOf(place: string, pieces: readonly BackPiece[], things: readonly BackThing[]): string {
  const told = pieces.map(({ thing, width, height }) => {
    const cloth = thing === null ? 'new' : (things[thing]!.cloth ?? things[thing]!.name)
    return `${cloth} ${width.total.toFixed(3)} ${height.total.toFixed(3)}`
  })
  return `back.${shortHash(`${place} ${told.join(', ')}`)}`
}
