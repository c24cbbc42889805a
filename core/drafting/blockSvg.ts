import { SaxesParser } from 'saxes'
import type { Design } from '../designs/design'
import { rolesOf } from '../designs/design'
import { boundingBox, signedArea, type Point } from '../geometry/polygon'
import { blockFaultsOf, type BlockReading, type BlockTrouble } from './blockReading'

/** More than any block has; a drawing with more is no block. */
export const MAX_POINTS = 4000

/** A block as a drawing that other programs open: one polygon for each patch, its role as the class, in grid units. */
export function blockToSvg(design: Design, colours: Readonly<Record<string, string>> = {}): string {
  const greys = rolesOf(design).map((role, i) => [role, colours[role] ?? GREYS[i % GREYS.length]!] as const)
  const fill = new Map(greys)
  const polygons = design.patches.map(
    patch =>
      `  <polygon class="${escaped(patch.role)}" fill="${fill.get(patch.role)!}" `
      + `points="${patch.points.map(([x, y]) => `${tidy(x)},${tidy(y)}`).join(' ')}"/>`,
  )
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${tidy(design.width)} ${tidy(design.height)}">\n  `
    + `<title>${escaped(design.name)}</title>\n${polygons.join('\n')}\n</svg>\n`
  )
}

const GREYS = ['#333333', '#dddddd', '#888888', '#bbbbbb', '#555555']

/** What holds other things and is not drawn itself. */
const HOLDERS = new Set(['svg', 'g', 'title', 'desc', 'text', 'tspan', 'a', 'switch'])
/** Whatever stands in these is not drawn where it stands. */
const ASIDE = new Set(['defs', 'clippath', 'mask', 'symbol', 'style', 'metadata', 'marker', 'pattern', 'script'])
const CURVED = new Set(['circle', 'ellipse', 'image', 'use'])
/** Elements one in another, and elements in all: more is no block. */
const MAX_DEPTH = 60
const MAX_ELEMENTS = 20_000

/**
 * Reads a block from a drawing: polygons, rectangles and paths of straight lines, with classes or fills for roles.
 * What is not a closed straight-sided figure is named with its place in the drawing, and nothing is taken over then.
 * The drawing is moved to 0, 0 and keeps its proportions; its longer side becomes `units` grid units.
 */
export function blockFromSvg(text: string, units = 12): BlockReading {
  const figures = figuresIn(text)
  if (!figures) return { ok: false, troubles: [{ code: 'not-a-drawing' }] }
  const { troubles, patches } = figures
  if (troubles.length > 0) return { ok: false, troubles }
  if (patches.length === 0) return { ok: false, troubles: [{ code: 'nothing-drawn' }] }
  const box = boundingBox(patches.flatMap(patch => patch.points))
  const scale = units / Math.max(box.width, box.height)
  // numbers in drawings are rounded, each program as it likes: the finest grid on which the patches meet is the one
  // meant
  const readings = GRIDS.map(grid => {
    const snap = (v: number) => Math.round(v / grid) * grid
    return blockFaultsOf({
      width: snap(box.width * scale),
      height: snap(box.height * scale),
      patches: patches.map(patch => ({
        role: patch.role,
        points: patch.points.map(([x, y]): Point => [snap((x - box.x) * scale), snap((y - box.y) * scale)]),
      })),
    })
  })
  return readings.find(reading => reading.ok) ?? readings[0]!
}

interface Figures {
  troubles: BlockTrouble[]
  patches: { role: string; points: Point[] }[]
}

/** Thrown to leave the parser early. */
class Enough extends Error {}

/** The figures of a drawing, each with what is wrong with it; null when the text is no drawing. */
function figuresIn(text: string): Figures | null {
  const found: Figures = { troubles: [], patches: [] }
  let [points, place, depth, elements, aside, isSvg] = [0, 0, 0, 0, 0, false]
  const parser = new SaxesParser({ xmlns: false })
  parser.on('opentag', ({ name, attributes }) => {
    const tag = name.toLowerCase().replace(/^svg:/, '')
    depth += 1
    elements += 1
    if (depth > MAX_DEPTH || elements > MAX_ELEMENTS) throw new Enough()
    if (depth === 1) isSvg = tag === 'svg'
    if (ASIDE.has(tag)) aside += 1
    if (aside > 0) return
    const attribute = (wanted: string) => attributes[wanted] as string | undefined
    if (HOLDERS.has(tag)) {
      if (attribute('transform')) found.troubles.push({ code: 'moved-figure', figure: place, what: tag })
      return
    }
    place += 1
    const outlines = outlinesOf(tag, attribute)
    if (outlines === 'not-drawn') return
    if (typeof outlines === 'string') {
      found.troubles.push({ code: outlines, figure: place, what: tag })
      return
    }
    for (const outline of outlines) {
      points += outline.length
      if (points > MAX_POINTS) throw new Enough()
      const isFigure =
        outline.length >= 3 && outline.every(p => p.every(Number.isFinite)) && Math.abs(signedArea(outline)) >= 1e-12
      if (isFigure)
        found.patches.push({ role: roleName(attribute('class') ?? fillOf(attribute) ?? 'patch'), points: outline })
      else found.troubles.push({ code: 'not-closed', figure: place, what: tag })
    }
  })
  parser.on('closetag', ({ name }) => {
    depth -= 1
    if (ASIDE.has(name.toLowerCase().replace(/^svg:/, ''))) aside -= 1
  })
  try {
    parser.write(text.charCodeAt(0) === 0xfeff ? text.slice(1) : text).close()
  } catch (error) {
    // saxes throws at the first thing that is no XML
    if (!(error instanceof Enough)) return null
    return { troubles: [{ code: 'too-many-points', most: MAX_POINTS }], patches: [] }
  }
  return isSvg ? found : null
}

type Attribute = (name: string) => string | undefined

/** The outlines of one figure; or why it is none that a block can have. */
function outlinesOf(
  tag: string,
  attribute: Attribute,
): Point[][] | 'curved' | 'only-a-line' | 'moved-figure' | 'not-drawn' {
  if (CURVED.has(tag)) return 'curved'
  if (tag === 'line' || tag === 'polyline') return 'only-a-line'
  if (!['polygon', 'rect', 'path'].includes(tag)) return 'not-drawn'
  if (attribute('transform')) return 'moved-figure'
  if (fillOf(attribute) === 'none') return 'only-a-line'
  switch (tag) {
    case 'polygon':
      return [numbersToPoints(attribute('points') ?? '')]
    case 'rect':
      return [rectPoints(attribute)]
    default:
      return pathOutlines(attribute('d') ?? '') ?? 'curved'
  }
}

/** The fill, of its style before that of its own. */
function fillOf(attribute: Attribute): string | undefined {
  const styles = (attribute('style') ?? '').split(';').map(part => part.split(':'))
  return styles.find(([name]) => name!.trim() === 'fill')?.[1]?.trim() ?? attribute('fill')
}

const GRIDS = [1e-7, 1e-4, 1e-3, 1e-2]

function numbersToPoints(text: string): Point[] {
  const numbers = (text.match(/[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/gi) ?? []).map(Number)
  return Array.from({ length: Math.floor(numbers.length / 2) }, (_, i): Point => [numbers[2 * i]!, numbers[2 * i + 1]!])
}

function rectPoints(attribute: Attribute): Point[] {
  const [x, y, w, h] = ['x', 'y', 'width', 'height'].map(name => Number.parseFloat(attribute(name) ?? '0')) as [
    number,
    number,
    number,
    number,
  ]
  return [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ]
}

/** The closed outlines of a path of straight lines; null when it has a curve. */
function pathOutlines(d: string): Point[][] | null {
  if (/[csqta]/i.test(d)) return null
  const outlines: Point[][] = []
  let at: Point = [0, 0]
  let start: Point = [0, 0]
  let outline: Point[] = []
  const close = () => {
    const last = outline.at(-1)
    const first = outline[0]
    if (last && first && outline.length > 1 && last[0] === first[0] && last[1] === first[1]) outline.pop()
    if (outline.length > 0) outlines.push(outline)
    outline = []
  }
  for (const [, command, rest] of d.matchAll(/([mlhvz])([^mlhvz]*)/gi)) {
    const isRelative = command === command!.toLowerCase()
    const numbers = (rest!.match(/[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/gi) ?? []).map(Number)
    const kind = command!.toLowerCase()
    if (kind === 'z') {
      close()
      at = start
      continue
    }
    const step = kind === 'h' || kind === 'v' ? 1 : 2
    for (let i = 0; i + step <= numbers.length; i += step) {
      const [ox, oy] = isRelative ? at : [0, 0]
      at =
        kind === 'h'
          ? [ox + numbers[i]!, at[1]]
          : kind === 'v'
            ? [at[0], oy + numbers[i]!]
            : [ox + numbers[i]!, oy + numbers[i + 1]!]
      if (kind === 'm' && i === 0) {
        close()
        start = at
      }
      outline.push(at)
    }
  }
  close()
  return outlines
}

function roleName(text: string): string {
  return text.trim().split(/\s+/)[0]!.slice(0, 80) || 'patch'
}

function tidy(value: number): number {
  return Math.round(value * 1e9) / 1e9
}

function escaped(text: string): string {
  return text.replace(/[&<>"]/g, c => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;' })[c]!)
}
