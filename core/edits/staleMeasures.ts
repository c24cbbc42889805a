import { measuredThing, type MeasuredThing } from '../file/measuredThing'
import type { QuiltFile } from '../file/schema'

/**
 * The file without measures that a change of plan has overtaken: those of the part that changed and of all that is
 * sewn round it. What was measured of a 9″ block says nothing of a 12″ one. `border` counts from 0.
 */
export function withoutStaleMeasures(file: QuiltFile, changed: 'blocks' | 'setting' | { border: number }): QuiltFile {
  if (!file.made || file.made.length === 0) return file
  const from = typeof changed === 'object' ? changed.border + 1 : 0
  const isStale = (thing: MeasuredThing) => {
    if (thing.kind === 'block') return changed === 'blocks'
    if (thing.kind === 'setting' || thing.kind === 'row') return typeof changed !== 'object'
    return thing.kind === 'border' && thing.border >= from
  }
  const made = file.made.filter(entry => !isStale(measuredThing(entry.what)))
  return made.length === file.made.length ? file : { ...file, made }
}
