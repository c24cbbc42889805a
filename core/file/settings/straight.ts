import type { Problem } from '../problem'
import { differ, fullRows, type StandingBlock, type SettingRules } from './settingRules'

/** Blocks side by side in rows and columns. */
export const straight: SettingRules = {
  standing: 'on-side',
  joined: 'row',
  shifted: null,
  ends: [],
  hasTriangles: false,
  canFloat: false,
  hasOwnRows: false,
  ownSizes: ['row', 'column', 'place'],
  plainRows: true,
  sashing: { between: ['both', 'rows', 'columns'], stones: 'free', canBePieced: true, isOuter: false },
  lengths: fullRows,
  columnOf: (_, __, place) => place,
  sizeProblems,
}

/** All blocks of a column are as wide as each other, and all of a row as high. */
function sizeProblems(placed: readonly (readonly StandingBlock[])[]): Problem[] {
  return placed.flatMap((line, r) =>
    line.flatMap(({ width, height, path }, c): Problem[] => {
      const widths = [placed[0]![c]!.width, width] as const
      const heights = [line[0]!.height, height] as const
      if (differ(...widths)) return [{ code: 'sizes-differ', path, place: 'column', at: c, sizes: widths }]
      return differ(...heights) ? [{ code: 'sizes-differ', path, place: 'row', at: r, sizes: heights }] : []
    }),
  )
}
