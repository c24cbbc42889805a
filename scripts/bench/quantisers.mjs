// How near a picture in few colours looks to itself: by Wren's own cloths, and by two well-known quantisers whose
// squares are given to the nearest colour by CIEDE2000 too.
import { differenceCiede2000 } from 'culori'
import { applyPaletteSync, buildPaletteSync, utils } from 'image-q'

const apart = differenceCiede2000()

/** Of 0 to 1. */
const encoded = light => (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055)
const byte = light => Math.round(255 * Math.min(1, Math.max(0, encoded(light))))
const labOfBytes = (bytes, i) => ({
  mode: 'rgb',
  r: bytes[4 * i] / 255,
  g: bytes[4 * i + 1] / 255,
  b: bytes[4 * i + 2] / 255,
})

/** The mean difference of all squares, by the quantiser's name. `light`: columns, rows, three numbers a square. */
export function meanDifferences({ columns, rows, light }, reduced, count) {
  const squares = columns * rows
  const bytes = new Uint8Array(4 * squares).fill(255)
  for (let i = 0; i < 3 * squares; i++) bytes[4 * Math.floor(i / 3) + (i % 3)] = byte(light[i])
  const mean = colourOf => {
    let sum = 0
    for (let i = 0; i < squares; i++) sum += apart(labOfBytes(bytes, i), colourOf(i))
    return sum / squares
  }
  const by = paletteQuantization => {
    const all = utils.PointContainer.fromUint8Array(bytes.slice(), columns, rows)
    const how = { colors: count, paletteQuantization, colorDistanceFormula: 'ciede2000' }
    const palette = buildPaletteSync([all], how)
    const quantised = applyPaletteSync(all, palette, { ...how, imageQuantization: 'nearest' }).toUint8Array()
    return mean(i => labOfBytes(quantised, i))
  }
  return {
    own: mean(i => ({ mode: 'lab65', ...reduced.colours[reduced.cloth[i]] })),
    NeuQuant: by('neuquant'),
    Wu: by('wuquant'),
  }
}
