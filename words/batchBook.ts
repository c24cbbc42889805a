import type { RecipeJoin } from '../core/make/joins/joins'
import type { Recipe, RecipeUnit } from '../core/recipes/recipe'
import type { Piece } from '../core/cut/piece'
import type { QuiltRow } from '../core/top/rows'
import type { ClothNames } from './joinedPart'
import type { Speech } from './speech'

/** What batches are told by: units by the keys of their demands, joins and rows by the names of their ticks. */
export interface BatchBook {
  units: ReadonlyMap<string, RecipeUnit>
  joins: ReadonlyMap<string, { join: RecipeJoin; recipe: Recipe }>
  pieces: ReadonlyMap<string, Piece>
  rows: ReadonlyMap<string, readonly QuiltRow[]>
  /** All that are joined, in their order: corners are sewn on at the end. */
  joined: readonly QuiltRow[]
  cloths: ClothNames
  blocks: ReadonlyMap<string, string>
  /** Colours of the quilter's clips. */
  clips: readonly string[]
  speech: Speech
}

interface Planned {
  recipes: readonly Recipe[]
  rows: readonly QuiltRow[]
  pieces: readonly Piece[]
}

/** A book of what was planned, in the names and the speech of a quilter. */
export function batchBook(
  { recipes, rows, pieces }: Planned,
  told: Pick<BatchBook, 'cloths' | 'blocks' | 'clips' | 'speech'>,
): BatchBook {
  const byId = new Map<string, QuiltRow[]>()
  for (const row of rows) byId.set(row.id, [...(byId.get(row.id) ?? []), row])
  return {
    units: new Map(recipes.flatMap(({ units }) => units.map(unit => [unit.key, unit] as const))),
    joins: new Map(recipes.flatMap(recipe => recipe.joins.map(join => [join.id, { join, recipe }] as const))),
    pieces: new Map(pieces.map(piece => [piece.id, piece])),
    rows: byId,
    joined: rows.filter(({ kind }) => kind !== 'corner'),
    ...told,
  }
}
