import type { Result } from '../core/file/problem'
import type { Quilt } from '../core/file/quilt'
import { readQuilt } from '../core/file/readQuilt'
import { readText } from '../core/file/readText'
import { withPlainSpaces } from '../words/length'
import { problemLine } from '../words/problem'
import type { Answer } from './answer'

/** Reads a quilt file from its text. */
export function readQuiltText(text: string): Result<Quilt> {
  const value = readText(text)
  return value.ok ? readQuilt(value.value) : value
}

/** Bad input: one line for each fault, nothing on standard output. */
export function refused(problems: Parameters<typeof problemLine>[0][]): Answer {
  return { exit: 2, error: problems.map(problem => `${withPlainSpaces(problemLine(problem))}\n`).join('') }
}
