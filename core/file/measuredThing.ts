// What a measure in the record is of. The file says it in a word (`border-1-first`); nobody else takes that apart.

/** Rows and borders are counted from 1. `other`: kept as it was written, and replaces nothing. */
export type MeasuredThing =
  | { kind: 'seam-test' | 'block' | 'setting' | 'trimmed' | 'other' }
  | { kind: 'row'; row: number }
  | { kind: 'border'; border: number; isFirst: boolean }

/** The top at one step of its growth, as the record names it. */
export type StageKey = 'setting' | 'trimmed' | `border-${number}` | `border-${number}-first`
export type MeasureKey = StageKey | 'seam-test' | 'block' | `row-${number}`

const WORDS = ['seam-test', 'block', 'setting', 'trimmed'] as const

/** What the `what` of an entry of `made` means. */
export function measuredThing(key: string): MeasuredThing {
  const word = WORDS.find(name => name === key)
  if (word) return { kind: word }
  const row = /^row-(\d+)$/.exec(key)
  if (row) return { kind: 'row', row: Number(row[1]) }
  const border = /^border-(\d+)(-first)?$/.exec(key)
  if (border) return { kind: 'border', border: Number(border[1]), isFirst: border[2] !== undefined }
  return { kind: 'other' }
}

/** The stage of the top that was measured; null: it was something else. */
export function stageOf(key: string): StageKey | null {
  const { kind } = measuredThing(key)
  return kind === 'setting' || kind === 'trimmed' || kind === 'border' ? (key as StageKey) : null
}
