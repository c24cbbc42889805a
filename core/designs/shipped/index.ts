import type { Design } from '../design'
import { ANGLES, PICTURES } from './angles'
import { CHECKS, PARTIAL_SEAMS, STRIPS } from './checkerboards'
import { LOGS } from './logs'
import { MORE_STARS } from './moreStars'
import { NINE_PATCH_TRIANGLES } from './ninePatchTriangles'
import { SQUARES } from './squares'
import { STARS } from './stars'
import { TRIANGLES } from './triangles'
import { GEESE, GRID_TRIANGLES } from './gridTriangles'

/** Every design that ships with Wren, family by family. A new one is a few lines in its family's file. */
export const SHIPPED_DESIGNS: readonly Design[] = [
  ...SQUARES,
  ...CHECKS,
  ...STRIPS,
  ...TRIANGLES,
  ...NINE_PATCH_TRIANGLES,
  ...GRID_TRIANGLES,
  ...GEESE,
  ...STARS,
  ...MORE_STARS,
  ...LOGS,
  ...ANGLES,
  ...PICTURES,
  ...PARTIAL_SEAMS,
]
