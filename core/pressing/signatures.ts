// In: the blocks of a quilt and their dressings. Out: what the search for their pressing starts from, one signature
// for all that are pressed alike.
import { clothsOfCell } from '../file/clothsOfCell'
import { clothOf, type Cell, type Quilt } from '../file/quilt'
import type { Placement } from '../geometry/placement'
import { patchesOf, type SewingTree } from '../make/order/sewingTree'
import type { PressedBlock } from '../make/pressing/costs'
import { blockSeams, type BlockSeams } from '../make/pressing/meetings'
import { pictureFolds, pictureSeams } from '../make/pressing/pictureSeams'
import type { Press } from '../make/steps/press'
import type { BlockMake } from '../make/units/blockMake'
import { variants } from '../make/units/demands'
import { middleOfUnit, type Unit } from '../make/units/unit'
import { unitsOf } from '../make/units/unitTree'
import { lightness } from '../measure/lightness'

/** A block in cloths that press it alike: where half-squares go to the dark, other cloths may turn them round. */
export interface BlockSignature extends PressedBlock {
  block: string
  /** The same for signatures that are alike in any state of the quilt. */
  key: string
}

const known = new WeakMap<SewingTree, BlockSeams>()

const numbers = new WeakMap<SewingTree, number>()
let next = 0

/** An order of sewing is kept for its drawing: its number stands for both. */
function numberOf(tree: SewingTree): number {
  const number = numbers.get(tree) ?? (next += 1)
  numbers.set(tree, number)
  return number
}

/** The seams of a block, found once for its order of sewing. */
export function seamsOf({ design, tree }: Pick<BlockMake, 'design' | 'tree'>): BlockSeams {
  const found =
    known.get(tree)
    ?? (design.picture
      ? pictureSeams(design.picture, tree)
      : blockSeams(
          design.patches.map(({ points }) => points),
          tree,
        ))
  known.set(tree, found)
  return found
}

/** A cell with its signature, and how the block that was sewn lies in it. */
export interface SignedCell extends Placement {
  signature: BlockSignature
}

/** For each cell of the quilt its signature; cells that are pressed alike share one. */
export function signaturesOf(quilt: Quilt, makes: ReadonlyMap<string, BlockMake>): ReadonlyMap<Cell, SignedCell> {
  const byKey = new Map<string, BlockSignature>()
  const signatures = new Map<Cell, SignedCell>()
  for (const { cell, cells } of variants(quilt)) {
    const make = makes.get(cell.block)!
    const cloths = clothsOfCell(quilt, cell)
    const ofRole = new Map(Object.entries(cloths).map(([role, id]) => [role, lightness(clothOf(quilt, id).colour)]))
    const lights = make.design.patches.map(({ role }) => ofRole.get(role)!)
    const light = (patch: number) => lights[patch]!
    const fixed = fixedSeams(quilt, make, light)
    const key = `${cell.block} ${make.design.picture ? pictureKey(quilt, make) : [...fixed].join()}`
    const signature = byKey.get(key) ?? {
      block: cell.block,
      key: `${key} ${numberOf(make.tree)} ${make.design.picture ? '' : lights.map(value => value.toFixed(2)).join()}`,
      seams: seamsOf(make),
      light,
      side: Math.max(make.design.width, make.design.height),
      fixed,
    }
    byKey.set(key, signature)
    for (const placed of cells) signatures.set(placed, { signature, turn: placed.turn, mirror: placed.mirror })
  }
  return signatures
}

/** A picture is pressed by a rule, whatever its cloths: its key says what can differ. */
function pictureKey({ press, blocks }: Quilt, { block }: BlockMake): string {
  return `${press} ${JSON.stringify(blocks.find(({ id }) => id === block.id)?.press)}`
}

/** Seams whose side is settled before any search: by the quilter, by the policy, by how units and papers are made. */
function fixedSeams(
  { press: policy, blocks }: Quilt,
  make: BlockMake,
  light: (patch: number) => number,
): Map<number, Press> {
  const { joins } = seamsOf(make)
  const own = Object.entries(blocks.find(({ id }) => id === make.block.id)?.press ?? {})
  const ownPresses = own.flatMap(([join, press]) => (joins[Number(join)] ? [[Number(join), press] as const] : []))
  if (make.design.picture) {
    const folds = pictureFolds(make.design.picture, joins)
    return new Map([...folds.map((press, join) => [join, policy === 'open' ? 'open' : press] as const), ...ownPresses])
  }
  const fixed = new Map<number, Press>(ownPresses)
  const toDark = (node: SewingTree): Press | null => {
    if ('patch' in node) return null
    const [one, other] = node.join.map(part => meanOf(patchesOf(part), light)) as [number, number]
    return Math.abs(one - other) < 1e-6 ? null : one < other ? 'first' : 'second'
  }
  const units = new Map(unitsOf(make.units).flatMap(unit => unit.patches.map(({ patch }) => [patch, unit] as const)))
  joins.forEach(({ node }, join) => {
    const patches = patchesOf(node)
    const unit = units.get(patches[0]!)!
    const isInUnit = patches.every(patch => units.get(patch) === unit)
    const press =
      policy === 'open'
        ? 'open'
        : onPaper(make, node)
          ? 'second'
          : isInUnit && unit.kind !== 'strip-set'
            ? (outwards(unit, node) ?? toDark(node) ?? 'second')
            : policy === 'dark'
              ? toDark(node)
              : null
    if (press && !fixed.has(join)) fixed.set(join, press)
  })
  return fixed
}

function meanOf(patches: readonly number[], light: (patch: number) => number): number {
  return patches.reduce((sum, patch) => sum + light(patch), 0) / patches.length
}

type JoinNode = Extract<SewingTree, { join: unknown }>

/** On papers every patch is folded over its own seam. */
function onPaper({ papers }: BlockMake, node: JoinNode): boolean {
  const patches = patchesOf(node)
  return papers?.sections.some(({ order }) => patches.every(patch => order.includes(patch))) ?? false
}

/** What is sewn to the corners of a unit is pressed outwards, away from its middle. */
function outwards(unit: Unit, node: JoinNode): Press | null {
  const middle = middleOfUnit(unit.patches)
  if (!middle) return null
  const [inFirst, inSecond] = node.join.map(part => patchesOf(part).includes(middle.patch))
  return inFirst ? 'second' : inSecond ? 'first' : null
}
