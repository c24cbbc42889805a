// In: the quilt and its setting. Out: the stages of the top, its border strips, and all its regions.
import type { Box } from '../../geometry/polygon'
import { measuredStage } from '../../made/measures'
import type { Inches } from '../../measure/ruler'
import { sumOf, type Sum, type Term } from '../../measure/sum'
import type { Border, Quilt } from '../../file/quilt'
import { movedRegions, type Region } from '../region'
import type { SettingLayout } from '../settings/straight'

export type Side = 'left' | 'right' | 'top' | 'bottom'

/** The top after one step of the work: finished size, and why. */
export interface Stage {
  what: string
  width: Sum
  height: Sum
  /** What the tape should show, raw edge to raw edge, by what was really sewn inside it. */
  expected: Record<'width' | 'height', Sum>
  /** The same between the two pairs of a border, on the side that the first pair has changed. */
  first?: { side: 'width' | 'height'; expected: Sum }
}

/** One strip of a border. `length`: raw, as it is trimmed and sewn on. */
export interface BorderStrip {
  border: number
  side: Side
  length: Sum
  finishedWidth: Inches
}

export interface BorderedTop {
  /** From the setting outwards; the last one is the top. */
  stages: Stage[]
  strips: BorderStrip[]
  /** All pieces of the top, from its own top left: border strips, then what the setting is made of. */
  regions: Region[]
}

/**
 * Butted borders round the setting. The first pair is as long as the side it is sewn to, raw edge to raw edge; the
 * second also spans the first pair. With `measured`, what was entered of a stage replaces its planned size for all
 * that follows. Source: handbook §8.
 */
export function addBorders(quilt: Quilt, setting: SettingLayout, measured: boolean): BorderedTop {
  const stageSize = (what: string, side: 'width' | 'height', planned: Sum): Sum => {
    const found = measured ? measuredStage(quilt, what, side) : null
    return found === null
      ? planned
      : sumOf(
          [{ what: 'measured-mean', value: found.mean, of: what }, seams(quilt)],
          found.raw.map(value => ({ what: 'measure', value })),
        )
  }
  let width = stageSize('setting', 'width', sumOf(setting.across))
  let height = stageSize('setting', 'height', sumOf(setting.down))
  const raw = (inner: Sum): Sum => sumOf([...inner.terms, { what: 'seams', count: 2, each: quilt.seam }], inner.from)
  const stages: Stage[] = [
    {
      what: 'setting',
      width,
      height,
      expected: { width: raw(sumOf(setting.across)), height: raw(sumOf(setting.down)) },
    },
  ]
  const strips: BorderStrip[] = []

  quilt.borders.forEach((border, i) => {
    const name = `border-${i + 1}`
    const sides: Term = { what: 'border', count: 2, each: border.sides, of: String(i + 1) }
    const ends: Term = { what: 'border', count: 2, each: border.ends, of: String(i + 1) }
    const strip = (side: Side, length: Sum) =>
      strips.push({
        border: i + 1,
        side,
        length,
        finishedWidth: side === 'left' || side === 'right' ? border.sides : border.ends,
      })
    const wider = sumOf([...width.terms, sides], width.from)
    const higher = sumOf([...height.terms, ends], height.from)
    const first: Stage['first'] =
      border.first === 'sides' ? { side: 'width', expected: raw(wider) } : { side: 'height', expected: raw(higher) }
    // what is measured after the first pair replaces both dimensions, where both were measured
    if (border.first === 'sides') {
      strip('left', raw(height))
      strip('right', raw(height))
      width = stageSize(`${name}-first`, 'width', wider)
      height = stageSize(`${name}-first`, 'height', height)
      strip('top', raw(width))
      strip('bottom', raw(width))
      height = sumOf([...height.terms, ends], height.from)
    } else {
      strip('top', raw(width))
      strip('bottom', raw(width))
      height = stageSize(`${name}-first`, 'height', higher)
      width = stageSize(`${name}-first`, 'width', width)
      strip('left', raw(height))
      strip('right', raw(height))
      width = sumOf([...width.terms, sides], width.from)
    }
    const expected = { width: raw(width), height: raw(height) }
    width = stageSize(name, 'width', width)
    height = stageSize(name, 'height', height)
    stages.push({ what: name, width, height, expected, first })
  })
  return { stages, strips, regions: withBorders(quilt.borders, setting) }
}

function seams(quilt: Quilt): Term {
  return { what: 'seams', count: -2, each: quilt.seam }
}

/** Border strips as drawn: planned sizes, since measures of the whole say nothing of its parts. */
function withBorders(borders: readonly Border[], setting: SettingLayout): Region[] {
  const origin = { x: borders.reduce((sum, b) => sum + b.sides, 0), y: borders.reduce((sum, b) => sum + b.ends, 0) }
  const strips: Region[] = []
  let inner: Box = { ...origin, width: setting.width, height: setting.height }
  borders.forEach(({ sides, ends, first, cloth }, i) => {
    const outer: Box = {
      x: inner.x - sides,
      y: inner.y - ends,
      width: inner.width + 2 * sides,
      height: inner.height + 2 * ends,
    }
    // the pair sewn on second spans the first
    const upright = first === 'sides' ? inner : outer
    const level = first === 'sides' ? outer : inner
    const strip = (box: Box): Region => ({ ...box, part: { kind: 'border', border: i + 1 }, wears: { cloth } })
    strips.push(
      strip({ x: outer.x, y: upright.y, width: sides, height: upright.height }),
      strip({ x: inner.x + inner.width, y: upright.y, width: sides, height: upright.height }),
      strip({ x: level.x, y: outer.y, width: level.width, height: ends }),
      strip({ x: level.x, y: inner.y + inner.height, width: level.width, height: ends }),
    )
    inner = outer
  })
  return [...strips, ...movedRegions(setting.regions, origin.x, origin.y)]
}
