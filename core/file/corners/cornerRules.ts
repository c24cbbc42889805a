// What a way of making the corners of a border says of itself. Reading, cards, steps and batches read it.

/** As the file has a corner that is a piece of its own. */
export type CornerPiece = { cloth: string } | { design: string; cloths?: Record<string, string> | undefined }

interface Allowed {
  /** Sewn to the ends of the second pair of strips before these are sewn on. */
  isOwnPiece: boolean
  /** The strips cross, and are sewn together on the slant when all four are on. */
  isOnSlant: boolean
  /** A design can be repeated along the sides, for strips end where the top inside does. */
  canBePieced: boolean
  /** The second pair spans the first, and is cut by what was measured with it on. */
  spansFirstPair: boolean
}

/** One way of making the corners of a border: the file has its name, or what the corner is made of. */
export type CornerRules = Allowed
  & (
    | { entry: 'name' }
    | {
        entry: 'cloth' | 'design'
        /** A corner that is chosen anew, in the border's cloth and another. */
        begun: (cloths: { border: string; other: string }) => CornerPiece
      }
  )
