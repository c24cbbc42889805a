// Binding: what it hides, what cannot be folded, where its joins come to lie.
import { clothOf } from '../file/quilt'
import { bindingRules, isSewnOn, PLAIN_BINDING } from '../file/bindings'
import { TOLERANCE, type Inches } from '../measure/ruler'
import type { Check, Checker } from './check'
import { inLayers } from './place'

/**
 * A binding sewn with a wide seam: the outermost border makes room for it, or it hides the edge of the top. So does one
 * that shows more on the front than the allowance it goes round.
 */
export const borderCovered: Checker = ({ quilt: { binding, borders, seam }, plan }) => {
  // as you go another check says what is hidden
  if (!binding || !plan.binding || plan.asYouGo) return []
  const { style } = plan.binding
  const wider = borders.at(-1)?.beyond ?? 0
  const flange = isSewnOn(plan.binding) ? (plan.binding.flange?.visible ?? 0) : 0
  const shown = plan.binding.visible + Math.max(0, flange)
  const covered = shown - seam - wider
  if (covered <= TOLERANCE && wider <= TOLERANCE) return []
  return [
    {
      id: 'border-covered',
      severity: covered <= TOLERANCE || (style !== PLAIN_BINDING && borders.length > 0) ? 'note' : 'warn',
      ...inLayers('binding', bindingRules(style).sewnTo === null ? 'seam' : 'style'),
      data: { style, seam: binding.seam, shown, wider, covered: Math.max(0, covered) },
    },
  ]
}

/** Of the back brought round: half of it is turned under, and half shows. */
const MIN_BACK: Inches = 1 / 2

/** A strip that does not reach round the edge and past its stitches. */
export const bindingNarrow: Checker = ({ quilt: { binding, seam } }) => {
  if (!binding) return []
  const { of, leastStrip } = bindingRules(binding.style)
  const isBack = of === 'back'
  const least = isBack ? MIN_BACK : leastStrip?.({ seam: binding.seam, flangeSeam: seam })
  const strip = isBack ? (binding.extra ?? MIN_BACK) : binding.strip
  if (least === undefined || strip >= least - TOLERANCE) return []
  const data = { strip, least, seam: binding.seam, isBack }
  return [{ id: 'binding-narrow', severity: 'warn', ...inLayers('binding', isBack ? 'extra' : 'strip'), data }]
}

/** A flange that is no wider than its binding strip shows nothing. */
export const flangeHidden: Checker = ({ quilt: { binding } }) => {
  if (!binding?.flange || !bindingRules(binding.style).hasFlange) return []
  if (binding.flange.strip > binding.strip + TOLERANCE) return []
  const data = { flange: binding.flange.strip, strip: binding.strip }
  return [{ id: 'flange-hidden', severity: 'error', ...inLayers('binding', 'flange.strip'), data }]
}

/** Joins that fall within 4″ of a corner or 2″ of the flange's, wherever the binding is begun. */
export const joinAtCorner: Checker = ({ plan }) => {
  if (!plan.binding || !isSewnOn(plan.binding)) return []
  const { badJoins } = plan.binding
  return badJoins.length === 0
    ? []
    : [
        {
          id: 'join-at-corner',
          severity: 'warn',
          ...inLayers('binding', 'strip'),
          data: { joins: badJoins.length, hasFlange: plan.binding.flange !== undefined },
        },
      ]
}

/** The back must be as large as what is brought round. */
export const backTooSmallToFold: Checker = ({ quilt: { backing }, plan }): Check[] =>
  plan.binding && !isSewnOn(plan.binding) && backing && backing.overhang < plan.binding.extra - TOLERANCE
    ? [
        {
          id: 'overhang-too-small',
          severity: 'error',
          ...inLayers('backing', 'overhang'),
          data: { layer: 'back-to-fold', overhang: backing.overhang, least: plan.binding.extra },
        },
      ]
    : []

/** A print with an up cannot keep it all round the binding. */
export const turnedPrints: Checker = ({ quilt }) =>
  (quilt.binding?.cloths ?? [])
    .map(cloth => clothOf(quilt, cloth))
    .filter(({ directional }) => directional)
    .map(({ name }): Check => ({
      id: 'turned-print',
      severity: 'note',
      ...inLayers('binding', 'cloth'),
      data: { cloth: name },
    }))
