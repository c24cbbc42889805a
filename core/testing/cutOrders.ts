// Orders of pieces made by a script: some with a layout that wastes nothing, so that the least length is known.
import type { CutPiece } from '../cut/cutPiece'
import { chanceFrom, type Chance } from '../measure/chance'
import type { Inches } from '../measure/ruler'

export interface CutOrder {
  pieces: CutPiece[]
  usable: Inches
  /** The least length, where it is known. */
  least: Inches | null
}

const USABLE: Inches = 40
const whole = ({ even }: Chance, least: number, most: number) => least + Math.floor(even() * (most - least + 1))

/** Strips cut up without waste: so many of them, each so many times over. */
export function perfectOrder(
  seed: number,
  { strips, times, turn }: { strips: number; times: number; turn: boolean },
): CutOrder {
  const chance = chanceFrom(seed)
  const sides = Array.from({ length: 9 }, () => whole(chance, 4, 24) / 2)
  const side = () => sides[whole(chance, 0, sides.length - 1)]!
  const wanted = new Map<string, CutPiece>()
  const add = (width: Inches, height: Inches, count: number) => {
    const id = `${width} × ${height}`
    const piece = wanted.get(id) ?? { id, width, height, count: 0, turn }
    wanted.set(id, piece)
    piece.count += count
  }
  let least = 0
  for (let s = 0; s < strips; s++) {
    const [stack, height] = [whole(chance, 1, 2), side()]
    least += height * stack * times
    for (let room = USABLE; room > 0;) {
      let width = side()
      let columns = Math.min(whole(chance, 1, 4), Math.floor(room / width))
      // no sliver stays at the end
      if (columns < 1 || (room > width * columns && room - width * columns < 2)) [width, columns] = [room, 1]
      room -= width * columns
      add(width, height, stack * columns * times)
    }
  }
  return { pieces: [...wanted.values()], usable: USABLE, least }
}

/** Sizes by chance: only a bound is known. */
export function openOrder(seed: number, { pieces, sizes }: { pieces: number; sizes: number }): CutOrder {
  const chance = chanceFrom(seed)
  const list = Array.from({ length: sizes }, (_, i): CutPiece => {
    const one = whole(chance, 6, 60) / 4
    const other = chance.even() < 0.4 ? one : whole(chance, 6, 60) / 4
    const count = Math.max(1, Math.round((pieces / sizes) * (0.4 + 1.2 * chance.even())))
    return { id: `piece ${i}`, width: Math.max(one, other), height: Math.min(one, other), count, turn: true }
  })
  return { pieces: list, usable: 41, least: null }
}
