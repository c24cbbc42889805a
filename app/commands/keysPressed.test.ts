import { keysPressed } from './keysPressed'

const keys = (key: string, held: Partial<Parameters<typeof keysPressed>[0]> = {}) =>
  keysPressed({ key, ctrlKey: false, metaKey: false, shiftKey: false, ...held })

test('keys are written as commands name them, whatever the keyboard', () => {
  expect(keys('g')).toBe('g')
  // the sign that Shift made
  expect(keys('?', { shiftKey: true })).toBe('?')
  expect(keys('k', { ctrlKey: true })).toBe('Ctrl K')
  expect(keys('k', { metaKey: true })).toBe('Ctrl K')
  expect(keys('z', { ctrlKey: true })).toBe('Ctrl Z')
  expect(keys('Z', { ctrlKey: true, shiftKey: true })).toBe('Ctrl Shift Z')
})
