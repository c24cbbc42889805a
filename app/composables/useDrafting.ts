import { blankDraft, mirrored, paint, turned, type Draft } from '~~/core/drafting/draft'
import { draftFaults } from '~~/core/drafting/draftFaults'
import { gridFor, gridPoints, gridSize, type Grid } from '~~/core/drafting/grid'
import { repeatUnit } from '~~/core/drafting/repeatUnit'
import { splitByLine } from '~~/core/drafting/splitByLine'
import { imagesOf, type Symmetry } from '~~/core/drafting/symmetry'
import { unitePatches } from '~~/core/drafting/unite'
import { findFoundation } from '~~/core/make/order/foundation'
import { findSewingOrder } from '~~/core/make/order/findSewingOrder'
import { contains, type Box, type Point } from '~~/core/geometry/polygon'
import type { Placement } from '~~/core/geometry/placement'

/** So many steps of a drawing can be taken back. */
const MAX_STEPS = 200

export type Tool = 'line' | 'paint' | 'take-out' | 'repeat'

/**
 * A block being drawn: its history, the grid it lies on, and what each tool does to it. Lengths in grid units of the
 * grid shown.
 */
export function useDrafting(start: Draft, startGrid: Grid = gridFor(start)) {
  const grid = ref<Grid>(startGrid)
  const scaled = (draft: Draft): Draft => {
    const { width, height } = gridSize(grid.value)
    const sx = width / draft.width
    const sy = height / draft.height
    return {
      width,
      height,
      patches: draft.patches.map(patch => ({
        ...patch,
        points: patch.points.map(([x, y]): Point => [x * sx, y * sy]),
      })),
    }
  }
  const draft = shallowRef<Draft>(scaled(start))
  const { commit, undo, redo, canUndo, canRedo } = useManualRefHistory(draft, { capacity: MAX_STEPS })
  const symmetry = ref<Symmetry>('none')
  const points = computed(() => gridPoints(grid.value))
  const faults = computed(() => draftFaults(draft.value))
  /** How it would be sewn; null while it cannot be. Not looked for beyond what is sewn by hand. */
  const sewing = computed(() => {
    if (faults.value.some(fault => fault.code !== 'sliver') || draft.value.patches.length > 120) return null
    const polygons = draft.value.patches.map(patch => patch.points)
    return { ...findSewingOrder(polygons), papers: findFoundation(polygons)?.sections.length ?? null }
  })

  function change(next: Draft) {
    draft.value = next
    commit()
  }
  /** Another grid under the same drawing, which is stretched onto it. */
  function setGrid(next: Grid) {
    grid.value = next
    change(scaled(draft.value))
  }
  function startAgain() {
    const { width, height } = gridSize(grid.value)
    change(blankDraft(width, height))
  }
  function take(next: Draft) {
    grid.value = gridFor(next)
    change(scaled(next))
  }
  const mirror = () => change(mirrored(draft.value))
  function turn() {
    grid.value = { ...grid.value, across: grid.value.down, down: grid.value.across }
    change(turned(draft.value))
  }
  return {
    draft,
    grid,
    points,
    symmetry,
    faults,
    sewing,
    canUndo,
    canRedo,
    undo,
    redo,
    ...draftTools(draft, symmetry, change),
    setGrid,
    startAgain,
    take,
    mirror,
    turn,
  }
}

/** What each tool does to the drawing, and to all its images. */
function draftTools(draft: Readonly<Ref<Draft>>, symmetry: Readonly<Ref<Symmetry>>, change: (next: Draft) => void) {
  const images = () => imagesOf(symmetry.value, draft.value.width, draft.value.height)
  const changeIf = (next: Draft | null): boolean => {
    if (next) change(next)
    return next !== null
  }
  return {
    /** False when no patch was crossed from edge to edge. */
    drawLine(from: Point, to: Point): boolean {
      const next = images().reduce((now, image) => splitByLine(now, image(from), image(to)), draft.value)
      return changeIf(next.patches.length === draft.value.patches.length ? null : next)
    },
    paintAt(patch: number, role: string) {
      const inside = innerPoint(draft.value, patch)
      const all = images().flatMap(image => patchAt(draft.value, image(inside)) ?? [])
      if (all.some(index => draft.value.patches[index]!.role !== role)) change(paint(draft.value, all, role))
    },
    /** Another name for a part, in all its patches. */
    rename(from: string, to: string) {
      const patches = draft.value.patches.map(patch => (patch.role === from ? { ...patch, role: to } : patch))
      change({ ...draft.value, patches })
    },
    takeOut: (first: number, second: number) => changeIf(unitePatches(draft.value, first, second)),
    repeat: (from: Box, to: Point, placement: Placement) => changeIf(repeatUnit(draft.value, from, to, placement)),
  }
}

/** The patch at a point; null outside. */
export function patchAt(draft: Draft, point: Point): number | null {
  const found = draft.patches.findIndex(patch => contains(patch.points, point))
  return found < 0 ? null : found
}

/** A point inside a patch, also of one that is bent: the middle of a triangle at one of its corners. */
export function innerPoint(draft: Draft, patch: number): Point {
  const { points } = draft.patches[patch]!
  for (let i = 0; i < points.length; i++) {
    const [a, b, c] = [points[i]!, points[(i + 1) % points.length]!, points[(i + 2) % points.length]!]
    const middle: Point = [(a[0] + b[0] + c[0]) / 3, (a[1] + b[1] + c[1]) / 3]
    if (contains(points, middle)) return middle
  }
  return points[0]!
}
