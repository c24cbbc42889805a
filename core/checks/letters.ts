import { letterContacts } from '../charts/contacts'
import { numbered } from '../charts/numbered'
import { clothOf, designOf, ownBlocks } from '../file/quilt'
import { colourDistance } from '../measure/lightness'
import { ALIKE } from '../wall/touching'
import type { Check, Checker } from './check'
import { inBlock } from './place'

/** More than can be looked into at once. */
const MOST = 5

/**
 * Two letters of a picture that touch in one cloth, or in cloths that look like one: the line between them is sewn and
 * not seen.
 */
export const lettersAlike: Checker = ({ quilt }) =>
  ownBlocks(quilt).flatMap((block, i): Check[] => {
    const { picture } = designOf(quilt, block)
    if (!picture) return []
    const { names: letters, places } = numbered(picture.rows.flatMap(row => [...row]))
    const cloths = letters.map(letter => clothOf(quilt, block.cloths[letter]!))
    const size = { columns: [...picture.rows[0]!].length, rows: picture.rows.length }
    return letterContacts(size, places)
      .filter(({ one, other }) => colourDistance(cloths[one]!.colour, cloths[other]!.colour) < ALIKE)
      .slice(0, MOST)
      .map(({ one, other, edges }) => ({
        id: 'letters-alike',
        severity: 'note',
        ...inBlock(i, 'cloths'),
        data: {
          block: block.name,
          letters: [letters[one]!, letters[other]!],
          cloths: [cloths[one]!.name, cloths[other]!.name],
          edges,
        },
      }))
  })
