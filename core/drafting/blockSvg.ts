import type { Design } from '../block/design'
import { rolesOf } from '../block/design'
import { boundingBox, signedArea, type Point } from '../geometry/polygon'
import { blockFaultsOf, type BlockReading, type BlockTrouble } from './blockReading'

/** More than any block has; a drawing with more is no block. */
export const MOST_POINTS = 4000

/** A block as a drawing that other programs open: one polygon for each patch, its role as the class, in grid units. */
export function blockToSvg(design: Design, colours: Readonly<Record<string, string>> = {}): string {
  const greys = rolesOf(design).map((role, i) => [role, colours[role] ?? GREYS[i % GREYS.length]!] as const)
  const fill = new Map(greys)
  const polygons = design.patches.map(patch => `  <polygon class="${escaped(patch.role)}" fill="${fill.get(patch.role)!}" points="${patch.points.map(([x, y]) => `${tidy(x)},${tidy(y)}`).join(' ')}"/>`)
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${tidy(design.width)} ${tidy(design.height)}">\n  <title>${escaped(design.name)}</title>\n${polygons.join('\n')}\n</svg>\n`
}

const GREYS = ['#333333', '#dddddd', '#888888', '#bbbbbb', '#555555']

/**
 * Reads a block from a drawing: polygons, rectangles and paths of straight lines, with classes or fills for roles. What is not a
 * closed straight-sided figure is named with its place in the drawing, and nothing is taken over then. The drawing is
 * moved to 0, 0 and keeps its proportions; its longer side becomes `units` grid units.
 */
export function blockFromSvg(text: string, units = 12): BlockReading {
  const troubles: BlockTrouble[] = []
  const found: { role: string, points: Point[] }[] = []
  if (!/<svg[\s>]/i.test(text)) return { ok: false, troubles: [{ code: 'not-a-drawing' }] }
  let points = 0, place = 0
  // definitions and clips are not drawn
  const drawn = text.replace(/<!--[\s\S]*?-->/g, '').replace(/<(defs|clipPath|mask|symbol|style|metadata)\b[\s\S]*?<\/\1>/gi, '')
  for (const [, name, inside] of drawn.matchAll(/<([a-z]+)\b([^>]*)>/gi)) {
    const tag = name!.toLowerCase(), attribute = attributesOf(inside!)
    if (['svg', 'g', 'title', 'desc', 'text', 'tspan'].includes(tag)) {
      if (attribute('transform')) troubles.push({ code: 'moved-figure', figure: place, what: tag })
      continue
    }
    place += 1
    if (['circle', 'ellipse', 'image', 'use'].includes(tag)) {
      troubles.push({ code: 'curved', figure: place, what: tag })
      continue
    }
    if (tag === 'line' || tag === 'polyline') {
      troubles.push({ code: 'only-a-line', figure: place, what: tag })
      continue
    }
    if (!['polygon', 'rect', 'path'].includes(tag)) continue
    if (attribute('transform')) troubles.push({ code: 'moved-figure', figure: place, what: tag })
    const fill = /fill\s*:\s*([^;"']+)/.exec(attribute('style') ?? '')?.[1]?.trim() ?? attribute('fill')
    if (fill === 'none') {
      troubles.push({ code: 'only-a-line', figure: place, what: tag })
      continue
    }
    const outlines = tag === 'polygon' ? [numbersToPoints(attribute('points') ?? '')] : tag === 'rect' ? [rectPoints(attribute)] : pathOutlines(attribute('d') ?? '')
    if (outlines === null) {
      troubles.push({ code: 'curved', figure: place, what: tag })
      continue
    }
    for (const outline of outlines) {
      points += outline.length
      if (points > MOST_POINTS) return { ok: false, troubles: [{ code: 'too-many-points', most: MOST_POINTS }] }
      if (outline.length < 3 || outline.some(p => !p.every(Number.isFinite)) || Math.abs(signedArea(outline)) < 1e-12) troubles.push({ code: 'not-closed', figure: place, what: tag })
      else found.push({ role: roleName(attribute('class') ?? fill ?? 'patch'), points: outline })
    }
  }
  if (troubles.length > 0) return { ok: false, troubles }
  if (found.length === 0) return { ok: false, troubles: [{ code: 'nothing-drawn' }] }
  const box = boundingBox(found.flatMap(patch => patch.points))
  const scale = units / Math.max(box.width, box.height)
  // numbers in drawings are rounded, each program as it likes: the finest grid on which the patches meet is the one meant
  const readings = GRIDS.map((grid) => {
    const snap = (v: number) => Math.round(v / grid) * grid
    return blockFaultsOf({
      width: snap(box.width * scale), height: snap(box.height * scale),
      patches: found.map(patch => ({ role: patch.role, points: patch.points.map(([x, y]): Point => [snap((x - box.x) * scale), snap((y - box.y) * scale)]) })),
    })
  })
  return readings.find(reading => reading.ok) ?? readings[0]!
}

const GRIDS = [1e-7, 1e-4, 1e-3, 1e-2]

function attributesOf(inside: string): (name: string) => string | undefined {
  const all = new Map([...inside.matchAll(/([\w:-]+)\s*=\s*(?:"([^"]*)"|'([^']*)')/g)].map(([, name, a, b]) => [name!.toLowerCase(), a ?? b ?? '']))
  return name => all.get(name)
}

function numbersToPoints(text: string): Point[] {
  const numbers = (text.match(/[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/gi) ?? []).map(Number)
  return Array.from({ length: Math.floor(numbers.length / 2) }, (_, i): Point => [numbers[2 * i]!, numbers[2 * i + 1]!])
}

function rectPoints(attribute: (name: string) => string | undefined): Point[] {
  const [x, y, w, h] = ['x', 'y', 'width', 'height'].map(name => Number.parseFloat(attribute(name) ?? '0')) as [number, number, number, number]
  return [[x, y], [x + w, y], [x + w, y + h], [x, y + h]]
}

/** The closed outlines of a path of straight lines; null when it has a curve. */
function pathOutlines(d: string): Point[][] | null {
  if (/[csqta]/i.test(d)) return null
  const outlines: Point[][] = []
  let at: Point = [0, 0], start: Point = [0, 0], outline: Point[] = []
  const close = () => {
    const last = outline.at(-1), first = outline[0]
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
      at = kind === 'h' ? [ox + numbers[i]!, at[1]] : kind === 'v' ? [at[0], oy + numbers[i]!] : [ox + numbers[i]!, oy + numbers[i + 1]!]
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
