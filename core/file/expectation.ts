import type { z } from 'zod'
import type { Expectation, Path, Problem } from './problem'

/**
 * What a field wants, as the message of its issue: Zod carries no data of ours but text. `problemsOf` reads it back;
 * the sentence is made in `words/`.
 */
export function refuse(expected: Expectation) {
  return { error: () => expectationText(expected) }
}

/** An expectation as the text that a parser's issue can carry. */
export function expectationText(expected: Expectation): string {
  return JSON.stringify(expected)
}

/** Every issue of a parse as a problem at its path. `root`: what was parsed. */
export function problemsOf(error: z.ZodError, root: unknown): Problem[] {
  return error.issues.map(issue => {
    const path = issue.path.map(step => (typeof step === 'symbol' ? String(step) : step))
    return { code: 'expected', path, expected: readExpectation(issue.message), got: valueAt(root, path) }
  })
}

/** Where Zod spoke by itself there is no expectation. */
function readExpectation(message: string): Expectation {
  return message.startsWith('{') ? (JSON.parse(message) as Expectation) : { kind: 'something-else' }
}

/** What stands at a path of anything; undefined where nothing does. */
export function valueAt(root: unknown, path: Path): unknown {
  return path.reduce<unknown>(
    (value, step) =>
      value !== null && typeof value === 'object' && Object.hasOwn(value, step)
        ? (value as Record<string | number, unknown>)[step]
        : undefined,
    root,
  )
}
