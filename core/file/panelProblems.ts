// In: a file whose references are right. Out: panels that cannot be worked first.
import { designsById } from './ownDesigns'
import type { Problem } from './problem'
import type { ParsedQuilt } from './schema'

/** A panel is one patch, and has some room inside its margins. */
export function panelProblems(file: ParsedQuilt): Problem[] {
  const designs = designsById(file)
  return file.blocks.flatMap(({ panel, design, size, width = size, height = size }, i): Problem[] => {
    if (!panel) return []
    const path = ['blocks', i, 'panel']
    if (designs.get(design)!.patches.length > 1) return [{ code: 'not-together', path, what: 'panel-of-patches' }]
    return 2 * panel.margin < Math.min(width!, height!) - 1e-9
      ? []
      : [{ code: 'not-together', path: [...path, 'margin'], what: 'panel-without-room' }]
  })
}
