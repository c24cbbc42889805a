import { quiltOf, SAMPLE } from '../testing/quiltOf'
import { dimensionsOf } from './dimensions'
import { seamEstimate } from './seamEstimate'

test('seams of the sample by hand: its blocks, their joins, sashes, cornerstones and borders', () => {
  const quilt = quiltOf(SAMPLE)
  // eighteen stars of 17 patches, 16 seams each; seventeen squares
  const inBlocks = 18 * 16
  // 35 blocks, 6·7 + 5·8 sashes, 6·8 cornerstones: so many parts are joined by one seam fewer
  const between = 35 + (6 * 7 + 5 * 8) + 6 * 8 - 1
  const border = 4
  expect(seamEstimate(quilt, dimensionsOf(quilt))).toBe(inBlocks + between + border)
})
