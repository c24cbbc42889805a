/** A, B … Z, AA, AB …: the nth letter, counted from 0. */
export function letterAt(n: number): string {
  return n < 26 ? String.fromCharCode(65 + n) : letterAt(Math.floor(n / 26) - 1) + letterAt(n % 26)
}

/** A letter for each cloth: its own where it has one of its own, else the next that is free. */
export function clothLetters(cloths: readonly { letter?: string }[]): string[] {
  const taken = new Set<string>()
  const kept = cloths.map(({ letter }) => {
    if (letter === undefined || letter.trim() === '' || taken.has(letter)) return null
    taken.add(letter)
    return letter
  })
  let next = 0
  return kept.map(letter => {
    if (letter !== null) return letter
    while (taken.has(letterAt(next))) next++
    taken.add(letterAt(next))
    return letterAt(next)
  })
}
