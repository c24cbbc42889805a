import { INCHES_PER_CM, type Inches } from './ruler'

export type Units = 'in' | 'cm'

/** What a quilter takes for granted in each system; all in inches. */
export interface UnitDefaults {
  seam: Inches
  ruler: Inches
  selvage: Inches
  clothWidth: Inches
  bindingStrip: Inches
  /** Of a binding that has a flange. */
  flangedStrip: Inches
  /** What the back is larger, each side, to be brought round. */
  selfBinding: Inches
  /** What backs have beyond the batting, where blocks are quilted one by one. */
  asYouGo: Inches
  /** Of a border and of sashes that are put in. */
  borderWidth: Inches
  sashWidth: Inches
  /** Of the pieces of a back from leftovers, finished. */
  narrowestPiece: Inches
  /** What back and batting have beyond the top, each side. */
  backOverhang: Inches
  battingOverhang: Inches
  /** Of quilting: between lines, from a seam, and of a motif. */
  quiltingSpacing: Inches
  echoDistance: Inches
  motifSize: Inches
  /** Round a rod, of the square that is folded to a corner, and of a label. */
  sleeveGirth: Inches
  cornerSquare: Inches
  labelWidth: Inches
  labelHeight: Inches
  /** Of a bed: how thick its mattress is, and how far a quilt hangs down at its sides. */
  mattressDepth: Inches
  bedDrop: Inches
  /** Widths that are proposed are multiples of this. */
  widthStep: Inches
  /** Length to buy is rounded up to this: ⅛ yard or 10 cm. */
  buyStep: Inches
  /** Cloth is priced by this length: a yard or a metre. */
  pricedLength: Inches
}

const cm = (value: number): Inches => value * INCHES_PER_CM

export const UNIT_DEFAULTS: Readonly<Record<Units, UnitDefaults>> = {
  in: {
    seam: 1 / 4,
    ruler: 1 / 8,
    selvage: 1,
    clothWidth: 42,
    bindingStrip: 2.25,
    flangedStrip: 1.5,
    selfBinding: 1.25,
    asYouGo: 1,
    borderWidth: 3,
    sashWidth: 1.5,
    narrowestPiece: 1.5,
    backOverhang: 4,
    battingOverhang: 3,
    quiltingSpacing: 2,
    echoDistance: 1 / 4,
    motifSize: 6,
    sleeveGirth: 5,
    cornerSquare: 5,
    labelWidth: 5,
    labelHeight: 3.5,
    mattressDepth: 10,
    bedDrop: 12,
    widthStep: 1 / 4,
    buyStep: 4.5,
    pricedLength: 36,
  },
  cm: {
    seam: cm(0.75),
    ruler: cm(0.1),
    selvage: cm(2.5),
    clothWidth: cm(110),
    bindingStrip: cm(6),
    flangedStrip: cm(4),
    selfBinding: cm(3),
    asYouGo: cm(2.5),
    borderWidth: cm(7.5),
    sashWidth: cm(4),
    narrowestPiece: cm(4),
    backOverhang: cm(10),
    battingOverhang: cm(7.5),
    quiltingSpacing: cm(5),
    echoDistance: cm(0.6),
    motifSize: cm(15),
    sleeveGirth: cm(13),
    cornerSquare: cm(13),
    labelWidth: cm(13),
    labelHeight: cm(9),
    mattressDepth: cm(25),
    bedDrop: cm(30),
    widthStep: cm(0.5),
    buyStep: cm(10),
    pricedLength: cm(100),
  },
}

export function toInches(value: number, units: Units): Inches {
  return units === 'cm' ? value * INCHES_PER_CM : value
}

/** The number to write in a file of these units. Centimetres lose the dust of the conversion (1e-9 cm). */
export function fromInches(value: Inches, units: Units): number {
  return units === 'cm' ? Math.round((value / INCHES_PER_CM) * 1e9) / 1e9 : value
}
