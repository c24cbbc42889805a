import type { z } from 'zod'
import { rolesOf, type Design } from '../block/design'
import { SHIPPED_DESIGNS } from '../block/designs'
import { tilingFaults } from '../geometry/tiling'
import type { Point } from '../geometry/polygon'
import { UNIT_DEFAULTS, type Units } from '../measure/units'
import { methodFitsKind } from '../methods/methodKinds'
import { clothLetters } from './letters'
import { fail, ok, type Expectation, type Path, type Problem, type Result } from './problem'
import type { Block, Border, Cell, Cloth, Quilt } from './quilt'
import { quiltFileSchema, type ParsedQuilt } from './schema'

/**
 * Reads a quilt file: its shape, its lengths, and that everything it names is there. Gives every problem found, each with its
 * path. Does not say whether the quilt can be made; that is the plan's business.
 */
export function readQuilt(file: unknown): Result<Quilt> {
  const units: Units = (file as { units?: unknown } | null)?.units === 'cm' ? 'cm' : 'in'
  const parsed = quiltFileSchema(units).safeParse(file)
  if (!parsed.success) return fail(parsed.error.issues.map(issue => toProblem(issue, file)))
  const problems = [...referenceProblems(parsed.data), ...notYet(parsed.data)]
  return problems.length > 0 ? fail(problems) : ok(complete(parsed.data, units))
}

function toProblem(issue: z.core.$ZodIssue, file: unknown): Problem {
  const path = issue.path.map(step => typeof step === 'symbol' ? String(step) : step)
  return { code: 'expected', path, expected: readExpectation(issue), got: valueAt(file, path) }
}

/** Fields put their expectation into the message; where Zod spoke by itself there is none. */
function readExpectation(issue: z.core.$ZodIssue): Expectation {
  if (!issue.message.startsWith('{')) return { kind: 'something-else' }
  return JSON.parse(issue.message) as Expectation
}

function valueAt(file: unknown, path: Path): unknown {
  return path.reduce<unknown>((value, step) => value !== null && typeof value === 'object' && Object.hasOwn(value, step) ? (value as Record<string | number, unknown>)[step] : undefined, file)
}

function referenceProblems(file: ParsedQuilt): Problem[] {
  const problems: Problem[] = []
  const cloths = file.cloths.map(cloth => cloth.id), blocks = file.blocks.map(block => block.id)
  const designs = designsById(file)
  const need = (known: readonly string[], to: 'cloth' | 'block' | 'design', got: string | undefined, path: Path) => {
    if (got !== undefined && !known.includes(got)) problems.push({ code: 'unknown-reference', path, to, got, known })
  }
  for (const [list, ids] of [['cloths', cloths], ['blocks', blocks], ['designs', file.designs.map(design => design.id)]] as const) {
    ids.forEach((id, i) => {
      if (ids.indexOf(id) !== i) problems.push({ code: 'repeated', path: [list, i, 'id'], got: id })
    })
  }
  file.cloths.forEach((cloth, i) => {
    if (cloth.form === 'piece' && cloth.length === undefined) problems.push({ code: 'expected', path: ['cloths', i, 'length'], expected: { kind: 'length' }, got: undefined })
    const usable = cloth.width * (1 - cloth.shrink) - (cloth.selvage ?? (cloth.form === 'piece' ? 0 : UNIT_DEFAULTS[file.units].selvage))
    if (usable < 1) problems.push({ code: 'expected', path: ['cloths', i, 'width'], expected: { kind: 'length', least: 1 }, got: cloth.width })
  })
  file.designs.forEach((design, i) => {
    for (const fault of tilingFaults(design.patches.map(patch => patch.points as Point[]), design.width, design.height)) {
      problems.push({ code: 'tiling', path: ['designs', i, ...(fault.patch >= 0 ? ['patches', fault.patch] : [])], fault })
    }
  })
  file.blocks.forEach((block, i) => {
    const path: Path = ['blocks', i]
    need([...designs.keys()], 'design', block.design, [...path, 'design'])
    if (block.size === undefined && (block.width === undefined || block.height === undefined)) problems.push({ code: 'missing-size', path: [...path, 'size'] })
    const roles = designs.has(block.design) ? rolesOf(designs.get(block.design)!) : Object.keys(block.cloths)
    // a role that the design does not have is no fault: it is what stays when the design is changed
    for (const [role, cloth] of Object.entries(block.cloths)) need(cloths, 'cloth', cloth, [...path, 'cloths', role])
    for (const role of roles) if (!Object.hasOwn(block.cloths, role)) problems.push({ code: 'undressed-role', path: [...path, 'cloths'], role })
    if (typeof block.method === 'object') {
      for (const [kind, method] of Object.entries(block.method)) {
        if (!methodFitsKind(method!, kind)) problems.push({ code: 'unknown-reference', path: [...path, 'method', kind], to: 'method', got: method!, known: [] })
      }
    }
  })
  const { setting } = file
  setting.fill?.forEach((line, r) => line.forEach((id, c) => need(blocks, 'block', id, ['setting', 'fill', r, c])))
  setting.cells?.forEach((line, r) => line.forEach((cell, c) => {
    const path: Path = ['setting', 'cells', r, c]
    need(blocks, 'block', cell.block, [...path, 'block'])
    for (const [role, cloth] of Object.entries(cell.cloths)) need(cloths, 'cloth', cloth, [...path, 'cloths', role])
  }))
  if (setting.cells && setting.kind === 'straight') {
    if (setting.cells.length !== setting.down) problems.push({ code: 'wrong-count', path: ['setting', 'cells'], expected: setting.down, got: setting.cells.length })
    setting.cells.forEach((line, r) => {
      if (line.length !== setting.across) problems.push({ code: 'wrong-count', path: ['setting', 'cells', r], expected: setting.across, got: line.length })
    })
  }
  need(cloths, 'cloth', setting.sashing?.cloth, ['setting', 'sashing', 'cloth'])
  need(cloths, 'cloth', setting.sashing?.cornerstones?.cloth, ['setting', 'sashing', 'cornerstones', 'cloth'])
  file.borders.forEach((border, i) => {
    need(cloths, 'cloth', border.cloth, ['borders', i, 'cloth'])
    if (border.width === undefined && (border.sides === undefined || border.ends === undefined)) problems.push({ code: 'missing-size', path: ['borders', i, 'width'] })
  })
  need(cloths, 'cloth', file.backing?.cloth, ['backing', 'cloth'])
  need(cloths, 'cloth', file.binding?.cloth, ['binding', 'cloth'])
  if (file.binding && file.binding.style !== 'self' && file.binding.cloth === undefined) problems.push({ code: 'expected', path: ['binding', 'cloth'], expected: { kind: 'id' }, got: undefined })
  problems.push(...(problems.length === 0 ? sizeProblems(file) : []))
  return problems
}

/** In a straight setting all blocks of a column are as wide as each other, and all of a row as high. */
function sizeProblems(file: ParsedQuilt): Problem[] {
  const cells = cellsOf(file)
  const size = (id: string) => {
    const block = file.blocks.find(candidate => candidate.id === id)!
    return [block.width ?? block.size!, block.height ?? block.size!] as const
  }
  const problems: Problem[] = []
  const path = (r: number, c: number): Path => file.setting.cells
    ? ['setting', 'cells', r, c]
    : ['setting', 'fill', r % (file.setting.fill?.length ?? 1), c % (file.setting.fill?.[r % file.setting.fill.length]?.length ?? 1)]
  const differ = (a: number, b: number) => Math.abs(a - b) > 1e-6
  const [firstRow] = cells
  for (const [r, line] of cells.entries()) {
    for (const [c, cell] of line.entries()) {
      const [width, height] = placedSize(size(cell.block), cell.turn)
      const [columnWidth] = placedSize(size(firstRow![c]!.block), firstRow![c]!.turn)
      const [, rowHeight] = placedSize(size(line[0]!.block), line[0]!.turn)
      if (differ(width, columnWidth)) problems.push({ code: 'sizes-differ', path: path(r, c), place: 'column', at: c, sizes: [columnWidth, width] })
      else if (differ(height, rowHeight)) problems.push({ code: 'sizes-differ', path: path(r, c), place: 'row', at: r, sizes: [rowHeight, height] })
      if (problems.length >= 5) return problems
    }
  }
  return problems
}

function placedSize([width, height]: readonly [number, number], turn: number): readonly [number, number] {
  return turn % 180 === 0 ? [width, height] : [height, width]
}

/** What a file may say but Wren cannot plan so far. Better refused than planned wrongly. */
function notYet(file: ParsedQuilt): Problem[] {
  const problems: Problem[] = []
  const refuse = (path: Path, what: string) => problems.push({ code: 'not-yet', path, what })
  if (file.setting.kind !== 'straight') refuse(['setting', 'kind'], file.setting.kind)
  file.borders.forEach((border, i) => {
    if (border.corners !== 'butted') refuse(['borders', i, 'corners'], typeof border.corners === 'string' ? border.corners : 'cornered')
  })
  if (file.binding && (file.binding.style === 'flanged' || file.binding.style === 'self')) refuse(['binding', 'style'], file.binding.style)
  file.blocks.forEach((block, i) => {
    if (block.method === 'foundation') refuse(['blocks', i, 'method'], 'foundation')
    else if (typeof block.method === 'object') {
      for (const [kind, method] of Object.entries(block.method)) {
        if (['hst-4', 'three-patch-pairs', 'three-patch-alike', 'strip-angle', 'wedge-strip-set', 'foundation'].includes(method ?? '')) refuse(['blocks', i, 'method', kind], method!)
      }
    }
  })
  return problems
}

function designsById(file: ParsedQuilt): ReadonlyMap<string, Design> {
  const own = file.designs.map((design): Design => ({ ...design, name: design.name ?? design.id, patches: design.patches.map(patch => ({ role: patch.role, points: patch.points as Point[] })) }))
  return new Map([...SHIPPED_DESIGNS, ...own].map(design => [design.id, design]))
}

function cellsOf(file: ParsedQuilt): Cell[][] {
  const { across, down, cells, fill = [[file.blocks[0]!.id]] } = file.setting
  if (cells) return cells.map(line => line.map(({ block, turn, mirror, cloths }) => ({ block, turn, mirror, cloths })))
  return Array.from({ length: down }, (_, r) => Array.from({ length: across }, (_, c): Cell => {
    const line = fill[r % fill.length]!
    return { block: line[c % line.length]!, turn: 0, mirror: false, cloths: {} }
  }))
}

function complete(file: ParsedQuilt, units: Units): Quilt {
  const letters = clothLetters(file.cloths)
  const designs = designsById(file)
  const cloths = file.cloths.map((cloth, i): Cloth => {
    const selvage = cloth.selvage ?? (cloth.form === 'piece' ? 0 : UNIT_DEFAULTS[units].selvage)
    const usable = cloth.width * (1 - cloth.shrink) - selvage
    const longestStrip = cloth.form === 'piece' && !cloth.directional ? Math.max(usable, cloth.length! * (1 - cloth.shrink)) : usable
    return { ...cloth, name: cloth.name ?? cloth.id, letter: letters[i]!, selvage, usable, longestStrip }
  })
  const blocks = file.blocks.map((block): Block => ({ ...block, name: block.name ?? designs.get(block.design)!.name, width: block.width ?? block.size!, height: block.height ?? block.size! }))
  const borders = file.borders.map((border): Border => ({
    sides: border.sides ?? border.width!, ends: border.ends ?? border.width!, cloth: border.cloth, first: border.first, long: border.long,
  }))
  const { cells: _cells, fill: _fill, ...setting } = file.setting
  const binding = file.binding?.cloth === undefined ? null : { ...file.binding, cloth: file.binding.cloth }
  return { ...file, cloths, designs, blocks, borders, binding, setting: { ...setting, cells: cellsOf(file) } }
}
