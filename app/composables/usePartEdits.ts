import { setBlocksHeight, setBlocksSize, setBlocksWidth, setFrame } from '~~/core/edits/blocks'
import { setBorder } from '~~/core/edits/edge'
import type { Edit } from '~~/core/edits/edit'
import { setColumnWidth, setFramedSize, setPlaceWidth, setRowHeight } from '~~/core/edits/ownSizes'
import { setFloat, setSashing } from '~~/core/edits/setting'
import { blockOf, type Frame, type Quilt } from '~~/core/file/quilt'
import { rulesOf } from '~~/core/file/settings'
import type { SizeScope } from '~~/core/file/settings/settingRules'
import { roundToRuler, sameLength, type Inches } from '~~/core/measure/ruler'
import type { TopPart } from '~~/core/top/regions/region'

/**
 * The edit that gives a part this size along one side of the quilt; null for parts without a size on the tape. Of
 * blocks it is that of its row or column alone, where `scope` says so and the side is theirs, or of one in its place.
 */
export function sizeEdit(
  quilt: Quilt,
  part: TopPart,
  { side, size, scope }: { side: 'width' | 'height'; size: Inches; scope: SizeScope },
): Edit | null {
  const { setting, ruler } = quilt
  // there the tape crosses blocks and cornerstones from corner to corner
  const isOnCorner = rulesOf(setting).standing === 'on-corner'
  const own = isOnCorner ? roundToRuler(size / Math.SQRT2, ruler || 1 / 8) : size
  switch (part.kind) {
    case 'block': {
      // the tape shows the block itself; blocks are sized with their frames
      const { block: id, turn } = setting.cells[part.row]![part.column]!
      const { width, height, outer } = blockOf(quilt, id)
      const isAcross = (side === 'width') === (turn % 180 === 0)
      const framed = own + (isAcross ? outer.width - width : outer.height - height)
      if (scope === 'place') return placeEdit(quilt, part, side, own)
      if (scope === 'row' && side === 'height') return setRowHeight(part.row, framed)
      if (scope === 'column' && side === 'width') return setColumnWidth(part.column, framed)
      return isOnCorner ? setBlocksSize(framed) : side === 'width' ? setBlocksWidth(framed) : setBlocksHeight(framed)
    }
    case 'frame': {
      const { block: id, turn } = setting.cells[part.row]![part.column]!
      const { frame } = blockOf(quilt, id)
      // with several frames the tape does not say which: they are set in the card of the block
      return frame.length === 1
        ? setFrame(id, [resizedFrame(frame[0]!, (side === 'width') === (turn % 180 === 0), own)])
        : null
    }
    case 'sash':
    case 'cornerstone':
      return setSashing({ width: own })
    case 'side-triangle':
    case 'corner-triangle':
      return setFloat(size)
    case 'border':
      return setBorder(part.border - 1, side === 'width' ? { sides: size } : { ends: size })
    case 'half-cornerstone':
    case 'half-block':
    case 'end':
    case 'binding':
      return null
  }
}

/** Even strips stay even; of uneven ones those change that the tape crosses. */
function resizedFrame({ cloth, sides, ends }: Frame, crossesSides: boolean, to: Inches): Frame {
  if (sameLength(sides, ends)) return { cloth, sides: to, ends: to }
  return crossesSides ? { cloth, sides: to, ends } : { cloth, sides, ends: to }
}

/** One block by itself, as it lies and without its frames: in a row of its own it may be wider, else it is framed. */
function placeEdit(
  quilt: Quilt,
  { row, column }: Extract<TopPart, { kind: 'block' }>,
  side: 'width' | 'height',
  size: Inches,
): Edit | null {
  const now = ownSizeAt(quilt, row, column)
  if (!rulesOf(quilt.setting).hasOwnRows) return setFramedSize(row, column, { ...now.inner, [side]: size })
  return side === 'width' ? setPlaceWidth(row, column, size + now.outer.width - now.inner.width) : null
}

/** How wide and high the block in a place is, as it lies: itself, and with its frames. */
export function ownSizeAt(quilt: Quilt, row: number, column: number) {
  const { block, turn } = quilt.setting.cells[row]![column]!
  const { width, height, outer } = blockOf(quilt, block)
  const lying = (size: { width: Inches; height: Inches }) =>
    turn % 180 === 0 ? { width: size.width, height: size.height } : { width: size.height, height: size.width }
  return { inner: lying({ width, height }), outer: lying(outer) }
}

/** What undo calls the change. */
export function sizeEditName(part: TopPart): string {
  return {
    'block': 'block size',
    'sash': 'sashing width',
    'cornerstone': 'sashing width',
    'half-cornerstone': 'sashing width',
    'side-triangle': 'float',
    'corner-triangle': 'float',
    'half-block': 'block size',
    'end': 'shift',
    'frame': 'frame',
    'border': 'border width',
    'binding': 'binding',
  }[part.kind]
}
