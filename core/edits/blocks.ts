import { rolesOf, type Design } from '../designs/design'
import { SHIPPED_DESIGNS } from '../designs/shipped'
import { holdsItsShape } from '../designs/fixedShape'
import { UNIT_KINDS, type UnitKind } from '../file/unitKinds'
import type { TrimAllowance } from '../file/trimAllowances'
import type { StripeDirection } from '../designs/stripeDirection'
import { sameLength, type Inches } from '../measure/ruler'
import type { QuiltFile } from '../file/schema'
import type { Frame } from '../file/quilt'
import { frameOf, innerSize, lengthIn, withSize, type BlockEntry } from './blockSize'
import { keepDesign } from './designs'
import { dressRoles } from './dress'
import { replaced, written, type Edit } from './edit'
import { asCells, withCells, freeId, type CellEntry } from './setting'
import { withoutStaleMeasures } from './staleMeasures'

/**
 * All blocks take this width (and height, where they are square). In a straight set they stand in columns and rows
 * together.
 */
export function setBlocksWidth(width: Inches): Edit {
  return file => ({ ...withoutStaleMeasures(file, 'blocks'), blocks: resizedBlocks(file, width, 'width') })
}

/** Gives all blocks this height, frames included, in inches. */
export function setBlocksHeight(height: Inches): Edit {
  return file => ({ ...withoutStaleMeasures(file, 'blocks'), blocks: resizedBlocks(file, height, 'height') })
}

/** Gives all blocks this side, frames included, in inches. */
export function setBlocksSize(size: Inches): Edit {
  return file => ({
    ...withoutStaleMeasures(file, 'blocks'),
    blocks: file.blocks.map(block =>
      withSize(file, block, {
        width: size - frameOf(file, block, 'width'),
        height: size - frameOf(file, block, 'height'),
      }),
    ),
  })
}

/** Every block framed to one size, in the cloth of its frame or the last one; a block of that size has none. */
export function frameAll(module: Inches): Edit {
  return old => {
    const file = withoutStaleMeasures(old, 'blocks')
    return {
      ...file,
      blocks: file.blocks.map(block => {
        const { frame: old = [], ...rest } = block
        const cloth = old[0]?.cloth ?? file.cloths.at(-1)!.id
        const { width, height } = innerSize(file, block)
        const [sides, ends] = [(module - width) / 2, (module - height) / 2]
        if (Math.max(sides, ends) < 1e-9) return rest
        return { ...rest, frame: [frameEntry(file, { cloth, sides, ends })] }
      }),
    }
  }
}

/** Strips round a block as the file writes them: one width, or that of the sides and that of the ends. */
export function frameEntry(file: QuiltFile, { cloth, sides, ends }: Frame): NonNullable<BlockEntry['frame']>[number] {
  return sameLength(sides, ends)
    ? { cloth, width: written(file, sides) }
    : { cloth, sides: written(file, sides), ends: written(file, ends) }
}

/**
 * Frames of a block; it stays as large as it stands in the quilt, and is itself smaller by them. `null`: none, and the
 * block fills its place.
 */
export function setFrame(blockId: string, frames: readonly Frame[] | null): Edit {
  return old => {
    const file = withoutStaleMeasures(old, 'blocks')
    return {
      ...file,
      blocks: file.blocks.map(block => {
        if (block.id !== blockId) return block
        const { frame: _, ...rest } = block
        const frame = (frames ?? []).map(strip => frameEntry(file, strip))
        const now = innerSize(file, block)
        const inner = (side: 'width' | 'height') =>
          now[side] + frameOf(file, block, side) - frameOf(file, { frame }, side)
        const sized = withSize(file, rest, { width: inner('width'), height: inner('height') })
        return { ...sized, ...(frame.length > 0 ? { frame } : {}) }
      }),
    }
  }
}

/** Whether a plain block is worked before it is cut to size, and with how much cloth round it; `null`: it is not. */
export function setPanel(blockId: string, panel: { extra: Inches; margin: Inches } | null): Edit {
  return file => ({
    ...file,
    blocks: file.blocks.map(block => {
      if (block.id !== blockId) return block
      const { panel: _, ...rest } = block
      return panel
        ? { ...rest, panel: { extra: written(file, panel.extra), margin: written(file, panel.margin) } }
        : rest
    }),
  })
}

/**
 * One side of all blocks changed. Where there is one block, of fixed shape (slanted seams, as it was drawn), its
 * other side follows, so that its angles stay.
 */
function resizedBlocks(file: QuiltFile, to: Inches, side: 'width' | 'height'): BlockEntry[] {
  const [only] = file.blocks
  const design = file.blocks.length === 1 && only && !only.frame?.length ? designIn(file, only.design) : undefined
  const shape = only && only.width !== undefined && only.height !== undefined && innerSize(file, only)
  if (only && shape && design && holdsItsShape(design, shape.width, shape.height)) {
    const { size: _, ...rest } = only
    const other = side === 'width' ? (to * design.height) / design.width : (to * design.width) / design.height
    const [width, height] = side === 'width' ? [to, other] : [other, to]
    return [{ ...rest, width: written(file, width), height: written(file, height) }]
  }
  return file.blocks.map(block => resized(file, block, to, side))
}

function designIn(file: QuiltFile, id: string): Pick<Design, 'width' | 'height' | 'patches'> | undefined {
  const own = file.designs?.find(design => design.id === id)
  // squares hold no shape of their own
  return own ? { ...own, patches: own.patches ?? [] } : SHIPPED_DESIGNS.find(design => design.id === id)
}

function resized(file: QuiltFile, block: BlockEntry, to: Inches, side: 'width' | 'height'): BlockEntry {
  const now = innerSize(file, block)
  const inner = to - frameOf(file, block, side)
  // a square stays square
  if (sameLength(now.width, now.height)) return withSize(file, block, { width: inner, height: inner })
  return withSize(file, block, { ...now, [side]: inner })
}

/**
 * Another design for a block. Roles keep their cloths by name; new roles take the block's cloths in turn. Where it is
 * the only block of the quilt it takes the proportions of the design, its longer side as long as before; beside
 * others it keeps its place.
 */
export function setDesign(blockId: string, design: Design): Edit {
  return file => ({
    ...keepDesign(design)(file),
    blocks: file.blocks.map(block => {
      if (block.id !== blockId) return block
      const old = block.cloths ?? {}
      const used = [...new Set(Object.values(old))]
      const spare = [...used, ...file.cloths.map(cloth => cloth.id).filter(id => !used.includes(id))]
      // what was sewn already gives way to what is to be sewn
      const {
        name: _n,
        tray: _t,
        panel,
        ...rest
      } = file.blocks.length === 1 ? inProportion(file, block, design) : block
      return {
        ...rest,
        ...(panel && design.patches.length === 1 ? { panel } : {}),
        design: design.id,
        method: 'auto',
        cloths: Object.fromEntries(rolesOf(design).map((role, i) => [role, old[role] ?? spare[i % spare.length]!])),
      }
    }),
  })
}

function inProportion(file: QuiltFile, { size, width, height, ...rest }: BlockEntry, design: Design): BlockEntry {
  const longer = Math.max(...[size, width, height].map(side => lengthIn(file, side)))
  const across = (longer * design.width) / Math.max(design.width, design.height)
  const down = (longer * design.height) / Math.max(design.width, design.height)
  if (Math.abs(across - down) > 1e-9) return { ...rest, width: written(file, across), height: written(file, down) }
  return size === undefined ? { ...rest, size: written(file, longer) } : { ...rest, size }
}

/** Dresses one role of a block, wherever the block stands. */
export function setRoleCloth(blockId: string, role: string, cloth: string): Edit {
  return file => ({
    ...file,
    blocks: file.blocks.map(block =>
      block.id === blockId ? { ...block, cloths: { ...block.cloths, [role]: cloth } } : block,
    ),
  })
}

/** The way to make one kind of unit in a block; null leaves it to the quilt's aim. */
export function setMethod(blockId: string, kind: string, method: string | null): Edit {
  return file => ({
    ...file,
    blocks: file.blocks.map(block => {
      if (block.id !== blockId) return block
      const chosen: Record<string, string | undefined> = typeof block.method === 'object' ? { ...block.method } : {}
      if (method === null) Reflect.deleteProperty(chosen, kind)
      else chosen[kind] = method
      return { ...block, method: Object.keys(chosen).length === 0 ? 'auto' : (chosen as BlockEntry['method']) }
    }),
  })
}

/**
 * How closely the squares of one kind of unit are cut, where they are trimmed after sewing; null leaves it to the
 * quilt's aim.
 */
export function setTrim(blockId: string, kind: UnitKind, care: TrimAllowance | null): Edit {
  return file => ({
    ...file,
    blocks: file.blocks.map(block => {
      if (block.id !== blockId) return block
      const { trim, ...rest } = block
      const chosen =
        typeof trim === 'object'
          ? { ...trim }
          : trim === undefined
            ? {}
            : Object.fromEntries(UNIT_KINDS.map(each => [each, trim]))
      if (care === null) Reflect.deleteProperty(chosen, kind)
      else chosen[kind] = care
      return Object.keys(chosen).length === 0 ? rest : { ...rest, trim: chosen }
    }),
  })
}

/** Ways that were chosen for single units, in all blocks. */
export function chosenWays(file: QuiltFile): number {
  return file.blocks.reduce(
    (sum, { method }) =>
      sum
      + (typeof method === 'object' ? Object.keys(method).length : method === undefined || method === 'auto' ? 0 : 1),
    0,
  )
}

/** All ways are left to the quilt's aim. */
export function forgetWays(): Edit {
  return file => ({ ...file, blocks: file.blocks.map(block => ({ ...block, method: 'auto' as const })) })
}

/** How stripes run in a role of a block; null leaves them as they fall. */
export function setStripes(blockId: string, role: string, stripes: StripeDirection | null): Edit {
  return file => ({
    ...file,
    blocks: file.blocks.map(block => {
      if (block.id !== blockId) return block
      const all = { ...block.stripes }
      if (stripes === null) Reflect.deleteProperty(all, role)
      else all[role] = stripes
      return { ...block, stripes: all }
    }),
  })
}

/** One way for the whole block: unit by unit as the aim has it, on foundation papers, or by templates. */
export function setWholeMethod(blockId: string, method: 'auto' | 'foundation' | 'template'): Edit {
  return file => ({ ...file, blocks: file.blocks.map(block => (block.id === blockId ? { ...block, method } : block)) })
}

/** Another block beside those of the quilt, of their size, standing in the place given. */
export function addBlock(design: Design, at: { row: number; column: number } | null): Edit {
  return file => {
    const first = file.blocks[0]!
    const id = freeId(
      design.id,
      file.blocks.map(block => block.id),
    )
    const { size, width, height } = first
    const cloths = file.cloths.map(cloth => cloth.id)
    const block: BlockEntry = {
      id,
      design: design.id,
      ...(size === undefined ? { width, height } : { size }),
      cloths: dressRoles(design, cloths),
    }
    const added = keepDesign(design)({ ...file, blocks: [...file.blocks, block] })
    return at === null ? added : placeBlock(at.row, at.column, id)(added)
  }
}

/** Puts a block in one place; the colours of that place go. */
export function placeBlock(row: number, column: number, block: string): Edit {
  return file => changeCell(row, column, cell => ({ block, ...(cell.turn ? { turn: cell.turn } : {}) }))(file)
}

/** Changes one place of the setting. */
export function changeCell(row: number, column: number, change: (cell: CellEntry) => CellEntry): Edit {
  return file => {
    const cells = asCells(file)
    const changed = replaced(cells, row, replaced(cells[row]!, column, change(cells[row]![column]!)))
    return withCells({ ...file, setting: withoutFill(file.setting) }, changed)
  }
}

/** A quarter turn clockwise. */
export function turnCell(row: number, column: number): Edit {
  return changeCell(row, column, cell => ({ ...cell, turn: (((cell.turn ?? 0) + 90) % 360) as 0 | 90 | 180 | 270 }))
}

/** Mirrored left to right as it lies: the turn runs the other way. */
export function mirrorCell(row: number, column: number): Edit {
  return changeCell(row, column, cell => ({
    ...cell,
    mirror: !cell.mirror,
    turn: ((360 - (cell.turn ?? 0)) % 360) as 0 | 90 | 180 | 270,
  }))
}

/** A cloth for one role in one place alone; null gives the place its block's cloth again. */
export function setCellCloth(row: number, column: number, role: string, cloth: string | null): Edit {
  return changeCell(row, column, cell => {
    const cloths = { ...cell.cloths }
    if (cloth === null) Reflect.deleteProperty(cloths, role)
    else cloths[role] = cloth
    return { ...cell, cloths }
  })
}

/** Two places exchange what stands in them. */
export function exchangeCells(a: { row: number; column: number }, b: { row: number; column: number }): Edit {
  return file => {
    const cells = asCells(file)
    const first = cells[a.row]![a.column]!
    const second = cells[b.row]![b.column]!
    return changeCell(b.row, b.column, () => first)(changeCell(a.row, a.column, () => second)(file))
  }
}

/** Places are named one by one from here on. */
export function withoutFill({ fill: _, ...setting }: QuiltFile['setting']): QuiltFile['setting'] {
  return setting
}
