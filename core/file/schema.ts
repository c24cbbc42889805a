import { MAKING_KINDS, PLAIN_MAKING } from './makings'
import { z } from 'zod'
import { UNIT_DEFAULTS, type Units } from '../measure/units'
import { bindingEntry } from './entries/bindingEntry'
import { blockEntry } from './entries/blockEntry'
import { borderEntry } from './entries/borderEntry'
import { clothEntry } from './entries/clothEntry'
import { designEntry } from './entries/designEntry'
import { heapEntry } from './entries/heapEntry'
import { object } from './entries/entryParts'
import { forEntry, hangingEntry, labelEntry } from './entries/lastEntries'
import { backingEntry, battingEntry } from './entries/layerEntries'
import { quiltingEntry, stitchingEntry } from './entries/quiltingEntry'
import { diaryEntry, doneEntry, madeEntry, photoEntry } from './entries/recordEntries'
import { scheduleEntry } from './entries/scheduleEntry'
import { settingEntry } from './entries/settingEntry'
import { trayEntry } from './entries/trayEntry'
import { layoutEntry } from './entries/layoutEntry'
import { remainsEntry } from './entries/remainsEntry'
import { wallEntry } from './entries/wallEntry'
import { fieldsFor } from './fields'

export const FORMAT = 'wren-quilt'
export const VERSION = 1
export const AIMS = ['least-cloth', 'fewest-steps', 'most-exact', 'from-precuts'] as const
/** More colours of clips than this cannot be told apart. */
export const MAX_CLIPS = 24
/** Half-squares are trimmed when they were opened and pressed, or before. */
export const HALF_SQUARES = ['open', 'closed'] as const
export const PRESSING_SCHOOLS = ['plan', 'dark', 'open'] as const

/**
 * The quilt file's shape, for a file in these units. Lengths come out in inches, defaults filled in.
 * Fields it does not know are not refused: the document itself is kept as it was written, and this is only how it is
 * read.
 */
function schemaFor(units: Units) {
  const defaults = UNIT_DEFAULTS[units]
  const f = fieldsFor(units)
  return z.object(
    {
      format: f.oneOf([FORMAT]),
      version: f.oneOf([VERSION]),
      name: f.text(200).default('Untitled quilt'),
      units: f.oneOf(['in', 'cm']).default('in'),
      seam: f.length(0.05, 2).default(defaults.seam),
      ruler: f.length(0, 1).default(defaults.ruler),
      aim: f.oneOf(AIMS).default('least-cloth'),
      press: f.oneOf(PRESSING_SCHOOLS).default('plan'),
      halfSquares: f.oneOf(HALF_SQUARES).default('open'),
      // colours of the clips that keep rows in order
      clips: f.list(f.text(40), 0, MAX_CLIPS).default([]),
      cloths: f.list(clothEntry(f, defaults), 1, 500),
      heaps: f.list(heapEntry(f), 0, 100).default([]),
      designs: f.list(designEntry(f), 0, 500).default([]),
      blocks: f.list(blockEntry(f), 1, 500),
      // blocks that exist already
      tray: f.list(trayEntry(f), 0, 200).default([]),
      setting: settingEntry(f),
      // blocks as they are arranged on a wall
      wall: wallEntry(f).prefault({}),
      borders: f.list(borderEntry(f), 0, 40).default([]),
      backing: backingEntry(f, defaults).nullish(),
      batting: battingEntry(f, defaults).nullish(),
      quilting: f.list(quiltingEntry(f, defaults), 0, 40).default([]),
      stitching: stitchingEntry(f).prefault({}),
      binding: bindingEntry(f, defaults).nullish(),
      // a top, then layered; or block by block through all layers, the backs' allowance folded over the joins
      making: f.oneOf(MAKING_KINDS).default(PLAIN_MAKING),
      asYouGo: z.object({ allowance: f.length(1 / 2, 6).default(defaults.asYouGo) }, object).prefault({}),
      hanging: hangingEntry(f, defaults).nullish(),
      label: labelEntry(f, defaults).nullish(),
      for: forEntry(f, defaults).optional(),
      margin: f.number(0, 2).default(0.1),
      // pieces cut beyond those needed, in each pile for the blocks
      spares: f.whole(0, 100).default(0),
      // layouts that were looked for longer than the plan looks, by cloth
      layouts: z.record(f.id, layoutEntry(f)).default({}),
      // what is left of a cloth that is not cut as it was planned
      remains: z.record(f.id, remainsEntry(f)).default({}),
      made: f.list(madeEntry(f)).default([]),
      done: f.list(doneEntry(f)).default([]),
      diary: f.list(diaryEntry(f)).default([]),
      plan: scheduleEntry(f).prefault({}),
      photos: f.list(photoEntry(f), 0, 500).default([]),
    },
    object,
  )
}

const SCHEMAS = { in: schemaFor('in'), cm: schemaFor('cm') }

/** The schema of a file that is written in these units. */
export function quiltFileSchema(units: Units) {
  return SCHEMAS[units]
}

/** What people write: defaults may be missing, lengths may be text. */
export type QuiltFile = z.input<ReturnType<typeof schemaFor>>
/** What the core works with: complete, lengths in inches. */
export type ParsedQuilt = z.output<ReturnType<typeof schemaFor>>
export type ParsedDesign = ParsedQuilt['designs'][number]
