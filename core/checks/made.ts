import type { BlockMake } from '../make/units/blockMake'
import { countSeams } from '../make/order/sewingTree'
import { MAX_SPREAD, expectedSeamTest, measuredBlock, measuredRows, measuredStage, sewnSeam } from '../made/measures'
import { stageOf } from '../file/measuredThing'
import { decidedSize, isNear, MAX_SCATTER, type Decision } from '../made/decidedSize'
import { SEAM_TOLERANCE } from '../made/seamTest'
import { seamTestDoubt } from '../made/seamTestDoubt'
import { seamBeyond } from '../file/seamBeyond'
import type { Check, CheckData, Checker } from './check'
import type { Inches } from '../measure/ruler'
import { inBlockMeasures, inBorder, inRowMeasures, inSeamTest, inTicks, inTopMeasures } from './place'

export const seamOff: Checker = ({ quilt }) => {
  const at = quilt.made.findLastIndex(entry => entry.what === 'seam-test')
  const test = quilt.made[at]
  if (!test || test.strips === undefined || test.cut === undefined || test.measured === undefined) return []
  const { strips, cut, measured } = test
  const doubt = seamTestDoubt(quilt.units, { strips, cut, measured }, quilt.seam)
  if (doubt) {
    const data = { strips, cut, measured, ...doubt }
    return [{ id: 'seam-test-unlikely', severity: 'warn', ...inSeamTest(at), data }]
  }
  const sewn = sewnSeam(strips, cut, measured)
  if (Math.abs(sewn - quilt.seam) < SEAM_TOLERANCE) return []
  return [
    {
      id: 'seam-off',
      severity: 'warn',
      ...inSeamTest(at),
      data: {
        sewn,
        wanted: quilt.seam,
        move: sewn - quilt.seam,
        expected: expectedSeamTest(test.strips, test.cut, quilt.seam),
        measured: test.measured,
      },
    },
  ]
}

/** Blocks that came out smaller than planned, and blocks that differ among themselves. */
export const measuredBlocks: Checker = ({ quilt, plan, makes }) =>
  quilt.made.flatMap((entry, i): Check[] => {
    const block = quilt.blocks.find(candidate => candidate.id === entry.block)
    if (entry.what !== 'block' || !block) return []
    const sizes = entry.size ?? entry.width ?? []
    const found = plan.blocks.find(({ id }) => id === block.id)?.measured
    const checks: Check[] = []
    const measured = measuredBlock(quilt, block)
    const expected = block.outer.width + 2 * quilt.seam
    const decision = entry.decision ?? 'trim'
    const counted = decidedSize(sizes, decision, expected)
    if (measured && found && counted < expected - 1 / 32) {
      checks.push({
        id: 'block-too-small',
        severity: 'warn',
        ...inBlockMeasures(i),
        data: {
          block: block.name,
          expected,
          measured: counted,
          seams: found.seams,
          error: found.error ?? 0,
          decision,
          allSeams: countSeams(makes.get(block.id)!.tree).straight,
        },
      })
    }
    const left = leftApart(sizes, entry.decision, expected)
    if (left.spread > MAX_SCATTER)
      checks.push({
        id: 'scattered-blocks',
        severity: 'warn',
        ...inBlockMeasures(i),
        data: { block: block.name, ...left },
      })
    return checks
  })

/** How far blocks still lie apart when what was decided about them is done. */
function leftApart(sizes: readonly Inches[], decision: Decision | undefined, planned: Inches) {
  const kept = decision === 'remake' ? sizes.filter(value => isNear(value, planned)) : sizes
  const all = decision === 'needle' ? [...sizes, planned] : kept
  if (all.length === 0 || decision === 'trim') return { spread: 0, smallest: planned }
  return { spread: Math.max(...all) - Math.min(...all), smallest: Math.min(...all) }
}

/** Less than this beyond a point, and the next seam may take its tip. Source: handbook §8. */
const MIN_BEYOND = 1 / 8

/** Blocks that differ so much that trimming all alike would cut into the points at their edges. */
export const pointsAtRisk: Checker = ({ quilt, plan, makes }) =>
  plan.blocks.flatMap((planned): Check[] => {
    const { measured, id } = planned
    if (!measured || measured.decision !== 'trim' || measured.beyondPoints >= MIN_BEYOND - 1e-9) return []
    if (!hasPointsAtEdge(makes.get(id)!)) return []
    const at = quilt.made.findLastIndex(({ what, block }) => what === 'block' && block === id)
    const { name } = quilt.blocks.find(block => block.id === id)!
    const data = { block: name, left: measured.beyondPoints, seam: quilt.seam }
    return [{ id: 'points-at-risk', severity: 'warn', ...inBlockMeasures(at), data }]
  })

/** Whether a patch ends in a sharp tip on an edge of the block, away from its corners. */
function hasPointsAtEdge({ block, polygons }: Pick<BlockMake, 'block' | 'polygons'>): boolean {
  const isOn = (value: number, end: number) => Math.abs(value) < 1e-6 || Math.abs(value - end) < 1e-6
  return polygons.some(polygon =>
    polygon.some(([x, y], i) => {
      if (isOn(x, block.width) === isOn(y, block.height)) return false
      const [[ax, ay], [bx, by]] = [polygon.at(i - 1)!, polygon[(i + 1) % polygon.length]!]
      return (ax - x) * (bx - x) + (ay - y) * (by - y) > 1e-6
    }),
  )
}

export const borderSpread: Checker = ({ quilt }) =>
  quilt.made.flatMap((entry, i): Check[] => {
    const stage = stageOf(entry.what)
    if (!stage) return []
    return (['width', 'height'] as const).flatMap((side): Check[] => {
      const found = measuredStage(quilt, stage, side)
      if (!found || found.spread <= MAX_SPREAD || !entry[side]) return []
      return [
        {
          id: 'border-spread',
          severity: 'warn',
          ...inTopMeasures(i, side),
          data: { what: stage, side, spread: found.spread, most: MAX_SPREAD },
        },
      ]
    })
  })

/** Quilting draws a quilt in by less than this part of it. */
const MAX_DRAWN_IN = 0.08

/** What was measured when it was trimmed cannot be what became of this top. */
export const trimmedUnlikely: Checker = ({ plan: { trim } }) =>
  (['width', 'height'] as const).flatMap((side): Check[] => {
    const { expected: top, mean: measured } = trim.measures[side]
    if (measured === undefined) return []
    if (measured >= top * (1 - MAX_DRAWN_IN) && measured <= top + MAX_SPREAD) return []
    return [{ id: 'trimmed-unlikely', severity: 'warn', ...inTopMeasures(), data: { side, measured, top } }]
  })

/** Rows that differ by more than can be eased: found before they are joined. */
export const rowSpread: Checker = ({ quilt }) =>
  (['width', 'height'] as const).flatMap((side): Check[] => {
    const found = measuredRows(quilt, side)
    if (!found || found.spread <= MAX_SPREAD) return []
    const data = { what: 'rows' as const, side, spread: found.spread, most: MAX_SPREAD }
    return [{ id: 'border-spread', severity: 'warn', ...inRowMeasures, data }]
  })

/** What is measured later should be what came before it makes: if not, one of the two was read wrong. */
export const measuresDisagree: Checker = ({ quilt, dimensions: { setting } }) =>
  (['width', 'height'] as const).flatMap((side): Check[] => {
    const both = 2 * seamBeyond(quilt)
    const stages: { what: MeasuredStage; says: Inches }[] = []
    if (quilt.blocks.some(block => measuredBlock(quilt, block)))
      stages.push({ what: 'blocks', says: setting[side] + both })
    const rows = measuredRows(quilt, side)
    if (rows) stages.push({ what: 'rows', says: rows.mean })
    const whole = measuredStage(quilt, 'setting', side)
    if (whole) stages.push({ what: 'setting', says: whole.mean })
    return stages.slice(1).flatMap(({ what, says }, i): Check[] => {
      const before = stages[i]!
      if (Math.abs(says - before.says) <= MAX_SPREAD + 1e-9) return []
      const data = { side, first: before.what, firstSays: before.says, then: what, thenSays: says }
      return [{ id: 'measures-disagree', severity: 'warn', ...inTopMeasures(), data }]
    })
  })

type MeasuredStage = CheckData['measures-disagree']['first']

/** The top grew beyond what its border was cut for. */
export const borderTooShort: Checker = ({ plan }) =>
  plan.borders
    .filter(strip => strip.length > strip.rough + 1e-6)
    .filter((strip, i, all) => all.findIndex(other => other.border === strip.border) === i)
    .map((strip): Check => ({
      id: 'border-too-short',
      severity: 'error',
      ...inBorder(strip.border - 1),
      data: { border: strip.border, length: strip.length, rough: strip.rough },
    }))

/** Pieces that were cut and that the plan no longer wants, or not as many. */
export const cutAlready: Checker = ({ quilt, plan }) => {
  const cut = new Map<string, number>()
  for (const entry of quilt.done) if (entry.what === 'cut') cut.set(entry.id, (cut.get(entry.id) ?? 0) + entry.count)
  return [...cut].flatMap(([id, count]): Check[] => {
    const wanted = plan.pieces.find(piece => piece.id === id)?.count ?? 0
    return count > wanted
      ? [
          {
            id: 'cut-already',
            severity: 'warn',
            ...inTicks,
            data: { piece: id, cut: count, wanted, extra: count - wanted },
          },
        ]
      : []
  })
}
