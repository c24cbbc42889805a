import type { QuiltFile } from '../core/file/schema'
import berthFour from './berth-four.wren.json'
import lostProperty from './lost-property.wren.json'
import sleepers from './sleepers.wren.json'

/** Quilts of the Little Marl Light Railway, to look at and to try things on. */
export const DEMO_QUILTS = [berthFour, sleepers, lostProperty] as unknown as readonly QuiltFile[]
