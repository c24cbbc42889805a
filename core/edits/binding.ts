import { sameLength, type Inches } from '../measure/ruler'
import { UNIT_DEFAULTS, type Units } from '../measure/units'
import { parseLength } from '../measure/length'
import { bindingRules, PLAIN_BINDING } from '../file/bindings'
import type { QuiltFile } from '../file/schema'
import { written, type Edit } from './edit'

type BindingEntry = NonNullable<QuiltFile['binding']>

export interface BindingChange {
  style?: NonNullable<BindingEntry['style']>
  strip?: Inches
  /** Several are dealt in turn. */
  cloths?: readonly string[]
  join?: 'diagonal' | 'straight'
  bias?: boolean
  /** null: as wide as every other. */
  seam?: Inches | null
  flange?: { strip?: Inches; cloth?: string }
  /** Of the back, beyond the top. */
  extra?: Inches
  finish?: 'hand' | 'machine'
  attach?: 'front' | 'back'
}

/** What a flange is cut wider than its strip at first, so that half of it shows. */
const FLANGE_WIDER: Inches = 1 / 4

/** Changes the binding, puts one on, or (null) takes it off. */
export function setBinding(change: BindingChange | null): Edit {
  return file => {
    if (change === null) return { ...file, binding: null }
    const units = file.units ?? 'in'
    const old: BindingEntry = file.binding ?? {
      style: PLAIN_BINDING,
      strip: written(file, UNIT_DEFAULTS[units].bindingStrip),
      cloth: file.cloths[0]!.id,
    }
    const { strip, cloths, seam, flange, extra, ...rest } = change
    const inFile = (inches: Inches) => written(file, inches)
    const next: BindingEntry = {
      ...old,
      ...rest,
      ...(strip === undefined ? {} : { strip: inFile(strip) }),
      ...(cloths === undefined ? {} : { cloth: cloths.length === 1 ? cloths[0]! : [...cloths] }),
      ...(extra === undefined ? {} : { extra: inFile(extra) }),
      ...(seam === undefined || seam === null ? {} : { seam: inFile(seam) }),
    }
    if (seam === null) delete next.seam
    // the side to which a style is sewn is its own
    if (change.style !== undefined && change.style !== old.style) delete next.attach
    if (bindingRules(next.style).of !== 'back' && next.cloth === undefined) next.cloth = file.cloths[0]!.id
    if (strip === undefined && next.style !== old.style) next.strip = inFile(stripFor(next.style, old, units))
    if (bindingRules(next.style).hasFlange) next.flange = flangeOf(file, next, flange)
    else delete next.flange
    return { ...file, binding: next }
  }
}

/** How wide a style cuts its strip until a width is typed for it. */
function usualStrip(style: BindingEntry['style'], units: Units): Inches {
  return UNIT_DEFAULTS[units][bindingRules(style).usualStrip]
}

/** The strip of a style that is tried: its own usual one, or what was typed for another of the same usual width. */
function stripFor(style: BindingEntry['style'], old: BindingEntry, units: Units): Inches {
  const usual = usualStrip(style, units)
  const before = parseLength(old.strip ?? '', units)
  return before !== null && sameLength(usual, usualStrip(old.style, units)) ? before : usual
}

function flangeOf(
  file: QuiltFile,
  { strip, cloth, flange }: BindingEntry,
  change: BindingChange['flange'] = {},
): NonNullable<BindingEntry['flange']> {
  const units = file.units ?? 'in'
  const wide = parseLength(strip ?? '', units) ?? UNIT_DEFAULTS[units].bindingStrip
  const worn = Array.isArray(cloth) ? cloth : [cloth]
  const other = file.cloths.find(({ id }) => !worn.includes(id)) ?? file.cloths[0]!
  const known = flange ?? { strip: written(file, wide + FLANGE_WIDER), cloth: other.id }
  return {
    strip: change.strip === undefined ? known.strip : written(file, change.strip),
    cloth: change.cloth ?? known.cloth,
  }
}
