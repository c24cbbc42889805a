/** Keys that work on every station: g and a number, Ctrl Z, Ctrl K, ?. Letters do nothing while something is typed. */
export function useStationKeys({ onFind, onHelp }: { onFind: () => void; onHelp: () => void }) {
  const store = useQuilt()
  let lastG = 0
  useEventListener('keydown', (event: KeyboardEvent) => {
    const control = event.ctrlKey || event.metaKey
    const isTyping =
      event.target instanceof HTMLElement && event.target.matches('input, textarea, select, [contenteditable]')
    if (control && event.key.toLowerCase() === 'k') onFind()
    else if (control && event.shiftKey && event.key.toLowerCase() === 'z' && !isTyping) (undoHere() ?? store).redo()
    else if (control && event.key.toLowerCase() === 'z' && !isTyping) (undoHere() ?? store).undo()
    else if (control && event.key.toLowerCase() === 'y' && !isTyping) (undoHere() ?? store).redo()
    else if (isTyping || control || event.altKey) return
    else if (event.key === '?') onHelp()
    else if (event.key === 'g') {
      lastG = event.timeStamp
      return
    } else if (/^[1-6]$/.test(event.key) && event.timeStamp - lastG < 1500)
      void navigateTo(toPage(STATIONS[Number(event.key) - 1]!.id))
    else return
    event.preventDefault()
  })
}
