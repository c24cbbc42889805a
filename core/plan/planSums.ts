import type { ClothNeed } from '../cut/need'
import type { Piece } from '../cut/piece'
import type { Binding } from '../layers/binding'
import type { Backing } from '../layers/backing'
import { needSums } from '../cut/needSums'
import type { SeamTest } from '../made/seamTest'
import { sumOf, type Sum, type Term } from '../measure/sum'
import type { Choice } from './choose'
import type { Dimensions } from '../top/dimensions'
import { blockSums, type PlannedBlock } from './plannedBlock'
import type { Quilt } from '../file/quilt'

interface Parts {
  quilt: Quilt
  dimensions: Dimensions
  needs: readonly ClothNeed[]
  pieces: readonly Piece[]
  blocks: readonly PlannedBlock[]
  choices: readonly Choice[]
  rough: readonly Sum[]
  backing: Backing | null
  batting: { width: Sum; height: Sum } | null
  binding: Binding | null
  seamTest: SeamTest
  patches: readonly { what: string; count: number; each: number; of: string }[]
}

/**
 * Puts the reason for every computed number of the plan under the number's path in it; the stages put theirs
 * themselves.
 */
export function planSums(
  { quilt, dimensions, needs, pieces, blocks, choices, rough, backing, batting, binding, seamTest, patches }: Parts,
  keep: (path: string, sum: Sum) => void,
): void {
  const put = (path: string, sum: Sum | null | undefined) => {
    if (sum) keep(path, sum)
  }
  const { stages, strips } = dimensions.top
  const letters = new Map(pieces.map(piece => [piece.id, piece.letter]))
  const top = stages.at(-1)!
  put('quilt.width', top.width)
  put('quilt.height', top.height)
  const edge: Term = { what: 'binding-edge', count: 2, each: binding?.visible ?? 0 }
  put('quilt.edged.width', sumOf([...top.width.terms, edge], top.width.from))
  put('quilt.edged.height', sumOf([...top.height.terms, edge], top.height.from))
  put(
    'quilt.blocks',
    sumOf([{ what: 'rows-of-blocks', count: quilt.setting.cells.length, each: quilt.setting.cells[0]!.length }]),
  )
  put('quilt.patches', sumOf(patches))
  put(
    'quilt.pieces',
    sumOf(
      quilt.cloths.map(cloth => ({
        what: 'pieces-of',
        value: pieces.filter(piece => piece.cloth === cloth.id).reduce((sum, piece) => sum + piece.count, 0),
        of: cloth.name,
      })),
    ),
  )
  put(
    'quilt.buy',
    sumOf([
      ...needs.flatMap((need, i): Term[] =>
        need.unit === 'in' ? [{ what: 'cloth', value: need.buy.total, of: quilt.cloths[i]!.name }] : [],
      ),
      ...(backing ? [{ what: 'backing', value: backing.buy.total }] : []),
    ]),
  )
  quilt.cloths.forEach((cloth, i) =>
    put(
      `cloths.${i}.usable`,
      sumOf([
        { what: 'width-as-sold', value: cloth.width },
        { what: 'shrinkage', value: -cloth.width * cloth.shrink },
        { what: 'selvages', value: -cloth.selvage },
      ]),
    ),
  )
  needs.forEach((need, i) => needSums(need, `cloths.${i}`, letters, keep))
  pieces.forEach((piece, i) => {
    for (const name of ['count', 'width', 'height'] as const) put(`pieces.${i}.${name}`, piece.why[name])
    put(`pieces.${i}.angled.pitch`, piece.why.pitch)
  })
  blocks.forEach((block, b) => blockSums(quilt, block, `blocks.${b}`, choices, keep))
  strips.forEach((strip, i) => {
    put(`borders.${i}.length`, strip.length)
    put(`borders.${i}.rough`, rough[i])
    put(
      `borders.${i}.width`,
      sumOf([
        { what: 'finished', value: strip.finishedWidth },
        { what: 'seams', count: 2, each: quilt.seam },
      ]),
    )
  })
  put('backing.panels', backing?.panels)
  put('backing.panelLength', backing?.panelLength)
  put('backing.buy', backing?.buy)
  put('batting.width', batting?.width)
  put('batting.height', batting?.height)
  put('binding.length', binding?.length)
  put('binding.strips', binding?.strips)
  put('binding.buy', binding?.buy)
  put('binding.overlap', binding?.overlap)
  put('seamTest.expected', seamTest.expected)
  put('seamTest.sewn', seamTest.sewn)
  put('seamTest.off', seamTest.off)
}
