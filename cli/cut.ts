import { z } from 'zod'
import { layOut } from '../core/cutting/layout'
import { parseLength } from '../core/measure/length'
import { refuse } from '../core/quilt/fields'
import type { Expectation } from '../core/quilt/problem'
import { readText } from '../core/quilt/readText'
import { problemLine } from '../words/problem'
import type { Answer } from './answer'
import { refused } from './readFile'

const length = z.union([z.number(), z.string()], refuse({ kind: 'length', least: 0.1 })).transform((value, context) => {
  const inches = parseLength(value, 'in')
  if (inches !== null && inches >= 0.1 && inches <= 4000) return inches
  context.addIssue({ code: 'custom', message: JSON.stringify({ kind: 'length', least: 0.1 } satisfies Expectation), input: value })
  return z.NEVER
})
const COUNT = { kind: 'whole-number', least: 1, most: 100_000 } as const
const TIME = { kind: 'number', least: 0, most: 600 } as const
const order = z.object({
  width: length,
  pieces: z.array(z.object({
    id: z.string(refuse({ kind: 'id' })), width: length, height: length, turn: z.boolean(refuse({ kind: 'yes-no' })).default(false),
    count: z.number(refuse(COUNT)).int(refuse(COUNT)).min(COUNT.least, refuse(COUNT)).max(COUNT.most, refuse(COUNT)),
  }, refuse({ kind: 'object' })), refuse({ kind: 'list' })),
  time: z.number(refuse(TIME)).min(TIME.least, refuse(TIME)).max(TIME.most, refuse(TIME)).default(0),
}, refuse({ kind: 'object' }))

/** Lays out one order, thinking for its `time` in seconds, less when nothing can be shorter. */
export function cut(text: string): Answer {
  const value = readText(text)
  if (!value.ok) return refused(value.problems)
  const parsed = order.safeParse(value.value)
  if (!parsed.success) {
    return refused(parsed.error.issues.map(issue => ({
      code: 'expected', path: issue.path.map(step => typeof step === 'symbol' ? String(step) : step),
      expected: issue.message.startsWith('{') ? JSON.parse(issue.message) as Expectation : { kind: 'something-else' },
      got: issue.path.reduce<unknown>((at, step) => (at as Record<PropertyKey, unknown> | undefined)?.[step], value.value),
    })))
  }
  const { width, pieces, time } = parsed.data
  const repeated = pieces.findIndex((piece, i) => pieces.findIndex(other => other.id === piece.id) !== i)
  if (repeated >= 0) return refused([{ code: 'repeated', path: ['pieces', repeated, 'id'], got: pieces[repeated]!.id }])
  const started = performance.now()
  const seconds = () => (performance.now() - started) / 1000
  const layout = layOut(pieces, width, { stop: tries => tries >= 4 && seconds() >= time })
  if (layout.unplaced.length > 0) {
    return { exit: 2, error: layout.unplaced.map(piece => `${problemLine({ code: 'expected', path: ['pieces', pieces.findIndex(p => p.id === piece.id), 'width'], expected: { kind: 'length' }, got: piece.width })}: wider than the cloth\n`).join('') }
  }
  return { exit: 0, output: `${JSON.stringify({ length: layout.length, bound: layout.bound, strips: layout.strips, time: seconds() })}\n` }
}
