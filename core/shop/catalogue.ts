import { INCHES_PER_CM, type Inches } from '../measure/ruler'
import type { Ware } from './ware'

/** A ware with what a metre of it costs as a rule, and what lies on a fresh bolt. */
export interface Stocked extends Ware {
  metre: number
  bolt: Inches
}

const METRE = 100 * INCHES_PER_CM

/** name, colour, pattern, width in inches, price of a metre; bolts of 12 m unless it is said. */
type WareLine = readonly [name: string, colour: string, pattern: string, width: number, metre: number, bolt?: number]

const LINES: readonly WareLine[] = [
  ['Chimney soot', '#2b2a2c', 'plain', 44, 12.4],
  ['Wet slate', '#4b545c', 'plain', 44, 12.4],
  ['Platform stone', '#8b8d8c', 'plain', 44, 12.4],
  ['Morning mist', '#c9ced0', 'dots', 44, 13.8],
  ['Timetable paper', '#efe6cf', 'plain', 44, 11.6, 20],
  ['Oat biscuit', '#d9c6a0', 'check', 44, 13.8],
  ['Signal lamp', '#a8322c', 'plain', 44, 12.9],
  ['Brick arch', '#8c4a36', 'check', 44, 13.8],
  ['Rust rivet', '#b5673a', 'dots', 42, 14.5],
  ['Brass rail', '#c9973a', 'plain', 44, 12.9],
  ['Straw hat', '#e3c878', 'sprig', 42, 15.2],
  ['Verge grass', '#5b744c', 'plain', 44, 12.9],
  ['Fern bank', '#3d5a41', 'sprig', 42, 15.2],
  ['Lichen', '#a9b48c', 'dots', 44, 13.8],
  ['Night mail', '#26365e', 'plain', 44, 12.9],
  ['Canal blue', '#4a6d91', 'stripe', 44, 14.5],
  ['Washday sky', '#a9c3d6', 'plain', 44, 12.4],
  ['Heather moor', '#7a5c84', 'sprig', 42, 15.2],
  ['Rose hip', '#c77382', 'sprig', 42, 15.2],
  ['Pinafore stripe', '#d8dfe6', 'stripe', 44, 14.5, 6],
  ['Wide cream back', '#efe8d8', 'plain', 108, 24.8, 15],
  ['Wide indigo back', '#2c3b60', 'plain', 108, 26.4, 15],
  ['Wide moss back', '#66755a', 'dots', 108, 26.4, 9],
  ['Unbleached muslin', '#e8dec6', 'plain', 60, 9.8, 30],
]

/** What the shop keeps. Made up, like the shop. */
export const CATALOGUE: readonly Stocked[] = LINES.map(([name, colour, pattern, width, metre, bolt = 12]) => ({
  id: name.toLowerCase().replaceAll(' ', '-'),
  name,
  colour,
  pattern,
  width,
  selvage: 1,
  directional: pattern === 'stripe' || pattern === 'sprig',
  metre,
  bolt: bolt * METRE,
}))
