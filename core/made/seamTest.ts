import { sumOf, type Sum } from '../measure/sum'
import type { Inches } from '../measure/ruler'
import type { Quilt } from '../file/quilt'
import { sewnSeam } from './measures'
import { seamTestDoubt, type SeamTestDoubt } from './seamTestDoubt'

/** Strips sewn side by side to see what the machine's seam really takes. `sewn` and `off` once they were measured. */
export interface SeamTest {
  strips: number
  cut: Inches
  expected: Sum
  measured: Inches | null
  /** Set where no seam could give what was measured: then nothing is learnt from it. */
  doubt: SeamTestDoubt | null
  sewn: Sum | null
  off: Sum | null
}

/** A seam off by less than a thread or two is as good as right. */
export const SEAM_TOLERANCE: Inches = 1 / 64

/** Two strips of 3″, or of 8 cm, unless the quilter chose others. */
const USUAL = { strips: 2, cut: { in: 3, cm: 8 / 2.54 } } as const

/** The seam test of now: what it should measure, and what its measure says. */
export function seamTest(quilt: Quilt): SeamTest {
  const test = quilt.made.findLast(entry => entry.what === 'seam-test')
  const strips = test?.strips ?? USUAL.strips
  const cut = test?.cut ?? USUAL.cut[quilt.units]
  const measured = test?.measured ?? null
  const seams = 2 * (strips - 1)
  const expected = sumOf([
    { what: 'strips', count: strips, each: cut },
    { what: 'seams', count: -seams, each: quilt.seam },
  ])
  const doubt = measured === null ? null : seamTestDoubt(quilt.units, { strips, cut, measured }, quilt.seam)
  if (measured === null || doubt) return { strips, cut, expected, measured, doubt, sewn: null, off: null }
  const sewn = sewnSeam(strips, cut, measured)
  return {
    strips,
    cut,
    expected,
    measured,
    doubt,
    sewn: sumOf(
      [{ what: 'share-of-each-allowance', value: sewn }],
      [
        { what: 'strips', count: strips, each: cut },
        { what: 'measure', value: measured },
        { what: 'allowances-in-seams', value: seams },
      ],
    ),
    off: sumOf([
      { what: 'seam-sewn', value: sewn },
      { what: 'seam-wanted', value: -quilt.seam },
    ]),
  }
}
