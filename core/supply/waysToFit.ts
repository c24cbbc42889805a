// In: a quilt of which some cloth at hand is short. Out: changes that would make it enough, each planned.
import { methodFor } from './otherMethods'
import type { ClothNeed } from '../cut/need'
import { rulesOf } from '../file/settings'
import { editedQuilt } from '../edits/editedQuilt'
import { MIN_FINISHED } from '../file/entries/entryParts'
import { clothOf, ownBlocks, type Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import { fabricsOf } from '../file/trayCloths'
import { lightness } from '../measure/lightness'
import type { Inches } from '../measure/ruler'
import { UNIT_DEFAULTS } from '../measure/units'
import { clothTaken } from '../plan/clothTaken'
import { mostThatFit } from './mostThatFit'
import { shortageOf, totalShort, type Shortage } from './shortage'
import { editOf, type ClothUse, type WayToFit } from './wayToFit'

/** A way with what is still short after it: 0 where it is enough. */
export interface FoundWay {
  way: WayToFit
  short: Inches
}

/** Cloths that are tried in place of another, the nearest in lightness first. */
const MOST_CLOTHS = 4

/**
 * Those that change the picture least first: made otherwise, spares, joined strips, a narrower border, another cloth,
 * fewer rows or columns. Only ways after which less is short. Gives undefined between two plans.
 */
export function* waysToFit(file: QuiltFile, quilt: Quilt): Generator<FoundWay | undefined> {
  const taken = clothTaken(quilt)
  const before = shortageOf(quilt, taken)
  if (before.size === 0) return
  const shortBefore = totalShort(before)
  const tried = (way: WayToFit): FoundWay | undefined => {
    const short = shortAfter(file, quilt, way)
    return short !== null && short < shortBefore - 1e-6 ? { way, short } : undefined
  }
  for (const way of sewnOtherwise(quilt, taken, before)) yield tried(way)
  yield* narrowerBorders(file, quilt, tried)
  for (const use of usesOf(quilt, before)) yield* otherCloth(quilt, use, tried)
  for (const line of ['rows', 'columns'] as const) yield* fewer(file, quilt, line)
}

/** What is short in all after this way; null: it cannot be done. */
export function shortAfter(file: QuiltFile, quilt: Quilt, way: WayToFit): Inches | null {
  const edited = editedQuilt(file, editOf(way, quilt))
  return edited && totalShort(shortageOf(edited))
}

/** The picture stays as it is. */
function sewnOtherwise(
  quilt: Quilt,
  { choices }: Pick<ReturnType<typeof clothTaken>, 'choices'> & { needs: readonly ClothNeed[] },
  short: Shortage,
): WayToFit[] {
  const sashing = quilt.setting.sashing
  return [
    ...(quilt.spares > 0 ? [{ do: 'no-spares' } as const] : []),
    ...(quilt.aim === 'least-cloth' ? [] : [{ do: 'aim', aim: 'least-cloth' } as const]),
    ...choices.flatMap(choice => methodFor(quilt, choice, short)),
    ...quilt.borders.flatMap(({ cloth, long }, i) =>
      long === 'along' && short.has(cloth) ? [{ do: 'joined', border: i + 1 } as const] : [],
    ),
    ...(sashing?.long === 'along' && short.has(sashing.cloth) ? [{ do: 'joined', border: null } as const] : []),
  ]
}

/** Of each plain border the widest that fits; where none does, the quilt without it. */
function* narrowerBorders(
  file: QuiltFile,
  quilt: Quilt,
  tried: (way: WayToFit) => FoundWay | undefined,
): Generator<FoundWay | undefined> {
  const step = UNIT_DEFAULTS[quilt.units].widthStep
  for (const [i, { sides, ends, pieced }] of quilt.borders.entries()) {
    if (pieced) continue
    const most = Math.ceil((Math.min(sides, ends) - Math.max(2 * step, MIN_FINISHED)) / step - 1e-9) - 1
    if (most < 1) continue
    const by = (steps: number): WayToFit => ({
      do: 'border',
      border: i + 1,
      sides: sides - steps * step,
      ends: ends - steps * step,
    })
    // the least that is taken off it: as many steps as possible are kept
    const kept = yield* mostThatFit(1, most, steps => shortAfter(file, quilt, by(most + 1 - steps)) === 0)
    yield kept === null ? tried({ do: 'no-border', border: i + 1 }) : { way: by(most + 1 - kept), short: 0 }
  }
}

/** As many rows or columns as it is enough for. */
function* fewer(file: QuiltFile, quilt: Quilt, of: 'rows' | 'columns'): Generator<FoundWay | undefined> {
  const now = of === 'rows' ? quilt.setting.down : quilt.setting.across
  if (now === 1) return
  const by = (left: number): WayToFit => ({ do: 'less', of, left })
  const left = yield* mostThatFit(1, now - 1, count => shortAfter(file, quilt, by(count)) === 0)
  if (left !== null) yield { way: by(left), short: 0 }
}

/** What a short cloth is used for. */
function usesOf(quilt: Quilt, short: Shortage): { use: ClothUse; cloth: string }[] {
  const { sashing, settingCloth } = quilt.setting
  const { binding } = quilt
  const stones = sashing?.cornerstones
  const all: { use: ClothUse; cloth: string | undefined }[] = [
    { use: { part: 'binding' }, cloth: binding && 'cloth' in binding ? one(binding.cloth) : undefined },
    ...quilt.borders.flatMap(({ cloth, pieced }, i) => (pieced ? [] : [{ use: { border: i + 1 }, cloth }])),
    { use: { part: 'sashing' }, cloth: sashing && !sashing.pieced ? sashing.cloth : undefined },
    { use: { part: 'cornerstones' }, cloth: stones && 'cloth' in stones ? stones.cloth : undefined },
    { use: { part: 'setting' }, cloth: rulesOf(quilt.setting).hasTriangles ? settingCloth : undefined },
    ...ownBlocks(quilt).flatMap(({ id, cloths, tray }) =>
      tray === undefined ? Object.entries(cloths).map(([role, cloth]) => ({ use: { block: id, role }, cloth })) : [],
    ),
  ]
  return all.flatMap(({ use, cloth }) => (cloth !== undefined && short.has(cloth) ? [{ use, cloth }] : []))
}

const one = (cloth: unknown) => (typeof cloth === 'string' ? cloth : undefined)

/** The nearest in lightness of which there is enough; where there is of none, nothing is offered. */
function* otherCloth(
  quilt: Quilt,
  { use, cloth }: { use: ClothUse; cloth: string },
  tried: (way: WayToFit) => FoundWay | undefined,
): Generator<FoundWay | undefined> {
  const shade = lightness(clothOf(quilt, cloth).colour)
  const others = fabricsOf(quilt.cloths)
    .filter(({ id }) => id !== cloth)
    .map(({ id, colour }) => ({ id, apart: Math.abs(lightness(colour) - shade) }))
    .sort((a, b) => a.apart - b.apart)
    .slice(0, MOST_CLOTHS)
  let best: FoundWay | undefined
  for (const { id } of others) {
    const found = tried({ do: 'cloth', use, cloth: id })
    if (found && found.short < (best?.short ?? Infinity)) best = found
    if (found?.short === 0) break
    yield
  }
  yield best
}
