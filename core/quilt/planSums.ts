import type { ClothNeed } from '../cloth/need'
import type { Piece } from '../cutting/gather'
import type { Binding } from '../edge/binding'
import type { Backing } from '../layers/backing'
import { roundedSum, sumOf, type Sum, type Term } from '../measure/sum'
import type { Dimensions } from './dimensions'
import type { PlannedBlock } from './plan'
import type { Quilt } from './quilt'

interface Parts {
  quilt: Quilt
  dimensions: Dimensions
  needs: readonly ClothNeed[]
  pieces: readonly Piece[]
  blocks: readonly PlannedBlock[]
  rough: readonly Sum[]
  backing: Backing | null
  batting: { width: Sum, height: Sum } | null
  binding: Binding | null
  patches: readonly { what: string, count: number, each: number, of: string }[]
}

/** The reason for every computed number of the plan, under the number's path in it. */
export function planSums({ quilt, dimensions, needs, pieces, blocks, rough, backing, batting, binding, patches }: Parts): Record<string, Sum> {
  const sums: Record<string, Sum> = {}
  const put = (path: string, sum: Sum | undefined) => {
    if (sum) sums[path] = sum
  }
  const { stages, strips } = dimensions.top
  const letters = new Map(pieces.map(piece => [piece.id, piece.letter]))
  const top = stages.at(-1)!
  put('quilt.width', top.width)
  put('quilt.height', top.height)
  const edge: Term = { what: 'binding-edge', count: 2, each: binding?.visible ?? 0 }
  put('quilt.edged.width', sumOf([...top.width.terms, edge], top.width.from))
  put('quilt.edged.height', sumOf([...top.height.terms, edge], top.height.from))
  put('quilt.blocks', sumOf([{ what: 'rows-of-blocks', count: quilt.setting.cells.length, each: quilt.setting.cells[0]!.length }]))
  put('quilt.patches', sumOf(patches))
  put('quilt.pieces', sumOf(quilt.cloths.map(cloth => ({ what: 'pieces-of', value: pieces.filter(piece => piece.cloth === cloth.id).reduce((sum, piece) => sum + piece.count, 0), of: cloth.name }))))
  put('quilt.buy', sumOf([
    ...needs.flatMap((need, i): Term[] => need.unit === 'in' ? [{ what: 'cloth', value: need.buy.total, of: quilt.cloths[i]!.name }] : []),
    ...(backing ? [{ what: 'backing', value: backing.buy.total }] : []),
  ]))
  stages.forEach((stage, i) => {
    put(`stages.${i}.width`, stage.width)
    put(`stages.${i}.height`, stage.height)
  })
  needs.forEach((need, i) => {
    put(`cloths.${i}.need`, need.need)
    put(`cloths.${i}.buy`, need.buy)
    put(`cloths.${i}.waste`, need.area > 0
      ? sumOf([{ what: 'whole', value: 1 }, { what: 'area-used', value: need.waste - 1 }], [{ what: 'area-of-pieces', value: need.area }, { what: 'area-of-cloth', value: need.area / (1 - need.waste) }])
      : { total: 0, terms: [] })
    need.strips.forEach((strip, s) => {
      const side = strip.run === 'along' ? 'width' : 'height'
      const deepest = strip.cuts.reduce((a, b) => b[side] > a[side] ? b : a)
      put(`cloths.${i}.strips.${s}.${side}`, sumOf([{ what: 'deepest-piece', value: strip[side], of: letters.get(deepest.piece) }]))
    })
  })
  pieces.forEach((piece, i) => {
    put(`pieces.${i}.count`, countSum(piece))
    put(`pieces.${i}.width`, cutSum(piece.width, piece.exact.width, quilt, piece))
    put(`pieces.${i}.height`, cutSum(piece.height, piece.exact.height, quilt, piece))
  })
  blocks.forEach((block, b) => {
    const times = patches.find(term => term.of === block.id)?.count ?? 0
    block.units.forEach((unit, u) => {
      put(`blocks.${b}.units.${u}.count`, times > 0 && unit.count % times === 0
        ? sumOf([{ what: 'units-in-blocks', count: times, each: unit.count / times, of: block.id }])
        : sumOf([{ what: 'units-counted', value: unit.count }]))
      put(`blocks.${b}.units.${u}.width`, sumOf([{ what: 'finished', value: unit.width - 2 * quilt.seam }, { what: 'seams', count: 2, each: quilt.seam }]))
      put(`blocks.${b}.units.${u}.height`, sumOf([{ what: 'finished', value: unit.height - 2 * quilt.seam }, { what: 'seams', count: 2, each: quilt.seam }]))
    })
  })
  strips.forEach((strip, i) => {
    put(`borders.${i}.length`, strip.length)
    put(`borders.${i}.rough`, rough[i])
    put(`borders.${i}.width`, sumOf([{ what: 'finished', value: strip.finishedWidth }, { what: 'seams', count: 2, each: quilt.seam }]))
  })
  put('backing.panels', backing?.panels)
  put('backing.panelLength', backing?.panelLength)
  put('backing.buy', backing?.buy)
  put('batting.width', batting?.width)
  put('batting.height', batting?.height)
  put('binding.length', binding?.length)
  put('binding.strips', binding?.strips)
  put('binding.buy', binding?.buy)
  return sums
}

/** Pieces from the patches they feed; strips and the like are simply counted. */
function countSum(piece: Piece): Sum {
  if (piece.patches === 0 || piece.part === 'strips') return sumOf([{ what: 'counted', value: piece.count }])
  const needed = piece.count - piece.spare
  const perPiece = Math.max(1, Math.round(piece.patches / needed))
  const fed = roundedSum([{ what: 'patches-fed', count: piece.patches, each: 1 / perPiece }], needed)
  return sumOf([...fed.terms, { what: 'spare', value: piece.spare }])
}

/** Finished size, what the seams add, what the tips of a triangle add, and rounding to the ruler. */
function cutSum(cut: number, exact: number, quilt: Quilt, piece: Piece): Sum {
  if (piece.shape === 'strip') return roundedSum([{ what: 'length', value: exact }], cut)
  if (piece.shape === 'template') return roundedSum([{ what: 'outline-box', value: exact }], cut)
  return roundedSum([{ what: 'finished', value: exact - 2 * quilt.seam }, { what: 'seams', count: 2, each: quilt.seam }], cut)
}
