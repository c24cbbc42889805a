import type { Inches } from '../measure/ruler'
import { clothLetters } from '../file/letters'
import type { QuiltFile } from '../file/schema'
import { written, type Edit } from './edit'
import { freeId } from './setting'

type ClothEntry = QuiltFile['cloths'][number]
export type ClothChange = Partial<Omit<ClothEntry, 'id' | 'width' | 'selvage' | 'length'>> & {
  width?: Inches
  selvage?: Inches
  length?: Inches
}

/** Another cloth, with the next free letter. Gives the edit and the id it will have. */
export function addCloth(file: QuiltFile, change: ClothChange & { name: string }): { edit: Edit; id: string } {
  const id = freeId(
    change.name,
    file.cloths.map(cloth => cloth.id),
  )
  return { id, edit: old => changeCloth(id, change)({ ...old, cloths: [...old.cloths, { id }] }) }
}

export function changeCloth(id: string, { width, selvage, length, ...rest }: ClothChange): Edit {
  return file => ({
    ...file,
    cloths: lettered(file.cloths).map(cloth =>
      cloth.id !== id
        ? cloth
        : {
            ...cloth,
            ...rest,
            ...(width === undefined ? {} : { width: written(file, width) }),
            ...(selvage === undefined ? {} : { selvage: written(file, selvage) }),
            ...(length === undefined ? {} : { length: written(file, length) }),
          },
    ),
  })
}

/** Takes a cloth out and another in its place everywhere, ticks and notes apart. */
export function removeCloth(id: string, instead: string): Edit {
  const swap = (cloth: string) => (cloth === id ? instead : cloth)
  const swapAll = (cloths: Record<string, string> | undefined) =>
    Object.fromEntries(Object.entries(cloths ?? {}).map(([role, cloth]) => [role, swap(cloth)]))
  return file => ({
    ...file,
    cloths: lettered(file.cloths).filter(cloth => cloth.id !== id),
    blocks: file.blocks.map(block => ({ ...block, cloths: swapAll(block.cloths) })),
    setting: {
      ...file.setting,
      ...(file.setting.cells
        ? {
            cells: file.setting.cells.map(line =>
              line.map(cell => (cell.cloths ? { ...cell, cloths: swapAll(cell.cloths) } : cell)),
            ),
          }
        : {}),
      ...(file.setting.sashing
        ? {
            sashing: {
              ...file.setting.sashing,
              cloth: swap(file.setting.sashing.cloth),
              ...(file.setting.sashing.cornerstones
                ? {
                    cornerstones: {
                      ...file.setting.sashing.cornerstones,
                      cloth: swap(file.setting.sashing.cornerstones.cloth),
                    },
                  }
                : {}),
            },
          }
        : {}),
    },
    ...(file.borders ? { borders: file.borders.map(border => ({ ...border, cloth: swap(border.cloth) })) } : {}),
    ...(file.backing ? { backing: { ...file.backing, cloth: swap(file.backing.cloth) } } : {}),
    ...(file.binding?.cloth ? { binding: { ...file.binding, cloth: swap(file.binding.cloth) } } : {}),
  })
}

/** Letters are written down as soon as the list changes, so that a pile keeps its cloth's letter. */
function lettered(cloths: readonly ClothEntry[]): ClothEntry[] {
  const letters = clothLetters(cloths)
  return cloths.map((cloth, i) => ({ ...cloth, letter: letters[i]! }))
}
