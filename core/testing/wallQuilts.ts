import type { QuiltFile } from '../file/schema'
import type { Chance } from '../measure/chance'

/** Twelve colours of which no two look alike, from dark to light. */
export const WALL_COLOURS = [
  '#1d2430',
  '#5c1a1f',
  '#1f4a2c',
  '#2d3f8f',
  '#a3341f',
  '#6b6f2a',
  '#7a4fa0',
  '#2f8f8a',
  '#d2872c',
  '#8fb3dd',
  '#e6b8a8',
  '#efe6cf',
] as const

/** A quilt of plain squares, each in a cloth by its number. */
export function squaresQuilt(
  rows: readonly (readonly number[])[],
  colours: readonly string[] = WALL_COLOURS,
): QuiltFile {
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: colours.map((colour, i) => ({ id: `c${i}`, colour })),
    blocks: [{ id: 'b', design: 'plain', size: 6, cloths: { cloth: 'c0' } }],
    setting: {
      kind: 'straight',
      across: rows[0]!.length,
      down: rows.length,
      cells: rows.map(row => row.map(i => ({ block: 'b', cloths: { cloth: `c${i}` } }))),
    },
  }
}

/** The same list in another order. */
export function shuffled<T>(list: readonly T[], { even }: Chance): T[] {
  const mixed = [...list]
  for (let i = mixed.length - 1; i > 0; i--) {
    const k = Math.floor(even() * (i + 1))
    ;[mixed[i], mixed[k]] = [mixed[k]!, mixed[i]!]
  }
  return mixed
}

/** So many numbers below `kinds`, each about as often, in an order by chance, in rows. */
export function dealtByChance(across: number, down: number, kinds: number, chance: Chance): number[][] {
  const all = shuffled(
    Array.from({ length: across * down }, (_, i) => i % kinds),
    chance,
  )
  return Array.from({ length: down }, (_, r) => all.slice(r * across, (r + 1) * across))
}
