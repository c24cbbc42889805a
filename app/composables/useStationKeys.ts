import type { Command } from '~/commands/command'
import { keysPressed } from '~/commands/keysPressed'

/** So long the second of two keys is waited for. */
const SECOND_KEY_MS = 1500

/** The keys of commands, on every station. Letters do nothing while something is typed. */
export function useStationKeys(commands: Readonly<Ref<readonly Command[]>>) {
  let first = { keys: '', at: 0 }
  useEventListener('keydown', (event: KeyboardEvent) => {
    const isTyping =
      event.target instanceof HTMLElement && event.target.matches('input, textarea, select, [contenteditable]')
    if (event.altKey) return
    const pressed = keysPressed(event)
    const both = event.timeStamp - first.at < SECOND_KEY_MS ? `${first.keys} ${pressed}` : pressed
    first = { keys: pressed, at: event.timeStamp }
    const command = commands.value.find(
      ({ keys, otherKeys, whileTyping }) =>
        (!isTyping || whileTyping) && [keys, otherKeys].some(own => own === pressed || own === both),
    )
    if (!command) return
    event.preventDefault()
    command.run()
  })
}
