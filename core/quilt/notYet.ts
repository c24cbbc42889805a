import type { Path, Problem } from './problem'
import type { ParsedQuilt } from './schema'

/** What a file may say but Wren cannot plan so far. Better refused than planned wrongly. */
export function notYet(file: ParsedQuilt): Problem[] {
  const problems: Problem[] = []
  const refuse = (path: Path, what: string) => problems.push({ code: 'not-yet', path, what })
  if (file.setting.kind !== 'straight') refuse(['setting', 'kind'], file.setting.kind)
  file.borders.forEach((border, i) => {
    if (border.corners !== 'butted') refuse(['borders', i, 'corners'], typeof border.corners === 'string' ? border.corners : 'cornered')
  })
  if (file.binding && (file.binding.style === 'flanged' || file.binding.style === 'self')) refuse(['binding', 'style'], file.binding.style)
  return problems
}
