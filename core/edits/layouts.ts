// In: a layout that was found for a cloth. Out: the file with it, to be cut by from now on.
import type { Strip } from '../cut/cutPiece'
import type { QuiltFile } from '../file/schema'
import { written, type Edit } from './edit'

/** `pieces`: what it is for, as `layoutKey` says it. */
export function keepLayout(cloth: string, pieces: string, strips: readonly Strip[]): Edit {
  return file => {
    const box = (from: { x: number; y: number; width: number; height: number }) => ({
      x: written(file, from.x),
      y: written(file, from.y),
      width: written(file, from.width),
      height: written(file, from.height),
    })
    const entry = {
      pieces,
      strips: strips.map(({ run, sheet, cuts, ...strip }) => ({
        ...box(strip),
        run,
        sheet,
        cuts: cuts.map(({ piece, ...cut }) => ({ ...box(cut), piece })),
      })),
    }
    return { ...file, layouts: { ...file.layouts, [cloth]: entry } }
  }
}

/** Back to the layout that the plan finds by itself. */
export function dropLayout(cloth: string): Edit {
  return (file: QuiltFile) => {
    const { [cloth]: _, ...layouts } = file.layouts ?? {}
    return { ...file, layouts }
  }
}
