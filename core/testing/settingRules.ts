import type { CheckedPlan } from '../checks/planQuilt'
import type { Quilt } from '../file/quilt'

/** What a setting must give by the agreement, worked out without the code that sets blocks. */
export interface SettingByHand {
  blocks: number
  width: number
  height: number
  sashes: number
  longSashes: number
  cornerstones: number
  halfCornerstones: number
  sideTriangles: number
  cornerTriangles: number
  ends: number
  halfBlocks: number
}

const total = (numbers: readonly number[]) => numbers.reduce((sum, n) => sum + n, 0)

/** From the counts and sizes of the file alone; planned sizes. Source: handbook §4. */
export function settingByHand(quilt: Quilt): SettingByHand {
  const { kind, across: a, down: d, cells, sashing, float, ends, shifts } = quilt.setting
  const sizeOf = ({ block, turn }: (typeof cells)[number][number]) => {
    const found = quilt.blocks.find(({ id }) => id === block)!
    const width = found.width + 2 * total(found.frame.map(({ sides }) => sides))
    const height = found.height + 2 * total(found.frame.map(({ ends: high }) => high))
    return turn % 180 === 0 ? { width, height } : { width: height, height: width }
  }
  const none = {
    sashes: 0,
    longSashes: 0,
    cornerstones: 0,
    halfCornerstones: 0,
    sideTriangles: 0,
    cornerTriangles: 0,
    ends: 0,
    halfBlocks: 0,
  }
  const w = sashing?.width ?? 0
  const first = sizeOf(cells[0]![0]!)
  if (kind === 'on-point') {
    return {
      ...none,
      blocks: a * d + (a - 1) * (d - 1),
      width: a * (first.width + w) * Math.SQRT2 + 2 * float,
      height: d * (first.width + w) * Math.SQRT2 + 2 * float,
      sideTriangles: 2 * (a - 1) + 2 * (d - 1),
      cornerTriangles: 4,
      ...(sashing ? { sashes: 4 * a * d, cornerstones: 2 * a * d - a - d, halfCornerstones: 2 * (a + d) } : {}),
    }
  }
  const o = sashing ? (sashing.outer ? 1 : -1) : 0
  if (kind === 'rows') {
    const shiftOf = (r: number) => quilt.setting.rows![r]!.shift
    const lengths = cells.map((line, r) => shiftOf(r) + total(line.map(cell => sizeOf(cell).width)))
    const width = Math.max(...lengths)
    return {
      ...none,
      blocks: total(cells.map(line => line.length)),
      width,
      height: total(cells.map(([cell]) => sizeOf(cell!).height)) + (sashing ? (cells.length + o) * w : 0),
      longSashes: sashing ? cells.length + o : 0,
      ends: cells.filter((_, r) => shiftOf(r) > 1e-6).length + lengths.filter(length => width - length > 1e-6).length,
    }
  }
  if (kind === 'straight') {
    const within = { rows: sashing && sashing.between !== 'columns', columns: sashing && sashing.between !== 'rows' }
    const both = sashing !== null && sashing !== undefined && sashing.between === 'both'
    return {
      ...none,
      blocks: a * d,
      width: total(cells[0]!.map(cell => sizeOf(cell).width)) + (within.columns ? (a + o) * w : 0),
      height: total(cells.map(([cell]) => sizeOf(cell!).height)) + (within.rows ? (d + o) * w : 0),
      ...(both
        ? {
            sashes: (a + o) * d + (sashing.cornerstones ? a * (d + o) : 0),
            longSashes: sashing.cornerstones ? 0 : d + o,
            cornerstones: sashing.cornerstones ? (a + o) * (d + o) : 0,
          }
        : { longSashes: (within.rows ? d + o : 0) + (within.columns ? a + o : 0) }),
    }
  }
  const isRows = kind === 'offset-rows'
  const [along, across, n, lines] = isRows ? (['width', 'height', a, d] as const) : (['height', 'width', d, a] as const)
  const shift = Array.from({ length: lines }, (_, i) => shifts[i % shifts.length]!)
  const most = Math.max(...shift)
  const shifted = Math.floor(lines / 2)
  const halves = ends === 'half-blocks'
  const length =
    (halves ? n * first[along] : total(lineOf(cells, isRows, 0).map(cell => sizeOf(cell)[along])) + most)
    + (sashing ? (n + o) * w : 0)
  const depth =
    total(shift.map((_, i) => sizeOf(lineOf(cells, isRows, i)[0]!)[across])) + (sashing ? (lines + o) * w : 0)
  return {
    ...none,
    blocks: halves ? n * lines - shifted : n * lines,
    width: isRows ? length : depth,
    height: isRows ? depth : length,
    halfBlocks: halves ? 2 * shifted : 0,
    ends: halves ? 0 : shift.filter(s => s > 1e-6).length + shift.filter(s => most - s > 1e-6).length,
    ...(sashing ? { sashes: (n + o) * lines, longSashes: lines + o } : {}),
  }
}

function lineOf<T>(cells: readonly (readonly T[])[], isRows: boolean, i: number): readonly T[] {
  if (isRows) return cells[i]!
  const full = cells[0]!.length
  return cells.flatMap(line => (line.length === full ? [line[i]!] : i % 2 === 0 ? [line[i / 2]!] : []))
}

/** Where the parts that stand in the rows, and the pieces cut for them, are not as many as by hand. */
export function settingFaults(quilt: Quilt, { rows, pieces, stages }: CheckedPlan): string[] {
  const hand = settingByHand(quilt)
  const differ = (what: string, got: number, want: number) =>
    Math.abs(got - want) <= 1e-6 ? [] : [`${what}: ${got}, not ${want}`]
  const standing = (what: string) => total(rows.map(row => row.parts.filter(part => part.what === what).length))
  const cut = (part: string) => total(pieces.filter(piece => piece.part === part).map(piece => piece.count))
  const isUp = (cloth: string | undefined) => quilt.cloths.some(({ id, directional }) => id === cloth && directional)
  const { settingCloth, sashing } = quilt.setting
  const stones = sashing?.cornerstones
  // of a print with an up a square gives one triangle for each side, and two for opposite corners
  const squares = (count: number, each: number, cloth: string | undefined, most: number) =>
    isUp(cloth) ? most : Math.ceil(count / each)
  const { across: a, down: d } = quilt.setting
  const framed = total(
    quilt.setting.cells.flat().map(cell => stripsOf(quilt.blocks.find(({ id }) => id === cell.block)!.frame)),
  )
  return [
    ...differ('strips of frames', cut('frame-strips'), framed),
    ...(quilt.made.length > 0
      ? []
      : [
          ...differ('width of the setting', stages[0]!.width, hand.width),
          ...differ('height of the setting', stages[0]!.height, hand.height),
        ]),
    ...differ('sashes', standing('sash'), hand.sashes + hand.longSashes),
    ...differ('short sashes cut', cut('sashes'), sashing?.pieced ? 0 : hand.sashes),
    ...differ('cornerstones', standing('cornerstone'), hand.cornerstones),
    ...differ('cornerstones cut', cut('cornerstones'), stones && 'design' in stones ? 0 : hand.cornerstones),
    ...differ('half cornerstones', standing('half-cornerstone'), hand.halfCornerstones),
    ...differ('side triangles', standing('side-triangle'), hand.sideTriangles),
    ...differ('corner triangles', standing('corner-triangle'), hand.cornerTriangles),
    ...differ('ends', standing('end'), hand.ends),
    ...differ('ends cut', cut('ends'), hand.ends),
    ...differ('half blocks', standing('half-block'), hand.halfBlocks),
    ...differ(
      'squares for side triangles',
      cut('side triangles'),
      squares(hand.sideTriangles, 4, settingCloth, Math.max(a - 1, d - 1)),
    ),
    ...differ('squares for corner triangles', cut('corner triangles'), hand.cornerTriangles / 2),
    ...differ(
      'squares for half cornerstones',
      cut('half cornerstones'),
      squares(
        hand.halfCornerstones,
        4,
        stones && 'cloth' in stones ? stones.cloth : undefined,
        hand.halfCornerstones > 0 ? Math.max(a, d) : 0,
      ),
    ),
  ]
}

/** Patches of pieced sashes, cornerstones, borders and their corners: parts of the top that are no blocks. */
export function piecedPatchesByHand(quilt: Quilt): number {
  const hand = settingByHand(quilt)
  const patchesOf = (design: string) => quilt.designs.get(design)!.patches.length
  const { sashing } = quilt.setting
  const stones = sashing?.cornerstones
  let { width, height } = hand
  let patches = sashing?.pieced ? hand.sashes * patchesOf(sashing.pieced.design) : 0
  if (stones && 'design' in stones) patches += hand.cornerstones * patchesOf(stones.design)
  for (const { pieced, cornerWears, sides, ends } of quilt.borders) {
    if (pieced) {
      const design = quilt.designs.get(quilt.blocks.find(({ id }) => id === pieced.sides)!.design)!
      const repeats = (length: number, wide: number) =>
        Math.max(1, Math.round(length / ((wide * design.width) / design.height)))
      patches += 2 * (repeats(height, sides) + repeats(width, ends)) * design.patches.length
    }
    if (cornerWears && 'block' in cornerWears)
      patches += 4 * patchesOf(quilt.blocks.find(({ id }) => id === cornerWears.block)!.design)
    width += 2 * sides
    height += 2 * ends
  }
  return patches
}

/** Two for each pair of a frame's sides that has some width. */
function stripsOf(frame: Quilt['blocks'][number]['frame']): number {
  return 2 * frame.flatMap(({ sides, ends }) => [sides, ends]).filter(width => width > 1e-6).length
}
