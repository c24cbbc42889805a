// In: a quilt. Out: other quilts of its own blocks and cloths, each one edit away.
import { ownBlocks, type Quilt } from '../file/quilt'
import { sameLength } from '../measure/ruler'
import { inTurn, type Edit } from './edit'
import { setEnds, setFill, setKind, setSashing } from './setting'
import { setTurns, TURN_PATTERNS, type TurnPattern } from './turnPatterns'

export type TryOutName =
  | { kind: 'turns'; pattern: TurnPattern }
  | { kind: 'set'; as: 'straight' | 'on-point' | 'offset-rows' | 'offset-columns' }
  | { kind: 'half-blocks'; along: 'rows' | 'columns' }
  | { kind: 'by-turns'; blocks: [string, string] }
  | { kind: 'everywhere'; block: string }
  | { kind: 'sashed'; part: 4 | 6 }
  | { kind: 'strips'; along: 'rows' | 'columns' }
  | { kind: 'plain-joins' }

export interface TryOut {
  name: TryOutName
  edit: Edit
}

/** At least twelve ways to set what the quilt has, in an order to look through: turns, settings, alternates, sashes. */
export function tryOutsOf(quilt: Quilt, seed = 1): TryOut[] {
  const own = ownBlocks(quilt)
  const [first, second] = own
  const isSquare = own.every(
    ({ outer }) => sameLength(outer.width, first!.outer.width) && sameLength(outer.height, first!.outer.width),
  )
  const isFramed = own.some(({ frame }) => frame.length > 0)
  const { across, down, sashing, kind } = quilt.setting
  const turns = TURN_PATTERNS.map((pattern): TryOut => ({
    name: { kind: 'turns', pattern },
    edit: setTurns(quilt, pattern, seed),
  }))
  const sets = (['straight', 'on-point', 'offset-rows', 'offset-columns'] as const)
    .filter(as => as !== kind && (as !== 'on-point' || isSquare))
    .map((as): TryOut => ({ name: { kind: 'set', as }, edit: setKind(as) }))
  const halves = (['rows', 'columns'] as const)
    .filter(along => !isFramed && (along === 'rows' ? across : down) > 1)
    .map((along): TryOut => ({
      name: { kind: 'half-blocks', along },
      edit: inTurn(setKind(`offset-${along}`), setEnds('half-blocks')),
    }))
  const alternates: TryOut[] = second
    ? [
        { name: { kind: 'by-turns', blocks: [first!.name, second.name] }, edit: byTurns(first!.id, second.id) },
        ...own.map(({ id, name }): TryOut => ({ name: { kind: 'everywhere', block: name }, edit: setFill([[id]]) })),
      ]
    : []
  const width = (part: number) => Math.max(1 / 2, Math.round((first!.outer.width / part) * 4) / 4)
  const cloths = quilt.cloths.map(({ id }) => id)
  const sashes: TryOut[] = [
    ...([6, 4] as const).map((part): TryOut => ({
      name: { kind: 'sashed', part },
      edit: inTurn(
        setKind('straight'),
        setSashing({ width: width(part), cloth: cloths.at(-1)!, between: 'both', cornerstones: { cloth: cloths[0]! } }),
      ),
    })),
    ...(['rows', 'columns'] as const).map((along): TryOut => ({
      name: { kind: 'strips', along },
      edit: inTurn(setKind('straight'), setSashing({ width: width(4), cloth: cloths.at(-1)!, between: along })),
    })),
    ...(sashing ? [{ name: { kind: 'plain-joins' }, edit: setSashing(null) } satisfies TryOut] : []),
  ]
  return [...turns, ...sets, ...halves, ...alternates, ...sashes]
}

function byTurns(first: string, second: string): Edit {
  return setFill([
    [first, second],
    [second, first],
  ])
}
