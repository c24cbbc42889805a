import type { Strip } from '../core/cut/cutPiece'
import { layoutFaults } from '../core/cut/layoutCheck'
import { spawnSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { schemaText } from './schemaText'

const wren = (args: string[], input = '') =>
  spawnSync(process.execPath, ['cli/start.mjs', ...args], { input, encoding: 'utf8' })
const sample = readFileSync('core/file/sample.wren.json', 'utf8')
interface Loose {
  setting: { across: unknown }
  cloths: { width: unknown }[]
}
const bad = (change: (file: Loose) => unknown) => {
  const file = JSON.parse(sample) as Loose
  change(file)
  return JSON.stringify(file)
}

test('plan of the sample, from a file and from standard input alike', () => {
  const fromFile = wren(['plan', 'core/file/sample.wren.json'])
  expect(fromFile.status).toBe(0)
  const plan = JSON.parse(fromFile.stdout) as { quilt: unknown; checks: { text: string }[] }
  expect(plan.quilt).toMatchObject({
    width: 60,
    height: 81,
    edged: { width: 60.5, height: 81.5 },
    blocks: 35,
    patches: 323,
  })
  expect(plan.checks.every(check => check.text.length > 20)).toBe(true)
  expect(wren(['plan', '-'], sample).stdout).toBe(fromFile.stdout)
})

test.each<[string, string, string[]]>([
  [
    'a wrong number',
    bad(file => {
      file.setting.across = 'many'
    }),
    ['setting.across: expected a whole number from 1 to 200, got "many"'],
  ],
  [
    'a wrong length',
    bad(file => {
      file.cloths[0]!.width = 'wide'
    }),
    ['cloths.0.width: expected a length such as 12 1/2 (at least 1″), got "wide"'],
  ],
  [
    'two faults',
    bad(file => {
      Object.assign(file, { seam: 'thin', margin: 'some' })
    }),
    ['seam: expected a length', 'margin: expected a number from 0 to 2, got "some"'],
  ],
  ['no JSON', '{', ['file: this is not a quilt file']],
  ['nothing', '', ['file: this is not a quilt file']],
  ['a list', '[]', ['file: expected a group of fields in braces, got a list']],
])('bad input: %s', (_, text, lines) => {
  for (const command of ['plan', 'check']) {
    const { status, stdout, stderr } = wren([command, '-'], text)
    expect([status, stdout]).toEqual([2, ''])
    expect(stderr.trim().split('\n')).toHaveLength(lines.length)
    for (const line of lines) expect(stderr).toContain(line)
    expect(stderr).not.toMatch(/\bat .*:\d+:\d+/)
  }
})

test('check says what is wrong, and exits 1 when the quilt cannot be made', () => {
  expect(wren(['check', '-'], sample)).toMatchObject({ status: 0 })
  const tooLarge = bad(file =>
    Object.assign(file, {
      blocks: [{ id: 'star', design: 'plain', size: 50, cloths: { cloth: 'red' } }],
      setting: { across: 1, down: 1 },
    }),
  )
  const { status, stdout } = wren(['check', '-'], tooLarge)
  expect(status).toBe(1)
  expect(stdout).toContain('error piece-too-large')
  expect(wren(['plan', '-'], tooLarge).status).toBe(0)
})

test('cut: the agreed order, and faults with their paths', () => {
  const order = { width: 42, pieces: [{ id: 'a', width: 3.5, height: 6.5, count: 40, turn: true }], time: 0.1 }
  const { status, stdout } = wren(['cut', '-'], JSON.stringify(order))
  expect(status).toBe(0)
  expect(JSON.parse(stdout)).toMatchObject({ length: 23, proved: false, by: 'greedy' })
  const whole = { width: 42, pieces: [{ id: 'a', width: 21, height: 6.5, count: 4, turn: false }], time: 0.1 }
  expect(JSON.parse(wren(['cut', '-'], JSON.stringify(whole)).stdout)).toMatchObject({ length: 13, proved: true })
  const fats = { ...order, sheets: [{ width: 21, height: 18, count: 9 }] }
  const onSheets = JSON.parse(wren(['cut', '-'], JSON.stringify(fats)).stdout) as { strips: Strip[] }
  // six of them across and two down, or three across and five down: fifteen
  expect(onSheets).toMatchObject({ length: 3, bound: 3, proved: true, opened: [0, 0, 0] })
  expect(layoutFaults(order.pieces, onSheets.strips, 21, 18, 18)).toEqual([])
  const tooFew = wren(['cut', '-'], JSON.stringify({ ...order, sheets: [{ width: 21, height: 18, count: 2 }] }))
  expect(tooFew).toMatchObject({ status: 2, stdout: '' })
  expect(tooFew.stderr).toContain('no room on the pieces of cloth there are')
  const faulty = wren(['cut', '-'], JSON.stringify({ ...order, pieces: [{ ...order.pieces[0], count: 0 }] }))
  expect(faulty).toMatchObject({ status: 2, stdout: '' })
  expect(faulty.stderr).toContain('pieces.0.count: expected a whole number from 1 to 100000, got 0')
})

test('designs: as many roles and patches as drawn', () => {
  const designs = JSON.parse(wren(['designs']).stdout) as { id: string; roles: string[]; patches: unknown[] }[]
  expect(designs.length).toBeGreaterThanOrEqual(17)
  expect(designs.find(design => design.id === 'sawtooth-star')).toMatchObject({
    roles: ['ground', 'star'],
    width: 4,
    height: 4,
  })
})

test('unknown commands and missing files', () => {
  expect(wren(['sew']).status).toBe(2)
  expect(wren(['plan', 'no-such-file.json'])).toMatchObject({
    status: 2,
    stdout: '',
    stderr: 'file: cannot read no-such-file.json\n',
  })
})

test('docs/file-format.schema.json is the schema of today', () => {
  expect(readFileSync('docs/file-format.schema.json', 'utf8')).toBe(schemaText())
})
