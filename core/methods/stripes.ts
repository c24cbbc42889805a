import type { Point } from '../geometry/polygon'
import type { DressedUnit, PieceDraft } from './method'

/** Where a corner or a side comes to lie after a quarter turn clockwise. */
const TURNED: Readonly<Record<string, string>> = { nw: 'ne', ne: 'se', se: 'sw', sw: 'nw', north: 'east', east: 'south', south: 'west', west: 'north' }
/** Stripes look alike upside down: opposite corners of a square serve each other. */
const ALIKE: Readonly<Record<string, string>> = { se: 'nw', sw: 'ne', south: 'north', west: 'east' }

/**
 * A piece as it lies on striped cloth, whose stripes run along the length. Where they are to run level in the patch the piece is
 * cut a quarter turn round; and triangles from opposite corners of a square are counted together.
 */
export function onStripes(draft: PieceDraft, unit: DressedUnit): PieceDraft {
  const stripes = unit.patches.find(patch => draft.slots.includes(patch.slot))?.stripes
  if (stripes === undefined) return draft
  const turned = { ...(stripes === 'level' ? quarterTurned(draft) : draft), isStriped: true }
  const { pool } = turned
  if (pool?.corner === undefined) return turned
  return { ...turned, pool: { ...pool, corner: ALIKE[pool.corner] ?? pool.corner, needed: Math.ceil(pool.needed / 2) } }
}

function quarterTurned(draft: PieceDraft): PieceDraft {
  const { width, height, exact, pool, outline } = draft
  return {
    ...draft, width: height, height: width, exact: { width: exact.height, height: exact.width },
    ...(pool?.corner === undefined ? {} : { pool: { ...pool, corner: TURNED[pool.corner] } }),
    ...(outline ? { outline: outline.map(([x, y]): Point => [height - y, x]) } : {}),
  }
}
