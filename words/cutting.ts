import type { Piece } from '../core/cut/piece'
import type { Strip } from '../core/cut/cutPiece'
import { isCutInLayers } from '../core/cut/alikeAcross'
import { LAYERS } from '../core/cut/cutsNeeded'
import { mixedColumns } from '../core/cut/mixedColumns'
import { plural, type Speech } from './speech'
import { lengthPart, sizeParts, type TextPart } from './textPart'

/**
 * Which of a strip's measures is set on the ruler, and the words that follow it: `5 3/4″` + `strip across the cloth`.
 * `count`: how many of them; `path`: of the strip in the plan.
 */
export function stripWords(
  strip: Strip,
  count: number,
  speech: Speech,
  path?: string,
): { side: 'width' | 'height'; rest: TextPart[] } {
  const noun = count === 1 ? 'strip' : 'strips'
  const at = (side: string) => (path === undefined ? undefined : `${path}.${side}`)
  if (strip.run === 'along')
    return {
      side: 'width',
      rest: [`${noun} along the cloth, `, lengthPart(strip.height, speech, at('height')), ' long'],
    }
  const rest: TextPart[] =
    strip.x === 0
      ? [`${noun} across the cloth`]
      : [`${noun} across the `, lengthPart(strip.width, speech, at('width')), ' beside the long strips']
  return { side: 'height', rest }
}

/** `6 strips of 3 1/8″ across the cloth`, in parts. */
export function stripParts(strip: Strip, count: number, speech: Speech, path?: string): TextPart[] {
  const { side, rest } = stripWords(strip, count, speech, path)
  return [
    count === 1 ? '' : `${count} × `,
    lengthPart(strip[side], speech, path === undefined ? undefined : `${path}.${side}`),
    ' ',
    ...rest,
  ]
}

/** Like pieces of a strip. */
export interface Subcut {
  piece: Piece | undefined
  count: number
  parts: TextPart[]
  after: string
}

/** What to cut the strip into, kind by kind. `places`: of each piece in the plan, by id. */
export function subcuts(
  strip: Strip,
  pieces: ReadonlyMap<string, Piece>,
  speech: Speech,
  places?: ReadonlyMap<string, number>,
): Subcut[] {
  const groups = new Map<string, { id: string; count: number; width: number; height: number }>()
  for (const cut of strip.cuts) {
    const key = `${cut.piece} ${cut.width.toFixed(4)}`
    const group = groups.get(key)
    if (group) group.count += 1
    else groups.set(key, { id: cut.piece, count: 1, width: cut.width, height: cut.height })
  }
  const list = [...groups.values()]
  return list.map(({ id, count, width, height }) => {
    const piece = pieces.get(id)
    // of one pile some lie along the strip and some across it
    const isOther = list.some(other => other.id === id && Math.abs(other.width - width) > 1e-4)
    const lies = isOther && piece && Math.abs(width - piece.width) > 1e-4 ? ', lying the other way' : ''
    const after = `${lies}${piece ? cutAgain(piece) : ''}`
    const place = places?.get(id)
    // the piece's own sides, as on its pile: it may lie turned in the strip
    const size = piece
      ? sizeParts(piece.width, piece.height, speech, place === undefined ? undefined : `pieces.${place}`)
      : sizeParts(width, height, speech)
    return { piece, count, after, parts: [`${count} × `, ...size, after] }
  })
}

/**
 * Columns in which different pieces lie on top of each other: they are cut off whole, then cut up, and what is narrower
 * is trimmed.
 */
export function columnParts(strip: Strip, pieces: ReadonlyMap<string, Piece>, speech: Speech): TextPart[][] {
  const kinds = new Map<string, { count: number; width: number; letters: string }>()
  for (const { width, cuts } of mixedColumns(strip)) {
    const letters = cuts.map(({ piece }) => pieces.get(piece)?.letter ?? '').join(', ')
    const key = `${width.toFixed(4)} ${letters}`
    const kind = kinds.get(key) ?? { count: 0, width, letters }
    kinds.set(key, kind)
    kind.count += 1
  }
  return [...kinds.values()].map(({ count, width, letters }) => [
    `${plural(count, 'column')} `,
    lengthPart(width, speech),
    ` wide first, then cut up into ${letters}`,
  ])
}

/** How like strips are cut up in layers; nothing where each is cut by itself. Source: four layers at most. */
export function togetherText(strip: Strip, count: number, pieces: ReadonlyMap<string, Piece>): string {
  if (count < 2 || !isCutInLayers(strip, piece => pieces.get(piece)?.cuts !== 'angle')) return ''
  const which = count === 2 ? 'both' : count <= LAYERS ? `all ${count}` : `up to ${LAYERS}`
  return `Lay ${which} on each other and cut them up together.`
}

/** What is cut of a piece after it is cut from its strip. */
function cutAgain({ cuts, shape, angled, part }: Piece): string {
  switch (cuts) {
    case 'one-diagonal':
      return ', then once corner to corner'
    case 'two-diagonals':
      return ', then on both diagonals'
    case 'angle':
      if (part === 'nested-strips')
        return `, then by the template into ${plural(angled?.each ?? 0, 'piece')}, single layer`
      return shape === 'strip'
        ? `, then at ${Math.round((angled?.angle ?? 0) * 10) / 10}° into ${plural(angled?.each ?? 0, 'piece')}, `
            + `single layer`
        : ', by the template, single layer'
    case 'none':
      return ''
  }
}

/** For how many whole blocks the pieces of one strip are enough: `, for 3 blocks`, by name where there are several. */
export function stripBlocksText(
  blocks: readonly { block: string; count: number }[],
  names: ReadonlyMap<string, string>,
): string {
  if (blocks.length === 1) return `, for ${plural(blocks[0]!.count, 'block')}`
  return `, for ${blocks.map(({ block, count }) => `${count} of ${names.get(block) ?? block}`).join(' or ')}`
}
