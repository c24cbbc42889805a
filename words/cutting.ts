import type { Piece } from '../core/cutting/gather'
import type { Strip } from '../core/cutting/cutPiece'
import { formatLength, formatSize } from './length'
import type { Speech } from './speech'

/** How to cut the strip out of the cloth: `5 3/4″ strip across the cloth`. */
export function stripText(strip: Strip, speech: Speech): string {
  const isWhole = strip.x === 0
  return strip.run === 'along'
    ? `${formatLength(strip.width, speech)} strip along the cloth, ${formatLength(strip.height, speech)} long`
    : `${formatLength(strip.height, speech)} strip across ${isWhole ? 'the cloth' : `the ${formatLength(strip.width, speech)} beside the long strips`}`
}

export interface Subcut { piece: Piece | undefined, count: number, text: string }

/** What to cut the strip into, kind by kind. */
export function subcuts(strip: Strip, pieces: ReadonlyMap<string, Piece>, speech: Speech): Subcut[] {
  const groups = new Map<string, { id: string, count: number, width: number, height: number }>()
  for (const cut of strip.cuts) {
    const key = `${cut.piece} ${cut.width.toFixed(4)}`
    const group = groups.get(key)
    if (group) group.count += 1
    else groups.set(key, { id: cut.piece, count: 1, width: cut.width, height: cut.height })
  }
  return [...groups.values()].map(({ id, count, width, height }) => {
    const piece = pieces.get(id)
    const cuts = piece?.cuts === 'one-diagonal' ? ', then once corner to corner' : piece?.cuts === 'two-diagonals' ? ', then on both diagonals' : piece?.cuts === 'angle' ? ', by the template, single layer' : ''
    return { piece, count, text: `${count} × ${formatSize(width, height, speech)}${cuts}` }
  })
}
