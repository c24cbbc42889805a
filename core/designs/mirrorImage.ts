import { placePoint, type Placement } from '../geometry/placement'
import { sameLength, type Inches } from '../measure/ruler'
import type { Design } from './design'

type Turn = Placement['turn']

const known = new WeakMap<Design, Map<string, Turn | null>>()

/**
 * How the block is turned, clockwise, where a mirror shows the same block; null where the mirror shows another one.
 * Such a block in a mirrored place takes no other pieces than an upright one. Judged at the size it is made in: a
 * square drawing stretched to a rectangle no longer looks alike after a quarter turn.
 */
export function turnOfMirrorImage(design: Design, { width, height }: { width: Inches; height: Inches }): Turn | null {
  const ratio = (width / height).toFixed(6)
  const answers = known.get(design) ?? new Map<string, Turn | null>()
  known.set(design, answers)
  const answer = answers.get(ratio)
  if (answer !== undefined) return answer
  const turn = turnThatLooks(design, (width / height) * (design.height / design.width))
  answers.set(ratio, turn)
  return turn
}

/** Whether a mirror shows the same block, perhaps turned. */
export function isItsOwnMirrorImage(design: Design, size: { width: Inches; height: Inches }): boolean {
  return turnOfMirrorImage(design, size) !== null
}

/** The same of squares, by their roles alone. */
function turnOfPicture({ patches, width: columns, height: rows }: Design, stretch: number): Turn | null {
  const isSquare = sameLength(columns * stretch, rows) && columns === rows
  const roleAt = (x: number, y: number) => patches[y * columns + x]!.role
  const turned: Record<Turn, (x: number, y: number) => string> = {
    0: roleAt,
    90: (x, y) => roleAt(y, rows - 1 - x),
    180: (x, y) => roleAt(columns - 1 - x, rows - 1 - y),
    270: (x, y) => roleAt(columns - 1 - y, x),
  }
  const looksSo = (turn: Turn) =>
    patches.every((_, i) => {
      const [x, y] = [i % columns, Math.floor(i / columns)]
      return turned[turn](x, y) === roleAt(columns - 1 - x, y)
    })
  const turns = isSquare ? ([0, 90, 180, 270] as const) : ([0, 180] as const)
  return turns.find(looksSo) ?? null
}

/** The turn of the block, of those that keep its box, that shows what the mirror shows; the drawing is stretched. */
function turnThatLooks(design: Design, stretch: number): Turn | null {
  if (design.picture) return turnOfPicture(design, stretch)
  const width = design.width * stretch
  const { height } = design
  const look = (placement: Placement) =>
    design.patches
      .map(({ role, points }) => {
        const corners = points.map(([x, y]) =>
          placePoint([x * stretch, y], placement, width, height)
            .map(value => (value + 1e-7).toFixed(4))
            .join(),
        )
        return `${role} ${corners.sort().join(' ')}`
      })
      .sort()
      .join('|')
  const image = look({ turn: 0, mirror: true })
  const turns = sameLength(width, height) ? ([0, 90, 180, 270] as const) : ([0, 180] as const)
  return turns.find(turn => look({ turn, mirror: false }) === image) ?? null
}
