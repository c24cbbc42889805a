import { measuredThing, type MeasureKey } from '../file/measuredThing'
import type { QuiltFile } from '../file/schema'
import type { Inches } from '../measure/ruler'
import { replaced, written, type Edit } from './edit'

type MadeEntry = NonNullable<QuiltFile['made']>[number]
type DoneEntry = NonNullable<QuiltFile['done']>[number]

/** Counts so many of a thing as done; less than nothing takes ticks back, the newest first. `at`: time as ISO text. */
export function tick(what: DoneEntry['what'], id: string, count: number, at: string): Edit {
  return file => {
    const done = file.done ?? []
    if (count >= 0) return { ...file, done: [...done, { what, id, count, at }] }
    let back = -count
    const kept = done.toReversed().flatMap((entry): DoneEntry[] => {
      if (back === 0 || entry.what !== what || entry.id !== id) return [entry]
      const taken = Math.min(back, entry.count ?? 1)
      back -= taken
      return taken === (entry.count ?? 1) ? [] : [{ ...entry, count: (entry.count ?? 1) - taken }]
    })
    return { ...file, done: kept.toReversed() }
  }
}

/**
 * Counts so many of a batch as done, and with it what is ready then: units, blocks, rows. `tick`: the name of the batch
 * in ticks.
 */
export function tickBatch(
  { ready, tick: id }: { ready?: { what: DoneEntry['what']; id: string } | undefined; tick: string },
  count: number,
  at: string,
): Edit {
  return file => {
    const ticked = tick('step', id, count, at)(file)
    return ready ? tick(ready.what, ready.id, count, at)(ticked) : ticked
  }
}

/** Measures of one stage or block, raw edge to raw edge, in inches; they replace earlier ones of the same. */
export interface Measures {
  what: MeasureKey
  block?: string
  size?: Inches[]
  width?: Inches[]
  height?: Inches[]
  strips?: number
  cut?: Inches
  measured?: Inches
  decision?: MadeEntry['decision']
}

/** Writes down what was measured of a part, in place of what was; in inches. */
export function setMeasures({ size, width, height, cut, measured, ...rest }: Measures): Edit {
  return file => {
    const all = (values: Inches[] | undefined) => values?.map(value => written(file, value))
    const entry = {
      ...rest,
      size: all(size),
      width: all(width),
      height: all(height),
      cut: cut && written(file, cut),
      measured: measured && written(file, measured),
    }
    const clean = Object.fromEntries(Object.entries(entry).filter(([, value]) => value !== undefined)) as MadeEntry
    return { ...file, made: [...withoutMeasures(file, rest.what, rest.block), clean] }
  }
}

/** Forgets what was measured of a part. */
export function removeMeasures(what: MeasureKey, block?: string): Edit {
  return file => ({ ...file, made: withoutMeasures(file, what, block) })
}

/** How a seam test is set up; what was measured before stays on record. */
export function setUpSeamTest(
  setup: Pick<MadeEntry, 'strips' | 'cut' | 'cloth' | 'machine' | 'thread' | 'needle'>,
): Edit {
  return file => {
    const entry = { ...setup, ...(setup.cut ? { cut: written(file, Number(setup.cut)) } : {}) }
    const setUp = withoutBlanks({ what: 'seam-test', ...entry })
    return { ...file, made: [...(file.made ?? []).filter(isMeasured), setUp] }
  }
}

/** In which cloth, on which machine, with which thread and needle a seam is tested. */
export type SeamTestWords = Pick<MadeEntry, 'cloth' | 'machine' | 'thread' | 'needle'>

/**
 * Says of the test of now in which cloth, on which machine, with which thread and needle it is sewn: what it measured
 * stays.
 */
export function describeSeamTest(words: SeamTestWords): Edit {
  return file => {
    const made = file.made ?? []
    const last = made.findLastIndex(({ what }) => what === 'seam-test')
    return { ...file, made: made.map((entry, i) => (i === last ? withoutBlanks({ ...entry, ...words }) : entry)) }
  }
}

function withoutBlanks<T extends object>(entry: T): T {
  return Object.fromEntries(Object.entries(entry).filter(([, value]) => value !== undefined && value !== '')) as T
}

/** What the strips of the last test measure; measured again, that test is put right. `at`: time as ISO text. */
export function measureSeamTest(setup: MadeEntry, measured: Inches, at: string): Edit {
  return file => {
    const made = file.made ?? []
    const last = made.findLastIndex(({ what }) => what === 'seam-test')
    const entry = { ...setup, cut: written(file, Number(setup.cut)), measured: written(file, measured), at }
    return { ...file, made: [...made.filter((_, i) => i !== last), entry] }
  }
}

/** Takes a test off the record. `index`: among those that were measured. */
export function removeSeamTest(index: number): Edit {
  return file => {
    let tests = -1
    const made = (file.made ?? []).filter(entry => {
      if (entry.what !== 'seam-test' || entry.measured === undefined) return true
      tests += 1
      return tests !== index
    })
    return { ...file, made }
  }
}

/** All but a seam test that was set up and not measured. */
function isMeasured({ what, measured }: MadeEntry): boolean {
  return what !== 'seam-test' || measured !== undefined
}

/** Takes back what was measured of single rows. */
export function removeRowMeasures(): Edit {
  return file => ({ ...file, made: (file.made ?? []).filter(({ what }) => measuredThing(what).kind !== 'row') })
}

function withoutMeasures(file: QuiltFile, what: string, block: string | undefined): MadeEntry[] {
  return (file.made ?? []).filter(entry => entry.what !== what || entry.block !== block)
}

type Note = NonNullable<QuiltFile['diary']>[number]

/**
 * A note in the diary; `at`: date and time in ISO 8601. `counts`: what was done in its minutes, by kinds of work; none
 * without minutes.
 */
export function addNote(at: string, text: string, minutes = 0, counts: NonNullable<Note['counts']> = {}): Edit {
  const isCounted = minutes > 0 && Object.keys(counts).length > 0
  const note = { at, text, ...(minutes ? { minutes } : {}), ...(isCounted ? { counts } : {}) }
  return file => ({ ...file, diary: [...(file.diary ?? []), note] })
}

/** Puts the minutes of a note right; asked, it was so long indeed (`isSure`). */
export function setNoteMinutes(index: number, minutes: number, isSure = false): Edit {
  return file => ({
    ...file,
    diary: (file.diary ?? []).map((note, i) => {
      if (i !== index) return note
      const { sure: _, ...rest } = note
      return { ...rest, minutes, ...(isSure ? { sure: true } : {}) }
    }),
  })
}

/** Takes a note out of the diary, by its place in the list. */
export function removeNote(index: number): Edit {
  return file => ({ ...file, diary: replaced(file.diary ?? [], index, null) })
}

/** The colours of the clips that keep rows in order. */
export function setClips(clips: readonly string[]): Edit {
  return ({ clips: _, ...file }) => (clips.length === 0 ? file : { ...file, clips: [...clips] })
}
