import type { Point } from '../geometry/polygon'
import { sameLength, type Inches } from '../measure/ruler'
import type { Design } from './design'

const known = new WeakMap<Design, Map<string, boolean>>()

/**
 * Whether a mirror shows the same block, perhaps turned: then a mirrored place takes no other pieces than an upright
 * one. Judged at the size it is made in: a square drawing stretched to a rectangle no longer looks alike after a
 * quarter turn.
 */
export function isItsOwnMirrorImage(design: Design, { width, height }: { width: Inches; height: Inches }): boolean {
  const ratio = (width / height).toFixed(6)
  const answers = known.get(design) ?? new Map<string, boolean>()
  known.set(design, answers)
  const answer = answers.get(ratio) ?? looks(design, width / design.width, height / design.height)
  answers.set(ratio, answer)
  return answer
}

type Move = (point: Point) => Point

/** Whether the mirrored block is among the turns of the block that keep its box. */
function looks(design: Design, sx: number, sy: number): boolean {
  const width = design.width * sx
  const height = design.height * sy
  const half: Move[] = [p => p, ([x, y]) => [width - x, height - y]]
  const quarters: Move[] = sameLength(width, height) ? [([x, y]) => [height - y, x], ([x, y]) => [y, width - x]] : []
  const look = (move: Move) =>
    design.patches
      .map(({ role, points }) => {
        const corners = points.map(([x, y]) =>
          move([x * sx, y * sy])
            .map(v => (v + 1e-7).toFixed(4))
            .join(),
        )
        return `${role} ${corners.sort().join(' ')}`
      })
      .sort()
      .join('|')
  const own = look(p => p)
  return [...half, ...quarters].some(turn => look(([x, y]) => turn([width - x, y])) === own)
}
