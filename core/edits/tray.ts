// In: the tray of blocks that are sewn already. Out: the file with kinds added, changed, taken out.
import type { QuiltFile } from '../file/schema'
import type { Inches } from '../measure/ruler'
import { replaced, written, type Edit } from './edit'
import { freeId } from './setting'

type TrayEntry = NonNullable<QuiltFile['tray']>[number]
/** What can be said of a kind; `picture` null takes it away. */
export type TrayChange = Partial<Pick<TrayEntry, 'name' | 'count' | 'colour'>> & {
  width?: Inches
  height?: Inches
  picture?: string | null
}

/** What is written at first, raw, to be put right with the tape. */
const FIRST_SIZE = { in: 12.5, cm: 31.5 } as const

/** Far apart in colour and light, so that kinds are told apart in the drawing. */
const COLOURS = ['#8c3f36', '#d8b25a', '#3f5a7a', '#9db08a', '#5d4a5f', '#c98f76', '#2f5d50', '#b7b9c4'] as const

/** Another kind, one block of it. */
export function addToTray(name: string): Edit {
  return file => {
    const tray = file.tray ?? []
    const id = freeId(
      name,
      tray.map(entry => entry.id),
    )
    const colour = COLOURS[tray.length % COLOURS.length]!
    return { ...file, tray: [...tray, { id, name, width: FIRST_SIZE[file.units ?? 'in'], count: 1, colour }] }
  }
}

/** Changes what is said of one kind, by its place in the tray. */
export function changeTray(at: number, { width, height, picture, ...rest }: TrayChange): Edit {
  return file => {
    const { picture: old, ...entry } = file.tray![at]!
    const shown = picture === undefined ? old : picture
    const next: TrayEntry = {
      ...entry,
      ...rest,
      // where no height was said it goes with the width: most blocks are square
      ...(width === undefined ? {} : { width: written(file, width) }),
      ...(height === undefined ? {} : { height: written(file, height) }),
      ...(shown ? { picture: shown } : {}),
    }
    return { ...file, tray: replaced(file.tray!, at, next) }
  }
}

/** Takes a kind out; blocks of it that stand in the quilt become plain squares of the last cloth. */
export function removeFromTray(at: number): Edit {
  return file => {
    const { id } = file.tray![at]!
    const cloth = file.cloths.at(-1)!.id
    return {
      ...file,
      tray: replaced(file.tray!, at, null),
      blocks: file.blocks.map(block => {
        if (block.tray !== id) return block
        const { tray: _, ...rest } = block
        return { ...rest, cloths: { cloth } }
      }),
    }
  }
}
