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
  const past = shallowRef<Draft[]>([])
  const future = shallowRef<Draft[]>([])
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
    past.value = [...past.value, draft.value].slice(-200)
    future.value = []
    draft.value = next
  }
  function undo() {
    const last = past.value.at(-1)
    if (!last) return
    future.value = [draft.value, ...future.value]
    past.value = past.value.slice(0, -1)
    draft.value = last
  }
  function redo() {
    const [next, ...rest] = future.value
    if (!next) return
    past.value = [...past.value, draft.value]
    future.value = rest
    draft.value = next
  }
  const images = () => imagesOf(symmetry.value, draft.value.width, draft.value.height)

  /** False when no patch was crossed from edge to edge. */
  function drawLine(from: Point, to: Point): boolean {
    const next = images().reduce((now, image) => splitByLine(now, image(from), image(to)), draft.value)
    if (next.patches.length === draft.value.patches.length) return false
    change(next)
    return true
  }
  function paintAt(patch: number, role: string) {
    const inside = innerPoint(draft.value, patch)
    const all = images().flatMap(image => patchAt(draft.value, image(inside)) ?? [])
    if (all.some(index => draft.value.patches[index]!.role !== role)) change(paint(draft.value, all, role))
  }
  /** Another name for a part, in all its patches. */
  function rename(from: string, to: string) {
    change({
      ...draft.value,
      patches: draft.value.patches.map(patch => (patch.role === from ? { ...patch, role: to } : patch)),
    })
  }
  function takeOut(first: number, second: number): boolean {
    const next = unitePatches(draft.value, first, second)
    if (next) change(next)
    return next !== null
  }
  function repeat(from: Box, to: Point, placement: Placement): boolean {
    const next = repeatUnit(draft.value, from, to, placement)
    if (next) change(next)
    return next !== null
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
    canUndo: computed(() => past.value.length > 0),
    canRedo: computed(() => future.value.length > 0),
    undo,
    redo,
    drawLine,
    paintAt,
    rename,
    takeOut,
    repeat,
    setGrid,
    startAgain,
    take,
    mirror,
    turn,
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
