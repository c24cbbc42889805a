import type { Check } from '../checks/check'
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

/** Ways to put right what a check found; none where only hands can. */
export function mendsFor({ id, path, data }: Check, quilt: Quilt): Mend[] {
  const place = path.split('.')
  const index = Number(place[1])
  switch (id) {
    case 'off-ruler':
      return data.sizes.map(size => ({
        words: { do: 'block-size', size },
        edit: setBlocksSize(size),
      }))
    case 'long-strip': {
      const current = place[0] === 'borders' ? quilt.borders[index]!.long : quilt.setting.sashing!.long
      const long = current === 'along' ? 'across' : 'along'
      return [
        {
          words: { do: long === 'along' ? 'cut-along' : 'join-across' },
          edit: place[0] === 'borders' ? setBorder(index, { long }) : setSashing({ long }),
        },
      ]
    }
    case 'overhang-too-small': {
      const usual = UNIT_DEFAULTS[quilt.units]
      if (data.layer === 'batting') {
        const overhang = usual.battingOverhang
        return [{ words: { do: 'overhang', layer: 'batting', overhang }, edit: setBatting({ overhang }) }]
      }
      const overhang = Math.max(usual.backOverhang, quilt.batting?.overhang ?? 0, data.least ?? 0)
      return [{ words: { do: 'overhang', layer: 'backing', overhang }, edit: setBacking({ overhang }) }]
    }
    case 'short-margin':
      return [{ words: { do: 'margin', percent: 10 }, edit: file => ({ ...file, margin: 0.1 }) }]
    case 'low-contrast': {
      const role = place.slice(3).join('.')
      const block = quilt.blocks[index]!
      const others = Object.entries(block.cloths)
        .filter(([name]) => name !== role)
        .map(([, cloth]) => lightness(clothOf(quilt, cloth).colour))
      const apart = (colour: string) => Math.min(...others.map(other => Math.abs(other - lightness(colour))))
      const best = quilt.cloths.reduce((a, b) => (apart(b.colour) > apart(a.colour) ? b : a))
      return apart(best.colour) > apart(clothOf(quilt, block.cloths[role]!).colour)
        ? [{ words: { do: 'dress', cloth: best.name }, edit: setRoleCloth(block.id, role, best.id) }]
        : []
    }
    case 'border-too-wide':
      return [
        {
          words: { do: 'border-width', width: data.block / 2 },
          edit: setBorder(index, { sides: data.block / 2, ends: data.block / 2 }),
        },
      ]
    case 'shift-too-long':
      return [{ words: { do: 'half-shift' }, edit: setShifts(null) }]
    case 'one-on-point':
      return [{ words: { do: 'straight' }, edit: setKind('straight') }]
    case 'frame-too-narrow':
      return [{ words: { do: 'frame-all', module: data.module }, edit: frameAll(data.module) }]
    case 'border-repeat':
      return data.spacer.map(({ sides, ends }) => ({
        words: { do: 'spacer', sides, ends },
        edit: insertBorder(index, { sides, ends }, quilt.borders[index]!.cloth),
      }))
    case 'not-enough-cloth':
      return place[0] === 'cloths'
        ? [
            {
              words: { do: 'pieces-at-hand', count: data.need },
              edit: changeCloth(quilt.cloths[index]!.id, { count: data.need }),
            },
          ]
        : []
    case 'piece-too-large': {
      const [least, most] = [Math.min(data.width, data.height), Math.max(data.width, data.height)]
      const cloth = quilt.cloths[index]!
      if (!data.places.every(place => 'block' in place)) return []
      const largest = Math.max(...quilt.blocks.map(block => block.width))
      // by the length a long piece can be cut along, but for cloth that comes in pieces
      const share = Math.min(cloth.usable / least, cloth.form === 'piece' ? cloth.longestStrip / most : Infinity)
      const size = Math.floor(largest * share * 2) / 2 - 1
      return size >= 1 && size < largest ? [{ words: { do: 'block-size', size }, edit: setBlocksSize(size) }] : []
    }
    case 'cut-already':
      return [
        {
          words: { do: 'forget-cut' },
          edit: file => ({ ...file, done: withoutExtra(file.done ?? [], data.piece, data.wanted) }),
        },
      ]
    default:
      return []
  }
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
