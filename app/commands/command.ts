/** Something that can be done from anywhere. Pressed in the list of commands, or by its keys. */
export interface Command {
  id: string
  name: string
  icon: string
  /** As `keysPressed` names them; two after each other with a space: "g 1", "Ctrl Z". */
  keys?: string
  /** The same, by the habit of other programs. */
  otherKeys?: string
  /** Its keys work also in a field. */
  whileTyping?: boolean
  /** Other words people look for it by, UK and US. */
  words?: string
  run: () => void
}
