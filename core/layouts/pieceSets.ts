// In: pieces by their size, equal ones side by side. Out: the sets of them that differ, as bits, and their parts.

/**
 * Sets of pieces as bits. Of equal pieces the first ones stand for any: a set is *plain* when every piece in it has its
 * equals before it beside it. A part of a plain set takes the last of each kind, so that what is left is plain.
 */
export class PieceSets {
  readonly all: number
  /** The plain ones but the empty one; parts before wholes. */
  readonly plain: readonly number[]
  /** For each set the plain one of the same sizes. */
  readonly same: Uint16Array
  /** For each set whether it is plain. */
  readonly isPlain: Uint8Array
  /** For each plain set a bit that one of its parts must hold, so that no two orders of parts are tried. */
  readonly led: Uint16Array

  constructor(pieces: readonly number[]) {
    const sets = 1 << pieces.length
    this.all = sets - 1
    this.same = new Uint16Array(sets)
    this.isPlain = new Uint8Array(sets)
    this.led = new Uint16Array(sets)
    const plain: number[] = []
    for (let set = 0; set < sets; set++) {
      const same = firstOnes(pieces, set)
      this.same[set] = same
      if (same !== set) continue
      this.isPlain[set] = 1
      this.led[set] = lastOfFirstKind(pieces, set)
      if (set > 0) plain.push(set)
    }
    this.plain = plain
  }
}

function firstOnes(pieces: readonly number[], set: number): number {
  let [found, next] = [0, 0]
  for (let i = 0; i < pieces.length; i++) {
    if (i > 0 && pieces[i] !== pieces[i - 1]) next = i
    if ((set >> i) & 1) found |= 1 << next++
  }
  return found
}

function lastOfFirstKind(pieces: readonly number[], set: number): number {
  const first = pieces.findIndex((_, i) => (set >> i) & 1)
  let last = first
  while (pieces[last + 1] === pieces[first] && (set >> (last + 1)) & 1) last++
  return set === 0 ? 0 : 1 << last
}
