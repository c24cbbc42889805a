/** How the keys of an event are written: "Ctrl Shift Z", "?", "g". Command on some keyboards stands for Ctrl. */
export function keysPressed(event: Pick<KeyboardEvent, 'key' | 'ctrlKey' | 'metaKey' | 'shiftKey'>): string {
  if (!event.ctrlKey && !event.metaKey) return event.key
  return ['Ctrl', ...(event.shiftKey ? ['Shift'] : []), event.key.toUpperCase()].join(' ')
}
