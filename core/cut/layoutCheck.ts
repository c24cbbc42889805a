import type { Strip } from './cutPiece'

interface Wanted {
  id: string
  width: number
  height: number
  count: number
  turn: boolean
}

/**
 * What is wrong with a layout, in plain words for a developer; empty when it can be cut. Shares no code with the
 * solver: every piece as often as wanted and of its size, inside its strip and the cloth, nothing over anything else.
 */
export function layoutFaults(
  pieces: readonly Wanted[],
  strips: readonly Strip[],
  usable: number,
  length: number,
  sheetLength = Infinity,
): string[] {
  const faults: string[] = []
  const near = 1e-5
  const counts = new Map<string, number>()
  for (const [s, strip] of strips.entries()) {
    if (strip.x < -near || strip.x + strip.width > usable + near) faults.push(`strip ${s} leaves the cloth`)
    if (strip.y < -near || strip.y + strip.height > (sheetLength === Infinity ? length : sheetLength) + near)
      faults.push(`strip ${s} ends beyond the cloth`)
    for (const cut of strip.cuts) {
      counts.set(cut.piece, (counts.get(cut.piece) ?? 0) + 1)
      const piece = pieces.find(candidate => candidate.id === cut.piece)
      if (!piece) {
        faults.push(`strip ${s} cuts ${cut.piece}, which nobody wants`)
        continue
      }
      const straight = Math.abs(cut.width - piece.width) < near && Math.abs(cut.height - piece.height) < near
      const turned = Math.abs(cut.width - piece.height) < near && Math.abs(cut.height - piece.width) < near
      if (!straight && !(turned && piece.turn)) faults.push(`${cut.piece} is cut ${cut.width} by ${cut.height}`)
      if (
        cut.x < strip.x - near
        || cut.y < strip.y - near
        || cut.x + cut.width > strip.x + strip.width + near
        || cut.y + cut.height > strip.y + strip.height + near
      ) {
        faults.push(`${cut.piece} leaves strip ${s}`)
      }
    }
    strip.cuts.forEach((a, i) =>
      strip.cuts.slice(i + 1).forEach(b => {
        if (overlap(a, b, near)) faults.push(`${a.piece} and ${b.piece} overlap in strip ${s}`)
      }),
    )
  }
  strips.forEach((a, i) =>
    strips.slice(i + 1).forEach((b, j) => {
      if (a.sheet === b.sheet && overlap(a, b, near)) faults.push(`strips ${i} and ${i + 1 + j} overlap`)
    }),
  )
  for (const piece of pieces)
    if ((counts.get(piece.id) ?? 0) !== piece.count)
      faults.push(`${piece.id}: ${counts.get(piece.id) ?? 0} of ${piece.count}`)
  return faults
}

interface Rectangle {
  x: number
  y: number
  width: number
  height: number
}

function overlap(a: Rectangle, b: Rectangle, near: number): boolean {
  return (
    a.x + a.width > b.x + near
    && b.x + b.width > a.x + near
    && a.y + a.height > b.y + near
    && b.y + b.height > a.y + near
  )
}
