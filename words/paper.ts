import type { FoundationPaper } from '../core/paper/foundationPapers'
import type { SquarePicture } from '../core/designs/chart'
import type { ChartPageWords } from '../core/paper/chartSheets'
import type { PageWords } from '../core/paper/pages'
import type { Template } from '../core/paper/templates'
import { formatExactLength } from './length'
import { inEnglish, plural, type Speech } from './speech'

/** The head of every page to be printed at true size. */
export function pageWords(title: string, speech: Speech): PageWords {
  return {
    title,
    page: (number, of) => `Page ${number} of ${of}. Print at 100 %, not fitted to the page.`,
    testSquare: inEnglish(
      `This square must measure ${formatExactLength(1, speech)} each way. If it does not, do not cut.`,
      speech,
    ),
    tile: (column, row) => `Part ${column}${row}: glue the parts with their crosses on each other.`,
  }
}

/** What stands on the pages of a chart. */
export function chartPageWords(name: string, { chart }: SquarePicture, isMirrored: boolean): ChartPageWords {
  const [odd, even] = isMirrored ? ['left', 'right'] : ['right', 'left']
  return {
    title: `Chart: ${name}`,
    reading:
      `Rows are read from the ${chart.from}, each from the ${chart.side}. `
      + `Press the seams of odd rows to the ${odd} and of even rows to the ${even}.`,
    snip: 'snip of cloth',
    legend: ({ squares, cut }) => `${plural(squares, 'square')}, cut ${cut}`,
    page: (number, of, [left, right], [first, last]) =>
      `Page ${number} of ${of}: columns ${left} to ${right}, rows ${first} to ${last}. `
      + 'Pages lie over each other from edge to dashed line.',
  }
}

/** A template by its letter and what it is for. */
export function templateName({ letter, roles }: Template): string {
  return `${letter}: ${roles.join(', ')}`
}

/** How many to cut by it for the whole quilt, and of which hand. */
export function templateCount({ count, reversed }: Template, blocks: number): string {
  const straight = `cut ${count * blocks}`
  return reversed > 0 ? `${straight}, and ${reversed * blocks} turned over` : straight
}

/** What stands over a foundation paper. */
export function paperTitle({ section }: FoundationPaper, block: string, papers: number): string {
  return papers > 1 ? `${block}, paper ${section} of ${plural(papers, 'paper')}` : block
}
