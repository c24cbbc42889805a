// In: a quilt. Out: which of its cloths touch each other, and how far apart they are in lightness.
import { clothsOfCell } from '../file/clothsOfCell'
import { blockOf, clothOf, designOf, type Quilt } from '../file/quilt'
import type { Point, Polygon } from '../geometry/polygon'
import { labOf, lightness, meltingOf } from '../measure/lightness'
import type { Dimensions } from '../top/dimensions'
import { placesOf } from '../top/places'
import { outlineOf, type Region } from '../top/regions/region'
import { contactsOf } from './contacts'
import { faceOf, type Face } from './face'
import { touchingRoles } from './melting'
import { eachMeeting } from './touching'

export interface TouchingCloths {
  cloths: readonly [string, string]
  /** In L*, of a hundred. */
  difference: number
  /** Where they are nearly as light as each other: their colours tell them apart. */
  isHeld: boolean
  /** Blocks within which they touch, by id. */
  blocks: string[]
  /** They touch along seams between blocks, sashes, borders. */
  isBetween: boolean
}

/** Every two cloths that are sewn to each other, those nearest in lightness first. */
export function touchingCloths(quilt: Quilt, dimensions: Dimensions): TouchingCloths[] {
  const pairs = new Map<string, TouchingCloths>()
  const pairOf = (one: string, other: string): TouchingCloths => {
    const cloths = [one, other].sort() as [string, string]
    const key = JSON.stringify(cloths)
    const known = pairs.get(key)
    if (known) return known
    const [a, b] = cloths.map(id => clothOf(quilt, id).colour) as [string, string]
    const difference = Math.abs(lightness(a) - lightness(b))
    const { isHeld = true } = meltingOf(labOf(a), labOf(b)) ?? {}
    const pair = { cloths, difference, isHeld, blocks: [], isBetween: false }
    pairs.set(key, pair)
    return pair
  }
  for (const [cell] of placesOf(quilt)) {
    const { derived } = blockOf(quilt, cell.block)
    const block = derived?.what === 'half' ? derived.of : cell.block
    const cloths = clothsOfCell(quilt, cell)
    for (const { roles } of touchingRoles(designOf(quilt, blockOf(quilt, cell.block)))) {
      const [one, other] = [cloths[roles[0]]!, cloths[roles[1]]!]
      if (one === other) continue
      const { blocks } = pairOf(one, other)
      if (!blocks.includes(block)) blocks.push(block)
    }
  }
  const parts = partsOf(quilt, dimensions)
  for (const contact of contactsOf(parts, []).contacts)
    eachMeeting(parts[contact.a]!, parts[contact.b]!, contact, (one, other) => {
      if (one !== other) pairOf(one, other).isBetween = true
    })
  return [...pairs.values()].sort((a, b) => a.difference - b.difference || (a.cloths.join() < b.cloths.join() ? -1 : 1))
}

type Part = Pick<Face, 'sides'> & { outline: Polygon }

/** All that is joined to each other: blocks in their frames, sashes, cornerstones, what fills the edge, borders. */
function partsOf(quilt: Quilt, { setting, top }: Dimensions): Part[] {
  const blocks = setting.rows.flatMap(({ regions }) => regions).filter(isBlock)
  const others = top.regions.filter(region => !isBlock(region) && !WITHIN.has(region.part.kind))
  // borders lie round the setting: what stands in the whole top is moved to where its rows are told
  const [within, alone] = [top.regions.at(-1), setting.regions.at(-1)]
  const [left, above] = within && alone ? [within.x - alone.x, within.y - alone.y] : [0, 0]
  return [
    ...blocks.map(region => partOf(quilt, region, [0, 0])),
    ...others.map(region => partOf(quilt, region, [left, above])),
  ]
}

const isBlock = ({ part }: Region) => part.kind === 'block' || part.kind === 'half-block'
/** Frames are told of with their block; the binding is sewn to the edge alone. */
const WITHIN = new Set<Region['part']['kind']>(['frame', 'binding'])

function partOf(quilt: Quilt, region: Region, [left, above]: Point): Part {
  const outline = outlineOf(region).map(([x, y]): Point => [x - left, y - above])
  const { fabric } = region
  if ('cell' in fabric) return { outline, sides: faceOf(quilt, fabric.cell).sides }
  const sides = outline.map(([x, y], i) => {
    const [u, v] = outline[(i + 1) % outline.length]!
    return [{ cloth: fabric.cloth, from: 0, to: Math.hypot(u - x, v - y) }]
  })
  return { outline, sides }
}
