import type { GridSize } from '~~/core/charts/drawing'
import type { PictureLetter } from '~~/core/edits/pictures'

/** A whole picture: each square is the place of its letter in the list. */
export interface DraftedPicture {
  size: GridSize
  squares: Uint8Array
  letters: PictureLetter[]
}
