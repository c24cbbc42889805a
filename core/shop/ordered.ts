// What of a cloth is ordered stands among the ticks of the file, in hundredths of an inch.
import { doneCounts } from '../cut/progress'
import type { Edit } from '../edits/edit'
import { addNote, tick } from '../edits/record'
import { changeCloth } from '../edits/cloths'
import type { Quilt } from '../file/quilt'
import type { Inches } from '../measure/ruler'

const PREFIX = 'ordered.'
const PARTS = 100

/** Of each cloth what was ordered of it. */
export function orderedOf({ done }: Pick<Quilt, 'done'>): Map<string, Inches> {
  return new Map(
    [...doneCounts(done, 'step')].flatMap(([id, count]): [string, Inches][] =>
      id.startsWith(PREFIX) && count > 0 ? [[id.slice(PREFIX.length), count / PARTS]] : [],
    ),
  )
}

/** An order that was taken: lengths and prices are written down, and a note in the diary. `at`: time as ISO text. */
export function writeOrder(
  lines: readonly { cloth: string; length: Inches; price: number }[],
  note: string,
  at: string,
): Edit {
  return file =>
    lines.reduce(
      (next, { cloth, length, price }) =>
        changeCloth(cloth, { price })(tick('step', PREFIX + cloth, Math.round(length * PARTS), at)(next)),
      addNote(at, note)(file),
    )
}

/** It will not come after all. */
export function forgetOrder(cloth: string): Edit {
  const id = PREFIX + cloth
  return file => ({ ...file, done: (file.done ?? []).filter(entry => entry.what !== 'step' || entry.id !== id) })
}
