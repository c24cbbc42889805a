/** Chance from a seed: the same numbers for the same seed, on every machine. */
export interface Chance {
  /** Evenly from 0 up to 1. */
  even: () => number
  /** From a bell curve of mean 0 and standard deviation 1. */
  normal: () => number
}

/** mulberry32 for even numbers, Marsaglia's polar method for the bell curve. */
export function chanceFrom(seed: number): Chance {
  let state = seed >>> 0
  let kept: number | null = null
  const even = () => {
    state = (state + 0x6d2b79f5) >>> 0
    let t = Math.imul(state ^ (state >>> 15), state | 1)
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61)
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
  const normal = () => {
    if (kept !== null) {
      const value = kept
      kept = null
      return value
    }
    for (;;) {
      const u = 2 * even() - 1
      const v = 2 * even() - 1
      const square = u * u + v * v
      if (square >= 1 || square === 0) continue
      const scale = Math.sqrt((-2 * Math.log(square)) / square)
      kept = v * scale
      return u * scale
    }
  }
  return { even, normal }
}
