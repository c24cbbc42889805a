import type { QuiltFile } from '~~/core/file/schema'

/** A quilt as it is written into a file: the same text for the same quilt, on every computer. */
export const quiltText = (file: QuiltFile) => `${JSON.stringify(file, null, 2)}\n`
