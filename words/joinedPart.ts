// Parts of a block as a hand calls them: by where they lie, or by what they are of.
import type { JoinedPart, PartPlace, PartSort, UnitPart } from '../core/make/steps/joinedPart'
import { unitName } from './names'
import { plural } from './speech'

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
  const isOneKind = new Set(names).size === 1
  const of = isOneKind ? plural(units.length, names[0]!, unitText(units[0]!, cloths, 2)) : `${units.length} parts`
  if (shape === 'pair')
    return `${count === 1 ? 'pair' : 'pairs'} of ${isOneKind ? unitText(units[0]!, cloths, 2) : names.map(name => `${articleOf(name)} ${name}`).join(' and ')}`
  if (shape === 'row') return `${count === 1 ? 'row' : 'rows'} of ${of}`
  if (shape === 'part') return `${count === 1 ? 'part' : 'parts'} of ${units.length} pieces`
  return count === 1 ? shape : `${shape}es`
}

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
