import type { Design, Patch } from '../design'
import { rectangle, square } from '../draft'

/** How a log block grows: widths in grid units, round by round. */
export interface LogRounds {
  rounds: number
  light?: number
  dark?: number
  centre?: number
}

/**
 * Logs wound clockwise round a centre: two light sides, then two dark, for each round. `light` and `dark`: widths of
 * the logs.
 */
export function logCabin({ rounds, light = 1, dark = 1, centre = 1 }: LogRounds): Patch[] {
  let [left, top, right, bottom] = [rounds * dark, rounds * light, rounds * dark + centre, rounds * light + centre]
  const patches: Patch[] = rectangle('centre', left, top, right - left, bottom - top)
  for (let round = 1; round <= rounds; round++) {
    patches.push(...rectangle('light', left, top - light, right - left, light))
    top -= light
    patches.push(...rectangle('light', right, top, light, bottom - top))
    right += light
    patches.push(...rectangle('dark', left, bottom, right - left, dark))
    bottom += dark
    patches.push(...rectangle('dark', left - dark, top, dark, bottom - top))
    left -= dark
  }
  return patches
}

/** Logs on opposite sides at a time: first the two of one cloth, then the two of the other across them. */
export function courthouseSteps(rounds: number): Patch[] {
  const patches: Patch[] = square('centre', rounds, rounds, 1)
  for (let round = 1; round <= rounds; round++) {
    const near = rounds - round
    const inner = 2 * round - 1
    patches.push(
      ...rectangle('light', near + 1, near, inner, 1),
      ...rectangle('light', near + 1, near + inner + 1, inner, 1),
      ...rectangle('dark', near, near, 1, inner + 2),
      ...rectangle('dark', near + inner + 1, near, 1, inner + 2),
    )
  }
  return patches
}

/** Logs on two sides of a square only, so that it stays in a corner. */
export function halfLogCabin(rounds: number): Patch[] {
  const patches: Patch[] = square('corner', 0, 0, 1)
  for (let round = 1; round <= rounds; round++)
    patches.push(...rectangle('light', round, 0, 1, round), ...rectangle('dark', 0, round, round + 1, 1))
  return patches
}

/** A log cabin in which each round has a leading cloth on two sides and the cloth that follows it on the others. */
function leadingLogCabin(rounds: number): Patch[] {
  const names = ['first', 'second', 'third', 'fourth', 'fifth']
  return logCabin({ rounds }).map((patch, i): Patch => {
    if (i === 0) return patch
    const round = Math.floor((i - 1) / 4)
    return { ...patch, role: patch.role === 'light' ? names[round]! : names[round + 1]! }
  })
}

export const LOGS: readonly Design[] = [
  { id: 'log-cabin', name: 'Log cabin', family: 'logs', width: 7, height: 7, patches: logCabin({ rounds: 3 }) },
  {
    id: 'courthouse-steps',
    name: 'Courthouse steps',
    family: 'logs',
    width: 7,
    height: 7,
    patches: courthouseSteps(3),
  },
  { id: 'half-log-cabin', name: 'Half log cabin', family: 'logs', width: 5, height: 5, patches: halfLogCabin(4) },
  {
    id: 'leading-log-cabin',
    name: 'Log cabin, leading and following',
    family: 'logs',
    width: 7,
    height: 7,
    patches: leadingLogCabin(3),
  },
  {
    id: 'thick-and-thin-log-cabin',
    name: 'Thick and thin log cabin',
    family: 'logs',
    width: 10,
    height: 10,
    patches: logCabin({ rounds: 3, light: 1, dark: 2 }),
  },
  {
    id: 'housetop',
    name: 'Housetop',
    family: 'logs',
    width: 9,
    height: 9,
    patches: logCabin({ rounds: 4 }).map((patch, i) =>
      i === 0 ? patch : { ...patch, role: Math.floor((i - 1) / 4) % 2 === 0 ? 'first' : 'second' },
    ),
  },
]
