import type { PrintRepeat } from '../cut/motifs'
import type { Inches } from '../measure/ruler'
import { clothLetters } from '../file/letters'
import type { QuiltFile } from '../file/schema'
import type { OwnDesignEntry } from './designs'
import { written, type Edit } from './edit'
import { freeId } from './setting'

type ClothEntry = QuiltFile['cloths'][number]
type LengthsOrNone = 'width' | 'selvage' | 'length' | 'have' | 'price' | 'picture' | 'repeat'
export type ClothChange = Partial<Omit<ClothEntry, 'id' | LengthsOrNone>> & {
  width?: Inches
  selvage?: Inches
  length?: Inches
  /** null: not said. */
  have?: Inches | null
  price?: number | null
  picture?: string | null
  repeat?: PrintRepeat | null
}

/** Another cloth, with the next free letter. Gives the edit and the id it will have. */
export function addCloth(file: QuiltFile, change: ClothChange & { name: string }): { edit: Edit; id: string } {
  const id = freeId(
    change.name,
    file.cloths.map(cloth => cloth.id),
  )
  return { id, edit: old => changeCloth(id, change)({ ...old, cloths: [...old.cloths, { id }] }) }
}

/** Changes what is said of a cloth; lengths in inches. */
export function changeCloth(id: string, change: ClothChange): Edit {
  return file => ({
    ...file,
    cloths: lettered(file.cloths).map(cloth => (cloth.id === id ? changed(file, cloth, change) : cloth)),
  })
}

function changed(file: QuiltFile, cloth: ClothEntry, change: ClothChange): ClothEntry {
  const { width, selvage, length, have, price, picture, repeat, ...rest } = change
  const next: ClothEntry = {
    ...cloth,
    ...rest,
    ...(width === undefined ? {} : { width: written(file, width) }),
    ...(selvage === undefined ? {} : { selvage: written(file, selvage) }),
    ...(length === undefined ? {} : { length: written(file, length) }),
    ...(typeof have === 'number' ? { have: written(file, have) } : {}),
    ...(typeof price === 'number' ? { price } : {}),
    ...(typeof picture === 'string' ? { picture } : {}),
    ...(repeat ? { repeat: writtenRepeat(file, repeat) } : {}),
  }
  if (have === null) delete next.have
  if (price === null) delete next.price
  if (picture === null) delete next.picture
  if (repeat === null) delete next.repeat
  return next
}

function writtenRepeat(file: QuiltFile, { across, down, first }: PrintRepeat): NonNullable<ClothEntry['repeat']> {
  return {
    across: written(file, across),
    down: written(file, down),
    ...(first === undefined ? {} : { first: written(file, first) }),
  }
}

/** Takes a cloth out and another in its place everywhere, ticks and notes apart. */
export function removeCloth(id: string, instead: string): Edit {
  const swap = (cloth: string) => (cloth === id ? instead : cloth)
  return file => ({
    ...file,
    ...recloth({ blocks: file.blocks, setting: file.setting }, swap),
    ...recloth(
      Object.fromEntries(
        (['borders', 'backing', 'binding', 'hanging', 'label', 'wall'] as const).flatMap(part =>
          file[part] ? [[part, file[part]]] : [],
        ),
      ),
      swap,
    ),
    ...(file.heaps
      ? { heaps: file.heaps.map(heap => ({ ...heap, cloths: [...new Set(heap.cloths.map(swap))] })) }
      : {}),
    ...(file.designs ? { designs: file.designs.map(design => withScrapsSwapped(design, swap)) } : {}),
    cloths: lettered(file.cloths).filter(cloth => cloth.id !== id),
  })
}

/** Scraps under one letter of a picture, each named once. */
function withScrapsSwapped(design: OwnDesignEntry, swap: (cloth: string) => string): OwnDesignEntry {
  const scraps = Object.entries(design.chart?.cloths ?? {})
  if (scraps.length === 0) return design
  const cloths = Object.fromEntries(scraps.map(([letter, list]) => [letter, [...new Set(list.map(swap))]]))
  return { ...design, chart: { ...design.chart, cloths } }
}

/** A part of the file with every cloth that it names swapped, however deep: those of roles, and those of strips. */
function recloth<T>(part: T, swap: (cloth: string) => string): T {
  if (part === null || typeof part !== 'object') return part
  if (Array.isArray(part)) return part.map((entry: unknown) => recloth(entry, swap)) as T
  return Object.fromEntries(
    Object.entries(part).map(([key, value]: [string, unknown]) => {
      if ((key === 'cloth' || key === 'settingCloth') && typeof value === 'string') return [key, swap(value)]
      // of a binding: dealt from several
      if (key === 'cloth' && Array.isArray(value)) return [key, (value as string[]).map(swap)]
      if (key === 'cloths') return [key, mapValues(value as Record<string, string>, swap)]
      return [key, recloth(value, swap)]
    }),
  ) as T
}

function mapValues(record: Readonly<Record<string, string>>, map: (value: string) => string): Record<string, string> {
  return Object.fromEntries(Object.entries(record).map(([key, value]) => [key, map(value)]))
}

/** Letters are written down as soon as the list changes, so that a pile keeps its cloth's letter. */
function lettered(cloths: readonly ClothEntry[]): ClothEntry[] {
  const letters = clothLetters(cloths)
  return cloths.map((cloth, i) => ({ ...cloth, letter: letters[i]! }))
}
