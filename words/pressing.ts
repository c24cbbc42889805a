// How the seams of a quilt meet as they are pressed, in words.
import type { Quilt } from '../core/file/quilt'
import type { PlannedPressing } from '../core/plan/plannedPressing'
import { formatLength } from './length'
import { plural, type Speech } from './speech'

/** How all seams are pressed, to choose from. */
export const PRESS_OPTIONS = [
  { value: 'plan', label: 'so that they nest' },
  { value: 'dark', label: 'to the darker side' },
  { value: 'open', label: 'open' },
] as const satisfies readonly { value: Quilt['press']; label: string }[]

/** When half-squares are trimmed, to choose from. */
export const HALF_SQUARE_OPTIONS = [
  { value: 'open', label: 'opened and pressed' },
  { value: 'closed', label: 'closed, then pressed' },
] as const satisfies readonly { value: Quilt['halfSquares']; label: string }[]

/** What comes of the points where seams meet: that they nest, or where they do not. Nothing where nothing meets. */
export function nestingText({ crossings, hubs }: PlannedPressing, speech: Speech): string {
  const { clash } = crossings
  const says: string[] = []
  if (crossings.nest > 0) says.push(nestText(clash.length > 0))
  if (clash.length > 0)
    says.push(
      `At ${plural(clash.length, 'crossing')} both allowances lie the same way${placeText(clash, speech)}: `
        + 'press one of them open there, or match it with a pin.',
    )
  if (hubs.mixed.length > 0)
    says.push(
      `At ${plural(hubs.mixed.length, 'point')} where more than two seams meet they do not nest`
        + `${placeText(hubs.mixed, speech)}: match the points with a pin and press the last seam open.`,
    )
  return says.join(' ')
}

function nestText(isWithout: boolean): string {
  return isWithout
    ? 'Where two seams cross, most lie opposite ways and nest.'
    : 'Where two seams cross, they lie opposite ways and nest.'
}

/** The place nearest to the top left, as one measures it on the top. */
function placeText(places: readonly { x: number; y: number }[], speech: Speech): string {
  const [first] = [...places].sort((a, b) => a.y - b.y || a.x - b.x)
  if (!first) return ''
  const at = `${formatLength(first.x, speech)} from the left and ${formatLength(first.y, speech)} from the top`
  return places.length === 1 ? `, ${at}` : `, the first ${at}`
}
