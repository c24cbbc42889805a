// In: a file and its own blocks. Out: the blocks that it asks for without naming them: pieced sashes, cornerstones and
// borders, and the halves at the ends of shifted rows.
import type { Design } from '../designs/design'
import { sameLength, type Inches } from '../measure/ruler'
import { cellsOf } from './cells'
import { halvesOf } from './halfBlocks'
import { placedSizes } from './placedSize'
import type { Block, Derived } from './quilt'
import type { ParsedQuilt } from './schema'
import { rulesOf } from './settings'

export interface DerivedBlocks {
  blocks: Block[]
  /** Designs of the halves. */
  designs: Design[]
  /** Pieced sashes by their finished length. */
  sashes: { length: Inches; block: string }[]
  /** Pieced cornerstones. */
  stone: string | null
  borders: BorderBlocks[]
}

/** Blocks of a pieced border, and of its pieced corners. */
export interface BorderBlocks {
  sides?: string
  ends?: string
  /** In every second place. */
  alternate?: { sides: string; ends: string }
  corner?: string
}

type PiecedFields = NonNullable<NonNullable<ParsedQuilt['setting']['sashing']>['pieced']>

/** Blocks that the setting asks for and the file does not name: halves, pieced sashes, corners. */
export function derivedBlocks(
  file: ParsedQuilt,
  own: readonly Block[],
  designs: ReadonlyMap<string, Design>,
): DerivedBlocks {
  const added = new AddedBlocks(own)
  const { sashing } = file.setting
  const sashes = sashing?.pieced
    ? sashLengths(file).map(length => ({
        length,
        block: added.add('Sash', sashing.pieced!, { width: sashing.width, height: length }, { what: 'sashing' }),
      }))
    : []
  const stones = sashing?.cornerstones
  const stone =
    sashing && stones && 'design' in stones
      ? added.add('Cornerstone', stones, { width: sashing.width, height: sashing.width }, { what: 'cornerstone' })
      : null
  const borders = file.borders.map((border, i) => borderBlocks(border, i + 1, designs, added))
  const halves =
    file.setting.ends === 'half-blocks' && rulesOf(file.setting).shifted !== null
      ? own.flatMap(block => halvesOf(block, designs.get(block.design)!))
      : []
  return {
    blocks: [...added.blocks, ...halves.map(({ block }) => block)],
    designs: halves.map(({ design }) => design),
    sashes,
    stone,
    borders,
  }
}

interface PieceSize {
  width: Inches
  height: Inches
}

/** Blocks beside the quilter's own, each with an id that none of those has. */
class AddedBlocks {
  readonly blocks: Block[] = []
  private readonly taken: Set<string>

  constructor(own: readonly Block[]) {
    this.taken = new Set(own.map(({ id }) => id))
  }

  add(name: string, { design, cloths }: PiecedFields, size: PieceSize, derived: Derived): string {
    const id = free(derivedId(derived), this.taken)
    this.taken.add(id)
    const plain = { frame: [], heaps: {}, method: 'auto' as const, stripes: {}, press: {} }
    this.blocks.push({ id, name, design, cloths, ...size, outer: size, ...plain, derived })
    return id
  }
}

/** What is repeated along the sides and ends of a border, counted from 1, and what stands in its corners. */
function borderBlocks(
  border: ParsedQuilt['borders'][number],
  at: number,
  designs: ReadonlyMap<string, Design>,
  added: AddedBlocks,
): BorderBlocks {
  const [sides, ends] = [border.sides ?? border.width!, border.ends ?? border.width!]
  const made: BorderBlocks = {}
  if (border.pieced) {
    const { pieced } = border
    const { width, height } = designs.get(pieced.design)!
    const unit = (wide: Inches) => ({ width: (wide * width) / height, height: wide })
    const along = (fields: PiecedFields) => {
      const add = (wide: Inches) => added.add(`Border ${at}`, fields, unit(wide), { what: 'border', border: at })
      const upright = add(sides)
      return { sides: upright, ends: sameLength(sides, ends) ? upright : add(ends) }
    }
    Object.assign(made, along(pieced))
    if (pieced.alternate) made.alternate = along(pieced.alternate)
  }
  if (typeof border.corners === 'object' && 'design' in border.corners) {
    const size = { width: sides, height: ends }
    made.corner = added.add(`Corner of border ${at}`, border.corners, size, { what: 'border-corner', border: at })
  }
  return made
}

/** As the plan names them. */
function derivedId(derived: Derived): string {
  switch (derived.what) {
    case 'border':
      return `border-${derived.border}`
    case 'border-corner':
      return `border-${derived.border}-corner`
    case 'half':
      return `${derived.of}/${derived.side}`
    default:
      return derived.what
  }
}

function free(id: string, taken: ReadonlySet<string>): string {
  if (!taken.has(id)) return id
  for (let n = 2; ; n++) if (!taken.has(`${id}-${n}`)) return `${id}-${n}`
}

/** How long the short sashes are: as the blocks beside them are high and, between cornerstones, wide. */
function sashLengths(file: ParsedQuilt): Inches[] {
  const sizeOf = placedSizes(file)
  const lengths: Inches[] = []
  const { between, cornerstones } = file.setting.sashing!
  if (between !== 'both') return []
  for (const cell of new Set(cellsOf(file).flat())) {
    const { width, height } = sizeOf(cell)
    for (const length of cornerstones ? [height, width] : [height])
      if (!lengths.some(known => sameLength(known, length))) lengths.push(length)
  }
  return lengths
}
