import { rolesOf } from '../designs/design'
import { tilingFaults, type TilingFault } from '../geometry/tiling'
import type { Point } from '../geometry/polygon'
import { UNIT_DEFAULTS } from '../measure/units'
import { bindingProblems } from './bindingProblems'
import { methodFitsKind } from './methodNames'
import { designsById } from './ownDesigns'
import type { Path, Problem } from './problem'
import { quiltingProblems } from './quiltingProblems'
import type { ParsedQuilt } from './schema'

type ParsedDesign = ParsedQuilt['designs'][number]

const looked = new WeakMap<ParsedDesign, TilingFault[]>()

/** Looked for once in a design that edits leave as it is. */
function tilingFaultsOf(design: ParsedDesign): TilingFault[] {
  const { patches, width, height } = design
  // squares lie side by side as they are
  const known = design.isPicture ? [] : looked.get(design)
  const faults =
    known
    ?? tilingFaults(
      patches.map(patch => patch.points as Point[]),
      width,
      height,
    )
  looked.set(design, faults)
  return faults
}

/**
 * What the shape of a file cannot say: that everything it names is there, that designs tile, that what must have a
 * size has one.
 */
export function referenceProblems(file: ParsedQuilt): Problem[] {
  const problems: Problem[] = []
  const ids = { cloths: file.cloths.map(({ id }) => id), blocks: file.blocks.map(({ id }) => id) }
  const [cloths, blocks] = [new Set(ids.cloths), new Set(ids.blocks)]
  const designs = designsById(file)
  const designIds = new Set(designs.keys())
  const need = (known: ReadonlySet<string>, to: 'cloth' | 'block' | 'design', got: string | undefined, path: Path) => {
    if (got !== undefined && !known.has(got))
      problems.push({ code: 'unknown-reference', path, to, got, known: [...known] })
  }
  for (const [list, names] of [
    ['cloths', ids.cloths],
    ['blocks', ids.blocks],
    ['designs', file.designs.map(({ id }) => id)],
  ] as const) {
    names.forEach((id, i) => {
      if (names.indexOf(id) !== i) problems.push({ code: 'repeated', path: [list, i, 'id'], got: id })
    })
  }
  file.cloths.forEach((cloth, i) => {
    if (cloth.form === 'piece' && cloth.length === undefined)
      problems.push({ code: 'expected', path: ['cloths', i, 'length'], expected: { kind: 'length' }, got: undefined })
    const usable =
      cloth.width * (1 - cloth.shrink)
      - (cloth.selvage ?? (cloth.form === 'piece' ? 0 : UNIT_DEFAULTS[file.units].selvage))
    if (usable < 1)
      problems.push({
        code: 'expected',
        path: ['cloths', i, 'width'],
        expected: { kind: 'length', least: 1 },
        got: cloth.width,
      })
  })
  file.designs.forEach((design, i) => {
    for (const fault of tilingFaultsOf(design)) {
      problems.push({
        code: 'tiling',
        path: ['designs', i, ...(fault.patch >= 0 ? ['patches', fault.patch] : [])],
        fault,
      })
    }
  })
  file.blocks.forEach((block, i) => {
    const path: Path = ['blocks', i]
    need(designIds, 'design', block.design, [...path, 'design'])
    if (block.size === undefined && (block.width === undefined || block.height === undefined))
      problems.push({ code: 'missing-size', path: [...path, 'size'] })
    const roles = designs.has(block.design) ? rolesOf(designs.get(block.design)!) : Object.keys(block.cloths)
    block.frame.forEach((strip, k) => {
      need(cloths, 'cloth', strip.cloth, [...path, 'frame', k, 'cloth'])
      if (strip.width === undefined && (strip.sides === undefined || strip.ends === undefined))
        problems.push({ code: 'missing-size', path: [...path, 'frame', k, 'width'] })
    })
    // a role that the design does not have is no fault: it is what stays when the design is changed
    for (const [role, cloth] of Object.entries(block.cloths)) need(cloths, 'cloth', cloth, [...path, 'cloths', role])
    for (const role of roles)
      if (!Object.hasOwn(block.cloths, role)) problems.push({ code: 'undressed-role', path: [...path, 'cloths'], role })
    if (typeof block.method === 'object') {
      for (const [kind, method] of Object.entries(block.method)) {
        if (!methodFitsKind(method!, kind))
          problems.push({
            code: 'unknown-reference',
            path: [...path, 'method', kind],
            to: 'method',
            got: method!,
            known: [],
          })
      }
    }
  })
  const { setting } = file
  setting.fill?.forEach((line, r) => line.forEach((id, c) => need(blocks, 'block', id, ['setting', 'fill', r, c])))
  setting.cells?.forEach((line, r) =>
    line.forEach((cell, c) => {
      const path: Path = ['setting', 'cells', r, c]
      need(blocks, 'block', cell.block, [...path, 'block'])
      for (const [role, cloth] of Object.entries(cell.cloths)) need(cloths, 'cloth', cloth, [...path, 'cloths', role])
    }),
  )
  setting.rows?.forEach((row, r) =>
    row.cells.forEach((cell, c) => {
      const path: Path = ['setting', 'rows', r, 'cells', c]
      need(blocks, 'block', cell.block, [...path, 'block'])
      for (const [role, cloth] of Object.entries(cell.cloths)) need(cloths, 'cloth', cloth, [...path, 'cloths', role])
    }),
  )
  need(cloths, 'cloth', setting.settingCloth, ['setting', 'settingCloth'])
  if (typeof setting.ends === 'object') need(cloths, 'cloth', setting.ends.cloth, ['setting', 'ends', 'cloth'])
  need(cloths, 'cloth', setting.sashing?.cloth, ['setting', 'sashing', 'cloth'])
  /** A design that fills a sash, a corner or a border, and a cloth for each of its roles. */
  const needPieced = (pieced: { design: string; cloths: Record<string, string> } | undefined, path: Path) => {
    if (!pieced) return
    need(designIds, 'design', pieced.design, [...path, 'design'])
    const design = designs.get(pieced.design)
    for (const [role, cloth] of Object.entries(pieced.cloths)) need(cloths, 'cloth', cloth, [...path, 'cloths', role])
    for (const role of design ? rolesOf(design) : [])
      if (!Object.hasOwn(pieced.cloths, role))
        problems.push({ code: 'undressed-role', path: [...path, 'cloths'], role })
  }
  const stones = setting.sashing?.cornerstones
  needPieced(setting.sashing?.pieced, ['setting', 'sashing', 'pieced'])
  if (stones && 'design' in stones) needPieced(stones, ['setting', 'sashing', 'cornerstones'])
  else need(cloths, 'cloth', stones?.cloth, ['setting', 'sashing', 'cornerstones', 'cloth'])
  file.borders.forEach((border, i) => {
    need(cloths, 'cloth', border.cloth, ['borders', i, 'cloth'])
    needPieced(border.pieced, ['borders', i, 'pieced'])
    const { corners } = border
    if (typeof corners === 'object') {
      if ('design' in corners) needPieced(corners, ['borders', i, 'corners'])
      else need(cloths, 'cloth', corners.cloth, ['borders', i, 'corners', 'cloth'])
    } else if (border.pieced) {
      problems.push({ code: 'not-together', path: ['borders', i, 'corners'], what: 'pieced-border-without-corners' })
    }
    if (border.width === undefined && (border.sides === undefined || border.ends === undefined))
      problems.push({ code: 'missing-size', path: ['borders', i, 'width'] })
  })
  need(cloths, 'cloth', file.backing?.cloth, ['backing', 'cloth'])
  need(cloths, 'cloth', file.hanging?.cloth, ['hanging', 'cloth'])
  need(cloths, 'cloth', file.label?.cloth, ['label', 'cloth'])
  file.backing?.inHand.forEach(({ cloth }, i) => need(cloths, 'cloth', cloth, ['backing', 'inHand', i, 'cloth']))
  problems.push(...bindingProblems(file), ...quiltingProblems(file))
  return problems
}
