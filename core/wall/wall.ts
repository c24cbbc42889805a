// In: a quilt and where its blocks lie. Out: the wall: each place with its look, which touch, and which lie near.
import Flatbush from 'flatbush'
import type { Cell, Quilt } from '../file/quilt'
import { boundingBox, cornerMean, type Point, type Polygon } from '../geometry/polygon'
import type { Inches } from '../measure/ruler'
import type { Dimensions } from '../top/dimensions'
import { outlineOf } from '../top/regions/region'
import { contactsOf, type Contact, type FixedNeighbour } from './contacts'
import { faceOf, type Face } from './face'
import { paletteOf, type Palette } from './palette'

/** A block in its place. */
export interface WallPlace {
  row: number
  column: number
  cell: Cell
  face: Face
  middle: Point
  /** From its own upper left corner clockwise. */
  outline: Polygon
  /** Of its patches by their areas, L*. */
  lightness: number
}

/** All blocks as they hang: every judgement of a layout, and every rearranging, reads this. */
export interface Wall {
  places: readonly WallPlace[]
  contacts: readonly Contact[]
  fixed: readonly FixedNeighbour[]
  palette: Palette
  /** From the middle of a block to the middle of the nearest, usually. */
  spacing: Inches
}

const known = new WeakMap<Quilt, Wall>()

/** The wall of a quilt, found once. */
export function wallOf(quilt: Quilt, dimensions: Dimensions): Wall {
  const wall = known.get(quilt) ?? hung(quilt, dimensions)
  known.set(quilt, wall)
  return wall
}

function hung(quilt: Quilt, { setting, top }: Dimensions): Wall {
  // of a framed block the whole: rows join it so
  const regions = setting.rows.flatMap(row => row.regions)
  const blocks = regions.flatMap(region => {
    const { part, fabric } = region
    return part.kind === 'block' && 'cell' in fabric
      ? [{ row: part.row, column: part.column, cell: fabric.cell, outline: outlineOf(region) }]
      : []
  })
  const used = new Set<string>()
  for (const { cell } of blocks) for (const cloth of faceOf(quilt, cell).shares.keys()) used.add(cloth)
  const still = top.regions.flatMap(region => {
    const { part, fabric } = region
    const isBeside = part.kind === 'border' || part.kind.endsWith('triangle') || part.kind === 'end'
    if (!isBeside || !('cloth' in fabric)) return []
    used.add(fabric.cloth)
    return [{ cloth: fabric.cloth, outline: outlineOf(region) }]
  })
  const palette = paletteOf(quilt.cloths, used)
  const places = blocks
    .sort((a, b) => a.row - b.row || a.column - b.column)
    .map((block): WallPlace => {
      const face = faceOf(quilt, block.cell)
      return { ...block, face, middle: cornerMean(block.outline), lightness: lightnessOf(face, palette) }
    })
  // borders lie round the setting, so blocks are moved in by them
  const [within, alone] = [top.regions.at(-1)!, setting.regions.at(-1)!]
  const [left, above] = [within.x - alone.x, within.y - alone.y]
  const moved = still.map(({ cloth, outline }) => ({
    cloth,
    outline: outline.map(([x, y]): Point => [x - left, y - above]),
  }))
  return { places, ...contactsOf(places, moved), palette, spacing: spacingOf(places) }
}

function lightnessOf({ shares }: Face, { numbers, labs }: Palette): number {
  return [...shares].reduce((sum, [cloth, share]) => sum + share * labs[numbers.get(cloth)!]!.l, 0)
}

function spacingOf(places: readonly WallPlace[]): Inches {
  if (places.length < 2) return places.length === 0 ? 1 : widthOf(places[0]!)
  const index = middlesOf(places)
  const nearest = places.map(({ middle: [x, y] }, i) => {
    const [next] = index.neighbors(x, y, 1, Infinity, other => other !== i)
    const [u, v] = places[next!]!.middle
    return Math.hypot(u - x, v - y)
  })
  return nearest.sort((a, b) => a - b)[Math.floor(nearest.length / 2)]!
}

function widthOf({ outline }: WallPlace): Inches {
  return boundingBox(outline).width
}

function middlesOf(places: readonly WallPlace[]): Flatbush {
  const index = new Flatbush(places.length)
  for (const { middle } of places) index.add(...middle)
  index.finish()
  return index
}

/** How far apart the middles of blocks side by side lie at most, and of those at a corner, in spacings. */
export const SIDE_REACH = 1.2
export const CORNER_REACH = 1.6

/** For each place those within so many spacings, with how many. */
export function placesNear({ places, spacing }: Wall, most: number): (readonly { at: number; distance: number }[])[] {
  if (places.length === 0) return []
  const index = middlesOf(places)
  const reach = most * spacing
  return places.map(({ middle: [x, y] }, i) =>
    index
      .search(x - reach, y - reach, x + reach, y + reach, other => other !== i)
      .sort((a, b) => a - b)
      .flatMap(at => {
        const [u, v] = places[at]!.middle
        const distance = Math.hypot(u - x, v - y) / spacing
        return distance <= most ? [{ at, distance }] : []
      }),
  )
}
