import type { z } from 'zod'
import { blockMake } from '~~/core/make/units/blockMake'
import { spareOf } from '~~/core/plan/chartWork'
import { planLabel } from '~~/core/layers/label'
import { splitReasons } from '~~/core/measure/explained'
import { dimensionsOf } from '~~/core/top/dimensions'
import { isLongSash, sashMarks, type SashMarks } from '~~/core/top/rows'
import { timesPlaced } from '~~/core/top/places'
import { foundationOf } from '~~/core/make/order/howSewn'
import { foundationPapers, paperDrawing } from '~~/core/paper/foundationPapers'
import { stripDrawings, type StripMarks } from '~~/core/paper/markStrips'
import { labelDrawing } from '~~/core/paper/labelSheet'
import type { PapersKind } from '~~/core/paper/papersKinds'
import { clothsOfLetter } from '~~/core/file/scraps'
import { squareCounts } from '~~/core/charts/rows'
import { backwards } from '~~/core/charts/words'
import { chartSheets, MIN_CHART_SQUARE } from '~~/core/paper/chartSheets'
import { pagesOf } from '~~/core/paper/pages'
import { blockDrawings, motifDrawings } from '~~/core/paper/quiltingPapers'
import type { Drawing, Sheet } from '~~/core/paper/sheet'
import { quiltedTop } from '~~/core/quilting/quiltedTop'
import { quiltingLines } from '~~/core/quilting/quiltingLines'
import { templateDrawing, templatesForBlock } from '~~/core/paper/templates'
import { blockOf, clothOf, designOf, type Quilt } from '~~/core/file/quilt'
import { chartPageWords, pageWords, paperTitle, templateCount, templateName } from '~~/words/paper'
import { labelText } from '~~/words/last'
import { stripWords } from '~~/words/joining'
import { blockTitle, motifTitle } from '~~/words/quilting'
import type { Speech } from '~~/words/speech'
import type { papersRequest } from './papersRequest'

/** What is to be printed: of one block, where it is about one. */
export type PapersAsked = Pick<z.infer<typeof papersRequest>, 'block' | 'what' | 'page' | 'copies' | 'mirrored'>
  & Partial<Pick<z.infer<typeof papersRequest>, 'square'>>

/** Makes the pages of one kind; null: there is no such block, or there is nothing of that. */
type Papers = (quilt: Quilt, asked: PapersAsked, speech: Speech) => Sheet[] | null

const PAPERS: Readonly<Record<PapersKind, Papers>> = {
  templates: templatePages,
  papers: foundationPages,
  marks: markPages,
  motifs: motifPages,
  lines: linePages,
  label: labelPages,
  chart: chartPages,
}

/** The pages that are asked for; null when there is no such block or there is nothing of that. */
export const papersFor: Papers = (quilt, asked, speech) => PAPERS[asked.what](quilt, asked, speech)

function templatePages(quilt: Quilt, { block: id, page }: PapersAsked, speech: Speech): Sheet[] | null {
  const block = quilt.blocks.find(candidate => candidate.id === id)
  if (!block) return null
  const blocks = timesPlaced(quilt, id)
  const drawings = templatesForBlock(quilt, block).map(template =>
    templateDrawing(template, { name: templateName, count: one => templateCount(one, blocks) }),
  )
  return pagesOf(drawings, page, pageWords(`Templates: ${block.name}`, speech))
}

/** Foundation papers, as many copies of each as are asked for. */
function foundationPages(quilt: Quilt, { block: id, page, copies }: PapersAsked, speech: Speech): Sheet[] | null {
  const block = quilt.blocks.find(candidate => candidate.id === id)
  const design = block && designOf(quilt, block)
  const foundation = design && foundationOf(design)
  if (!foundation) return null
  const papers = foundationPapers(design, foundation, block.width, block.height, quilt.seam)
  const letter = (role: string) => clothOf(quilt, block.cloths[role]!).letter
  const drawings = papers.map(paper =>
    paperDrawing(paper, { title: one => paperTitle(one, block.name, papers.length), cloth: letter }),
  )
  return pagesOf(
    Array.from({ length: copies }, () => drawings).flat(),
    page,
    pageWords(`Foundation papers: ${block.name}`, speech),
  )
}

/** One strip for all sashes that are marked alike. */
function markPages(quilt: Quilt, { page }: PapersAsked, speech: Speech): Sheet[] | null {
  const { setting } = dimensionsOf(quilt)
  const lengths = setting.rows.filter(isLongSash).map(({ regions: [sash] }) => Math.max(sash!.width, sash!.height))
  const { plain } = splitReasons<SashMarks[]>(sashMarks(quilt, { setting }))
  const alike = new Map<string, { marks: StripMarks; sashes: number[] }>()
  plain.forEach(({ sash, above, below }, i) => {
    const marks = { length: lengths[i]! + 2 * quilt.seam, above, below }
    const key = JSON.stringify(marks)
    const found = alike.get(key) ?? { marks, sashes: [] }
    found.sashes.push(sash)
    alike.set(key, found)
  })
  if (alike.size === 0) return null
  const drawings = [...alike.values()].flatMap(({ marks, sashes }, i) =>
    stripDrawings(marks, stripWords(i + 1, sashes, speech)),
  )
  return pagesOf(drawings, page, pageWords(`Marks of long sashes: ${quilt.name}`, speech))
}

function motifPages(quilt: Quilt, { page, mirrored }: PapersAsked, speech: Speech): Sheet[] | null {
  const motif = (name: string, size: number, count: number) => motifTitle(name, size, count, speech)
  const drawings = motifDrawings(topToQuilt(quilt), quilt.quilting, motif, mirrored)
  return quiltingSheets('Motifs', drawings, quilt, { page, mirrored }, speech)
}

function linePages(quilt: Quilt, { page, mirrored }: PapersAsked, speech: Speech): Sheet[] | null {
  const top = topToQuilt(quilt)
  const title = (id: string) => blockTitle(blockOf(quilt, id).name)
  const drawings = blockDrawings(top, quiltingLines(top, quilt.quilting) ?? [], title, mirrored)
  return quiltingSheets('Blocks with their lines', drawings, quilt, { page, mirrored }, speech)
}

function topToQuilt(quilt: Quilt) {
  const makes = new Map(quilt.blocks.map(block => [block.id, blockMake(quilt, block)]))
  return quiltedTop(quilt, makes, dimensionsOf(quilt))
}

function quiltingSheets(
  title: string,
  drawings: readonly Drawing[],
  { name }: Quilt,
  { page, mirrored }: Pick<PapersAsked, 'page' | 'mirrored'>,
  speech: Speech,
): Sheet[] | null {
  if (drawings.length === 0) return null
  return pagesOf(drawings, page, pageWords(`${title}${mirrored ? ', mirrored' : ''}: ${name}`, speech))
}

/** The chart of a block that is a picture, with what is cut of each letter. */
function chartPages(
  quilt: Quilt,
  { block: id, page, square = MIN_CHART_SQUARE, mirrored }: PapersAsked,
): Sheet[] | null {
  const block = quilt.blocks.find(candidate => candidate.id === id)
  const drawn = block && designOf(quilt, block).picture
  if (!drawn) return null
  const spareFor = spareOf(drawn, blockMake(quilt, block).segments!)
  const picture = mirrored ? { ...drawn, rows: drawn.rows.map(backwards) } : drawn
  const legend = [...squareCounts(picture)].map(([letter, squares]) => ({
    letter,
    cloths: clothsOfLetter(quilt, block, letter).map(({ name }) => name),
    squares,
    cut: squares + spareFor(letter),
  }))
  return chartSheets(
    picture,
    legend,
    { page, square },
    chartPageWords(mirrored ? `${block.name}, mirrored` : block.name, picture, mirrored),
  )
}

function labelPages(quilt: Quilt, { page }: PapersAsked, speech: Speech): Sheet[] | null {
  const planned = planLabel(quilt)
  if (!quilt.label || !planned) return null
  const cut = { width: planned.width.total, height: planned.height.total }
  const { width, height } = quilt.label
  const drawing = labelDrawing(labelText(quilt), { width, height }, cut)
  return pagesOf([drawing], page, pageWords(`Label: ${quilt.name}`, speech))
}
