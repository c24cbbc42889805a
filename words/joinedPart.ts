// Parts of a block as a hand calls them: by where they lie, or by what they are of.
import type { JoinedPart, PartPlace, PartSort, UnitPart } from '../core/make/steps/joinedPart'
import { unitName } from './names'

/** Names of cloths by id. */
export type ClothNames = ReadonlyMap<string, string>

/** `the top row`, `a flying goose`, `the crimson patch`, `the pair of …`. */
export function joinedPart(part: JoinedPart, cloths: ClothNames): string {
  if (!('join' in part))
    return `${part.cloth === undefined ? articleOf(unitText(part, cloths)) : 'the'} ${unitText(part, cloths)}`
  return part.place ? `the ${placeText(part.place)}` : `the ${sortText(part.sort, cloths, 1)}`
}

/** Both parts of a join; parts alike in one go. */
export function joinedParts([a, b]: readonly [JoinedPart, JoinedPart], cloths: ClothNames): string {
  const both = [joinedPart(a, cloths), joinedPart(b, cloths)]
  if (both[0] === both[1]) return `two ${'join' in a ? sortText(a.sort, cloths, 2) : unitText(a, cloths, 2)}`
  return both.join(' and ')
}

function placeText(place: PartPlace): string {
  if (place === 'whole') return 'block so far'
  if (place === 'middle middle') return 'center'
  return /half|row|column/.test(place) ? place : `${place} part`
}

function sortText({ shape, units }: PartSort, cloths: ClothNames, count: 1 | 2): string {
  const names = units.map(unit => unitText(unit, cloths))
  const many = new Set(names).size === 1 ? unitText(units[0]!, cloths, 2) : null
  switch (shape) {
    case 'pair':
      return `${plain(count, 'pair')} of ${many ?? names.map(name => `${articleOf(name)} ${name}`).join(' and ')}`
    case 'row':
      return `${plain(count, 'row')} of ${units.length} ${many ?? 'parts'}`
    case 'part':
      return `${plain(count, 'part')} of ${units.length} pieces`
    default:
      return plain(count, shape, `${shape}es`)
  }
}

const plain = (count: 1 | 2, one: string, many = `${one}s`) => (count === 1 ? one : many)

/** A single patch by its cloth; a unit by what it is. */
function unitText({ unit, cloth }: UnitPart, cloths: ClothNames, count: 1 | 2 = 1): string {
  const name = unitName({ kind: unit, method: unit === 'template' ? 'triangle-single' : '' }, count)
  if (cloth === undefined) return name
  const patch = count === 1 ? 'patch' : 'patches'
  return `${cloths.get(cloth) ?? cloth} ${unit === 'rectangle' || unit === 'template' ? patch : name}`
}

function articleOf(name: string): 'a' | 'an' {
  return /^(?:[aeiou]|hourglass)/i.test(name) ? 'an' : 'a'
}
