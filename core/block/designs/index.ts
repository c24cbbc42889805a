import type { Design } from '../design'
import { LOGS } from './logs'
import { NINE_PATCH_TRIANGLES } from './ninePatchTriangles'
import { SQUARES } from './squares'
import { STARS } from './stars'
import { TRIANGLES } from './triangles'

/** Every design that ships with Wren, family by family. A new one is a few lines in its family's file. */
export const SHIPPED_DESIGNS: readonly Design[] = [...SQUARES, ...TRIANGLES, ...NINE_PATCH_TRIANGLES, ...STARS, ...LOGS]
