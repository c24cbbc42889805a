import { timesPlaced } from '~~/core/top/places'
import { foundationOf } from '~~/core/make/order/howSewn'
import { foundationPapers, paperDrawing } from '~~/core/paper/foundationPapers'
import { pagesOf } from '~~/core/paper/pages'
import type { PageKind, Sheet } from '~~/core/paper/sheet'
import { templateDrawing, templatesForBlock } from '~~/core/paper/templates'
import { clothOf, designOf, type Quilt } from '~~/core/file/quilt'
import { pageWords, paperTitle, templateCount, templateName } from '~~/words/paper'
import type { Speech } from '~~/words/speech'

/**
 * The pages of a block's templates, or of its foundation papers, `copies` of each; null when there is no such block
 * or it has none.
 */
export function papersFor(
  quilt: Quilt,
  blockId: string,
  what: 'templates' | 'papers',
  page: PageKind,
  copies: number,
  speech: Speech,
): Sheet[] | null {
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
