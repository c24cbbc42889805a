import { angledStrips } from './angledStrips'
import { flipCorner, squareInSquareFlip } from './flipCorner'
import { flyingGooseFlip } from './flyingGooseFlip'
import { flyingGooseFour } from './flyingGooseFour'
import { flyingGooseTriangles } from './flyingGooseTriangles'
import { foundation } from './foundation'
import { halfRectangleSingle } from './halfRectangleSingle'
import { halfSquareTriangleEight } from './halfSquareTriangleEight'
import { halfSquareTriangleFour } from './halfSquareTriangleFour'
import { halfSquareTriangleSingle } from './halfSquareTriangleSingle'
import { halfSquareTriangleTwo } from './halfSquareTriangleTwo'
import type { Method } from './method'
import { nestedStrips } from './nestedStrips'
import { quarterSquareSingle } from './quarterSquareSingle'
import { quarterSquareTwo } from './quarterSquareTwo'
import { log, rectangle } from './rectangle'
import { squareInSquareTriangles } from './squareInSquareTriangles'
import { stripSet } from './stripSet'
import { template } from './template'
import { threePatchAlike, threePatchPairs } from './threePatch'
import { triangleSingle } from './triangleSingle'
import { wedgeStripSet } from './wedgeStripSet'

/** Every way Wren knows of making a unit. A new one is a file of its own and a line here. */
export const METHODS: readonly Method[] = [
  rectangle,
  log,
  stripSet,
  halfSquareTriangleTwo,
  halfSquareTriangleEight,
  halfSquareTriangleFour,
  halfSquareTriangleSingle,
  flyingGooseFour,
  flyingGooseFlip,
  flyingGooseTriangles,
  quarterSquareTwo,
  quarterSquareSingle,
  flipCorner,
  squareInSquareTriangles,
  squareInSquareFlip,
  threePatchAlike,
  threePatchPairs,
  angledStrips,
  wedgeStripSet,
  triangleSingle,
  halfRectangleSingle,
  nestedStrips,
  template,
  foundation,
]
