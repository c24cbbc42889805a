import { z } from 'zod'
import { refuse } from '../expectation'
import type { Fields } from '../fields'
import { STRIP_STRIPES } from '../stripStripes'
import { PLAIN_SETTING, SETTING_KINDS } from '../settings'
import { cellEntry, choice, finished, object, piecedEntry } from './entryParts'

/** Where blocks stand, and what lies between and beside them. Each way of setting reads its own fields. */
export function settingEntry(f: Fields) {
  const cell = cellEntry(f)
  return z.object(
    {
      kind: f.oneOf(SETTING_KINDS).default(PLAIN_SETTING),
      across: f.whole(1, 200),
      down: f.whole(1, 200),
      fill: f.list(f.list(f.id, 1, 200), 1, 200).optional(),
      cells: f.list(f.list(cell, 0, 400), 1, 400).optional(),
      // how far each row (column) stands from the edge, used in turn; one length alone is for every second
      shift: z.union([f.length(), f.list(f.length(), 1, 200)], refuse({ kind: 'length' })).optional(),
      // rows of their own blocks and height, each so far from the edge
      rows: f.list(z.object({ cells: f.list(cell, 1, 400), shift: f.length().default(0) }, object), 1, 400).optional(),
      // on point: finished distance from the blocks' corners to the edge of the setting
      float: f.length(0, 40).default(0),
      ends: z
        .union([z.literal('half-blocks'), z.object({ cloth: f.id })], choice(['half-blocks', '{ cloth }']))
        .optional(),
      settingCloth: f.id.optional(),
      sashing: sashingEntry(f).nullish(),
    },
    object,
  )
}

/** Strips between the blocks. */
function sashingEntry(f: Fields) {
  const pieced = piecedEntry(f)
  return z.object(
    {
      width: finished(f),
      cloth: f.id,
      outer: f.flag.default(false),
      // the design fills each short sash, its height along the sash
      pieced: pieced.optional(),
      cornerstones: z
        .union([z.object({ cloth: f.id }), pieced], choice(['{ cloth }', '{ design, cloths }']))
        .optional(),
      long: f.oneOf(['along', 'across']).default('along'),
      // of striped cloth: how its stripes run in the sashes, whatever `long` says
      stripes: f.oneOf(STRIP_STRIPES).optional(),
      // where sashes run: round every block, or only in long strips between rows or between columns
      between: f.oneOf(['both', 'rows', 'columns']).default('both'),
    },
    object,
  )
}
