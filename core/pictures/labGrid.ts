import type { LightGrid } from './averaged'

/** Colours of squares row by row, three numbers each: CIE 1976 L*, a*, b* under D65. */
export interface LabGrid {
  columns: number
  rows: number
  lab: Float32Array
}

/** Light to colours as the eye sees them, rounded so that like squares count as like on every machine. */
export function labGrid({ columns, rows, light }: LightGrid, contrast = 1): LabGrid {
  const lab = new Float32Array(light.length)
  for (let i = 0; i < light.length; i += 3) {
    const [l, a, b] = labOfLight(light[i]!, light[i + 1]!, light[i + 2]!)
    lab[i] = l
    lab[i + 1] = a
    lab[i + 2] = b
  }
  if (contrast !== 1) stretch(lab, contrast)
  for (let i = 0; i < lab.length; i++) lab[i] = Math.round(lab[i]! * 100) / 100
  return { columns, rows, lab }
}

/** Light and dark further apart, or nearer, round the mean. */
function stretch(lab: Float32Array, contrast: number): void {
  const count = lab.length / 3
  let sum = 0
  for (let i = 0; i < lab.length; i += 3) sum += lab[i]!
  const mean = sum / count
  for (let i = 0; i < lab.length; i += 3) lab[i] = Math.min(100, Math.max(0, mean + (lab[i]! - mean) * contrast))
}

/** Source: IEC 61966-2-1 primaries; CIE 15, L*a*b*. */
function labOfLight(red: number, green: number, blue: number): [number, number, number] {
  const x = (0.4123908 * red + 0.35758434 * green + 0.18048079 * blue) / 0.9504559
  const y = 0.21263901 * red + 0.71516868 * green + 0.07219232 * blue
  const z = (0.01933082 * red + 0.11919478 * green + 0.95053215 * blue) / 1.0890578
  const f = (t: number) => (t > 216 / 24389 ? Math.cbrt(t) : ((24389 / 27) * t + 16) / 116)
  const [fx, fy, fz] = [f(x), f(y), f(z)]
  return [116 * fy - 16, 500 * (fx - fy), 200 * (fy - fz)]
}
