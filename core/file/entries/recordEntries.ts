import { z } from 'zod'
import type { Fields } from '../fields'
import { object } from './entryParts'

/** A measure that was taken. */
export function madeEntry(f: Fields) {
  const measures = f.list(f.length(0.1), 1, 40)
  return z.object(
    {
      what: f.text(40),
      block: f.id.optional(),
      size: measures.optional(),
      width: measures.optional(),
      height: measures.optional(),
      strips: f.whole(2, 20).optional(),
      cut: f.length(0.1).optional(),
      measured: f.length(0.1).optional(),
      // of a seam test: when, in what cloth, on which machine with which thread, the needle at which of its own steps
      at: f.date.optional(),
      cloth: f.oneOf(['thin', 'thick']).optional(),
      machine: f.text(80).optional(),
      thread: f.text(80).optional(),
      needle: f.number(-100, 100).optional(),
      // of blocks: what is done about those that did not come out as planned
      decision: f.oneOf(['trim', 'ease', 'remake', 'needle']).optional(),
    },
    object,
  )
}

/** Something ticked as done. */
export function doneEntry(f: Fields) {
  return z.object(
    {
      what: f.oneOf(['cut', 'unit', 'block', 'row', 'step']),
      id: f.text(400),
      count: f.whole(0, 1_000_000).default(1),
      at: f.date.optional(),
    },
    object,
  )
}

/** What the time of a note was spent on. */
export const KINDS_OF_WORK = ['cut', 'piece', 'join', 'quilt', 'bind', 'other'] as const
export type KindOfWork = (typeof KINDS_OF_WORK)[number]

/** A note of the diary. */
export function diaryEntry(f: Fields) {
  return z.object(
    {
      at: f.date,
      text: f.text(20_000).default(''),
      minutes: f.number(0, 100_000).optional(),
      work: f.oneOf(KINDS_OF_WORK).optional(),
      // what was done in these minutes, by kinds of work; and asked whether it was so long, it was
      counts: z.record(f.text(40), f.number(0, 1_000_000)).optional(),
      sure: f.flag.optional(),
      // the id of a photograph
      photo: f.id.optional(),
    },
    object,
  )
}

/** A photograph: the picture itself lies beside the quilt. Sides in pixels. */
export function photoEntry(f: Fields) {
  return z.object(
    {
      id: f.id,
      at: f.date,
      caption: f.text(500).default(''),
      width: f.whole(1, 20_000),
      height: f.whole(1, 20_000),
    },
    object,
  )
}
