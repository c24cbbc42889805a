// Where a picture to be drawn begins: a block of the quilt, a chart, or an empty grid.
import { CHART_LETTERS, codingColour } from '~~/core/charts/codingColours'
import type { GridSize } from '~~/core/charts/drawing'
import type { ReadChart } from '~~/core/charts/readChart'
import type { PictureLetter } from '~~/core/edits/pictures'
import { designOf, type Block, type Quilt } from '~~/core/file/quilt'
import { fabricsOf } from '~~/core/file/trayCloths'
import type { DraftedPicture } from './draftedPicture'
import { draftOf } from './usePictureDraft'

/** A picture while it is drawn, as it is kept. */
export interface KeptPicture {
  name: string
  side: number
  rows: string[]
  letters: PictureLetter[]
}
/** The picture of a block; without one an empty one, in the first cloths of the quilt. */
export function pictureOf(quilt: Quilt, shown: Block | null): KeptPicture {
  const fabrics = fabricsOf(quilt.cloths)
  if (!shown) {
    const plain = fabrics.slice(0, 2).map(({ id, colour }, i) => ({ letter: CHART_LETTERS[i]!, cloths: [id], colour }))
    return { name: 'My picture', side: 1.5, rows: Array<string>(30).fill('A'.repeat(24)), letters: plain }
  }
  const { rows, chart } = designOf(quilt, shown).picture!
  const worn = [...new Set(rows.join(''))].sort().map((own): PictureLetter => {
    const cloths = chart.cloths[own] ?? [shown.cloths[own]!]
    const { colour } = quilt.cloths.find(({ id }) => id === cloths[0])!
    return { letter: own, cloths: [...cloths], colour, ...(chart.colour[own] ? { coding: chart.colour[own] } : {}) }
  })
  return { name: shown.name, side: shown.width / rows[0]!.length, rows: [...rows], letters: worn }
}

/** Letters that a chart has: dressed in the cloths of the quilt as far as they go. */
export function chartInCloth({ rows }: ReadChart, quilt: Quilt): DraftedPicture {
  const fabrics = fabricsOf(quilt.cloths)
  const found = [...new Set(rows.join(''))].map((own, i): PictureLetter => {
    const cloth = fabrics[i]
    return { letter: own, cloths: cloth ? [cloth.id] : [], colour: cloth?.colour ?? codingColour(own) }
  })
  return draftOf({ rows, letters: found })
}
/** What is cut off is gone, until undo; what is added wears the first letter. */
export function resized(
  { size: before, squares, letters }: DraftedPicture,
  { columns, rows }: GridSize,
): DraftedPicture {
  const next = new Uint8Array(columns * rows)
  for (let y = 0; y < Math.min(rows, before.rows); y++)
    next.set(squares.subarray(y * before.columns, y * before.columns + Math.min(columns, before.columns)), y * columns)
  return { size: { columns, rows }, squares: next, letters }
}
