import ICAL from 'ical.js'
import { calendarFile } from './calendarFile'

const DAYS = [
  {
    on: '2026-12-05',
    title: 'Pip’s crib, 3½″: 1 h 30',
    text: 'sew 48 × geese; press 48 × geese, and 3 more, '.repeat(4),
  },
  { on: '2026-12-31', title: 'Pip’s crib: 40 min', text: 'bind' },
]

test('a calendar reads back the days that were written, whole', () => {
  const text = calendarFile({ id: 'q1', name: 'Pip’s crib' }, DAYS)
  const events = new ICAL.Component(ICAL.parse(text) as unknown[]).getAllSubcomponents('vevent')
  const read = events.map(component => {
    const { uid, startDate, endDate, summary, description } = new ICAL.Event(component)
    return { uid, start: startDate.toString(), end: endDate.toString(), isDay: startDate.isDate, summary, description }
  })
  expect(read).toEqual([
    {
      uid: 'q1.2026-12-05@wren',
      start: '2026-12-05',
      end: '2026-12-06',
      isDay: true,
      summary: DAYS[0]!.title,
      description: DAYS[0]!.text,
    },
    {
      uid: 'q1.2026-12-31@wren',
      start: '2026-12-31',
      end: '2027-01-01',
      isDay: true,
      summary: DAYS[1]!.title,
      description: DAYS[1]!.text,
    },
  ])
})
