import type { Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'
import { written, type Edit } from './edit'

type HangingEntry = NonNullable<QuiltFile['hanging']>
type LabelEntry = NonNullable<QuiltFile['label']>

export interface HangingChange {
  way?: 'sleeve' | 'corners'
  cloth?: string
  girth?: Inches
  square?: Inches
}

/** How it hangs; null: it is not hung. The back's cloth is taken first, it shows least. */
export function setHanging(change: HangingChange | null): Edit {
  return file => {
    if (change === null) return { ...file, hanging: null }
    const fresh: HangingEntry = {
      way: 'sleeve',
      cloth: backCloth(file),
      ...(file.units === 'cm' ? { girth: 12, square: 12 } : {}),
    }
    return { ...file, hanging: { ...(file.hanging ?? fresh), ...inFile(file, change) } }
  }
}

export interface LabelChange {
  cloth?: string
  width?: Inches
  height?: Inches
  /** null: what the record says. */
  text?: string | null
}

/** Changes the label, puts one on, or (null) takes it off. */
export function setLabel(change: LabelChange | null): Edit {
  return file => {
    if (change === null) return { ...file, label: null }
    const fresh: LabelEntry = {
      cloth: backCloth(file),
      ...(file.units === 'cm' ? { width: 13, height: 9 } : {}),
    }
    const { text, ...rest } = change
    const { text: old, ...label } = file.label ?? fresh
    const kept = text === undefined ? old : (text ?? undefined)
    return { ...file, label: { ...label, ...inFile(file, rest), ...(kept === undefined ? {} : { text: kept }) } }
  }
}

function backCloth(file: QuiltFile): string {
  return file.backing?.cloth ?? file.cloths.at(-1)!.id
}

/** Lengths as the file writes them. */
function inFile<T extends object>(file: QuiltFile, change: T): T {
  return Object.fromEntries(
    Object.entries(change).map(([name, value]) => [name, typeof value === 'number' ? written(file, value) : value]),
  ) as T
}
