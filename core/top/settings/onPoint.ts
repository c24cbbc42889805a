// In: the quilt, with what was measured of its blocks. Out: its blocks standing on a corner, and what fills the edge.
import { clip, type HalfPlane } from '../../geometry/clip'
import { boundingBox, cornersOf, type Point, type Polygon } from '../../geometry/polygon'
import type { Cell, Quilt } from '../../file/quilt'
import type { Inches } from '../../measure/ruler'
import type { Term } from '../../measure/sum'
import type { Edge, TopPart, Region } from '../regions/region'
import type { SettingRow, SettingStyle } from './setting'
import { cornerstoneFabric } from '../regions/cornerstoneFabric'
import { standingSizes } from '../regions/standingSize'

/**
 * On point: blocks stand on a corner and are joined in diagonals from lower left to upper right, the one at the top
 * left first, with the triangles of the sides at their ends; the corners come last. With sashing the quilt's edge runs
 * through the middle of the outer cornerstones; with float it lies so far beyond the blocks' corners. Source: handbook
 * §4, width = a·(b + w)·√2 + 2·float.
 */
export const onPointSetting: SettingStyle = quilt => {
  const lattice = latticeOf(quilt)
  const rows = [...diagonalsOf(quilt, lattice), ...cornersIn(quilt, lattice)]
  const { diagonal, width, height } = lattice
  const { across, down, float } = quilt.setting
  const terms = (count: number): Term[] => [
    { what: 'diagonals', count, each: diagonal },
    ...(float > 0 ? [{ what: 'float' as const, count: 2, each: float }] : []),
  ]
  return { width, height, across: terms(across), down: terms(down), regions: rows.flatMap(row => row.regions), rows }
}

/**
 * Where things lie on point: u along the diagonals, v across them, both from the quilt's top left corner; so
 * x = (u + v) ÷ √2 and y = (v − u) ÷ √2.
 */
interface Lattice {
  side: Inches
  sash: Inches
  /** From the middle of one block to the middle of the next along a diagonal. */
  module: Inches
  /** From corner to opposite corner of a module. */
  diagonal: Inches
  width: Inches
  height: Inches
  /** Where the corners are sewn on. */
  ends: { leastU: Inches; mostU: Inches; leastV: Inches; mostV: Inches }
  middleV: (diagonal: number) => Inches
}

function latticeOf(quilt: Quilt): Lattice {
  const { across, down, sashing, float, cells } = quilt.setting
  const side = standingSizes(quilt)(cells.flat(), 'width')
  const sash = sashing?.width ?? 0
  const module = side + sash
  const diagonal = module * Math.SQRT2
  const middleV = (k: number) => module * k + float * Math.SQRT2
  const reach = side / 2 + sash
  return {
    side,
    sash,
    module,
    diagonal,
    width: across * diagonal + 2 * float,
    height: down * diagonal + 2 * float,
    ends: {
      leastU: module * (1 - down) - reach,
      mostU: module * (across - 1) + reach,
      leastV: middleV(1) - reach,
      mostV: middleV(across + down - 1) + reach,
    },
    middleV,
  }
}

interface Standing {
  cell: Cell
  row: number
  column: number
  /** Middle of the block along its diagonal. */
  u: Inches
}

/** Diagonals of blocks with what stands at their ends, and the sashes between them. */
function diagonalsOf(quilt: Quilt, lattice: Lattice): SettingRow[] {
  const { across, down, sashing, cells } = quilt.setting
  const { module, middleV } = lattice
  const diagonals = Array.from({ length: across + down - 1 }, (): Standing[] => [])
  cells.forEach((line, row) =>
    line.forEach((cell, column) => {
      const [x, y] = [1 + 2 * column + (row % 2), 1 + row]
      diagonals[(x + y) / 2 - 1]!.push({ cell, row, column, u: (module / 2) * (x - y) })
    }),
  )
  const rows = diagonals.map((blocks, k): SettingRow => {
    blocks.sort((a, b) => a.u - b.u)
    return { kind: 'diagonal', regions: diagonal(quilt, lattice, blocks, middleV(k + 1)) }
  })
  if (!sashing) return rows
  const sashes = (k: number): SettingRow => ({ kind: 'sash', regions: sashesBeside(quilt, lattice, k) })
  return [sashes(0), ...rows.flatMap((row, k) => [row, sashes(k + 1)])]
}

/** One diagonal: its blocks, sashes between and beside them, and a triangle at each end that is no corner. */
function diagonal(quilt: Quilt, lattice: Lattice, blocks: readonly Standing[], v: Inches): Region[] {
  const { sashing, settingCloth } = quilt.setting
  const { side, sash, ends } = lattice
  const half = side / 2
  const [first, last] = [blocks[0]!, blocks.at(-1)!]
  const [low, high] = [first.u - half - sash, last.u + half + sash]
  const triangle = (fromU: Inches, toU: Inches, edge: Edge) =>
    leaning(
      { fromU, toU, fromV: v - half, toV: v + half },
      { kind: 'side-triangle', edge },
      { cloth: settingCloth! },
      lattice,
    )
  const beside = (fromU: Inches): Region => ({
    ...leaning(
      { fromU, toU: fromU + sash, fromV: v - half, toV: v + half },
      { kind: 'sash' },
      { cloth: sashing!.cloth },
    ),
    run: 'upright',
  })
  const standing = blocks.flatMap(({ cell, row, column, u }) => [
    leaning(
      { fromU: u - half, toU: u + half, fromV: v - half, toV: v + half },
      { kind: 'block', row, column },
      { cell },
    ),
    ...(sashing ? [beside(u + half)] : []),
  ])
  return [
    ...(low > ends.leastU + NEAR
      ? [triangle(ends.leastU - FAR, low, first.column === 0 && first.row % 2 === 0 ? 'left' : 'bottom')]
      : []),
    ...(sashing ? [beside(low)] : []),
    ...standing,
    ...(high < ends.mostU - NEAR ? [triangle(high, ends.mostU + FAR, last.row === 0 ? 'top' : 'right')] : []),
  ]
}

/** The sashes after diagonal `k` with the cornerstones between them; those on the edge are halves. */
function sashesBeside(quilt: Quilt, lattice: Lattice, k: number): Region[] {
  const { across, down, sashing } = quilt.setting
  const { module, sash, side, middleV } = lattice
  const [fromV, toV] = [middleV(k + 1 / 2) - sash / 2, middleV(k + 1 / 2) + sash / 2]
  // corners of the modules along this line, in halves of a diagonal
  const first = Math.max(0, 2 * k + 1 - 2 * down)
  const last = Math.min(2 * across, 2 * k + 1)
  return Array.from({ length: last - first + 1 }, (_, i) => {
    const [x, y] = [first + i, 2 * k + 1 - first - i]
    const edge: Edge | null =
      x === 0 ? 'left' : y === 0 ? 'top' : x === 2 * across ? 'right' : y === 2 * down ? 'bottom' : null
    const u = (module / 2) * (x - y)
    const stone = leaning(
      { fromU: u - sash / 2, toU: u + sash / 2, fromV, toV },
      edge ? { kind: 'half-cornerstone', edge } : { kind: 'cornerstone' },
      cornerstoneFabric(quilt),
      edge ? lattice : undefined,
    )
    const fromU = u + sash / 2
    const next = leaning({ fromU, toU: fromU + side, fromV, toV }, { kind: 'sash' }, { cloth: sashing!.cloth })
    return x < last ? [stone, { ...next, run: 'level' as const }] : [stone]
  }).flat()
}

/**
 * The four corners, each sewn on along its whole long side. Where float lets them meet, in a quilt of one block across
 * or down, the first two are trimmed with the edge to which the others are sewn.
 */
function cornersIn(quilt: Quilt, lattice: Lattice): SettingRow[] {
  const { leastU, mostU, leastV, mostV } = lattice.ends
  const planes: HalfPlane[] = [
    { ...ALONG_V, most: leastV },
    opposite({ ...ALONG_V, most: mostV }),
    { ...ALONG_U, most: leastU },
    opposite({ ...ALONG_U, most: mostU }),
  ]
  return planes.map((plane, i): SettingRow => {
    const outline = clip(cornersOf({ x: 0, y: 0, ...lattice }), [
      plane,
      ...(i < 2 ? planes.slice(2).map(opposite) : []),
    ])
    const part: TopPart = { kind: 'corner-triangle', corner: (['nw', 'se', 'sw', 'ne'] as const)[i]! }
    const fabric = { cloth: quilt.setting.settingCloth! }
    return { kind: 'corner', regions: [{ ...boundingBox(outline), part, fabric, outline }] }
  })
}

interface Lying {
  fromU: Inches
  toU: Inches
  fromV: Inches
  toV: Inches
}

/** What lies between these lines; `within`: as much of it as the quilt and its corners leave. */
function leaning({ fromU, toU, fromV, toV }: Lying, part: TopPart, fabric: Region['fabric'], within?: Lattice): Region {
  const whole: Polygon = [
    [fromU, fromV],
    [toU, fromV],
    [toU, toV],
    [fromU, toV],
  ].map(([u, v]): Point => [(u! + v!) / Math.SQRT2, (v! - u!) / Math.SQRT2])
  const outline = within ? clip(whole, edgesOf(within)) : whole
  const own = within ? undefined : { width: toU - fromU, height: toV - fromV }
  return { ...boundingBox(outline), part, fabric, outline, ...(own ? { own } : {}) }
}

function edgesOf({ width, height, ends }: Lattice): HalfPlane[] {
  return [
    { a: -1, b: 0, most: 0 },
    { a: 1, b: 0, most: width },
    { a: 0, b: -1, most: 0 },
    { a: 0, b: 1, most: height },
    opposite({ ...ALONG_U, most: ends.leastU }),
    { ...ALONG_U, most: ends.mostU },
    opposite({ ...ALONG_V, most: ends.leastV }),
    { ...ALONG_V, most: ends.mostV },
  ]
}

const ALONG_U = { a: Math.SQRT1_2, b: -Math.SQRT1_2 }
const ALONG_V = { a: Math.SQRT1_2, b: Math.SQRT1_2 }

function opposite({ a, b, most }: HalfPlane): HalfPlane {
  return { a: -a, b: -b, most: -most }
}

const NEAR = 1e-6
/** Beyond any edge. */
const FAR: Inches = 1e5
