// In: a tray of sewn blocks. Out: each kind as cloth in pieces, one a block; the block in its place is trimmed from it.
import type { Inches } from '../measure/ruler'
import type { Cloth } from './quilt'
import type { ParsedQuilt } from './schema'

/** A block may be smaller than its place by as much: the seams beside it take up the rest. Source: handbook §7. */
export const EASE_OF_SEWN: Inches = 1 / 8

/** The cloth that stands for a kind of sewn blocks. */
export function trayClothId(tray: string): string {
  return `tray:${tray}`
}

/** The tray as cloths. Nothing is bought of them, and nothing else is cut from them. */
export function trayCloths({ tray }: Pick<ParsedQuilt, 'tray'>, letters: readonly string[]): Cloth[] {
  return tray.map(({ id, name, width, height = width, count, colour, picture }, i): Cloth => {
    const [usable, usableLength] = [width + EASE_OF_SEWN, height + EASE_OF_SEWN]
    return {
      id: trayClothId(id),
      name: name ?? id,
      letter: letters[i]!,
      colour,
      pattern: 'plain',
      form: 'piece',
      width,
      length: height,
      count,
      selvage: 0,
      usable,
      usableLength,
      longestStrip: Math.max(usable, usableLength),
      directional: false,
      shrink: 0,
      tray: id,
      ...(picture === undefined ? {} : { picture }),
    }
  })
}

/** Cloths that are cloth: what is sewn already stands among them for the cutting alone. */
export function fabricsOf<T extends Pick<Cloth, 'tray'>>(cloths: readonly T[]): T[] {
  return cloths.filter(({ tray }) => tray === undefined)
}
