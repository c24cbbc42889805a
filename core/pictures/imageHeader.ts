// In: the first bytes of a picture file. Out: what it is and how large, before anything is decoded.

/** The most pixels that are decoded: a gigabyte of them ends a page. */
export const MAX_PIXELS = 80_000_000
/** The size stands within these, whatever a camera writes before it. */
export const HEADER_BYTES = 4_000_000

/** What is said of a picture that is taken all the same. */
export type ImageNote = 'sixteen-bits' | 'four-colours' | 'several-frames'

export type ImageHeader =
  | { ok: true; kind: 'png' | 'jpeg'; width: number; height: number; notes: ImageNote[] }
  | { ok: false; code: 'not-a-picture' | 'other-kind' | 'broken' | 'too-small' }
  | { ok: false; code: 'too-large'; width: number; height: number }

/** PNG and JPEG by their own headers. `bytes`: as many as are at hand; those of a whole file are best. */
export function readImageHeader(bytes: Uint8Array): ImageHeader {
  if (startsWith(bytes, [0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])) return judged(pngHeader(bytes))
  if (startsWith(bytes, [0xff, 0xd8, 0xff])) return judged(jpegHeader(bytes))
  const isOther = OTHER_KINDS.some(({ at, text }) => textAt(bytes, at, text.length) === text)
  return { ok: false, code: isOther ? 'other-kind' : 'not-a-picture' }
}

/** Pictures of other kinds by what they begin with: GIF, WebP, BMP, TIFF, HEIC and AVIF, SVG. */
const OTHER_KINDS = [
  { at: 0, text: 'GIF8' },
  { at: 8, text: 'WEBP' },
  { at: 0, text: 'BM' },
  { at: 0, text: 'II*\0' },
  { at: 0, text: 'MM\0*' },
  { at: 4, text: 'ftyp' },
  { at: 0, text: '<svg' },
  { at: 0, text: '<?xml' },
]

type Found = Extract<ImageHeader, { ok: true }> | null

function judged(found: Found): ImageHeader {
  if (!found || found.width === 0 || found.height === 0) return { ok: false, code: 'broken' }
  const { width, height } = found
  if (width * height > MAX_PIXELS) return { ok: false, code: 'too-large', width, height }
  return width * height < 2 ? { ok: false, code: 'too-small' } : found
}

function pngHeader(bytes: Uint8Array): Found {
  if (bytes.length < 33 || textAt(bytes, 12, 4) !== 'IHDR') return null
  const notes: ImageNote[] = []
  if (bytes[24] === 16) notes.push('sixteen-bits')
  for (let at = 8; at + 8 <= bytes.length;) {
    const kind = textAt(bytes, at + 4, 4)
    if (kind === 'IDAT' || kind === 'IEND') break
    if (kind === 'acTL') notes.push('several-frames')
    at += 12 + uint(bytes, at, 4)
  }
  return { ok: true, kind: 'png', width: uint(bytes, 16, 4), height: uint(bytes, 20, 4), notes }
}

/** Walks from marker to marker to the one that says the frame's size. Source: ITU-T T.81, B.2. */
function jpegHeader(bytes: Uint8Array): Found {
  for (let at = 2; at + 9 < bytes.length;) {
    if (bytes[at] !== 0xff) return null
    const marker = bytes[at + 1]!
    // fill bytes and markers without a length
    if (marker === 0xff || marker === 0x01 || (marker >= 0xd0 && marker <= 0xd7)) {
      at += marker === 0xff ? 1 : 2
      continue
    }
    if (marker === 0xd9 || marker === 0xda) return null
    const isFrame = marker >= 0xc0 && marker <= 0xcf && marker !== 0xc4 && marker !== 0xc8 && marker !== 0xcc
    if (isFrame)
      return {
        ok: true,
        kind: 'jpeg',
        height: uint(bytes, at + 5, 2),
        width: uint(bytes, at + 7, 2),
        notes: bytes[at + 9] === 4 ? ['four-colours'] : [],
      }
    at += 2 + uint(bytes, at + 2, 2)
  }
  return null
}

function startsWith(bytes: Uint8Array, begin: readonly number[]): boolean {
  return begin.every((byte, i) => bytes[i] === byte)
}

function textAt(bytes: Uint8Array, at: number, length: number): string {
  return String.fromCharCode(...bytes.subarray(at, at + length))
}

function uint(bytes: Uint8Array, at: number, length: number): number {
  let value = 0
  for (let i = 0; i < length; i++) value = value * 256 + (bytes[at + i] ?? 0)
  return value
}
