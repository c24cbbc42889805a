import type { Inches } from '../measure/ruler'

/** A batting as its packet describes it. */
export interface CatalogueBatting {
  id: string
  fibre: string
  loft: 'low' | 'medium' | 'high'
  colour: 'cream' | 'white' | 'black'
  maxGap: Inches
  shrink: number
  width: Inches
  length: Inches
}

/** Made up: kinds as they are commonly sold. What the packet in hand says comes before it. */
export const BATTINGS: readonly CatalogueBatting[] = [
  batting('cotton, needled', 'cotton', 'low', 'cream', 8, 0.04, 90, 108),
  batting('cotton and polyester', '80 % cotton, 20 % polyester', 'low', 'cream', 8, 0.03, 96, 120),
  batting('cotton and polyester, black', '80 % cotton, 20 % polyester', 'low', 'black', 8, 0.03, 96, 120),
  batting('wool', 'wool', 'medium', 'white', 4, 0.03, 90, 108),
  batting('polyester, flat', 'polyester', 'low', 'white', 4, 0, 90, 96),
  batting('polyester, puffy', 'polyester', 'high', 'white', 4, 0, 81, 96),
  batting('bamboo', 'bamboo and cotton', 'low', 'cream', 8, 0.04, 90, 108),
  batting('from bottles', 'recycled polyester', 'medium', 'white', 6, 0, 90, 108),
]

function batting(
  id: string,
  fibre: string,
  loft: CatalogueBatting['loft'],
  colour: CatalogueBatting['colour'],
  maxGap: Inches,
  shrink: number,
  width: Inches,
  length: Inches,
): CatalogueBatting {
  return { id, fibre, loft, colour, maxGap, shrink, width, length }
}
