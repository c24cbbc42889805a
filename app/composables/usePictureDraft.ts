import type { DrawnPicture } from '~~/core/edits/pictures'
import type { DraftedPicture } from './draftedPicture'
import { usePictureHistory, type PictureStep } from './usePictureHistory'

/** A picture from its rows in letters. */
export function draftOf({ rows, letters }: Omit<DrawnPicture, 'name'>): DraftedPicture {
  const places = new Map(letters.map(({ letter }, i) => [letter, i]))
  const lines = rows.map(row => [...row])
  return {
    size: { columns: lines[0]!.length, rows: rows.length },
    squares: Uint8Array.from(lines.flat(), letter => places.get(letter) ?? 0),
    letters: [...letters],
  }
}

/**
 * A picture being drawn. Its squares are no reactive data, there are forty thousand of them: `version` counts their
 * changes, and what shows them looks at it.
 */
export function usePictureDraft(start: DraftedPicture) {
  const picture = shallowRef<DraftedPicture>(start)
  const version = ref(0)
  const { commit, ...history } = usePictureHistory(show)
  /** Squares of a stroke that goes on, with what they were. */
  let stroke: Map<number, number> | null = null

  const paint = (at: readonly number[], letter: number) => {
    const { squares } = picture.value
    const isAlone = stroke === null
    stroke ??= new Map()
    for (const square of at) {
      if (squares[square] === letter) continue
      if (!stroke.has(square)) stroke.set(square, squares[square]!)
      squares[square] = letter
    }
    version.value += 1
    if (isAlone) endStroke()
  }
  const beginStroke = () => (stroke = new Map())
  /** All that was painted since it began is one step. */
  function endStroke() {
    const changed = [...(stroke ?? [])]
    stroke = null
    if (changed.length === 0) return
    const at = changed.map(([square]) => square)
    const after = Uint8Array.from(at, square => picture.value.squares[square]!)
    commit({ kind: 'squares', at, before: Uint8Array.from(changed, ([, before]) => before), after })
  }
  /** Another picture, or other letters, in one step. */
  function replace(after: DraftedPicture) {
    commit({ kind: 'whole', before: picture.value, after })
    picture.value = after
    version.value += 1
  }
  function show(step: PictureStep, which: 'before' | 'after') {
    if (step.kind === 'whole') picture.value = step[which]
    else step.at.forEach((square, i) => (picture.value.squares[square] = step[which][i]!))
    version.value += 1
  }
  /** Its squares as letters, row by row. */
  function rows(): string[] {
    const { size, squares, letters } = picture.value
    return Array.from({ length: size.rows }, (_, y) =>
      Array.from({ length: size.columns }, (_, x) => letters[squares[y * size.columns + x]!]!.letter).join(''),
    )
  }
  return { picture, version, paint, beginStroke, endStroke, replace, rows, ...history }
}
export type PictureDraft = ReturnType<typeof usePictureDraft>
