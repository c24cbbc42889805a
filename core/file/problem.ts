import type { TilingFault } from '../geometry/tiling'
import type { Inches } from '../measure/ruler'

/** Where in the quilt file, in the file's own terms; list places are counted from 0. */
export type Path = readonly (string | number)[]

/** What a field wants, for the sentence "expected …". */
export type Expectation =
  | { kind: 'length'; least?: Inches; most?: Inches }
  | { kind: 'whole-number'; least: number; most: number }
  | { kind: 'number'; least: number; most: number }
  | { kind: 'one-of'; options: readonly (string | number)[] }
  | { kind: 'text'; most?: number }
  | { kind: 'id'; most?: number }
  | { kind: 'colour' }
  | { kind: 'picture' }
  | { kind: 'yes-no' }
  | { kind: 'list'; least?: number; most?: number }
  | { kind: 'object' }
  | { kind: 'date' }
  | { kind: 'point' }
  | { kind: 'letters'; count: number }
  | { kind: 'nothing' }
  | { kind: 'something-else' }

/** What each is fine by itself, and cannot be had together. */
export type Unfitting =
  | 'sashing-with-half-blocks'
  | 'stones-not-had'
  | 'sashes-both-ways-only'
  | 'stones-with-between'
  | 'sashing-without-stones'
  | 'sashing-not-outer'
  | 'sashing-with-float'
  | 'shift-with-half-blocks'
  | 'on-corner-not-square'
  | 'half-blocks-of-one'
  | 'sashes-between-rows-only'
  | 'frames-with-half-blocks'
  | 'panel-of-patches'
  | 'panel-without-room'
  | 'pieced-border-without-corners'
  | 'self-binding-without-back'
  | 'pieced-sashes-not-had'
  | 'pieced-stones-not-had'
  | 'as-you-go-not-side-by-side'
  | 'as-you-go-without-back'

/** What a quilter's input can get wrong. Sentences are made in `words/problem.ts`. */
export type Problem =
  | { code: 'expected'; path: Path; expected: Expectation; got: unknown }
  | {
      code: 'unknown-reference'
      path: Path
      to: 'cloth' | 'block' | 'design' | 'method' | 'tray' | 'heap'
      got: string
      known: readonly string[]
    }
  | { code: 'repeated'; path: Path; got: string }
  | { code: 'missing-size'; path: Path }
  | { code: 'undressed-role'; path: Path; role: string }
  | { code: 'wrong-count'; path: Path; expected: number; got: number }
  | { code: 'tiling'; path: Path; fault: TilingFault }
  | {
      code: 'sizes-differ'
      path: Path
      /** Blocks of a column or a row, all blocks, or the lengths of whole rows or columns. */
      place: 'column' | 'row' | 'all' | 'row-length' | 'column-length'
      at: number
      sizes: readonly [Inches, Inches]
    }
  | { code: 'not-together'; path: Path; what: Unfitting }
  | {
      code: 'too-much'
      path: Path
      what: 'corners' | 'patches' | 'different' | 'inches' | 'squares' | 'measures' | 'block'
      got: number
      most: number
    }
  | { code: 'not-json'; path: Path; detail: string }
  | { code: 'too-big'; path: Path; bytes: number; most: number }
  | { code: 'too-deep'; path: Path; most: number }
  | { code: 'forbidden-key'; path: Path; key: string }

export type Result<T> = { ok: true; value: T } | { ok: false; problems: Problem[] }

/** A result that holds. */
export function ok<T>(value: T): Result<T> {
  return { ok: true, value }
}

/** A result that does not hold, and why. */
export function fail<T>(problems: Problem[]): Result<T> {
  return { ok: false, problems }
}
