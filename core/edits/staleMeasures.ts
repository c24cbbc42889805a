import type { QuiltFile } from '../file/schema'

/**
 * The file without measures that a change of plan has overtaken: those of the part that changed and of all that is
 * sewn round it. What was measured of a 9″ block says nothing of a 12″ one. `border` counts from 0.
 */
export function withoutStaleMeasures(file: QuiltFile, changed: 'blocks' | 'setting' | { border: number }): QuiltFile {
  if (!file.made || file.made.length === 0) return file
  const from = typeof changed === 'object' ? changed.border + 1 : 0
  const isStale = (what: string) => {
    if (what === 'block') return changed === 'blocks'
    if (what === 'setting' || what.startsWith('row-')) return typeof changed !== 'object'
    const border = /^border-(\d+)/.exec(what)?.[1]
    return border !== undefined && Number(border) >= from
  }
  const made = file.made.filter(entry => !isStale(entry.what))
  return made.length === file.made.length ? file : { ...file, made }
}
