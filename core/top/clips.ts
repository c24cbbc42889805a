import type { QuiltRow } from './rows'

/** The clips that keep a row in order: two alike, on its first block and its last. */
export interface RowClips {
  colour: string
  /** Dots drawn on both, where there are more rows than colours. */
  dots: number
}

/** In: the colours of the quilter's clips. Out: them in order, each once, however it is written. */
export function clipColours(written: readonly string[]): string[] {
  const colours = new Map(written.map(colour => colour.trim()).map(colour => [colour.toLowerCase(), colour]))
  return [...colours.values()].filter(colour => colour !== '')
}

/**
 * Which clips a row has: the colours in turn, and a dot more each time they begin again. Rows of sashes and corners
 * need none. Kept by the row's number, so that they outlive a change of what stands in it.
 */
export function clipsOf(written: readonly string[], { kind, row }: Pick<QuiltRow, 'kind' | 'row'>): RowClips | null {
  const colours = clipColours(written)
  if (colours.length === 0 || kind === 'sash' || kind === 'corner') return null
  return { colour: colours[(row - 1) % colours.length]!, dots: Math.floor((row - 1) / colours.length) }
}
