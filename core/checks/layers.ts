// The layers and how they are quilted: what holds, what shows, what is safe.
import { lightness } from '../measure/lightness'
import { TOLERANCE } from '../measure/ruler'
import { motifPath } from '../quilting/motifPath'
import { pathOf } from '../quilting/motifs'
import { MAX_POINTS } from '../quilting/quiltingLines'
import type { Check, Checker } from './check'
import { inAsYouGo, inLayers, inQuilting } from './place'

/** A place wider than the batting may be left unquilted: it would shift there. */
export const gapTooWide: Checker = ({ quilt: { batting }, plan: { quilting } }) => {
  const most = batting?.maxGap
  if (!quilting || most === undefined || quilting.gap.size <= most + 1 / 16) return []
  const { size, x, y } = quilting.gap
  return [
    {
      id: 'gap-too-wide',
      severity: 'warn',
      ...inQuilting(),
      data: { size, x, y, most, hasLines: quilting.lines.length > 0 },
    },
  ]
}

/** More lines than anybody sews: none is planned. */
export const quiltingTooDense: Checker = ({ quilt, plan }) =>
  quilt.quilting.length > 0 && !plan.quilting
    ? [{ id: 'quilting-too-dense', severity: 'error', ...inQuilting(), data: { most: MAX_POINTS } }]
    : []

/** A motif whose path cannot be read, or is too long to be sewn. */
export const motifNotDrawn: Checker = ({ quilt }) =>
  quilt.quilting.flatMap(({ kind, motif }, i): Check[] => {
    if (kind !== 'motif') return []
    const found = motifPath(pathOf(motif))
    return 'fault' in found
      ? [{ id: 'motif-not-drawn', severity: 'error', ...inQuilting(`${i}.motif`), data: { fault: found.fault } }]
      : []
  })

/** Lightness beyond which dark fibres show through, and below which light ones do. Source: CIE L*, handbook §5. */
const LIGHT = 75
const DARK = 30

/** Dark batting behind light cloth, light batting behind dark. */
export const battingShows: Checker = ({ quilt: { batting, cloths } }) => {
  if (!batting?.colour) return []
  const isDark = batting.colour === 'black'
  const shown = cloths.filter(({ colour }) => (isDark ? lightness(colour) > LIGHT : lightness(colour) < DARK))
  const isMost = shown.length > cloths.length / 2
  if (shown.length === 0 || !(isDark || isMost)) return []
  return [
    {
      id: 'batting-shows',
      severity: isDark ? 'warn' : 'note',
      ...inLayers('batting', 'colour'),
      data: { colour: batting.colour, cloths: shown.map(({ name }) => name) },
    },
  ]
}

/** A packet that must be joined to be large enough. */
export const battingTooSmall: Checker = ({ quilt: { batting }, plan }) => {
  const packets = plan.batting?.packets
  return batting && packets !== undefined && packets > 1
    ? [
        {
          id: 'batting-joined',
          severity: 'note',
          ...inLayers('batting', 'width'),
          data: {
            packets,
            width: plan.batting!.width,
            height: plan.batting!.height,
            isByLength: plan.batting!.buy !== undefined,
          },
        },
      ]
    : []
}

/** What is for a baby or a toddler has nothing on it that comes off. */
export const babySafety: Checker = ({ quilt }) => {
  if (!quilt.for?.baby) return []
  const hasTies = quilt.quilting.some(({ kind }) => kind === 'ties')
  return [{ id: 'baby-safety', severity: hasTies ? 'warn' : 'note', ...inQuilting(), data: { hasTies } }]
}

/** A panel of the back that was asked for wide and is not. */
export const backNotWide: Checker = ({ quilt: { backing, cloths }, plan }) => {
  if (backing?.way !== 'wide' || !plan.backing || plan.backing.panels <= 1) return []
  const { usable } = cloths.find(({ id }) => id === backing.cloth)!
  const wanted = Math.min(plan.quilt.width, plan.quilt.height) + 2 * backing.overhang
  return usable >= wanted - TOLERANCE
    ? []
    : [{ id: 'back-not-wide', severity: 'warn', ...inLayers('backing', 'way'), data: { usable, wanted } }]
}

/** Leftovers that do not cover the back by themselves. */
export const leftoversShort: Checker = ({ plan: { backing } }) =>
  backing?.pieced && backing.pieced.missing > 1e-6
    ? [
        {
          id: 'leftovers-short',
          severity: 'note',
          ...inLayers('backing', 'way'),
          data: { missing: backing.pieced.missing, buy: backing.buy },
        },
      ]
    : []

/** As you go, sashes and binding lie over the edges of the blocks. */
export const edgesCovered: Checker = ({ plan: { asYouGo } }) => {
  if (!asYouGo) return []
  const smallest = Math.min(...asYouGo.sizes.flatMap(({ batting }) => [batting.width, batting.height]))
  const covered = asYouGo.edge
  // a third of the block under its edges leaves little of it
  return [
    {
      id: 'edges-covered',
      severity: 2 * covered > smallest / 3 ? 'warn' : 'note',
      ...inAsYouGo('allowance'),
      data: { covered, sash: asYouGo.sash, smallest },
    },
  ]
}
