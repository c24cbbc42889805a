import type { Piece } from '../core/cutting/gather'
import type { Strip } from '../core/cutting/cutPiece'
import { formatLength, formatSize } from './length'
import type { Speech } from './speech'

/** Which of a strip's measures is set on the ruler, and the words that follow it: `5 3/4″` + `strip across the cloth`. */
export function stripWords(strip: Strip, speech: Speech): { side: 'width' | 'height', rest: string } {
  if (strip.run === 'along') return { side: 'width', rest: `strip along the cloth, ${formatLength(strip.height, speech)} long` }
  return { side: 'height', rest: `strip across ${strip.x === 0 ? 'the cloth' : `the ${formatLength(strip.width, speech)} beside the long strips`}` }
}

export function stripText(strip: Strip, speech: Speech): string {
  const { side, rest } = stripWords(strip, speech)
  return `${formatLength(strip[side], speech)} ${rest}`
}

/** Like pieces of a strip. */
export interface Subcut { piece: Piece | undefined, count: number, text: string, after: string }

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
    const after = piece?.cuts === 'one-diagonal' ? ', then once corner to corner' : piece?.cuts === 'two-diagonals' ? ', then on both diagonals' : piece?.cuts === 'angle' ? ', by the template, single layer' : ''
    return { piece, count, after, text: `${count} × ${formatSize(width, height, speech)}${after}` }
  })
}
