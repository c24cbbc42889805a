import type { z } from 'zod'
import { blockMake } from '~~/core/make/units/blockMake'
import { planLabel } from '~~/core/layers/label'
import { splitReasons } from '~~/core/measure/explained'
import { dimensionsOf } from '~~/core/top/dimensions'
import { isLongSash, sashMarks, type SashMarks } from '~~/core/top/rows'
import { timesPlaced } from '~~/core/top/places'
import { foundationOf } from '~~/core/make/order/howSewn'
import { foundationPapers, paperDrawing } from '~~/core/paper/foundationPapers'
import { stripDrawings, type StripMarks } from '~~/core/paper/markStrips'
import { labelDrawing } from '~~/core/paper/labelSheet'
import { pagesOf } from '~~/core/paper/pages'
import { blockDrawings, motifDrawings } from '~~/core/paper/quiltingPapers'
import type { PageKind, Sheet } from '~~/core/paper/sheet'
import { quiltedTop } from '~~/core/quilting/quiltedTop'
import { quiltingLines } from '~~/core/quilting/quiltingLines'
import { templateDrawing, templatesForBlock } from '~~/core/paper/templates'
import { blockOf, clothOf, designOf, type Quilt } from '~~/core/file/quilt'
import { pageWords, paperTitle, templateCount, templateName } from '~~/words/paper'
import { labelText } from '~~/words/last'
import { stripWords } from '~~/words/joining'
import { blockTitle, motifTitle } from '~~/words/quilting'
import type { Speech } from '~~/words/speech'
import type { papersRequest } from './papersRequest'

/** What is to be printed: of one block, where it is about one. */
export type PapersAsked = Pick<z.infer<typeof papersRequest>, 'block' | 'what' | 'page' | 'copies' | 'mirrored'>

/**
 * The pages of a block's templates, or of its foundation papers, `copies` of each; of the strips to mark long sashes
 * by; of motifs, of blocks with their quilting lines; of the label. Null when there is no such block or there is
 * nothing of that.
 */
export function papersFor(quilt: Quilt, asked: PapersAsked, speech: Speech): Sheet[] | null {
  const { block: blockId, what, page, copies } = asked
  if (what === 'marks') return markPages(quilt, page, speech)
  if (what === 'motifs' || what === 'lines') return quiltingPages(quilt, asked, speech)
  if (what === 'label') return labelPages(quilt, page, speech)
  const block = quilt.blocks.find(candidate => candidate.id === blockId)
  if (!block) return null
  const design = designOf(quilt, block)
  const blocks = timesPlaced(quilt, blockId)
  if (what === 'templates') {
    const drawings = templatesForBlock(quilt, block).map(template =>
      templateDrawing(template, { name: templateName, count: one => templateCount(one, blocks) }),
    )
    return pagesOf(drawings, page, pageWords(`Templates: ${block.name}`, speech))
  }
  const foundation = foundationOf(design)
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
function markPages(quilt: Quilt, page: PageKind, speech: Speech): Sheet[] | null {
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

function quiltingPages(quilt: Quilt, { what, page, mirrored }: PapersAsked, speech: Speech): Sheet[] | null {
  const makes = new Map(quilt.blocks.map(block => [block.id, blockMake(quilt, block)]))
  const top = quiltedTop(quilt, makes, dimensionsOf(quilt))
  const words = {
    motif: (motif: string, size: number, count: number) => motifTitle(motif, size, count, speech),
    block: (id: string) => blockTitle(blockOf(quilt, id).name),
  }
  const drawings =
    what === 'motifs'
      ? motifDrawings(top, quilt.quilting, words, mirrored)
      : blockDrawings(top, quiltingLines(top, quilt.quilting) ?? [], words, mirrored)
  if (drawings.length === 0) return null
  const title = what === 'motifs' ? 'Motifs' : 'Blocks with their lines'
  return pagesOf(drawings, page, pageWords(`${title}${mirrored ? ', mirrored' : ''}: ${quilt.name}`, speech))
}

function labelPages(quilt: Quilt, page: PageKind, speech: Speech): Sheet[] | null {
  const planned = planLabel(quilt)
  if (!quilt.label || !planned) return null
  const cut = { width: planned.width.total, height: planned.height.total }
  const { width, height } = quilt.label
  const drawing = labelDrawing(labelText(quilt), { width, height }, cut)
  return pagesOf([drawing], page, pageWords(`Label: ${quilt.name}`, speech))
}
