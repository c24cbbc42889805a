import type { MendWords } from '../core/edits/mends'
import { formatLength } from './length'
import { inEnglish, type Speech } from './speech'

/** What the button that mends says. */
export function mendText(words: MendWords, speech: Speech): string {
  switch (words.do) {
    case 'block-size':
      return `Make blocks ${formatLength(words.size, speech)}`
    case 'cut-along':
      return 'Cut along the cloth'
    case 'join-across':
      return 'Join strips cut across'
    case 'overhang':
      return inEnglish(`Let the ${words.layer} reach ${formatLength(words.overhang, speech)}`, speech)
    case 'margin':
      return `Buy ${words.percent} % more`
    case 'dress':
      return `Use ${words.cloth}`
    case 'border-width':
      return `Make it ${formatLength(words.width, speech)}`
    case 'frame-all':
      return `Frame all to ${formatLength(words.module, speech)}`
    case 'half-shift':
      return 'Shift by half a block'
    case 'straight':
      return 'Set it straight'
    case 'spacer':
      return words.sides === words.ends
        ? `Put ${formatLength(words.sides, speech)} between`
        : `Put ${formatLength(words.sides, speech)} and ${formatLength(words.ends, speech)} between`
    case 'pieces-at-hand':
      return `I have ${words.count}`
    case 'forget-cut':
      return 'Set them aside'
  }
}
