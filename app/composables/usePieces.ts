import type { Piece } from '~~/core/cut/piece'

/** The pieces of the plan on show by their ids: what each is, and where it stands in the plan. */
export function usePieces() {
  const store = useQuilt()
  const pieces = computed((): ReadonlyMap<string, Piece> => new Map(store.plan?.pieces.map(piece => [piece.id, piece])))
  const places = computed(
    (): ReadonlyMap<string, number> => new Map(store.plan?.pieces.map((piece, i) => [piece.id, i])),
  )
  return { pieces, places }
}
