import ical from 'ical-generator'

/** A day's work as a calendar shows it. */
export interface CalendarDay {
  /** The day, as ISO text. */
  on: string
  title: string
  text: string
}

/**
 * Days of work as a calendar file (iCalendar, RFC 5545), each for its whole day: Wren knows how long, not at which
 * hour. A day written again takes the place of the one before.
 */
export function calendarFile(quilt: { id: string; name: string }, days: readonly CalendarDay[]): string {
  const calendar = ical({ name: quilt.name, prodId: { company: 'Wren', product: 'Wren' } })
  for (const { on, title, text } of days) {
    // days are written by the clock of Greenwich, wherever the computer is
    const start = new Date(`${on}T00:00:00Z`)
    calendar.createEvent({
      id: `${quilt.id}.${on}@wren`,
      start,
      end: new Date(start.getTime() + 86_400_000),
      allDay: true,
      floating: true,
      summary: title,
      description: text,
    })
  }
  return calendar.toString()
}
