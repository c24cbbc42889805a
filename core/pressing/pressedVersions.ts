import type { Cell } from '../file/quilt'
import type { QuiltPressing, Version } from './quiltPressing'

/** The versions that cells of one dressing have, the commonest first. */
export function pressedVersions(
  { ofCell, versions }: QuiltPressing,
  cells: readonly Cell[],
): { version: Version; count: number }[] {
  const counts = new Map<Version, number>()
  for (const cell of cells)
    for (const [version, count] of ofCell.get(cell)!)
      counts.set(versions[version]!, (counts.get(versions[version]!) ?? 0) + count)
  return [...counts].map(([version, count]) => ({ version, count }))
}
