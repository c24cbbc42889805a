import type { Design, Patch } from '../design'
import { rectangle, square } from '../draft'

/** Logs one unit wide wound clockwise round a centre of one unit: two light sides, then two dark, for each round. */
function logCabin(rounds: number): Patch[] {
  const patches: Patch[] = square('centre', rounds, rounds, 1)
  for (let round = 1; round <= rounds; round++) {
    const near = rounds - round, inner = 2 * round - 1
    patches.push(
      ...rectangle('light', near + 1, near, inner, 1),
      ...rectangle('light', near + inner + 1, near, 1, inner + 1),
      ...rectangle('dark', near + 1, near + inner + 1, inner + 1, 1),
      ...rectangle('dark', near, near, 1, inner + 2),
    )
  }
  return patches
}

/** Logs on opposite sides at a time: first the two of one cloth, then the two of the other across them. */
function courthouseSteps(rounds: number): Patch[] {
  const patches: Patch[] = square('centre', rounds, rounds, 1)
  for (let round = 1; round <= rounds; round++) {
    const near = rounds - round, inner = 2 * round - 1
    patches.push(
      ...rectangle('light', near + 1, near, inner, 1), ...rectangle('light', near + 1, near + inner + 1, inner, 1),
      ...rectangle('dark', near, near, 1, inner + 2), ...rectangle('dark', near + inner + 1, near, 1, inner + 2),
    )
  }
  return patches
}

export const LOGS: readonly Design[] = [
  { id: 'log-cabin', name: 'Log cabin', family: 'logs', width: 7, height: 7, patches: logCabin(3) },
  { id: 'courthouse-steps', name: 'Courthouse steps', family: 'logs', width: 7, height: 7, patches: courthouseSteps(3) },
]
