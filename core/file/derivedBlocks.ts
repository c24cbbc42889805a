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
  corner?: string
}

type PiecedFields = NonNullable<NonNullable<ParsedQuilt['setting']['sashing']>['pieced']>

/** Blocks that the setting asks for and the file does not name: halves, pieced sashes, corners. */
export function derivedBlocks(
  file: ParsedQuilt,
  own: readonly Block[],
  designs: ReadonlyMap<string, Design>,
): DerivedBlocks {
  const blocks: Block[] = []
  const taken = new Set(own.map(({ id }) => id))
  const add = (
    name: string,
    { design, cloths }: PiecedFields,
    size: { width: Inches; height: Inches },
    derived: Derived,
  ) => {
    const id = free(derivedId(derived), taken)
    taken.add(id)
    blocks.push({
      id,
      name,
      design,
      cloths,
      ...size,
      outer: size,
      frame: [],
      method: 'auto',
      stripes: {},
      press: {},
      derived,
    })
    return id
  }
  const { sashing } = file.setting
  const sashes = sashing?.pieced
    ? sashLengths(file).map(length => ({
        length,
        block: add('Sash', sashing.pieced!, { width: sashing.width, height: length }, { what: 'sashing' }),
      }))
    : []
  const stones = sashing?.cornerstones
  const stone =
    sashing && stones && 'design' in stones
      ? add('Cornerstone', stones, { width: sashing.width, height: sashing.width }, { what: 'cornerstone' })
      : null
  const borders = file.borders.map((border, i): BorderBlocks => {
    const [sides, ends] = [border.sides ?? border.width!, border.ends ?? border.width!]
    const at = i + 1
    const made: BorderBlocks = {}
    if (border.pieced) {
      const { pieced } = border
      const { width, height } = designs.get(pieced.design)!
      const unit = (wide: Inches) => ({ width: (wide * width) / height, height: wide })
      const name = `Border ${at}`
      made.sides = add(name, pieced, unit(sides), { what: 'border', border: at })
      made.ends = sameLength(sides, ends) ? made.sides : add(name, pieced, unit(ends), { what: 'border', border: at })
    }
    if (typeof border.corners === 'object' && 'design' in border.corners) {
      const size = { width: sides, height: ends }
      made.corner = add(`Corner of border ${at}`, border.corners, size, { what: 'border-corner', border: at })
    }
    return made
  })
  const halves =
    file.setting.ends === 'half-blocks' && rulesOf(file.setting).shifted !== null
      ? own.flatMap(block => halvesOf(block, designs.get(block.design)!))
      : []
  return {
    blocks: [...blocks, ...halves.map(({ block }) => block)],
    designs: halves.map(({ design }) => design),
    sashes,
    stone,
    borders,
  }
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
