// In: the quilt, its top drawn. Out: its lines in the order of sewing, the widest gap between them, thread and time.
import type { Quilt } from '../file/quilt'
import type { BlockMake } from '../make/units/blockMake'
import { opaque, explained, type Explainable } from '../measure/explained'
import type { Inches } from '../measure/ruler'
import { sumOf, type Sum } from '../measure/sum'
import { inOrder, quarterTurns } from '../quilting/order'
import { QUILTING_KINDS, type QuiltingKind } from '../file/entries/quiltingEntry'
import { quiltingLines } from '../quilting/quiltingLines'
import { bobbinsFor, handThreadFor, THICKNESS, threadFor, tieThread } from '../quilting/thread'
import { quiltedTop } from '../quilting/quiltedTop'
import { cornersOf, trailsOf, type Trail, type TrailEnd } from '../quilting/trails'
import { stretchesOf, widestGap } from '../quilting/widestGap'
import type { Dimensions } from '../top/dimensions'

export interface PlannedQuilting {
  length: Inches
  /** Top and bobbin together; by hand the one thread. */
  thread: Inches
  bobbins: number
  /** In the order of sewing, from the raw top left; a tie is one point. */
  lines: { points: [number, number][]; kind: QuiltingKind; from: TrailEnd; to: TrailEnd }[]
  /** The largest circle inside the raw edge that no line crosses: its diameter and its middle. */
  gap: { size: Inches; x: Inches; y: Inches }
  /** Starts and stops inside the top. */
  stops: number
  /** Ends in the trimmings. */
  ends: number
  /** Long straight lines at the beginning, which hold the layers. */
  anchors: number
  /** Quarter turns of the quilt from line to line, and corners within lines. */
  turns: number
  /** Of these the corners, at which the needle is down and the quilt turned. */
  corners: number
  /** Null where nothing is tied. By hand, with a thread of their own. */
  ties: { count: number; thread: Inches } | null
  /** Raw. */
  width: Inches
  height: Inches
}

/** Metres on a full bobbin, where the quilter has not said. */
export const USUAL_BOBBIN = 50
/** Stitches as they are usual: by machine, by hand, and large ones by hand that are meant to be seen. */
export const USUAL_STITCHES: Readonly<Record<Quilt['stitching']['by'], Inches>> = {
  'machine': 3 / 25.4,
  'hand': 2.5 / 25.4,
  'big-stitch': 6 / 25.4,
}

/** The quilting as the plan tells it; null: nothing is to be quilted. */
export function plannedQuilting(
  quilt: Quilt,
  makes: ReadonlyMap<string, BlockMake>,
  dimensions: Dimensions,
): Explainable<PlannedQuilting> | null {
  if (quilt.quilting.length === 0) return null
  const top = quiltedTop(quilt, makes, dimensions)
  const found = quiltingLines(top, quilt.quilting)
  if (!found) return null
  const { trails, anchors } = inOrder(trailsOf(found, top), top, quilt.stitching.school)
  const { size, x, y } = widestGap(top.width, top.height, stretchesOf(found))
  const sewn = trails.filter(({ points }) => points.length > 1)
  const ends = countEnds(sewn, 'edge')
  const stops = countEnds(sewn, 'inside')
  const corners = sewn.reduce((sum, { points }) => sum + cornersOf(points), 0)
  const tied = trails.length - sewn.length
  const length = lengthSum(sewn)
  const { by, stitch = USUAL_STITCHES[by] } = quilt.stitching
  const thickness = THICKNESS[quilt.batting?.loft ?? 'medium']
  const isByMachine = by === 'machine'
  const thread = isByMachine
    ? threadFor({ length: length.total, stops, ends, stitch, thickness })
    : handThreadFor({ length: length.total, stitch, thickness })
  const holds = quilt.stitching.bobbin ?? USUAL_BOBBIN
  return {
    length: explained(length),
    thread: explained(thread),
    bobbins: explained(isByMachine ? bobbinsFor(thread.total, holds) : sumOf([])),
    lines: opaque(
      trails.map(({ points, kind, from, to }) => ({
        points: points.map(([px, py]) => [px, py] as [number, number]),
        kind,
        from,
        to,
      })),
    ),
    gap: { size, x, y },
    stops,
    ends,
    anchors,
    turns: Math.round(quarterTurns(sewn)) + corners,
    corners,
    ties: tied > 0 ? { count: tied, thread: explained(tieThread(tied)) } : null,
    width: top.width,
    height: top.height,
  }
}

function countEnds(trails: readonly Trail[], where: TrailEnd): number {
  return trails.reduce((sum, { from, to }) => sum + Number(from === where) + Number(to === where), 0)
}

function lengthSum(trails: readonly Trail[]): Sum {
  return sumOf(
    QUILTING_KINDS.map(kind => ({
      what: 'lines-of' as const,
      of: kind,
      value: trails.filter(trail => trail.kind === kind).reduce((sum, trail) => sum + lengthOf(trail), 0),
    })),
  )
}

function lengthOf({ points }: Trail): Inches {
  return points.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i]![0], y - points[i]![1]), 0)
}
