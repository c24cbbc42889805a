import type { Polygon } from '../../geometry/polygon'
import { letterAt } from '../../file/letters'
import { straightCuts, type StraightCut } from './straightCuts'

/** Patches sewn onto one paper, in the order of sewing: each seam is straight across all that lies there already. */
export interface FoundationSection {
  section: string
  order: number[]
}

/** How the papers are joined when they are full. */
export type SectionTree = { section: number } | { join: [SectionTree, SectionTree] }

export interface Foundation {
  sections: FoundationSection[]
  join: SectionTree
  /** Whether fewer papers are known to be impossible. */
  isFewest: boolean
}

/** Parts looked at before the search settles for the best found. */
const MAX_PARTS = 1500

/** Larger pictures are never sewn on papers: to look for them would take longer than all else. */
const MAX_PATCHES = 2000

/**
 * The fewest papers on which the patches can be sewn in number order, the papers then joined by straight seams; null
 * when they cannot. On one paper each patch lies on one side of a straight line and all earlier ones on the other.
 * Taking off any patch that a straight line parts from the rest never spoils the order of the others, so that is done
 * as long as it goes; where it does not lead to the end, every straight cut into two parts is tried.
 */
export function findFoundation(patches: readonly Polygon[]): Foundation | null {
  if (patches.length > MAX_PATCHES) return null
  const known = new Map<string, PaperPart | null>()
  let isFewest = true
  const solve = (members: readonly number[]): PaperPart | null => {
    const key = members.join()
    const found = known.get(key)
    if (found !== undefined) return found
    const part = onePaper(patches, members) ?? best(members)
    known.set(key, part)
    return part
  }
  const best = (members: readonly number[]): PaperPart | null => {
    let fewest: PaperPart | null = null
    for (const { before, after } of easiestFirst(straightCuts(patches, members))) {
      const one = solve(before)
      const other: PaperPart | null = one && (fewest === null || papers(one) < papers(fewest) - 1) ? solve(after) : null
      if (one && other && (fewest === null || papers(one) + papers(other) < papers(fewest)))
        fewest = { join: [one, other] }
      // two papers cannot be beaten where one does not do
      if (fewest && papers(fewest) === 2) break
      // a search that grew too long takes what it has, and says so
      if (fewest && known.size > MAX_PARTS) {
        isFewest = false
        break
      }
    }
    return fewest
  }
  const whole = solve(patches.map((_, i) => i))
  return whole && { ...numbered(whole), isFewest }
}

/**
 * Of papers as few, those that are joined by level and upright seams: square papers are handled, and joined, more
 * easily than slanted ones with a long edge on the bias. Among these, parts as near to halves as can be come first.
 */
function easiestFirst(cuts: Iterable<StraightCut>): StraightCut[] {
  const isSlanted = ({ line: { a, b } }: StraightCut) => Math.abs(a) > LEVEL && Math.abs(b) > LEVEL
  const lean = ({ before, after }: StraightCut) => Math.abs(before.length - after.length)
  return [...cuts].sort((one, other) => Number(isSlanted(one)) - Number(isSlanted(other)) || lean(one) - lean(other))
}

/** A line that leans by less is level, or upright. */
const LEVEL = 1e-6

type PaperPart = { order: number[] } | { join: [PaperPart, PaperPart] }

function papers(part: PaperPart): number {
  return 'order' in part ? 1 : papers(part.join[0]) + papers(part.join[1])
}

/**
 * The order of sewing on one paper, found by taking patches off from the last to the first; null when some cannot be
 * taken off.
 */
function onePaper(patches: readonly Polygon[], members: readonly number[]): { order: number[] } | null {
  let left = [...members]
  const taken: number[] = []
  while (left.length > 1) {
    const cut = cutOfOne(patches, left)
    if (!cut) return null
    const [last] =
      cut.before.length === 1 && (cut.after.length > 1 || cut.before[0]! > cut.after[0]!) ? cut.before : cut.after
    taken.push(last!)
    left = left.filter(member => member !== last)
  }
  return { order: [...left, ...taken.reverse()] }
}

/** The first cut that takes a single patch off the others. */
function cutOfOne(patches: readonly Polygon[], members: readonly number[]): StraightCut | null {
  for (const cut of straightCuts(patches, members)) if (cut.before.length === 1 || cut.after.length === 1) return cut
  return null
}

function numbered(whole: PaperPart): Pick<Foundation, 'sections' | 'join'> {
  const sections: FoundationSection[] = []
  const visit = (part: PaperPart): SectionTree => {
    if ('join' in part) return { join: [visit(part.join[0]), visit(part.join[1])] }
    sections.push({ section: letterAt(sections.length), order: part.order })
    return { section: sections.length - 1 }
  }
  return { join: visit(whole), sections }
}
