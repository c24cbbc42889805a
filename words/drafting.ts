import type { BlockTrouble } from '../core/drafting/blockReading'
import type { DraftFault } from '../core/drafting/draftFaults'
import { plural } from './speech'

/** What is wrong in a drawing, and where: counted in grid units from its top left. */
export function draftFaultText({ code, patch, at }: DraftFault): string {
  const where = `near ${place(at[0])} across, ${place(at[1])} down`
  switch (code) {
    case 'not-a-polygon':
      return `Patch ${patch + 1} is no figure with an inside.`
    case 'outside':
      return `Patch ${patch + 1} reaches out of the block, ${where}.`
    case 'gap-or-overlap':
      return `There is a gap, or two patches lie over each other, ${where}.`
    case 'sliver':
      return `Patch ${patch + 1} is too thin to sew, ${where}.`
  }
}

/** Why a drawing cannot be a block, with the figure's number. */
export function blockTroubleText(trouble: BlockTrouble): string {
  switch (trouble.code) {
    case 'not-a-drawing':
      return 'This is no drawing with figures in it.'
    case 'nothing-drawn':
      return 'There are no filled figures in it.'
    case 'too-many-points':
      return `It has more than ${trouble.most} corners.`
    case 'curved':
      return `Figure ${trouble.figure} (${trouble.what}) is curved or a picture; a block has straight edges.`
    case 'only-a-line':
      return `Figure ${trouble.figure} (${trouble.what}) is only a line, without a fill.`
    case 'moved-figure':
      return (
        `Figure ${trouble.figure} (${trouble.what}) is moved or turned by a transform; save the drawing with its `
        + `figures in place.`
      )
    case 'not-closed':
      return `Figure ${trouble.figure} (${trouble.what}) is not closed, or has no area.`
    case 'cannot-be-sewn':
      return draftFaultText(trouble.fault)
  }
}

/** How a block is sewn, in a sentence. */
export function sewingText({
  setIn,
  partial,
  isProven,
  papers,
}: {
  setIn: number
  partial: number
  isProven: boolean
  papers: number | null
}): string {
  const seams =
    setIn + partial === 0
      ? 'Straight seams sew it.'
      : [
          setIn > 0 ? `${plural(setIn, 'set-in joint')}: sewn to a dot.` : '',
          partial > 0 ? `${plural(partial, 'seam')} first sewn in part${isProven ? '' : ' (fewer might do)'}.` : '',
        ]
          .filter(text => text !== '')
          .join(' ')
  const onPapers = `On foundation papers it takes ${plural(papers ?? 0, 'paper')}.`
  return `${seams} ${papers === null ? 'It cannot be sewn on foundation papers.' : onPapers}`
}

function place(value: number): string {
  return String(Math.round(value * 10) / 10)
}
