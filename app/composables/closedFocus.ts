/**
 * For a list that closes when something is taken from it: where that has put the focus elsewhere it stays there, else
 * it goes back to what opened the list.
 */
export function leaveMovedFocus(event: Event) {
  if (document.activeElement && document.activeElement !== document.body) event.preventDefault()
}
