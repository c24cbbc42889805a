// In: a quilt file as written. Out: the quilt, complete and in inches, or every fault with its path.
import { makingRules } from './makings'
import { cornerKindOf } from './corners'
import { TOLERANCE, type Inches } from '../measure/ruler'
import { UNIT_DEFAULTS, type Units } from '../measure/units'
import { BACK_ROUND, bindingRules } from './bindings'
import { cellsOf } from './cells'
import { clothLetters } from './letters'
import { derivedBlocks, type BorderBlocks } from './derivedBlocks'
import { problemsOf } from './expectation'
import { workProblems, wholeProblems } from './limits'
import { framed, framesOf } from './frames'
import { designsById } from './ownDesigns'
import { panelProblems } from './panelProblems'
import { settingProblems } from './settingProblems'
import { shiftsOf } from './shifts'
import { trayClothId, trayCloths } from './trayCloths'
import { sizeProblems } from './placeSizes'
import { fail, ok, type Result } from './problem'
import type { Block, Border, Cloth, Quilt, QuiltBinding } from './quilt'
import { referenceProblems } from './references'
import { parseFile } from './parseFile'
import type { ParsedQuilt } from './schema'
import { wallOfFile } from './wallOfFile'

/**
 * Reads a quilt file: its shape, its lengths, and that everything it names is there. Gives every problem found, each
 * with its path. Does not say whether the quilt can be made; that is the plan's business.
 */
export function readQuilt(file: unknown): Result<Quilt> {
  const units: Units = (file as { units?: unknown } | null)?.units === 'cm' ? 'cm' : 'in'
  const parsed = parseFile(file, units)
  if (!parsed.success) return fail(problemsOf(parsed.error, file))
  const tooMuch = workProblems(parsed.data)
  if (tooMuch.length > 0) return fail(tooMuch)
  const problems = referenceProblems(parsed.data)
  // sizes can only be compared when every place has its block
  if (problems.length === 0) problems.push(...panelProblems(parsed.data), ...settingProblems(parsed.data))
  if (problems.length === 0) problems.push(...wholeProblems(parsed.data))
  if (problems.length === 0) problems.push(...sizeProblems(parsed.data))
  return problems.length > 0 ? fail(problems) : ok(complete(parsed.data, units))
}

function complete(file: ParsedQuilt, units: Units): Quilt {
  const letters = clothLetters([...file.cloths, ...file.tray.map(() => ({}))])
  const ownDesigns = designsById(file)
  const fabrics = file.cloths.map((cloth, i): Cloth => {
    const selvage = cloth.selvage ?? (cloth.form === 'piece' ? 0 : UNIT_DEFAULTS[units].selvage)
    const usable = cloth.width * (1 - cloth.shrink) - selvage
    const usableLength = cloth.form === 'piece' ? cloth.length! * (1 - cloth.shrink) : 0
    const longestStrip = cloth.directional ? usable : Math.max(usable, usableLength)
    const widths = { selvage, usable, usableLength, longestStrip }
    return { ...cloth, name: cloth.name ?? cloth.id, letter: letters[i]!, ...widths }
  })
  const cloths = [...fabrics, ...trayCloths(file, letters.slice(fabrics.length))]
  const own = file.blocks.map((block): Block => {
    const size = { width: block.width ?? block.size!, height: block.height ?? block.size! }
    const frame = framesOf(block)
    const name = block.name ?? ownDesigns.get(block.design)!.name
    const worn = block.tray === undefined ? {} : { cloths: { cloth: trayClothId(block.tray) } }
    return { ...block, ...worn, name, ...size, frame, outer: framed(size, frame) }
  })
  const derived = derivedBlocks(file, own, ownDesigns)
  const blocks = [...own, ...derived.blocks]
  const designs =
    derived.designs.length > 0
      ? new Map([...ownDesigns, ...derived.designs.map(design => [design.id, design] as const)])
      : ownDesigns
  const borders = file.borders.map((border, i) => completeBorder(border, derived.borders[i]!))
  widenOutermost(borders, (file.binding?.seam ?? file.seam) - file.seam)
  const { cells: _cells, fill: _fill, ...setting } = file.setting
  const cells = cellsOf(file)
  const more = { shifts: shiftsOf(file), sashBlocks: derived.sashes, stoneBlock: derived.stone, cells }
  const binding = completeBinding(file)
  const wall = wallOfFile(file, cells)
  return { ...file, cloths, designs, blocks, wall, borders, binding, setting: { ...setting, ...more } }
}

function completeBinding({ binding, backing, seam, making, asYouGo }: ParsedQuilt): QuiltBinding | null {
  // its edge is what the backs have beyond the batting
  if (!makingRules(making).hasTop && backing)
    return {
      style: BACK_ROUND,
      strip: asYouGo.allowance,
      extra: asYouGo.allowance,
      cloth: backing.cloth,
      cloths: [backing.cloth],
      seam,
      join: 'straight',
      finish: 'machine',
      isBias: false,
      attach: 'front',
    }
  if (!binding) return null
  const { bias, cloth: named, attach, ...rest } = binding
  // the back brought round shows the cloth of the back
  const { of, sewnTo } = bindingRules(binding.style)
  const cloth = of === 'back' ? backing?.cloth : named
  if (cloth === undefined) return null
  const cloths = typeof cloth === 'string' ? [cloth] : cloth
  return {
    ...rest,
    cloth: cloths[0]!,
    cloths,
    seam: binding.seam ?? seam,
    isBias: bias,
    attach: sewnTo ?? attach ?? 'front',
  }
}

function completeBorder(border: ParsedQuilt['borders'][number], made: BorderBlocks): Border {
  const { corners } = border
  const { sides, ends, alternate, corner } = made
  const cornerWears =
    corner !== undefined ? { block: corner } : typeof corners === 'object' && 'cloth' in corners ? corners : undefined
  return {
    sides: border.sides ?? border.width!,
    ends: border.ends ?? border.width!,
    cloth: border.cloth,
    corners: cornerKindOf(corners),
    ...(cornerWears ? { cornerWears } : {}),
    cornerTurn: typeof corners === 'object' && 'design' in corners ? corners.turn : 0,
    ...(sides !== undefined && ends !== undefined && border.pieced
      ? { pieced: { sides, ends, run: border.pieced.run, ...(alternate ? { alternate } : {}) } }
      : {}),
    first: border.first,
    long: border.long,
    ...(border.stripes ? { stripes: border.stripes } : {}),
    beyond: 0,
  }
}

/** The outermost border makes room for a binding sewn with a wider seam. What is pieced stays as it is pieced. */
function widenOutermost(borders: readonly Border[], by: Inches): void {
  const last = borders.at(-1)
  if (last && by > TOLERANCE && !last.pieced && !(last.cornerWears && 'block' in last.cornerWears)) last.beyond = by
}
