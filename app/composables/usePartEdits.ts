import { setBlocksHeight, setBlocksWidth } from '~~/core/edits/blocks'
import { setBorder } from '~~/core/edits/edge'
import type { Edit } from '~~/core/edits/edit'
import { setSashing } from '~~/core/edits/setting'
import type { Inches } from '~~/core/measure/ruler'
import type { Part } from '~~/core/top/region'

/** The edit that gives a part this size along one side of the quilt; null for parts without a size on the tape. */
export function sizeEdit(part: Part, side: 'width' | 'height', size: Inches): Edit | null {
  switch (part.kind) {
    case 'block':
      return side === 'width' ? setBlocksWidth(size) : setBlocksHeight(size)
    case 'sash':
    case 'cornerstone':
      return setSashing({ width: size })
    case 'border':
      return setBorder(part.border - 1, side === 'width' ? { sides: size } : { ends: size })
    case 'binding':
      return null
  }
}

/** What undo calls the change. */
export function sizeEditName(part: Part): string {
  return {
    block: 'block size',
    sash: 'sashing width',
    cornerstone: 'sashing width',
    border: 'border width',
    binding: 'binding',
  }[part.kind]
}
