import { makingRules } from '../file/makings'
import { clothOf } from '../file/quilt'
import { fabricsOf } from '../file/trayCloths'
import type { Check, Checker } from './check'
import { inCloth, inCloths, inLayers, inRemains } from './place'

/** Pieces that lie no way on their cloth. */
export const piecesTooLarge: Checker = ({ quilt, needs, plan }) =>
  fabricsOf(quilt.cloths).flatMap((cloth, i) =>
    needs[i]!.unplaced.map((unplaced): Check => {
      const piece = plan.pieces.find(candidate => candidate.id === unplaced.id)!
      return {
        id: 'piece-too-large',
        severity: 'error',
        ...inCloth(i, 'width'),
        data: {
          use: piece.use,
          places: piece.places,
          part: piece.part,
          piece: piece.id,
          cloth: cloth.name,
          width: unplaced.width,
          height: unplaced.height,
          usable: cloth.usable,
          ...(cloth.length ? { length: cloth.length } : {}),
        },
      }
    }),
  )

/** Of a cloth by length that is at hand in part, what is short has to be bought: told, for it may not be had again. */
export const shortOfCloth: Checker = ({ quilt, plan }) =>
  fabricsOf(quilt.cloths).flatMap((cloth, i): Check[] => {
    const found = plan.cloths[i]!.atHand
    if (!found || found.short <= 0) return []
    return [
      {
        id: 'short-of-cloth',
        severity: 'warn',
        ...inCloth(i, 'have'),
        data: { cloth: cloth.name, have: cloth.have!, short: found.short, buy: found.buy },
      },
    ]
  })

/** What is left of a cloth after a mistake does not hold all that is still to be cut. */
export const remainsShort: Checker = ({ quilt, plan }) =>
  fabricsOf(quilt.cloths).flatMap((cloth, i): Check[] => {
    const { missing = [], buy = 0 } = plan.cloths[i]!.again ?? {}
    const pieces = missing.reduce((sum, { count }) => sum + count, 0)
    if (pieces === 0) return []
    return [
      {
        id: 'remains-short',
        severity: 'warn',
        ...inRemains(cloth.id),
        data: { cloth: cloth.name, pieces, buy, isInPieces: cloth.form === 'piece' },
      },
    ]
  })

export const notEnoughCloth: Checker = ({ quilt, needs, plan }) => [
  ...fabricsOf(quilt.cloths).flatMap((cloth, i): Check[] => {
    const need = needs[i]!.need.total
    if (cloth.form !== 'piece' || need <= (cloth.count ?? 1)) return []
    return [
      {
        id: 'not-enough-cloth',
        severity: 'error',
        ...inCloth(i, 'count'),
        data: { cloth: cloth.name, need, have: cloth.count ?? 1 },
      },
    ]
  }),
  ...(quilt.backing && plan.backing && !plan.backing.pieced && clothOf(quilt, quilt.backing.cloth).form === 'piece'
    ? [
        {
          id: 'not-enough-cloth',
          severity: 'error',
          ...inLayers('backing', 'cloth'),
          data: {
            cloth: clothOf(quilt, quilt.backing.cloth).name,
            need: plan.backing.panels,
            have: 0,
            panelLength: plan.backing.panelLength,
          },
        } satisfies Check,
      ]
    : []),
]

/** Units are to be made from cloth in pieces, and there is none. */
export const noPrecuts: Checker = ({ quilt }) =>
  quilt.aim === 'from-precuts' && !fabricsOf(quilt.cloths).some(cloth => cloth.form === 'piece')
    ? [{ id: 'no-precuts', severity: 'note', ...inCloths('cloths'), data: {} }]
    : []

export const shortMargin: Checker = ({ quilt }) =>
  quilt.margin < 0.05
    ? [{ id: 'short-margin', severity: 'note', ...inCloths('margin'), data: { margin: quilt.margin } }]
    : []

export const overhangTooSmall: Checker = ({ quilt }) => {
  // as you go every block has its own back, larger by what is folded over
  if (!makingRules(quilt.making).hasTop) return []
  const checks: Check[] = []
  if (quilt.backing && quilt.backing.overhang < 2)
    checks.push({
      id: 'overhang-too-small',
      severity: 'warn',
      ...inLayers('backing', 'overhang'),
      data: { layer: 'backing', overhang: quilt.backing.overhang },
    })
  if (quilt.batting && quilt.batting.overhang < 1.5)
    checks.push({
      id: 'overhang-too-small',
      severity: 'warn',
      ...inLayers('batting', 'overhang'),
      data: { layer: 'batting', overhang: quilt.batting.overhang },
    })
  if (quilt.backing && quilt.batting && quilt.batting.overhang > quilt.backing.overhang) {
    checks.push({
      id: 'overhang-too-small',
      severity: 'warn',
      ...inLayers('backing', 'overhang'),
      data: { layer: 'backing-under-batting', overhang: quilt.backing.overhang, batting: quilt.batting.overhang },
    })
  }
  return checks
}
