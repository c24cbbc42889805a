import type { Problem } from '../problem'
import { differ, fullRows, type StandingBlock, type SettingRules } from './settingRules'

/** Rows of their own blocks and height, each so far from the edge; what one lacks in width is filled with cloth. */
export const ownRows: SettingRules = {
  standing: 'on-side',
  joined: 'row',
  shifted: null,
  ends: ['cloth'],
  hasTriangles: false,
  canFloat: false,
  hasOwnRows: true,
  ownSizes: ['row', 'place'],
  plainRows: false,
  sashing: { between: ['rows'], stones: 'none', canBePieced: false, isOuter: false },
  lengths: counts => counts.rows?.map(({ cells }) => cells.length) ?? fullRows(counts),
  columnOf: (_, __, place) => place,
  sizeProblems,
}

/** In a row all blocks are as high as each other. */
function sizeProblems(placed: readonly (readonly StandingBlock[])[]): Problem[] {
  return placed.flatMap((line, at) =>
    line.flatMap(({ height, path }): Problem[] => {
      const sizes = [line[0]!.height, height] as const
      return differ(...sizes) ? [{ code: 'sizes-differ', path, place: 'row', at, sizes }] : []
    }),
  )
}
