// In: a stash. Out: a stash. Never in place.
import type { Inches } from '../measure/ruler'
import { sameLength } from '../measure/ruler'
import type { Stash, StashCloth, StashPiece } from './stashCloth'

export type StashEdit = (stash: Stash) => Stash

/** One more cloth, on top. */
export function putIn(...cloths: readonly StashCloth[]): StashEdit {
  return stash => [...cloths, ...stash.filter(({ id }) => cloths.every(cloth => cloth.id !== id))]
}

/** Cloths that are not there yet, below the others; those that are there stay, or become as these are. */
export function mergeIn(cloths: readonly StashCloth[], isReplacing: boolean): StashEdit {
  const byId = new Map(cloths.map(cloth => [cloth.id, cloth]))
  return stash => {
    const there = new Set(stash.map(({ id }) => id))
    const kept = isReplacing ? stash.map(cloth => byId.get(cloth.id) ?? cloth) : stash
    return [...kept, ...cloths.filter(({ id }) => !there.has(id))]
  }
}

/** Of these cloths: how many are not in the stash, and how many are there and differ. */
export function differencesIn(stash: Stash, cloths: readonly StashCloth[]): { missing: number; differing: number } {
  const byId = new Map(stash.map(cloth => [cloth.id, cloth]))
  const there = cloths.filter(({ id }) => byId.has(id))
  const differing = there.filter(cloth => JSON.stringify(byId.get(cloth.id)) !== JSON.stringify(cloth))
  return { missing: cloths.length - there.length, differing: differing.length }
}

/** `null` takes away what may be left unsaid. */
export function changeInStash(
  id: string,
  change: { [K in keyof Omit<StashCloth, 'id'>]?: StashCloth[K] | (undefined extends StashCloth[K] ? null : never) },
): StashEdit {
  return stash =>
    stash.map(cloth => {
      if (cloth.id !== id) return cloth
      const next = { ...cloth, ...change } as StashCloth
      // what is not said any more
      if (change.price === null) delete next.price
      if (change.picture === null) delete next.picture
      if (change.repeat === null) delete next.repeat
      return { ...next, pieces: gathered(next.pieces) }
    })
}

/** The cloth is given away, or was never there. */
export function takeOutOfStash(id: string): StashEdit {
  return stash => stash.filter(cloth => cloth.id !== id)
}

/** So much of it is for a quilt from now on: in one length, or pieces of one size. What is not there is not taken. */
export function setAside(
  id: string,
  quilt: { id: string; name: string },
  { length = 0, piece }: { length?: Inches; piece?: StashPiece },
): StashEdit {
  return stash =>
    stash.map(cloth => {
      if (cloth.id !== id) return cloth
      const taken = Math.min(length, cloth.length)
      const { rest, pieces } = piece ? withoutPieces(cloth.pieces, piece) : { rest: cloth.pieces, pieces: [] }
      if (taken <= 0 && pieces.length === 0) return cloth
      const aside = { quilt: quilt.id, name: quilt.name, length: taken, pieces }
      return { ...cloth, length: cloth.length - taken, pieces: rest, asides: [...cloth.asides, aside] }
    })
}

/** What was set aside for this quilt is free again. */
export function giveBack(id: string, quilt: string): StashEdit {
  return stash =>
    stash.map(cloth => {
      if (cloth.id !== id) return cloth
      const own = cloth.asides.filter(aside => aside.quilt === quilt)
      const lengths = own.map(aside => aside.length).filter(length => length > 0)
      // cut off it cannot be put back to the bolt: a second length is a piece
      const [first = 0, ...more] = cloth.length > 0 ? [0, ...lengths] : lengths
      return {
        ...cloth,
        length: cloth.length + first,
        pieces: gathered([
          ...cloth.pieces,
          ...more.map(length => ({ width: cloth.width, length, count: 1 })),
          ...own.flatMap(aside => aside.pieces),
        ]),
        asides: cloth.asides.filter(aside => aside.quilt !== quilt),
      }
    })
}

/** The quilt is cut: what was set aside for it is used, and this is left. */
export function putBackLeftovers(id: string, quilt: string, left: readonly StashPiece[]): StashEdit {
  return stash =>
    stash.map(cloth =>
      cloth.id !== id
        ? cloth
        : {
            ...cloth,
            pieces: gathered([...cloth.pieces, ...left]),
            asides: cloth.asides.filter(aside => aside.quilt !== quilt),
          },
    )
}

const isSame = (one: StashPiece, other: StashPiece) =>
  sameLength(one.width, other.width) && sameLength(one.length, other.length)

function withoutPieces(pieces: readonly StashPiece[], wanted: StashPiece) {
  const there = pieces.find(piece => isSame(piece, wanted))
  const count = Math.min(there?.count ?? 0, wanted.count)
  const rest = pieces.flatMap(piece => {
    if (piece !== there) return [piece]
    return piece.count > count ? [{ ...piece, count: piece.count - count }] : []
  })
  return { rest, pieces: count > 0 ? [{ ...wanted, count }] : [] }
}

/** Pieces of one size together, the largest first. */
function gathered(pieces: readonly StashPiece[]): StashPiece[] {
  const kinds: StashPiece[] = []
  for (const piece of pieces) {
    const known = kinds.findIndex(kind => isSame(kind, piece))
    if (known < 0) kinds.push({ ...piece })
    else kinds[known] = { ...kinds[known]!, count: kinds[known]!.count + piece.count }
  }
  return kinds.sort((a, b) => b.width * b.length - a.width * a.length)
}
