import type { Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'
import { replaced, written, type Edit } from './edit'

type BackingEntry = NonNullable<QuiltFile['backing']>
type BattingEntry = NonNullable<QuiltFile['batting']>

export interface BackingChange {
  cloth?: string
  overhang?: Inches
  way?: NonNullable<BackingEntry['way']>
  offCentre?: boolean
  /** No piece of a back from leftovers is narrower, finished. */
  narrowest?: Inches
  /** Of several ways to piece it from leftovers. */
  seed?: number
}

/** Changes the back, gives one, or (null) takes it away. */
export function setBacking(change: BackingChange | null): Edit {
  return file => {
    if (change === null) return { ...file, backing: null }
    const { overhang, narrowest, ...rest } = change
    return {
      ...file,
      backing: {
        ...(file.backing ?? { cloth: file.cloths[0]!.id }),
        ...rest,
        ...(overhang === undefined ? {} : { overhang: written(file, overhang) }),
        ...(narrowest === undefined ? {} : { narrowest: written(file, narrowest) }),
      },
    }
  }
}

export interface InHand {
  name: string
  width: Inches
  height: Inches
  count: number
  /** A block that is sewn: used as it is. */
  whole: boolean
}

/** Something more that the back may be pieced from. */
export function addInHand({ name, width, height, count, whole }: InHand): Edit {
  return file => {
    if (!file.backing) return file
    const entry = {
      ...(name === '' ? {} : { name }),
      width: written(file, width),
      height: written(file, height),
      ...(count === 1 ? {} : { count }),
      ...(whole ? { whole } : {}),
    }
    return { ...file, backing: { ...file.backing, inHand: [...(file.backing.inHand ?? []), entry] } }
  }
}

/** Takes away what the back could be pieced from, by its place in the list. */
export function removeInHand(index: number): Edit {
  return file =>
    file.backing
      ? { ...file, backing: { ...file.backing, inHand: replaced(file.backing.inHand ?? [], index, null) } }
      : file
}

export interface BattingChange {
  overhang?: Inches
  /** null: not said. */
  maxGap?: Inches | null
  width?: Inches | null
  length?: Inches | null
  colour?: BattingEntry['colour'] | null
  loft?: BattingEntry['loft']
  /** Parts of a whole. */
  shrink?: number
  fibre?: string | null
}

/** Changes the batting, gives one, or (null) takes it away. */
export function setBatting(change: BattingChange | null): Edit {
  return file => {
    if (change === null) return { ...file, batting: null }
    const entries = Object.entries(change).flatMap(([name, value]): [string, unknown][] => {
      if (value === undefined) return []
      const isLength = ['overhang', 'maxGap', 'width', 'length'].includes(name)
      return [[name, isLength && typeof value === 'number' ? written(file, value) : value]]
    })
    const next = { ...file.batting, ...Object.fromEntries(entries) }
    return { ...file, batting: Object.fromEntries(Object.entries(next).filter(([, value]) => value !== null)) }
  }
}
