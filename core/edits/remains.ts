// In: what is left of a cloth, measured at the mat. Out: the file that goes on from there.
import { doneCounts } from '../cut/progress'
import { readQuilt } from '../file/readQuilt'
import type { Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'
import { written, type Edit } from './edit'

/** So many pieces of cloth, across and along it, without selvages. */
export interface RemainingCloth {
  width: Inches
  length: Inches
  count: number
}

/**
 * From now on what is not cut yet is laid out on these pieces of the cloth. What is ticked by now counts as cut and
 * good.
 */
export function goOnWith(cloth: string, pieces: readonly RemainingCloth[]): Edit {
  return file => {
    const read = readQuilt(file)
    const cut = read.ok ? Object.fromEntries(doneCounts(read.value.done, 'cut')) : {}
    const entry = {
      cut,
      pieces: pieces.map(({ width, length, count }) => ({
        width: written(file, width),
        length: written(file, length),
        count,
      })),
    }
    return { ...file, remains: { ...file.remains, [cloth]: entry } }
  }
}

/** The cloth is cut as it was planned at first. */
export function asPlanned(cloth: string): Edit {
  return (file: QuiltFile) => {
    const { [cloth]: _, ...remains } = file.remains ?? {}
    return { ...file, remains }
  }
}
