import { readdirSync, readFileSync } from 'node:fs'
import { expect, test } from '@playwright/test'
import type { QuiltFile } from '../core/file/schema'
import { finishedPatches } from '../core/designs/design'
import { clothsOfCell } from '../core/file/clothsOfCell'
import { blockOf, clothOf, designOf, type Cell, type Quilt } from '../core/file/quilt'
import { readQuilt } from '../core/file/readQuilt'
import { contains, type Point, type Polygon } from '../core/geometry/polygon'
import { placePolygon } from '../core/geometry/placement'
import { dimensionsOf } from '../core/top/dimensions'
import { drawnTop } from '../core/top/parts'
import { liesIn, ownSize, type Region } from '../core/top/regions/region'
import { openDemo } from './support'

const DEMO_QUILTS = readdirSync('demo')
  .filter(name => name.endsWith('.json'))
  .map(name => JSON.parse(readFileSync(`demo/${name}`, 'utf8')) as QuiltFile)

const POINTS = 500
/** Seams and the shadows beside them are no place to look. */
const CLEAR_PX = 2.5

/** Where a point of the top lies in a block as it is drawn, in inches of the block itself. */
function inBlock(region: Region, [x, y]: Point): Point {
  if (!region.own) return [x - region.x, y - region.y]
  const [px, py] = [x - region.x - region.width / 2, y - region.y - region.height / 2]
  // turned back by 45°, about the middle
  return [(px - py) / Math.SQRT2 + region.own.width / 2, (px + py) / Math.SQRT2 + region.own.height / 2]
}

function patchesOf(quilt: Quilt, region: Region, cell: Cell): { polygon: Polygon; cloth: string }[] {
  const block = blockOf(quilt, cell.block)
  const design = designOf(quilt, block)
  const cloths = clothsOfCell(quilt, cell)
  const { width, height } = ownSize(region)
  const isTurned = cell.turn % 180 !== 0
  const [w, h] = isTurned ? [height, width] : [width, height]
  return finishedPatches(design, w, h).map((polygon, i) => ({
    polygon: placePolygon(polygon, cell, w, h),
    cloth: cloths[design.patches[i]!.role]!,
  }))
}

/** The cloth at a point of the top by the plan's geometry; null too near an edge. */
function clothAt(quilt: Quilt, regions: readonly Region[], point: Point, clear: number): string | null {
  const around: Point[] = [
    [0, 0],
    [clear, 0],
    [-clear, 0],
    [0, clear],
    [0, -clear],
  ]
  const found = around.map(([dx, dy]) => {
    const at: Point = [point[0] + dx, point[1] + dy]
    const region = regions.find(candidate => liesIn(candidate, at))
    if (!region) return null
    if ('cloth' in region.fabric) return `${regions.indexOf(region)} ${region.fabric.cloth}`
    const inside = inBlock(region, at)
    const patches = patchesOf(quilt, region, region.fabric.cell)
    const patch = patches.findIndex(({ polygon }) => contains(polygon, inside))
    return patch < 0 ? null : `${regions.indexOf(region)}.${patch} ${patches[patch]!.cloth}`
  })
  return found[0] !== null && new Set(found).size === 1 ? found[0]!.split(' ')[1]! : null
}

for (const file of DEMO_QUILTS) {
  test(`what is drawn of ${file.name} at ${POINTS} points is the cloth that lies there`, async ({ page }) => {
    const plain = { ...file, cloths: file.cloths.map(cloth => ({ ...cloth, pattern: 'plain' })) }
    const read = readQuilt(plain)
    if (!read.ok) throw new Error('a demo quilt must be good')
    const quilt = read.value
    const dimensions = dimensionsOf(quilt)
    const whole = drawnTop(dimensions)
    await openDemo(page, file.name!)
    const canvas = page.getByTestId('drawing').locator('canvas').first()
    const { width, height } = await canvas.evaluate((element: HTMLCanvasElement) => ({
      width: element.width,
      height: element.height,
    }))
    expect(width).toBeGreaterThan(100)
    // a margin of ten pixels of the page round the top, on a screen of one pixel to the pixel
    const scale = (width - 20) / whole.width
    expect((height - 20) / whole.height).toBeCloseTo(scale, 1)
    let seed = 7
    const next = () => (seed = (seed * 16807) % 2147483647) / 2147483647
    const points: { pixel: Point; cloth: string }[] = []
    for (let tries = 0; points.length < POINTS && tries < 6000; tries++) {
      const at: Point = [next() * whole.width, next() * whole.height]
      const cloth = clothAt(quilt, dimensions.top.regions, at, CLEAR_PX / scale)
      if (cloth) points.push({ pixel: [10 + at[0] * scale, 10 + at[1] * scale], cloth })
    }
    expect(points.length).toBeGreaterThan(POINTS / 2)
    const colours = await canvas.evaluate(
      (element: HTMLCanvasElement, pixels) => {
        const data = element.getContext('2d')!.getImageData(0, 0, element.width, element.height).data
        return pixels.map(([x, y]) => {
          const i = 4 * (Math.floor(y!) * element.width + Math.floor(x!))
          return [data[i]!, data[i + 1]!, data[i + 2]!]
        })
      },
      points.map(({ pixel }) => [...pixel]),
    )
    // the motif of a printed cloth lies over its colour: most points, not all, show the ground
    const wrong = points.filter(({ cloth }, i) => {
      const colour = clothOf(quilt, cloth).colour
      const want = [1, 3, 5].map(at => parseInt(colour.slice(at, at + 2), 16))
      return want.some((value, k) => Math.abs(value - colours[i]![k]!) > 24)
    })
    const isPrinted = new Set(file.cloths.flatMap(({ id, pattern }) => (pattern && pattern !== 'plain' ? [id] : [])))
    expect(wrong.filter(({ cloth }) => !isPrinted.has(cloth))).toEqual([])
    const printed = points.filter(({ cloth }) => isPrinted.has(cloth)).length
    expect(wrong.length).toBeLessThanOrEqual(printed * 0.6)
  })
}
