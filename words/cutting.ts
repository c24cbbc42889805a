import type { Piece } from '../core/cutting/gather'
import type { Strip } from '../core/cutting/cutPiece'
import type { Speech } from './speech'
import { lengthPart, sizeParts, type TextPart } from './textPart'

/** Which of a strip's measures is set on the ruler, and the words that follow it: `5 3/4″` + `strip across the cloth`. */
export function stripWords(strip: Strip, speech: Speech): { side: 'width' | 'height', rest: TextPart[] } {
  if (strip.run === 'along') return { side: 'width', rest: ['strip along the cloth, ', lengthPart(strip.height, speech), ' long'] }
  return { side: 'height', rest: strip.x === 0 ? ['strip across the cloth'] : ['strip across the ', lengthPart(strip.width, speech), ' beside the long strips'] }
}

export function stripParts(strip: Strip, speech: Speech): TextPart[] {
  const { side, rest } = stripWords(strip, speech)
  return [lengthPart(strip[side], speech), ' ', ...rest]
}

/** Like pieces of a strip. */
export interface Subcut { piece: Piece | undefined, count: number, parts: TextPart[], after: string }

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
    const after = piece?.cuts === 'one-diagonal' ? ', then once corner to corner' : piece?.cuts === 'two-diagonals' ? ', then on both diagonals' : piece?.cuts === 'angle' ? (piece.shape === 'strip' ? ', then at an angle, single layer' : ', by the template, single layer') : ''
    return { piece, count, after, parts: [`${count} × `, ...sizeParts(width, height, speech), after] }
  })
}
