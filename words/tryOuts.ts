import type { TryOutName } from '../core/edits/tryOuts'
import type { TurnPattern } from '../core/edits/turnPatterns'
import type { Inches } from '../core/measure/ruler'
import { formatBought, formatCount } from './length'
import { settingName } from './names'
import { plural, type Speech } from './speech'

const PATTERNS: Readonly<Record<TurnPattern, string>> = {
  'alike': 'all alike',
  'quarter-turns': 'quarter turns round a middle',
  'mirrored-pairs': 'mirrored pairs',
  'every-second': 'every second turned',
  'straight-furrow': 'straight furrow',
  'barn-raising': 'barn raising',
  'light-and-dark': 'light and dark',
  'zigzag': 'zigzag',
  'random': 'at random, no neighbors alike',
}

/** What a pattern of turns is called. */
export function turnPatternName(pattern: TurnPattern): string {
  return PATTERNS[pattern]
}

/** What a try-out does with the quilt. */
export function tryOutName(name: TryOutName): string {
  switch (name.kind) {
    case 'turns':
      return PATTERNS[name.pattern]
    case 'set':
      return settingName(name.as)
    case 'half-blocks':
      return `${settingName(name.as)}, by half a block`
    case 'by-turns':
      return `${name.blocks[0]} and ${name.blocks[1]} by turns`
    case 'changed-over':
      return `${name.blocks[0]} and ${name.blocks[1]} by turns, changed over`
    case 'exchanged':
      return `${name.cloths.join(' and ')} exchanged${name.where === 'everywhere' ? '' : ' in every second block'}`
    case 'everywhere':
      return `${name.block} everywhere`
    case 'sashed':
      return `sashed, 1/${name.part} of the block`
    case 'strips':
      return `sashes between ${name.along} only`
    case 'plain-joins':
      return 'without sashing'
  }
}

/** What a try-out comes to: cloth, pieces, seams. */
export function trialText({ buy, pieces }: { buy: Inches; pieces: number }, seams: number, speech: Speech): string {
  return `${formatBought(buy, speech)} to buy, ${plural(pieces, 'piece')}, about ${formatCount(seams)} seams`
}
