// In: a part of a block, and cloths. Out: the file with a cloth for it in each place, so that none meets its like.
import { clothOf, type Cloth, type Quilt } from '../file/quilt'
import type { QuiltFile } from '../file/schema'
import { colourDistance } from '../measure/lightness'
import { deal, type Dealt, type DealProblem } from '../spread/deal'
import type { Dimensions } from '../top/dimensions'
import { AT_CORNER, meetingPatches, patchesOnWall, type WallPatch } from '../wall/patches'
import { ALIKE } from '../wall/touching'
import { CORNER_REACH, placesNear, SIDE_REACH, wallOf, type Wall } from '../wall/wall'
import { withoutFill } from './blocks'
import type { Edit } from './edit'
import { asCells, freeId, withCells } from './setting'

/** What is to be dealt: a part of one block, in all its places. */
export interface HeapWish {
  block: string
  role: string
  cloths: readonly string[]
  seed: number
}

/** A dealing, and what came of it. */
export interface DealtHeap {
  edit: Edit
  /** In how many places each cloth stands. */
  counts: { cloth: string; count: number }[]
  /** Pairs of places side by side that are alike all the same. */
  alike: number
  /** By so many places the cloth in hand falls short. */
  short: number
  /** Cloths that look unlike: fewer than four cannot part four places that meet in a corner. */
  unlike: number
}

/** Of a piece of cloth that part is lost between the patches, about. */
const LOST = 0.2

/** Deals a part of a block from a heap of cloths. Locked places keep what they have. */
export function dealHeap(quilt: Quilt, dimensions: Dimensions, wish: HeapWish): DealtHeap {
  const patches = patchesOnWall(quilt, dimensions)
  const isDealt = ({ cell, role }: WallPatch) => cell.block === wish.block && role === wish.role
  const parts = [...new Set(patches.filter(isDealt).map(({ key }) => key))]
  const locked = new Set(quilt.wall.locked.map(place => place.join()))
  // locked places may wear what does not lie in the heap: it is known, and none of it is dealt
  const worn = patches.filter(patch => isDealt(patch) && locked.has(patch.key)).map(({ cloth }) => cloth)
  const known = [...new Set([...wish.cloths, ...worn])]
  const problem = dealProblem({ quilt, wall: wallOf(quilt, dimensions) }, { ...wish, known }, patches, parts, isDealt)
  const dealt = deal(problem, wish.seed)
  const counts = wish.cloths.map((cloth, i) => ({ cloth, count: dealt.cloths.filter(own => own === i).length }))
  return {
    edit: dealtEdit(wish, known, parts, dealt),
    counts,
    alike: dealt.alike,
    short: dealt.short,
    unlike: unlikeOf(problem, wish.cloths.length),
  }
}

function dealProblem(
  { quilt, wall }: { quilt: Quilt; wall: Wall },
  wish: HeapWish & { known: readonly string[] },
  patches: readonly WallPatch[],
  parts: readonly string[],
  isDealt: (patch: WallPatch) => boolean,
): DealProblem {
  const cloths = wish.known.map(id => clothOf(quilt, id))
  const k = cloths.length
  const numberOf = new Map(parts.map((key, i) => [key, i]))
  const partOf = (patch: WallPatch) => (isDealt(patch) ? numberOf.get(patch.key)! : -1)
  const isAlike = (one: Cloth, other: Cloth) => colourDistance(one.colour, other.colour) < ALIKE
  const beside = new Float64Array(parts.length * k)
  const touching = new Map<string, { a: number; b: number; weight: number }>()
  const touch = (one: number, other: number, weight: number) => {
    const [a, b] = [Math.max(one, other), Math.min(one, other)]
    if ((touching.get(`${a} ${b}`)?.weight ?? 0) < weight) touching.set(`${a} ${b}`, { a, b, weight })
  }
  for (const { one, other, weight } of meetingPatches(patches)) {
    const [a, b] = [partOf(one), partOf(other)].sort((x, y) => y - x) as [number, number]
    // patches of one part wear one cloth, and the ground does not change
    if (a === b || a === -1) continue
    if (b === -1) {
      const ground = clothOf(quilt, partOf(one) === -1 ? one.cloth : other.cloth)
      cloths.forEach((own, i) => (beside[a * k + i]! += isAlike(own, ground) ? weight : 0))
    } else touch(a, b, weight)
  }
  for (const { one, other, weight } of besideEachOther(wall)) {
    const [a, b] = [numberOf.get(one), numberOf.get(other)]
    if (a !== undefined && b !== undefined) touch(a, b, weight)
  }
  const worn = new Map(patches.filter(isDealt).map(({ key, cloth }) => [key, cloth]))
  const locked = new Set(quilt.wall.locked.map(place => place.join()))
  const area = patches.filter(isDealt).reduce((sum, patch) => sum + patch.area, 0) / Math.max(1, parts.length)
  return {
    count: parts.length,
    touching: [...touching.values()],
    cloths: k,
    alike: Uint8Array.from(cloths.flatMap(one => cloths.map(other => Number(isAlike(one, other))))),
    most: cloths.map(cloth => (wish.cloths.includes(cloth.id) ? mostOf(cloth, area, parts.length) : 0)),
    beside,
    fixed: Int32Array.from(parts, key => (locked.has(key) ? wish.known.indexOf(worn.get(key)!) : -1)),
  }
}

/** Blocks side by side, though a sash lies between or their patches do not touch; at the corners by less. */
function besideEachOther(wall: Wall): { one: string; other: string; weight: number }[] {
  const keyOf = (i: number) => `${wall.places[i]!.row},${wall.places[i]!.column}`
  return [
    ...wall.contacts.map(({ a, b }) => ({ one: keyOf(a), other: keyOf(b), weight: 1 })),
    ...placesNear(wall, CORNER_REACH).flatMap((near, i) =>
      near.map(({ at, distance }) => ({
        one: keyOf(i),
        other: keyOf(at),
        weight: distance <= SIDE_REACH ? 1 : AT_CORNER,
      })),
    ),
  ]
}

/** Cloth by the length can be bought; of pieces there are as many as there are. */
function mostOf({ form, usable, usableLength, count = 1 }: Cloth, area: number, parts: number): number {
  if (form === 'yardage') return parts
  return Math.floor((usable * usableLength * count * (1 - LOST)) / area)
}

/** The most cloths of which no two look alike, taken in their order. */
function unlikeOf({ cloths, alike }: DealProblem, count: number): number {
  const taken: number[] = []
  for (let cloth = 0; cloth < count; cloth++)
    if (taken.every(other => alike[cloth * cloths + other] === 0)) taken.push(cloth)
  return taken.length
}

function dealtEdit(
  { block: id, role, cloths, seed }: HeapWish,
  known: readonly string[],
  parts: readonly string[],
  dealt: Dealt,
): Edit {
  const clothAt = new Map(parts.map((key, i) => [key, known[dealt.cloths[i]!]!]))
  return file => {
    const block = file.blocks.find(other => other.id === id)!
    const before = block.cloths?.[role]
    const heaps = file.heaps ?? []
    const heapId =
      typeof before === 'object'
        ? before.heap
        : freeId(
            role,
            heaps.map(heap => heap.id),
          )
    const heap = { ...heaps.find(other => other.id === heapId), id: heapId, cloths: [...cloths], seed }
    const cells = asCells(file).map((line, r) =>
      line.map((cell, c) => {
        const cloth = cell.block === id ? clothAt.get(`${r},${c}`) : undefined
        return cloth === undefined ? cell : { ...cell, cloths: { ...cell.cloths, [role]: cloth } }
      }),
    )
    const dressed = file.blocks.map(other =>
      other.id === id ? { ...other, cloths: { ...other.cloths, [role]: { heap: heapId } } } : other,
    )
    return withCells(
      {
        ...file,
        heaps: [...heaps.filter(other => other.id !== heapId), heap],
        blocks: dressed,
        setting: withoutFill(file.setting),
      },
      cells,
    )
  }
}

/** The part is of one cloth again, in all places. */
export function undealt(blockId: string, role: string, cloth: string): Edit {
  return (file): QuiltFile => {
    const cells = asCells(file).map(line =>
      line.map(cell => {
        if (cell.block !== blockId || cell.cloths?.[role] === undefined) return cell
        const { [role]: _, ...cloths } = cell.cloths
        return { ...cell, cloths }
      }),
    )
    const dealt = file.blocks.find(({ id }) => id === blockId)?.cloths?.[role]
    const heapId = typeof dealt === 'object' ? dealt.heap : null
    const blocks = file.blocks.map(block =>
      block.id === blockId ? { ...block, cloths: { ...block.cloths, [role]: cloth } } : block,
    )
    const isUsed = blocks.some(block =>
      Object.values(block.cloths ?? {}).some(worn => typeof worn === 'object' && worn.heap === heapId),
    )
    const heaps = (file.heaps ?? []).filter(({ id }) => isUsed || id !== heapId)
    return withCells({ ...file, blocks, heaps, setting: withoutFill(file.setting) }, cells)
  }
}
