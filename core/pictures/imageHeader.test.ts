import { MAX_PIXELS, readImageHeader } from './imageHeader'

const big = (value: number, length: number) =>
  Array.from({ length }, (_, i) => Math.floor(value / 256 ** (length - 1 - i)) % 256)
const text = (word: string) => [...word].map(letter => letter.charCodeAt(0))

function png(width: number, height: number, bits = 8, chunks: number[] = []): Uint8Array {
  const header = [...big(13, 4), ...text('IHDR'), ...big(width, 4), ...big(height, 4), bits, 6, 0, 0, 0, 0, 0, 0, 0]
  return Uint8Array.from([0x89, ...text('PNG'), 13, 10, 26, 10, ...header, ...chunks, ...big(0, 4), ...text('IDAT')])
}
/** With a thumbnail's frame hidden in a segment before the true one, as cameras do. */
function jpeg(width: number, height: number, components = 3): Uint8Array {
  const frame = (w: number, h: number, n: number) => [0xff, 0xc0, ...big(17, 2), 8, ...big(h, 2), ...big(w, 2), n]
  const hidden = frame(160, 120, 3)
  return Uint8Array.from([
    ...[0xff, 0xd8, 0xff, 0xe1, ...big(hidden.length + 2, 2), ...hidden],
    ...[0xff, 0xc4, ...big(4, 2), 0, 0],
    ...frame(width, height, components),
    ...Array<number>(12).fill(0),
  ])
}

test('the size of a picture is read from its header alone, the hidden small one passed over', () => {
  expect(readImageHeader(png(400, 300))).toEqual({ ok: true, kind: 'png', width: 400, height: 300, notes: [] })
  expect(readImageHeader(jpeg(4000, 3000))).toEqual({ ok: true, kind: 'jpeg', width: 4000, height: 3000, notes: [] })
})

test('a small file of enormous pixels is refused, sixty megapixels are not', () => {
  expect(readImageHeader(png(30000, 30000))).toEqual({ ok: false, code: 'too-large', width: 30000, height: 30000 })
  expect(readImageHeader(jpeg(9000, 6700)).ok).toBe(true)
  expect(9000 * 6700).toBeLessThan(MAX_PIXELS)
})

test('what is taken with a word: sixteen bits, four colours, several frames', () => {
  expect(readImageHeader(png(9, 9, 16))).toMatchObject({ notes: ['sixteen-bits'] })
  expect(readImageHeader(jpeg(9, 9, 4))).toMatchObject({ notes: ['four-colours'] })
  const frames = [...big(8, 4), ...text('acTL'), ...Array<number>(12).fill(0)]
  expect(readImageHeader(png(9, 9, 8, frames))).toMatchObject({ notes: ['several-frames'] })
})

test('what is none is refused: other kinds, broken and empty files, one pixel', () => {
  const code = (bytes: Uint8Array) => readImageHeader(bytes)
  expect(code(Uint8Array.from(text('GIF89a…')))).toEqual({ ok: false, code: 'other-kind' })
  expect(code(Uint8Array.from(text('RIFF0000WEBPVP8')))).toEqual({ ok: false, code: 'other-kind' })
  expect(code(Uint8Array.from(text('hello')))).toEqual({ ok: false, code: 'not-a-picture' })
  expect(code(new Uint8Array())).toEqual({ ok: false, code: 'not-a-picture' })
  expect(code(jpeg(40, 40).subarray(0, 20))).toEqual({ ok: false, code: 'broken' })
  expect(code(png(40, 40).subarray(0, 20))).toEqual({ ok: false, code: 'broken' })
  expect(code(png(0, 40))).toEqual({ ok: false, code: 'broken' })
  expect(code(png(1, 1))).toEqual({ ok: false, code: 'too-small' })
})
