// In: the quilt and how its cloths are cut. Out: what is left of them, and what else is in hand for the back.
import type { ClothNeed } from '../../cut/need'
import { clothOf, type Quilt } from '../../file/quilt'
import { Explained } from '../../measure/explained'
import { TOLERANCE, type Inches } from '../../measure/ruler'
import { sumOf, type Sum } from '../../measure/sum'
import { toInches } from '../../measure/units'

/** Something that pieces of a back can be cut from, raw. */
export interface BackThing {
  from: 'cutting' | 'cloth' | 'in-hand'
  /** Null for what has no cloth of the quilt: a leftover block. */
  cloth: string | null
  name: string
  width: Sum
  height: Sum
  /** Squared up to so much, so that every size falls on a quarter inch or half a centimetre. */
  squared: { width: Inches; height: Inches }
  /** May lie the other way round. */
  turn: boolean
  /** A finished block, not to be cut. */
  isWhole: boolean
}

/** Smaller ones are hardly worth their seams; and more of them would take long to look through. */
const MAX_THINGS = 150
/** Source: handbook §6, worth keeping. */
const MIN_SIDE: Inches = 2

/** All things that the back may be pieced from, the largest first. */
export function thingsInHand(quilt: Quilt, needs: readonly ClothNeed[]): BackThing[] {
  const found = [...cutLeftovers(quilt, needs), ...unopenedCloth(quilt, needs), ...namedInHand(quilt)]
  const area = ({ squared }: BackThing) => squared.width * squared.height
  return found
    .filter(({ squared }) => Math.min(squared.width, squared.height) >= MIN_SIDE - TOLERANCE)
    .sort((a, b) => area(b) - area(a))
    .slice(0, MAX_THINGS)
}

type NamedCut = Pick<BackThing, 'from' | 'cloth' | 'name' | 'width' | 'height'>

function thing(quilt: Quilt, named: NamedCut, isWhole = false): BackThing {
  const step = toInches(quilt.units === 'in' ? 1 / 4 : 1 / 2, quilt.units)
  const down = ({ total }: Sum) => (isWhole ? total : Math.floor(total / step + TOLERANCE) * step)
  return {
    ...named,
    squared: { width: down(named.width), height: down(named.height) },
    turn: named.cloth === null || !clothOf(quilt, named.cloth).directional,
    isWhole,
  }
}

function cutLeftovers(quilt: Quilt, needs: readonly ClothNeed[]): BackThing[] {
  return needs.flatMap(({ id, left }) =>
    left.map(({ width, height }) =>
      thing(quilt, {
        from: 'cutting',
        cloth: id,
        name: clothOf(quilt, id).name,
        width: asSum(width),
        height: asSum(height),
      }),
    ),
  )
}

function asSum(value: number | Explained): Sum {
  return value instanceof Explained ? value.sum : sumOf([{ what: 'length-of-cloth', value }])
}

/** Pieces of cloth that the quilt does not take. */
function unopenedCloth(quilt: Quilt, needs: readonly ClothNeed[]): BackThing[] {
  return quilt.cloths.flatMap(cloth => {
    if (cloth.form !== 'piece' || cloth.tray !== undefined) return []
    const opened = needs.find(({ id }) => id === cloth.id)?.need.total ?? 0
    return Array.from({ length: Math.max(0, (cloth.count ?? 1) - opened) }, () =>
      thing(quilt, {
        from: 'cloth',
        cloth: cloth.id,
        name: cloth.name,
        width: sumOf([{ what: 'usable-width', value: cloth.usable }]),
        height: sumOf([{ what: 'length-of-cloth', value: cloth.usableLength }]),
      }),
    )
  })
}

function namedInHand(quilt: Quilt): BackThing[] {
  return (quilt.backing?.inHand ?? []).flatMap(({ name, cloth, width, height, count, whole }) =>
    Array.from({ length: count }, () =>
      thing(
        quilt,
        {
          from: 'in-hand',
          cloth: cloth ?? null,
          name: name ?? (cloth === undefined ? '' : clothOf(quilt, cloth).name),
          width: sumOf([{ what: 'measure', value: width }]),
          height: sumOf([{ what: 'measure', value: height }]),
        },
        whole,
      ),
    ),
  )
}
