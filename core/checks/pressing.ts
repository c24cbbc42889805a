import { seamsOf } from '../pressing/signatures'
import { timesPlaced } from '../top/places'
import type { Check, Checker } from './check'
import { inBlock, inPressing } from './place'

/** Crossings at which both allowances lie the same way, whatever is done: said, with how many there are in all. */
export const seamsDoNotNest: Checker = ({ plan }) => {
  const { nest, open, clash } = plan.pressing.crossings
  if (clash.length === 0) return []
  const data = { clashes: clash.length, crossings: nest + open + clash.length }
  return [{ id: 'seams-do-not-nest', severity: 'note', ...inPressing, data }] satisfies Check[]
}

/** So many seams in one point are hard to lay flat: half as many again as where four patches meet twice over. */
const BULKY = 8

/** Points where eight seams or more meet, each seam that runs through counted on both sides of it. */
export const bulkyCrossings: Checker = ({ quilt, makes }) =>
  quilt.blocks.flatMap(({ id, name, derived }, i): Check[] => {
    const make = makes.get(id)
    if (!make || derived || timesPlaced(quilt, id) === 0) return []
    const counts = seamsOf(make).meetings.map(({ through, rays }) => rays.length + (through === null ? 0 : 2))
    const seams = Math.max(0, ...counts)
    if (seams < BULKY) return []
    const places = counts.filter(count => count === seams).length
    return [{ id: 'bulky-crossing', severity: 'note', ...inBlock(i), data: { block: name, seams, places } }]
  })
