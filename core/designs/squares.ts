import type { SquarePicture } from './chart'
import type { Patch } from './design'
import { rectangle } from './draft'

/** The most squares that a picture has along a side. */
export const MAX_SQUARES = 200

/** A picture in squares as patches, row by row from the top: the letter is the role, with its number among scraps. */
export function squarePatches(picture: SquarePicture): Patch[] {
  const roles = squareRoles(picture)
  return picture.rows.flatMap((row, y) => [...row].flatMap((_, x) => rectangle(roles[y]![x]!, x, y, 1, 1)))
}

/**
 * The role of each square, row by row from the top. Several scraps under one letter are used by turns in the order of
 * reading: the first wears the letter, the others its letter with their number.
 */
export function squareRoles({ rows, chart }: SquarePicture): string[][] {
  const roles = rows.map(row => [...row])
  const taken = new Map<string, number>()
  const inOrder = <T>(list: readonly T[], isTurned: boolean) => (isTurned ? [...list].reverse() : list)
  const columns = inOrder([...roles[0]!.keys()], chart.side === 'right')
  for (const row of inOrder(roles, chart.from === 'bottom')) {
    for (const x of columns) {
      const letter = row[x]!
      const scraps = chart.cloths[letter]?.length ?? 1
      if (scraps < 2) continue
      const turn = taken.get(letter) ?? 0
      taken.set(letter, turn + 1)
      row[x] = scrapRole(letter, turn % scraps)
    }
  }
  return roles
}

/** The role of a scrap by its place among those of its letter. */
export function scrapRole(letter: string, scrap: number): string {
  return scrap === 0 ? letter : `${letter}${scrap + 1}`
}

/** The letter of a role of a picture. */
export function letterOf(role: string): string {
  return [...role][0]!
}

/** Of so many spare squares of a letter those cut from one of its scraps: the first take those that are left over. */
export function spareOfRole(role: string, spare: number, scraps: number): number {
  const scrap = Number([...role].slice(1).join('') || 1) - 1
  return Math.floor((spare + scraps - 1 - scrap) / scraps)
}
