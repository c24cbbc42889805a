import { batchProgress, batchTick } from '~~/core/batches/batchProgress'
import type { PlannedBatch } from '~~/core/batches/plannedBatches'
import { tickBatch } from '~~/core/edits/record'
import type { Picture } from '~~/core/make/steps/picture'
import { STATION_OF, type SewingStage } from '~~/core/make/steps/stage'
import type { QuiltRow } from '~~/core/top/rows'
import { batchBook, type BatchBook } from '~~/words/batchBook'

/** Batches that follow each other at one station: one walk. */
export interface Visit {
  at: PlannedBatch['at']
  isTest: boolean
  /** Their places among all batches. */
  from: number
  batches: PlannedBatch[]
}

/** The sewing in batches: what is done of each, what it is told and shown by, and its ticks. */
export function useBatches() {
  const store = useQuilt()
  const speech = useSpeech()
  const batches = computed(() => store.batched?.batches ?? [])
  /** What the batches were made of; the plan on show may be newer. */
  const workbook = computed(() => store.batched?.workbook)
  watch(
    () => store.workbook,
    newer => {
      if (newer) store.askBatches()
    },
    { immediate: true },
  )
  const done = computed(() => batchProgress(batches.value, store.quilt?.done ?? []))
  const visits = computed(() => visitsOf(batches.value))
  const book = computed(() =>
    batchBook(
      {
        recipes: workbook.value?.recipes ?? [],
        rows: workbook.value?.plan.rows ?? [],
        pieces: workbook.value?.plan.pieces ?? [],
      },
      {
        cloths: store.clothNames,
        blocks: store.blockNames,
        clips: store.quilt?.clips ?? [],
        speech: speech.value,
      },
    ),
  )

  /** Counts so many as done, or takes them back. */
  function count(i: number, by: number) {
    const batch = batches.value[i]!
    const at = new Date().toISOString()
    store.apply(by > 0 ? 'sewn' : 'not sewn', tickBatch({ ready: batch.ready, tick: batchTick(batch) }, by, at))
  }

  /** The first that is not done. */
  const next = computed(() => {
    const at = batches.value.findIndex((batch, i) => done.value[i]! < batch.count)
    return at === -1 ? Math.max(0, batches.value.length - 1) : at
  })
  return {
    batches,
    done,
    visits,
    book,
    pictureOf: (batch: PlannedBatch) => batchPicture(book.value, batch),
    rowsOf: (batch: PlannedBatch) => rowsMeeting(book.value, batch),
    stagesOf: (batch: PlannedBatch) => batchStages(book.value, batch),
    count,
    next,
  }
}

function visitsOf(batches: readonly PlannedBatch[]): Visit[] {
  const found: Visit[] = []
  batches.forEach((batch, i) => {
    const last = found.at(-1)
    const isTest = batch.test === true
    if (last?.at === batch.at && last.isTest === isTest) last.batches.push(batch)
    else found.push({ at: batch.at, isTest, from: i, batches: [batch] })
  })
  return found
}

/** What it looks like: a step of a unit, a join; a whole block from behind while it is pressed. */
function batchPicture(book: BatchBook, { task, what, ready }: PlannedBatch): Picture | null {
  if ('unit' in task) return book.units.get(task.unit)?.steps[task.step]?.picture ?? null
  if (!('block' in task)) return null
  const found = task.joins.flatMap(id => book.joins.get(id) ?? [])
  if (what === 'press' && ready) return found[0]?.recipe.back ?? null
  const { picture } = found.at(-1)?.join.step ?? {}
  return picture ? { ...picture, arrows: what === 'press' ? picture.arrows : [] } : null
}

/** The two parts that a join of rows brings together: a row so far and its next part, or the rows that meet. */
function rowsMeeting(
  book: BatchBook,
  { task, what }: PlannedBatch,
): { first: QuiltRow; second: QuiltRow; isBeside: boolean } | null {
  if (what !== 'join') return null
  if ('row' in task) {
    const [row] = book.rows.get(task.row) ?? []
    const next = row?.parts[task.part]
    if (!row || !next) return null
    const only = (parts: QuiltRow['parts']): QuiltRow => ({ ...row, parts })
    return { first: only(row.parts.slice(0, task.part)), second: only([next]), isBeside: true }
  }
  if (!('rows' in task)) return null
  const [, middle] = task.rows
  const [first, second] = [book.joined[middle - 1], book.joined[middle]]
  return first && second ? { first, second, isBeside: false } : null
}

/** What hands do within it at its station, where it wants care. */
function batchStages(book: BatchBook, { task, at }: PlannedBatch): SewingStage[] {
  const steps =
    'unit' in task
      ? [book.units.get(task.unit)?.steps[task.step]]
      : 'block' in task
        ? task.joins.map(id => book.joins.get(id)?.join.step)
        : []
  return steps.flatMap(step => step?.stages ?? []).filter(({ code }) => STATION_OF[code] === at)
}
