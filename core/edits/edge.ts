import type { StripStripes } from '../file/stripStripes'
import type { Inches } from '../measure/ruler'
import { cornerEntry, cornerKindOf, cornerRules, PLAIN_CORNERS, type CornerKind } from '../file/corners'
import type { QuiltFile } from '../file/schema'
import { replaced, written, type Edit } from './edit'
import { withoutStaleMeasures } from './staleMeasures'

type BorderEntry = NonNullable<QuiltFile['borders']>[number]

export interface BorderChange {
  sides?: Inches
  ends?: Inches
  cloth?: string
  corners?: BorderEntry['corners']
  /** null: of one cloth. */
  pieced?: NonNullable<BorderEntry['pieced']> | null
  first?: 'sides' | 'ends'
  long?: 'along' | 'across'
  /** null: as they fall. */
  stripes?: StripStripes | null
}

/** Another border outside those there are. */
export function addBorder(width: Inches, cloth: string): Edit {
  return file => ({ ...file, borders: [...(file.borders ?? []), { width: written(file, width), cloth }] })
}

/** A plain border inside the one that stands at this place. */
export function insertBorder(index: number, { sides, ends }: { sides: Inches; ends: Inches }, cloth: string): Edit {
  return old => {
    const file = withoutStaleMeasures(old, { border: index })
    const [side, end] = [written(file, sides), written(file, ends)]
    const border: BorderEntry = { ...(side === end ? { width: side } : { sides: side, ends: end }), cloth }
    const borders = file.borders ?? []
    return { ...file, borders: [...borders.slice(0, index), border, ...borders.slice(index)] }
  }
}

/** Takes a border off, counted from the inside, from 0. */
export function removeBorder(index: number): Edit {
  return file => ({
    ...withoutStaleMeasures(file, { border: index }),
    borders: replaced(file.borders ?? [], index, null),
  })
}

/** Equal sides and ends are written as one width. */
export function setBorder(index: number, { sides, ends, pieced, stripes, ...rest }: BorderChange): Edit {
  return file => {
    const border = file.borders?.[index]
    if (!border) return file
    const { width, ...old } = border
    const side = sides === undefined ? (old.sides ?? width) : written(file, sides)
    const end = ends === undefined ? (old.ends ?? width) : written(file, ends)
    const { sides: _s, ends: _e, stripes: run, ...others } = old
    const striped = stripes === undefined ? run : stripes
    const size = side === end ? { width: side } : { sides: side, ends: end }
    const next: BorderEntry = {
      ...withPieced({ ...others, ...rest }, pieced),
      ...size,
      ...(striped ? { stripes: striped } : {}),
    }
    const isResized =
      sides !== undefined
      || ends !== undefined
      || rest.first !== undefined
      || rest.corners !== undefined
      || pieced !== undefined
    return {
      ...(isResized ? withoutStaleMeasures(file, { border: index }) : file),
      borders: replaced(file.borders!, index, next),
    }
  }
}

/** Corners made another way, begun in cloths of the quilt. */
export function setCorners(index: number, kind: CornerKind): Edit {
  return file => {
    const border = file.borders?.[index]
    if (!border) return file
    const other = file.cloths.find(({ id }) => id !== border.cloth)?.id ?? border.cloth
    return setBorder(index, { corners: cornerEntry(kind, { border: border.cloth, other }) })(file)
  }
}

/** A pieced border has corners of its own; corners that run through make it plain again. */
function withPieced(border: BorderEntry, change: BorderChange['pieced']): BorderEntry {
  const { pieced = undefined, ...plain } = border
  const wanted = change === undefined ? pieced : change
  if (!wanted) return plain
  const kind = cornerKindOf(border.corners ?? PLAIN_CORNERS)
  if (cornerRules(kind).canBePieced) return { ...plain, pieced: wanted }
  return change ? { ...plain, corners: { cloth: border.cloth }, pieced: wanted } : plain
}
