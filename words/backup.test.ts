import { bytesText, isBackupDue, lastBackupText } from './backup'

const on = (day: number) => new Date(Date.UTC(2026, 11, day)).toISOString()

test('when a backup was made is told in days, also when the clock went backwards since', () => {
  expect(lastBackupText(null, on(3), 4)).toBe('No backup was made in this browser yet.')
  expect(lastBackupText(on(3), on(3), 0)).toBe('The last backup was made today; nothing has changed since.')
  expect(lastBackupText(on(2), on(3), 1)).toBe('The last backup was made yesterday; 1 quilt changed since.')
  expect(lastBackupText(on(1), on(20), 5)).toBe('The last backup was made 19 days ago; 5 quilts changed since.')
  expect(lastBackupText(on(20), on(1), 5)).toBe('The last backup was made today; 5 quilts changed since.')
})

test('a backup is due when work is old enough to be missed, and never where nothing changed', () => {
  expect(isBackupDue(null, on(20), [])).toBe(false)
  expect(isBackupDue(null, on(3), [on(3), on(2)])).toBe(false)
  expect(isBackupDue(null, on(9), [on(9), on(2)])).toBe(true)
  expect(isBackupDue(on(1), on(14), [on(2)])).toBe(false)
  expect(isBackupDue(on(1), on(16), [on(2)])).toBe(true)
  expect(isBackupDue(on(1), on(16), [])).toBe(false)
  expect(isBackupDue(on(20), on(1), [on(2)])).toBe(false)
})

test('bytes are told as people say them', () => {
  expect([10, 4200, 3_140_000, 5_400_000_000].map(bytesText)).toEqual(['1 kB', '4 kB', '3.1 MB', '5.4 GB'])
})
