import { readQuilt } from '../file/readQuilt'
import type { Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import type { Edit } from './edit'

/** The quilt as it would be with this edit; null: it cannot be. */
export function editedQuilt(file: QuiltFile, edit: Edit): Quilt | null {
  const read = readQuilt(edit(file))
  return read.ok ? read.value : null
}
