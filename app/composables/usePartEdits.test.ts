import type { QuiltFile } from '~~/core/file/schema'
import { dimensionsOf } from '~~/core/top/dimensions'
import { quiltOf } from '~~/core/testing/quiltOf'
import { ownSizeAt, sizeEdit } from './usePartEdits'

const file: QuiltFile = {
  format: 'wren-quilt',
  version: 1,
  cloths: [{ id: 'soot' }, { id: 'cream' }],
  blocks: [{ id: 'star', design: 'sawtooth-star', size: 9, cloths: { star: 'soot', ground: 'cream' } }],
  setting: { across: 3, down: 4 },
}
const at = { kind: 'block', row: 1, column: 2 } as const
const sizeAfter = (how: Parameters<typeof sizeEdit>[2], of: QuiltFile = file) => {
  const quilt = quiltOf(sizeEdit(quiltOf(of), at, how)!(of))
  const { width, height } = dimensionsOf(quilt).setting
  return { quilt: [width, height], block: ownSizeAt(quilt, 1, 2).inner, first: ownSizeAt(quilt, 0, 0).inner }
}

test('a size from the tape is for all blocks, a row by its height, a column by its width, or one alone', () => {
  const nine = { width: 9, height: 9 }
  expect(sizeAfter({ side: 'width', size: 6, scope: 'all' }).quilt).toEqual([18, 24])
  expect(sizeAfter({ side: 'height', size: 6, scope: 'row' })).toMatchObject({ quilt: [27, 33], first: nine })
  expect(sizeAfter({ side: 'width', size: 6, scope: 'column' })).toMatchObject({ quilt: [24, 36], first: nine })
  // the side that is not theirs is that of all
  expect(sizeAfter({ side: 'width', size: 6, scope: 'row' }).quilt).toEqual([18, 24])
  const one = sizeAfter({ side: 'width', size: 6, scope: 'place' })
  expect(one).toEqual({ quilt: [27, 36], block: { width: 6, height: 9 }, first: nine })
})

test('in rows of their own one block may be wider than the others', () => {
  const { cells: _, ...setting } = { ...file.setting, cells: undefined }
  const rows = Array.from({ length: 2 }, () => ({ cells: Array.from({ length: 3 }, () => ({ block: 'star' })) }))
  const own: QuiltFile = { ...file, setting: { ...setting, kind: 'rows', ends: { cloth: 'cream' }, rows } }
  expect(sizeAfter({ side: 'width', size: 12, scope: 'place' }, own)).toMatchObject({
    quilt: [30, 18],
    block: { width: 12, height: 9 },
  })
  expect(sizeEdit(quiltOf(own), at, { side: 'height', size: 6, scope: 'place' })).toBeNull()
})

test('a frame with strips on one pair of sides keeps them when the tape changes the other', () => {
  const framed: QuiltFile = {
    ...file,
    blocks: [
      { ...file.blocks[0]!, size: undefined, width: 9, height: 6, frame: [{ cloth: 'soot', sides: 0, ends: '1 1/2' }] },
    ],
  }
  const edit = sizeEdit(quiltOf(framed), { ...at, kind: 'frame' }, { side: 'height', size: 1, scope: 'all' })!
  const [block] = quiltOf(edit(framed)).blocks
  // it stands as large as before, and is itself higher by what the strips gave up
  expect(block).toMatchObject({ frame: [{ sides: 0, ends: 1 }], width: 9, height: 7, outer: { width: 9, height: 9 } })
})
