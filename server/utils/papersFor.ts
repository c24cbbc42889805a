import { plainOf } from '~~/core/measure/reckoned'
import { dimensionsOf } from '~~/core/top/dimensions'
import { isLongSash, sashMarks, type SashMarks } from '~~/core/top/rows'
import { timesPlaced } from '~~/core/top/places'
import { foundationOf } from '~~/core/make/order/howSewn'
import { foundationPapers, paperDrawing } from '~~/core/paper/foundationPapers'
import { stripDrawings, type StripMarks } from '~~/core/paper/markStrips'
import { pagesOf } from '~~/core/paper/pages'
import type { PageKind, Sheet } from '~~/core/paper/sheet'
import { templateDrawing, templatesForBlock } from '~~/core/paper/templates'
import { clothOf, designOf, type Quilt } from '~~/core/file/quilt'
import { pageWords, paperTitle, templateCount, templateName } from '~~/words/paper'
import { stripWords } from '~~/words/joining'
import type { Speech } from '~~/words/speech'

/**
 * The pages of a block's templates, or of its foundation papers, `copies` of each, or of the strips to mark long sashes
 * by; null when there is no such block or it has none.
 */
export function papersFor(
  quilt: Quilt,
  blockId: string,
  what: 'templates' | 'papers' | 'marks',
  page: PageKind,
  copies: number,
  speech: Speech,
): Sheet[] | null {
  if (what === 'marks') return markPages(quilt, page, speech)
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
  const { plain } = plainOf<SashMarks[]>(sashMarks(quilt, { setting }))
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
