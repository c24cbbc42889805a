/** Something that can be done from anywhere. Pressed in the list of commands, or by its keys. */
export interface Command {
  id: string
  name: string
  icon: string
  /** As they are written in the list of keys. */
  keys?: string
  /** Other words people look for it by, UK and US. */
  words?: string
  run: () => void
}
