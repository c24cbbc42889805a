import type { Piece } from '~~/core/cut/piece'
import { doneCounts } from '~~/core/cut/progress'
import { tick } from '~~/core/edits/record'
import { clothOf, type Cloth } from '~~/core/file/quilt'

/** Sewn blocks of a kind, to be trimmed to one size: how many of them are. */
export interface SewnTrimming {
  piece: Piece
  cloth: Cloth
  done: number
}

/** The sewn blocks that the quilt asks for, each to be trimmed to its place, and their ticks. */
export function useSewnTrims() {
  const store = useQuilt()
  const edit = useEdit()
  const trims = computed((): SewnTrimming[] => {
    const quilt = store.plannedQuilt!
    const ticked = doneCounts(quilt.done, 'cut')
    return (store.plan?.pieces ?? []).flatMap(piece => {
      const cloth = clothOf(quilt, piece.cloth)
      if (cloth.tray === undefined) return []
      return [{ piece, cloth, done: Math.min(piece.count, ticked.get(piece.id) ?? 0) }]
    })
  })
  function countTrimmed(piece: string, by: number) {
    edit('sewn blocks trimmed', tick('cut', piece, by, new Date().toISOString()))
  }
  return { trims, countTrimmed }
}
