// In: a quilt. Out: each of its long strips cut along the cloth and joined from strips across, and what either buys.
import { setBorder } from '../edits/edge'
import type { Edit } from '../edits/edit'
import { setSashing } from '../edits/setting'
import { clothOf, type Quilt } from '../file/quilt'
import { readQuilt } from '../file/readQuilt'
import type { QuiltFile } from '../file/schema'
import { boughtOf, type Bought } from './buyLess'

export type LongWay = 'along' | 'across'

/** Of a border, counted from 1, or of the sashes: null. What the whole quilt buys with either. */
export interface LongStripCost {
  border: number | null
  cloth: string
  now: LongWay
  along: Bought
  across: Bought
}

/** A print with an up and stripes decide for themselves; cloth in pieces has no length to cut along. */
export function* longStripCosts(file: QuiltFile, quilt: Quilt): Generator<LongStripCost | undefined> {
  const now = boughtOf(quilt)
  for (const strip of freeStrips(quilt)) {
    yield
    const other = strip.now === 'along' ? 'across' : 'along'
    const read = readQuilt(cutSo(strip.border, other)(file))
    if (!read.ok) continue
    const then = boughtOf(read.value)
    yield { ...strip, ...(strip.now === 'along' ? { along: now, across: then } : { across: now, along: then }) }
  }
}

/** The long strips of a border, or of the sashes, cut so. */
export function cutSo(border: number | null, long: LongWay): Edit {
  return border === null ? setSashing({ long }) : setBorder(border - 1, { long })
}

function freeStrips(quilt: Quilt): Pick<LongStripCost, 'border' | 'cloth' | 'now'>[] {
  const { sashing } = quilt.setting
  const borders = quilt.borders.flatMap(({ cloth, long, pieced, stripes }, i) =>
    pieced || stripes ? [] : [{ border: i + 1, cloth, now: long }],
  )
  const sashes =
    sashing && !sashing.cornerstones && !sashing.stripes
      ? [{ border: null, cloth: sashing.cloth, now: sashing.long }]
      : []
  return [...sashes, ...borders].filter(({ cloth: id }) => {
    const { directional, form } = clothOf(quilt, id)
    return !directional && form !== 'piece'
  })
}
