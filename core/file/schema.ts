import { z } from 'zod'
import { MOST_SQUARES } from '../designs/squares'
import { UNIT_KINDS } from './unitKinds'
import { CARES } from './cares'
import { METHOD_IDS } from './methodNames'
import { UNIT_DEFAULTS, type Units } from '../measure/units'
import { refuse } from './expectation'
import { quiltingEntry } from './quiltingEntry'
import { fieldsFor, MOST_INCHES } from './fields'
import { withPatches } from './designPatches'
import { BINDING_STYLES, PLAIN_BINDING } from './bindings'
import { PLAIN_SETTING, SETTING_KINDS } from './settings'

export const FORMAT = 'wren-quilt'
export const VERSION = 1
export const AIMS = ['least-cloth', 'fewest-steps', 'most-exact', 'from-precuts'] as const
export const STRIPES = ['upright', 'level', 'lengthwise', 'crosswise'] as const
/** More colours of clips than this cannot be told apart. */
export const MOST_CLIPS = 24
export const PRESSES = ['first', 'second', 'open'] as const
/** Half-squares are trimmed when they were opened and pressed, or before. */
export const HALF_SQUARES = ['open', 'closed'] as const
export const PRESSING_SCHOOLS = ['plan', 'dark', 'open'] as const

/** The smallest thing that can be sewn, finished. */
export const LEAST_FINISHED = 1 / 8

const choice = (options: readonly (string | number)[]) => refuse({ kind: 'one-of', options })
const object = refuse({ kind: 'object' })

/**
 * The quilt file's shape, for a file in these units. Lengths come out in inches, defaults filled in.
 * Fields it does not know are not refused: the document itself is kept as it was written, and this is only how it is
 * read.
 */
function schemaFor(units: Units) {
  const defaults = UNIT_DEFAULTS[units]
  const f = fieldsFor(units)
  const finished = () => f.length(LEAST_FINISHED, MOST_INCHES)

  const cloth = z.object(
    {
      id: f.id,
      name: f.text(200).optional(),
      letter: f.text(3).optional(),
      colour: f.colour.default('#b8b0a0'),
      pattern: f.text(40).default('plain'),
      width: f.length(1).default(defaults.clothWidth),
      selvage: f.length(0, 12).optional(),
      form: f.oneOf(['yardage', 'piece']).default('yardage'),
      length: f.length(1).optional(),
      count: f.whole(1, 10_000).optional(),
      directional: f.flag.default(false),
      shrink: f.number(0, 0.5).default(0),
    },
    object,
  )
  const point = z.tuple([z.number(), z.number()], refuse({ kind: 'point' }))
  const design = z
    .object(
      {
        id: f.id,
        name: f.text(200).optional(),
        family: f.text(80).default('own'),
        width: f.number(1e-3, 1000),
        height: f.number(1e-3, 1000),
        patches: f.list(z.object({ role: f.id, points: f.list(point, 3, 200) }, object), 1, 2000).optional(),
        squares: f.list(f.text(MOST_SQUARES), 1, MOST_SQUARES).optional(),
      },
      object,
    )
    .transform(withPatches)
  const method = z.union(
    [z.literal(['auto', 'template', 'foundation']), z.partialRecord(z.enum(UNIT_KINDS), z.enum(METHOD_IDS))],
    choice(['auto', 'template', 'foundation', '{ unit kind: method id }']),
  )
  const care = z.union(
    [z.literal(CARES), z.partialRecord(z.enum(UNIT_KINDS), z.enum(CARES))],
    choice([...CARES, '{ unit kind: care }']),
  )
  // strips round a block, inside out, sides first
  const frame = z.object(
    { cloth: f.id, width: finished().optional(), sides: finished().optional(), ends: finished().optional() },
    object,
  )
  const block = z.object(
    {
      id: f.id,
      name: f.text(200).optional(),
      design: f.id,
      size: finished().optional(),
      width: finished().optional(),
      height: finished().optional(),
      cloths: z.record(z.string(), f.id).default({}),
      frame: f.list(frame, 0, 20).default([]),
      // one patch that is embroidered or appliquéd before it is cut to size: cloth beyond its cut edge while it is
      // worked, and what is kept free inside its finished edge
      panel: z.object({ extra: f.length(1 / 4, 12), margin: f.length(0, 12) }, object).optional(),
      method: method.default('auto'),
      // how closely what is trimmed after sewing is cut, for all units of the block or by kind
      trim: care.optional(),
      // for roles in striped cloth: how the stripes run in its patches; a number is degrees clockwise from upright
      stripes: z
        .record(z.string(), z.union([z.literal(STRIPES), f.number(0, 180)], choice([...STRIPES, '0 to 180'])))
        .default({}),
      // seams pressed by hand, by their number in the plan's `sewing`
      press: z.record(f.numeral, f.oneOf(PRESSES)).default({}),
    },
    object,
  )
  const cell = z.object(
    {
      block: f.id,
      turn: f.oneOf([0, 90, 180, 270]).default(0),
      mirror: f.flag.default(false),
      cloths: z.record(z.string(), f.id).default({}),
    },
    object,
  )
  // a design in its cloths, where there is otherwise one cloth
  const pieced = z.object({ design: f.id, cloths: z.record(z.string(), f.id).default({}) }, object)
  const sashing = z.object(
    {
      width: finished(),
      cloth: f.id,
      outer: f.flag.default(false),
      // the design fills each short sash, its height along the sash
      pieced: pieced.optional(),
      cornerstones: z
        .union([z.object({ cloth: f.id }), pieced], choice(['{ cloth }', '{ design, cloths }']))
        .optional(),
      long: f.oneOf(['along', 'across']).default('along'),
      // where sashes run: round every block, or only in long strips between rows or between columns
      between: f.oneOf(['both', 'rows', 'columns']).default('both'),
    },
    object,
  )
  const setting = z.object(
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
      sashing: sashing.nullish(),
    },
    object,
  )
  const border = z.object(
    {
      width: finished().optional(),
      sides: finished().optional(),
      ends: finished().optional(),
      cloth: f.id,
      corners: z
        .union(
          [z.literal(['butted', 'mitred']), z.object({ cloth: f.id }), pieced],
          choice(['butted', 'mitred', '{ cloth }', '{ design, cloths }']),
        )
        .default('butted'),
      // the design is as high as the border is wide, and is repeated along each side
      pieced: pieced.optional(),
      first: f.oneOf(['sides', 'ends']).default('sides'),
      long: f.oneOf(['along', 'across']).default('across'),
    },
    object,
  )
  const measures = f.list(f.length(0.1), 1, 40)
  const made = z.object(
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
      clips: f.list(f.text(40), 0, MOST_CLIPS).default([]),
      cloths: f.list(cloth, 1, 500),
      designs: f.list(design, 0, 500).default([]),
      blocks: f.list(block, 1, 500),
      setting,
      borders: f.list(border, 0, 40).default([]),
      backing: z
        .object(
          {
            cloth: f.id,
            overhang: f.length(0, 40).default(defaults.backOverhang),
            way: f.oneOf(['auto', 'vertical', 'horizontal', 'wide', 'leftovers']).default('auto'),
            offCentre: f.flag.default(false),
            // of what it is pieced from
            narrowest: f.length(1, 20).optional(),
            // what else the back may be pieced from: cloth of no quilt, blocks that were left over
            inHand: f
              .list(
                z.object(
                  {
                    name: f.text(80).optional(),
                    cloth: f.id.optional(),
                    width: f.length(1, 400),
                    height: f.length(1, 400),
                    count: f.whole(1, 100).default(1),
                    // a block that is sewn: used as it is
                    whole: f.flag.default(false),
                  },
                  object,
                ),
                0,
                100,
              )
              .default([]),
            // of several ways to piece it, found by chance, the one that was taken
            seed: f.whole(1, 1_000_000).default(1),
          },
          object,
        )
        .nullish(),
      batting: z
        .object(
          {
            overhang: f.length(0, 40).default(defaults.battingOverhang),
            maxGap: f.length(0.5, 40).optional(),
            loft: f.oneOf(['low', 'medium', 'high']).default('medium'),
            // as it is sold: of a packet both sides, by the length its width alone
            width: f.length(1, 400).optional(),
            length: f.length(1, 4000).optional(),
            shrink: f.number(0, 0.2).default(0),
            colour: f.oneOf(['cream', 'white', 'black']).optional(),
            fibre: f.text(100).optional(),
          },
          object,
        )
        .nullish(),
      quilting: f.list(quiltingEntry(f, defaults), 0, 40).default([]),
      // how it is quilted: length of the stitch, metres on a bobbin, which lines hold the layers first
      stitching: z
        .object(
          {
            stitch: f.length(1 / 32, 1).optional(),
            bobbin: f.number(1, 2000).optional(),
            school: f.oneOf(['from-the-middle', 'from-the-edge']).default('from-the-middle'),
            by: f.oneOf(['machine', 'hand', 'big-stitch']).default('machine'),
          },
          object,
        )
        .prefault({}),
      binding: z
        .object(
          {
            style: f.oneOf(BINDING_STYLES).default(PLAIN_BINDING),
            strip: f.length(0.5, 12).default(defaults.bindingStrip),
            // several: strips are dealt from them in turn
            cloth: z.union([f.id, f.list(f.id, 1, 100)], refuse({ kind: 'id' })).optional(),
            bias: f.flag.default(false),
            // of the back beyond the top, each side, where it is brought round
            extra: f.length(0.25, 12).optional(),
            finish: f.oneOf(['hand', 'machine']).default('hand'),
            attach: f.oneOf(['front', 'back']).optional(),
            seam: f.length(1 / 16, 3).optional(),
            join: f.oneOf(['diagonal', 'straight']).default('diagonal'),
            flange: z.object({ strip: f.length(0.5, 12), cloth: f.id }, object).optional(),
          },
          object,
        )
        .nullish(),
      // a top, then layered; or block by block through all layers, the backs' allowance folded over the joins
      making: f.oneOf(['top', 'as-you-go']).default('top'),
      asYouGo: z.object({ allowance: f.length(1 / 2, 6).default(defaults.asYouGo) }, object).prefault({}),
      // what it hangs by: a sleeve for a rod that measures so much round, or corners folded from squares
      hanging: z
        .object(
          {
            way: f.oneOf(['sleeve', 'corners']).default('sleeve'),
            cloth: f.id,
            girth: f.length(1, 20).default(defaults.sleeveGirth),
            square: f.length(2, 12).default(defaults.cornerSquare),
          },
          object,
        )
        .nullish(),
      // finished size, and what is written on it; without text what the record says
      label: z
        .object(
          {
            cloth: f.id,
            width: f.length(1, 20).default(defaults.labelWidth),
            height: f.length(1, 20).default(defaults.labelHeight),
            text: f.text(600).optional(),
          },
          object,
        )
        .nullish(),
      // who it is for, and the bed it is to lie on
      for: z
        .object(
          {
            who: f.text(200).optional(),
            // a baby or a toddler
            baby: f.flag.default(false),
            bed: z
              .object(
                {
                  width: f.length(1, 200),
                  length: f.length(1, 200),
                  depth: f.length(0, 40).default(defaults.mattressDepth),
                  drop: f.length(0, 60).default(defaults.bedDrop),
                  foot: f.length(0, 60).default(defaults.bedDrop),
                  tuck: f.length(0, 60).default(0),
                },
                object,
              )
              .optional(),
          },
          object,
        )
        .optional(),
      margin: f.number(0, 2).default(0.1),
      // pieces cut beyond those needed, in each pile for the blocks
      spares: f.whole(0, 100).default(0),
      made: f.list(made).default([]),
      done: f
        .list(
          z.object(
            {
              what: f.oneOf(['cut', 'unit', 'block', 'row', 'step']),
              id: f.text(400),
              count: f.whole(0, 1_000_000).default(1),
              at: f.date.optional(),
            },
            object,
          ),
        )
        .default([]),
      diary: f
        .list(
          z.object({ at: f.date, text: f.text(20_000).default(''), minutes: f.number(0, 100_000).optional() }, object),
        )
        .default([]),
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
