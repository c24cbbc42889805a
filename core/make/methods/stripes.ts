import { atOrigin } from '../../geometry/handOf'
import { boundingBox, type Point, type Polygon } from '../../geometry/polygon'
import type { PieceDraft } from './method'
import type { DressedUnit } from '../units/dressedUnit'
import { outlineReasons } from './template'

/** Where a corner or a side comes to lie after a quarter turn clockwise. */
const TURNED: Readonly<Record<string, string>> = {
  nw: 'ne',
  ne: 'se',
  se: 'sw',
  sw: 'nw',
  north: 'east',
  east: 'south',
  south: 'west',
  west: 'north',
}
/** Stripes look alike upside down: opposite corners of a square serve each other. */
const ALIKE: Readonly<Record<string, string>> = { se: 'nw', sw: 'ne', south: 'north', west: 'east' }

/** Whether stripes run slanted in one of its patches: then only a template can be laid on them. */
export function hasSlantedStripes(unit: DressedUnit): boolean {
  return unit.patches.some(({ stripes = 0 }) => stripes % 90 !== 0)
}

/**
 * A piece as it lies on striped cloth, whose stripes run along the length: turned until they run in it as they are to
 * run in the patch. Triangles from opposite corners of a square are counted together.
 */
export function onStripes(draft: PieceDraft, unit: DressedUnit): PieceDraft {
  const stripes = draft.stripes ?? unit.patches.find(patch => draft.slots.includes(patch.slot))?.stripes
  if (stripes === undefined) return draft
  const turned = {
    ...(draft.outline ? turnedOutline(draft, draft.outline, stripes) : stripes === 90 ? quarterTurned(draft) : draft),
    isStriped: true,
  }
  const { pool } = turned
  if (pool?.corner === undefined) return turned
  return { ...turned, pool: { ...pool, corner: ALIKE[pool.corner] ?? pool.corner, perCorner: 2 } }
}

function quarterTurned(draft: PieceDraft): PieceDraft {
  const { width, height, exact, why, pool } = draft
  const turned: PieceDraft = {
    ...draft,
    width: height,
    height: width,
    exact: { width: exact.height, height: exact.width },
    why: { width: why.height, height: why.width },
  }
  return pool?.corner === undefined ? turned : { ...turned, pool: { ...pool, corner: TURNED[pool.corner] } }
}

/**
 * A template turned back by the angle of its stripes, so that they stand upright; of that and upside down, the one
 * that sorts first.
 */
function turnedOutline(draft: PieceDraft, patch: Polygon, degrees: number): PieceDraft {
  const cos = Math.cos((degrees * Math.PI) / 180)
  const sin = Math.sin((degrees * Math.PI) / 180)
  const upright = patch.map(([x, y]): Point => [x * cos + y * sin, y * cos - x * sin])
  const [outline] = [upright, upright.map(([x, y]): Point => [-x, -y])]
    .map(atOrigin)
    .sort((a, b) => (lookOf(a) < lookOf(b) ? -1 : 1)) as [Polygon]
  const { width, height } = boundingBox(outline)
  return { ...draft, width, height, exact: { width, height }, why: outlineReasons(outline), outline }
}

function lookOf(outline: Polygon): string {
  return outline
    .map(([x, y]) => `${(x + 1e-7).toFixed(4)},${(y + 1e-7).toFixed(4)}`)
    .sort()
    .join(' ')
}
