import type { Check, CheckId } from '../checks/check'
import { fabricsOf } from '../file/trayCloths'
import { lightness } from '../measure/lightness'
import type { Inches } from '../measure/ruler'
import { UNIT_DEFAULTS } from '../measure/units'
import { clothOf, type Quilt } from '../file/quilt'
import { frameAll, setBlocksSize, setRoleCloth } from './blocks'
import { changeCloth } from './cloths'
import { insertBorder, setBorder } from './edge'
import { setBacking, setBatting } from './layers'
import type { Edit } from './edit'
import { setKind, setSashing, setShifts } from './setting'

/** What a mend does, for the words on its button. */
export type MendWords =
  | { do: 'block-size'; size: Inches }
  | { do: 'cut-along' }
  | { do: 'join-across' }
  | { do: 'overhang'; layer: 'backing' | 'batting'; overhang: Inches }
  | { do: 'margin'; percent: number }
  | { do: 'dress'; cloth: string }
  | { do: 'border-width'; width: Inches }
  | { do: 'frame-all'; module: Inches }
  | { do: 'half-shift' }
  | { do: 'straight' }
  | { do: 'spacer'; sides: Inches; ends: Inches }
  | { do: 'pieces-at-hand'; count: number }
  | { do: 'forget-cut' }
export interface Mend {
  words: MendWords
  edit: Edit
}

type CheckOf<Id extends CheckId> = Extract<Check, { id: Id }>

/** For each check that an edit can put right, the ways to do it. */
const MENDS: { readonly [Id in CheckId]?: (check: CheckOf<Id>, quilt: Quilt) => Mend[] } = {
  'off-ruler': ({ data }) => data.sizes.map(size => ({ words: { do: 'block-size', size }, edit: setBlocksSize(size) })),
  'long-strip': ({ leads }, quilt) => {
    const border = 'border' in leads ? leads.border : null
    const current = border === null ? quilt.setting.sashing!.long : quilt.borders[border]!.long
    const long = current === 'along' ? 'across' : 'along'
    return [
      {
        words: { do: long === 'along' ? 'cut-along' : 'join-across' },
        edit: border === null ? setSashing({ long }) : setBorder(border, { long }),
      },
    ]
  },
  'overhang-too-small': ({ data }, quilt) => {
    const usual = UNIT_DEFAULTS[quilt.units]
    if (data.layer === 'batting') {
      const overhang = usual.battingOverhang
      return [{ words: { do: 'overhang', layer: 'batting', overhang }, edit: setBatting({ overhang }) }]
    }
    const overhang = Math.max(usual.backOverhang, quilt.batting?.overhang ?? 0, data.least ?? 0)
    return [{ words: { do: 'overhang', layer: 'backing', overhang }, edit: setBacking({ overhang }) }]
  },
  'short-margin': () => [{ words: { do: 'margin', percent: 10 }, edit: file => ({ ...file, margin: 0.1 }) }],
  'low-contrast': ({ leads }, quilt) =>
    'block' in leads && leads.role !== undefined ? otherCloth(quilt, leads.block, leads.role) : [],
  'border-too-wide': ({ data: { border, block } }) => [
    {
      words: { do: 'border-width', width: block / 2 },
      edit: setBorder(border - 1, { sides: block / 2, ends: block / 2 }),
    },
  ],
  'shift-too-long': () => [{ words: { do: 'half-shift' }, edit: setShifts(null) }],
  'one-on-point': () => [{ words: { do: 'straight' }, edit: setKind('straight') }],
  'frame-too-narrow': ({ data: { module } }) => [{ words: { do: 'frame-all', module }, edit: frameAll(module) }],
  'border-repeat': ({ data: { border, spacer } }, quilt) =>
    spacer.map(({ sides, ends }) => ({
      words: { do: 'spacer', sides, ends },
      edit: insertBorder(border - 1, { sides, ends }, quilt.borders[border - 1]!.cloth),
    })),
  'not-enough-cloth': ({ leads, data: { need } }, quilt) =>
    'cloth' in leads && leads.cloth !== undefined
      ? [
          {
            words: { do: 'pieces-at-hand', count: need },
            edit: changeCloth(quilt.cloths[leads.cloth]!.id, { count: need }),
          },
        ]
      : [],
  'piece-too-large': smallerBlocks,
  'cut-already': ({ data }) => [
    {
      words: { do: 'forget-cut' },
      edit: file => ({ ...file, done: withoutExtra(file.done ?? [], data.piece, data.wanted) }),
    },
  ],
}

/** Ways to put right what a check found; none where only hands can. */
export function mendsFor<Id extends CheckId>(check: CheckOf<Id>, quilt: Quilt): Mend[] {
  return MENDS[check.id as Id]?.(check, quilt) ?? []
}

/** The cloth of the quilt that stands out most from the others of the block, if it does so better than the one now. */
function otherCloth(quilt: Quilt, at: number, role: string): Mend[] {
  const block = quilt.blocks[at]!
  const others = Object.entries(block.cloths)
    .filter(([name]) => name !== role)
    .map(([, cloth]) => lightness(clothOf(quilt, cloth).colour))
  const apart = (colour: string) => Math.min(...others.map(other => Math.abs(other - lightness(colour))))
  const best = fabricsOf(quilt.cloths).reduce((a, b) => (apart(b.colour) > apart(a.colour) ? b : a))
  return apart(best.colour) > apart(clothOf(quilt, block.cloths[role]!).colour)
    ? [{ words: { do: 'dress', cloth: best.name }, edit: setRoleCloth(block.id, role, best.id) }]
    : []
}

/** Blocks so small that a piece which fits no way on its cloth would. */
function smallerBlocks({ leads, data }: CheckOf<'piece-too-large'>, quilt: Quilt): Mend[] {
  if (!('cloth' in leads) || leads.cloth === undefined || !data.places.every(place => 'block' in place)) return []
  const cloth = quilt.cloths[leads.cloth]!
  const [least, most] = [Math.min(data.width, data.height), Math.max(data.width, data.height)]
  const largest = Math.max(...quilt.blocks.map(block => block.width))
  // by the length a long piece can be cut along, but for cloth that comes in pieces
  const share = Math.min(cloth.usable / least, cloth.form === 'piece' ? cloth.longestStrip / most : Infinity)
  const size = Math.floor(largest * share * 2) / 2 - 1
  return size >= 1 && size < largest ? [{ words: { do: 'block-size', size }, edit: setBlocksSize(size) }] : []
}

/** Ticks for a piece up to what is still wanted: the rest is set aside and no longer counted. */
function withoutExtra(done: NonNullable<Parameters<Edit>[0]['done']>, piece: string, wanted: number) {
  let room = wanted
  return done.flatMap(entry => {
    if (entry.what !== 'cut' || entry.id !== piece) return [entry]
    const kept = Math.min(room, entry.count ?? 1)
    room -= kept
    return kept > 0 ? [{ ...entry, count: kept }] : []
  })
}
