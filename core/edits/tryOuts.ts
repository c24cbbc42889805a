// In: a quilt. Out: other quilts of its own blocks and cloths that look otherwise, each one edit away.
import { clothsOfCell } from '../file/clothsOfCell'
import { clothOf, ownBlocks, type Quilt } from '../file/quilt'
import { canEndInHalves, PLAIN_SETTING, rulesOf, SETTING_KINDS, type SettingKind } from '../file/settings'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { fabricsOf } from '../file/trayCloths'
import { UNIT_DEFAULTS } from '../measure/units'
import { inTurn, type Edit } from './edit'
import { pictureKey } from '../top/pictureKey'
import { asCells, setEnds, setFill, setKind, setSashing, withCells } from './setting'
import { setTurns, TURN_PATTERNS, type TurnPattern } from './turnPatterns'

export type TryOutName =
  | { kind: 'turns'; pattern: TurnPattern }
  | { kind: 'set'; as: SettingKind }
  | { kind: 'half-blocks'; as: SettingKind }
  | { kind: 'by-turns'; blocks: [string, string] }
  | { kind: 'everywhere'; block: string }
  | { kind: 'changed-over'; blocks: [string, string] }
  | { kind: 'exchanged'; cloths: [string, string]; where: 'everywhere' | 'every-second' }
  | { kind: 'sashed'; part: 2 | 3 | 4 | 6 }
  | { kind: 'strips'; along: 'rows' | 'columns' }
  | { kind: 'plain-joins' }

export interface TryOut {
  name: TryOutName
  edit: Edit
}

/** A try-out that can be made, with the quilt it would be. */
export interface TriedOut extends TryOut {
  file: QuiltFile
  quilt: Quilt
}

/** Of all try-outs those that can be made and look otherwise than the quilt does now, and than each other. */
export function tryOutsOf(file: QuiltFile, quilt: Quilt, seed = 1): TriedOut[] {
  const seen = new Set([pictureKey(quilt)])
  return allTryOuts(quilt, seed).flatMap(({ name, edit }): TriedOut[] => {
    const tried = edit(file)
    const read = readQuilt(tried)
    if (!read.ok) return []
    const key = pictureKey(read.value)
    if (seen.has(key)) return []
    seen.add(key)
    return [{ name, edit, file: tried, quilt: read.value }]
  })
}

/** Ways to set what the quilt has, in an order to look through: turns, settings, alternates, cloths, sashes. */
function allTryOuts(quilt: Quilt, seed: number): TryOut[] {
  const own = ownBlocks(quilt)
  const [first, second] = own
  const isFramed = own.some(({ frame }) => frame.length > 0)
  const { across, down, sashing, kind } = quilt.setting
  const turns = TURN_PATTERNS.map((pattern): TryOut => ({
    name: { kind: 'turns', pattern },
    edit: setTurns(quilt, pattern, seed),
  }))
  // rows of their own begin as what is there; those that these blocks cannot have are not read
  const sets = SETTING_KINDS.filter(as => as !== kind && !rulesOf({ kind: as }).hasOwnRows).map((as): TryOut => ({
    name: { kind: 'set', as },
    edit: setKind(as),
  }))
  const halves = SETTING_KINDS.filter(as => canEndInHalves(rulesOf({ kind: as }), { across, down }, isFramed)).map(
    (as): TryOut => ({ name: { kind: 'half-blocks', as }, edit: inTurn(setKind(as), setEnds('half-blocks')) }),
  )
  const alternates: TryOut[] = second
    ? [
        { name: { kind: 'by-turns', blocks: [first!.name, second.name] }, edit: byTurns(first!.id, second.id) },
        { name: { kind: 'changed-over', blocks: [second.name, first!.name] }, edit: byTurns(second.id, first!.id) },
        ...own.map(({ id, name }): TryOut => ({ name: { kind: 'everywhere', block: name }, edit: setFill([[id]]) })),
      ]
    : []
  const { widthStep } = UNIT_DEFAULTS[quilt.units]
  const width = (part: number) => Math.max(2, Math.round(first!.outer.width / part / widthStep)) * widthStep
  const cloths = fabricsOf(quilt.cloths).map(({ id }) => id)
  const sashes: TryOut[] = [
    ...([6, 4, 3, 2] as const).map((part): TryOut => ({
      name: { kind: 'sashed', part },
      edit: inTurn(
        setKind(PLAIN_SETTING),
        setSashing({ width: width(part), cloth: cloths.at(-1)!, between: 'both', cornerstones: { cloth: cloths[0]! } }),
      ),
    })),
    ...(['rows', 'columns'] as const).map((along): TryOut => ({
      name: { kind: 'strips', along },
      edit: inTurn(setKind(PLAIN_SETTING), setSashing({ width: width(4), cloth: cloths.at(-1)!, between: along })),
    })),
    ...(sashing ? [{ name: { kind: 'plain-joins' }, edit: setSashing(null) } satisfies TryOut] : []),
  ]
  return [...turns, ...sets, ...halves, ...alternates, ...exchanges(quilt), ...sashes]
}

/** Two cloths of the blocks change places: in all of them, or in every second one. */
function exchanges(quilt: Quilt): TryOut[] {
  const worn = [...new Set(ownBlocks(quilt).flatMap(({ cloths }) => Object.values(cloths)))].slice(0, MAX_EXCHANGED)
  const nameOf = (id: string) => clothOf(quilt, id).name
  return worn.flatMap((one, i) =>
    worn.slice(i + 1).flatMap(other =>
      (['everywhere', 'every-second'] as const).map((where): TryOut => ({
        name: { kind: 'exchanged', cloths: [nameOf(one), nameOf(other)], where },
        edit: exchange(quilt, one, other, where),
      })),
    ),
  )
}

/** Of more cloths too many pairs could be made. */
const MAX_EXCHANGED = 3

function exchange(quilt: Quilt, one: string, other: string, where: 'everywhere' | 'every-second'): Edit {
  const swapped = (id: string) => (id === one ? other : id === other ? one : id)
  return file => {
    const { fill: _, ...setting } = file.setting
    const cells = asCells(file).map((line, r) =>
      line.map((cell, c) => {
        if (where === 'every-second' && (r + c) % 2 === 0) return cell
        const own = clothsOfCell(quilt, quilt.setting.cells[r]![c]!)
        const cloths = Object.fromEntries(Object.entries(own).map(([role, id]) => [role, swapped(id)]))
        return { ...cell, cloths }
      }),
    )
    return withCells({ ...file, setting }, cells)
  }
}

function byTurns(first: string, second: string): Edit {
  return setFill([
    [first, second],
    [second, first],
  ])
}
