import type { QuiltFile } from '../core/file/schema'
import berthFour from './berth-four.wren.json'
import leftLuggage from './left-luggage.wren.json'
import lostProperty from './lost-property.wren.json'
import marlJunction from './marl-junction.wren.json'
import parcelsOffice from './parcels-office.wren.json'
import passingLoop from './passing-loop.wren.json'
import signalBox from './signal-box.wren.json'
import signalLamp from './signal-lamp.wren.json'
import sleepers from './sleepers.wren.json'

/**
 * Quilts of the Little Marl Light Railway, to look at and to try things on: sashed stars, steps of logs, scraps; stars
 * on point with float, diamonds in shifted columns, a sampler in frames, a pieced border between mitred ones, stars
 * dealt out from a heap, a picture in squares.
 */
export const DEMO_QUILTS = [
  berthFour,
  sleepers,
  lostProperty,
  marlJunction,
  passingLoop,
  parcelsOffice,
  signalBox,
  leftLuggage,
  signalLamp,
] as unknown as readonly QuiltFile[]
