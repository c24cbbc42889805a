// Blocks that exist already, against the places they are to stand in.
import { clothOf, ownBlocks } from '../file/quilt'
import { TOLERANCE } from '../measure/ruler'
import { timesPlaced } from '../top/places'
import type { Check, Checker } from './check'
import { inTray } from './place'

/** Sewn blocks that are smaller than their place: by little, and eased; or by more than the seams can take up. */
export const sewnTooSmall: Checker = ({ quilt, needs }) =>
  quilt.tray.flatMap((kind, i): Check[] => {
    const block = ownBlocks(quilt).find(({ tray, id }) => tray === kind.id && timesPlaced(quilt, id) > 0)
    if (!block) return []
    const cloth = clothOf(quilt, block.cloths.cloth!)
    const wanted = { width: block.width + 2 * quilt.seam, height: block.height + 2 * quilt.seam }
    const short = Math.max(wanted.width - cloth.width, wanted.height - cloth.length!)
    if (short <= TOLERANCE) return []
    const data = { block: block.name, short, wanted, measured: { width: cloth.width, height: cloth.length! } }
    const need = needs.find(({ id }) => id === cloth.id)!
    return need.unplaced.length > 0
      ? [{ id: 'sewn-block-short', severity: 'error', ...inTray(i, 'width'), data }]
      : [{ id: 'sewn-block-eased', severity: 'note', ...inTray(i, 'width'), data }]
  })

/** More places than there are sewn blocks of that kind. */
export const sewnTooFew: Checker = ({ quilt, needs }) =>
  quilt.tray.flatMap((kind, i): Check[] => {
    const need = needs.find(({ id }) => quilt.cloths.some(cloth => cloth.id === id && cloth.tray === kind.id))!
    const wanted = need.need.total
    return wanted <= kind.count
      ? []
      : [
          {
            id: 'sewn-blocks-too-few',
            severity: 'error',
            ...inTray(i, 'count'),
            data: { block: kind.name ?? kind.id, need: wanted, have: kind.count },
          },
        ]
  })
