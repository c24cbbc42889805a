import { amountsText, doubtText, minutesText, readyText, spanText, wayToSaveText } from './time'

const speech = { units: 'in', english: 'us' } as const

test('minutes are told as people tell them', () => {
  expect([0.4, 25, 59.6, 61, 90, 122, 598, 1440].map(minutesText)).toEqual([
    '0 min',
    '25 min',
    '1 h',
    '1 h',
    '1 h 30',
    '2 h',
    '10 h',
    '24 h',
  ])
})

test('a span says its unit once where both ends have it', () => {
  expect(spanText({ low: 960, high: 4500 })).toBe('16 to 75 h')
  expect(spanText({ low: 27, high: 400 })).toBe('27 min to 6 h 40')
  expect(spanText({ low: 20, high: 45 })).toBe('20 to 45 min')
  expect(spanText({ low: 30, high: 30 })).toBe('30 min')
})

test('what was done is counted in its own measure, one and many', () => {
  expect(amountsText({ cut: 1, sew: 30, join: 54.4 }, speech)).toMatch(
    /^1 piece cut, 30 seams sewn, 54″ of rows and borders joined$/,
  )
  expect(amountsText({}, speech)).toBe('')
  expect(doubtText(432, { cut: 12 }, speech)).toBe('7 h 10 for 12 pieces cut?')
})

test('late and in time', () => {
  expect(readyText({ last: 'Sunday', late: 1 }, true)).toBe('At this pace it is done on Sunday: 1 day too late.')
  expect(readyText({ last: 'Sunday', late: 0 }, true)).toBe('At this pace it is done on Sunday, in time.')
  expect(readyText({ last: 'Sunday', late: 0 }, false)).toBe('At this pace it is done on Sunday.')
  expect(wayToSaveText({ do: 'wider-lines', entry: 0, spacing: 4 }, speech)).toBe('Lines of quilting 4″ apart')
})
