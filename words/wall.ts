import type { CellPlace } from '../core/file/settings/settingRules'
import { SPREAD_WAYS, type SpreadAim, type SpreadWay } from '../core/spread/aim'
import type { PlannedWall } from '../core/wall/findings'
import type { WallPart } from '../core/wall/balance'
import type { ClothNames } from './joinedPart'
import { inEnglish, plural, type Speech } from './speech'

/** How a mark of the wall may be mended. */
export type WallMend = 'exchange' | 'spread' | 'recolour'

/** Something that the eye would catch: its sentence, the places it is at, and what to do. */
export interface WallMark {
  kind: keyof PlannedWall
  text: string
  cells: readonly CellPlace[]
  mend: WallMend
}

const placeText = ([row, column]: CellPlace) => `row ${row + 1}, place ${column + 1}`

/** All that the eye would catch, the surest first; balance, of which chance makes much, last. */
export function wallMarks(wall: PlannedWall, cloths: ClothNames, speech: Speech): WallMark[] {
  const nameOf = (cloth: string) => cloths.get(cloth) ?? cloth
  const marks: WallMark[] = [
    ...wall.alike.map(({ a, b, cloths: [one, other] }): WallMark => ({
      kind: 'alike',
      text:
        `${nameOf(one)} lies beside ${one === other ? 'itself' : `${nameOf(other)}, which looks the same`}: `
        + `${placeText(a)} and ${placeText(b)}.`,
      cells: [a, b],
      mend: 'exchange',
    })),
    ...wall.crowded.map(({ cloth, cells, share }): WallMark => ({
      kind: 'crowded',
      text: `${Math.round(100 * share)} % of the color of ${nameOf(cloth)} is crowded round ${placeText(cells[0]!)}.`,
      cells,
      mend: 'spread',
    })),
    ...wall.lonely.map((cell): WallMark => ({
      kind: 'lonely',
      text: `A bright block stands alone among darker ones: ${placeText(cell)}.`,
      cells: [cell],
      mend: 'exchange',
    })),
    ...meltText(wall.melts, nameOf),
    ...wall.balance.map(({ where, by }): WallMark => ({
      kind: 'balance',
      text: `${partText(where)} is ${Math.abs(Math.round(by))} of 100 ${by > 0 ? 'lighter' : 'darker'} than the whole.`,
      cells: [],
      mend: 'spread',
    })),
  ]
  return marks.map(mark => ({ ...mark, text: inEnglish(mark.text, speech) }))
}

/** Blocks in which the same two cloths melt are said together: they are mended together. */
function meltText(melts: PlannedWall['melts'], nameOf: (cloth: string) => string): WallMark[] {
  const groups = new Map<string, PlannedWall['melts']>()
  for (const melt of melts) {
    const key = `${melt.isHeld} ${[...melt.cloths].sort().join(' ')}`
    groups.set(key, [...(groups.get(key) ?? []), melt])
  }
  return [...groups.values()]
    .sort(([a], [b]) => Number(a!.isHeld) - Number(b!.isHeld))
    .map((those): WallMark => {
      const [{ cloths, isHeld, cell }] = those as [PlannedWall['melts'][number]]
      const edges = those.reduce((sum, melt) => sum + melt.edges, 0)
      const where = those.length === 1 ? `in ${placeText(cell)}` : `in ${plural(those.length, 'block')}`
      return {
        kind: 'melts',
        text:
          `${nameOf(cloths[0])} and ${nameOf(cloths[1])} are almost equally light where they touch, along `
          + `${plural(edges, 'edge')} ${where}. `
          + (isHeld ? 'Color alone holds them apart.' : 'From across the room nothing holds them apart.'),
        cells: those.map(melt => melt.cell),
        mend: 'recolour',
      }
    })
}

function partText(where: WallPart): string {
  if (where === 'middle') return 'The middle'
  if (where.endsWith('corner')) return `The ${where}`
  return where.includes(' ') ? `The ${where} quarter` : `The ${where} edge`
}

const WAYS: Readonly<Record<SpreadWay, string>> = {
  down: 'dark to light, from top to bottom',
  out: 'dark to light, from the middle out',
  diagonal: 'dark to light, along a diagonal',
}

/** What a rearranging can aim at, by a name that is kept with it. */
export function spreadAims(): { value: string; label: string; aim: SpreadAim }[] {
  return [
    { value: 'even', label: 'evenly, in color and value', aim: { kind: 'even' } },
    ...SPREAD_WAYS.map(way => ({ value: way, label: WAYS[way], aim: { kind: 'dark-to-light' as const, way } })),
    { value: 'gather', label: 'one color in the middle', aim: { kind: 'gather', cloth: '' } },
  ]
}

const COUNTED = [
  ['alike', 'like neighbor', 'like neighbors'],
  ['crowded', 'crowded color', 'crowded colors'],
  ['lonely', 'lonely bright block', 'lonely bright blocks'],
  ['balance', 'part out of balance', 'parts out of balance'],
] as const

/** What a rearranging has improved: `12 like neighbors → 0`; what was nothing and is nothing is not said. */
export function improvedText(before: PlannedWall, after: PlannedWall, speech: Speech): string {
  const said = COUNTED.flatMap(([kind, one, many]) => {
    const [was, is] = [before[kind].length, after[kind].length]
    return was === 0 && is === 0 ? [] : [`${plural(was, one, many)} → ${is}`]
  })
  return inEnglish(
    said.length === 0
      ? 'Colors lie more evenly; nothing caught the eye before, and nothing does now.'
      : `${said.join('; ')}.`,
    speech,
  )
}
