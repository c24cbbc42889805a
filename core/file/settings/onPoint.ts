import type { Problem } from '../problem'
import { differ, type StandingBlock, type SettingRules } from './settingRules'

/** Blocks on a corner; every second row stands between those of the one above, with triangles along the edge. */
export const onPoint: SettingRules = {
  standing: 'on-corner',
  joined: 'diagonal',
  shifted: null,
  ends: [],
  hasTriangles: true,
  canFloat: true,
  hasOwnRows: false,
  ownSizes: ['place'],
  plainRows: false,
  // the edge runs through the middle of the outer cornerstones
  sashing: { between: ['both'], stones: 'always', canBePieced: false, isOuter: true },
  lengths: ({ across, down }) => Array.from({ length: 2 * down - 1 }, (_, r) => across - (r % 2)),
  columnOf: (_, __, place) => place,
  sizeProblems,
}

/** All blocks are square and of one size. */
function sizeProblems(placed: readonly (readonly StandingBlock[])[]): Problem[] {
  const side = placed[0]![0]!.width
  return placed.flatMap((line, r) =>
    line.flatMap(({ width, height, path }): Problem[] => {
      if (differ(width, height)) return [{ code: 'not-together', path, what: 'on-corner-not-square' }]
      return differ(width, side) ? [{ code: 'sizes-differ', path, place: 'all', at: r, sizes: [side, width] }] : []
    }),
  )
}
