import { explained, splitReasons } from './explained'
import { sumOf } from './sum'

const three = sumOf([
  { what: 'finished', value: 2.5 },
  { what: 'seams', count: 2, each: 0.25 },
])

test('numbers come out bare, reasons under their paths, the rest as it was', () => {
  const rest = { a: [1, { b: null }], c: 'text' }
  const { plain, sums } = splitReasons<unknown>({
    top: explained(three),
    list: [{ width: explained(three), on: true }, 4],
    rest,
  })
  expect(plain).toEqual({ top: 3, list: [{ width: 3, on: true }, 4], rest })
  expect(Object.keys(sums).sort()).toEqual(['list.0.width', 'top'])
  expect(sums.top).toBe(three)
  // what holds no reason is not copied
  expect((plain as { rest: unknown }).rest).toBe(rest)
})
