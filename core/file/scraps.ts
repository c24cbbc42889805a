// In: blocks that are pictures with several scraps under one letter. Out: a cloth for each of their roles.
import type { SquarePicture } from '../designs/chart'
import { scrapRole } from '../designs/squares'
import type { Block, Cloth, Quilt } from './quilt'
import type { ParsedQuilt } from './schema'

type OwnCloths = Readonly<Record<string, string>>

/** Blocks and places with the cloths of all scraps of their pictures. */
export function withScraps(file: ParsedQuilt): ParsedQuilt {
  const pictures = new Map(
    file.designs.flatMap(({ id, picture }) =>
      picture && Object.keys(picture.chart.cloths).length > 0 ? [[id, picture] as const] : [],
    ),
  )
  if (pictures.size === 0) return file
  const ofBlock = new Map(file.blocks.map(({ id, design }) => [id, pictures.get(design)]))
  const blocks = file.blocks.map(block => {
    const picture = ofBlock.get(block.id)
    return picture ? { ...block, cloths: clothsOfScraps(picture, block.cloths) } : block
  })
  const inPlace = <T extends { block: string; cloths: Record<string, string> }>(place: T): T => {
    const picture = ofBlock.get(place.block)
    return picture ? { ...place, cloths: clothsInPlace(picture, place.cloths) } : place
  }
  const { cells, rows, ...setting } = file.setting
  return {
    ...file,
    blocks,
    setting: {
      ...setting,
      ...(cells ? { cells: cells.map(line => line.map(inPlace)) } : {}),
      ...(rows ? { rows: rows.map(row => ({ ...row, cells: row.cells.map(inPlace) })) } : {}),
    },
  }
}

/** What the block itself says of a letter holds for all its scraps, unless it names one of them. */
function clothsOfScraps({ chart }: SquarePicture, worn: OwnCloths): Record<string, string> {
  const scraps = Object.entries(chart.cloths).flatMap(([letter, cloths]) => {
    const own = worn[letter]
    const isOther = own !== undefined && !cloths.includes(own)
    return cloths.map((cloth, i) => [scrapRole(letter, i), isOther ? own : cloth] as const)
  })
  return { ...worn, ...Object.fromEntries(scraps) }
}

/** One place alone in another cloth wears it for all scraps of the letter. */
function clothsInPlace({ chart }: SquarePicture, worn: OwnCloths): Record<string, string> {
  const all = Object.entries(worn).flatMap(([letter, cloth]) =>
    (chart.cloths[letter] ?? [cloth]).map((_, i) => [scrapRole(letter, i), cloth] as const),
  )
  return Object.fromEntries(all)
}

/** The cloths that squares of a letter are cut from, in the block's own dressing. */
export function clothsOfLetter({ cloths, designs }: Quilt, block: Block, letter: string): Cloth[] {
  const scraps = designs.get(block.design)?.picture?.chart.cloths[letter] ?? [letter]
  const worn = new Set(scraps.map((_, i) => block.cloths[scrapRole(letter, i)]))
  return cloths.filter(({ id }) => worn.has(id))
}
