/** What a command has to say. */
export interface Answer {
  exit: 0 | 1 | 2
  output?: string
  error?: string
}
