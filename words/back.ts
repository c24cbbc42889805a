// The back pieced from leftovers in words: what is cut from what, and how it is sewn.
import type { PlannedBackThing, PlannedPiecedBack } from '../core/plan/plannedPiecedBack'
import { plural, type Speech } from './speech'
import { sizeParts, type TextPart } from './textPart'

export interface BackStep {
  id: string
  place: string
  parts: TextPart[]
  /** Which panel and which unit of it, where it is about one. */
  panel: number | null
  unit: number | null
}

/** What each piece is called, by panel and unit: the number of its thing, and a letter where it gives more. */
export function pieceNames({ panels, things }: PlannedPiecedBack): string[][][] {
  const all = panels.flatMap(({ units }) => units.flatMap(({ pieces }) => pieces))
  const counts = things.map((_, i) => all.filter(({ thing }) => thing === i).length)
  const seen = things.map(() => 0)
  return panels.map(({ units }) =>
    units.map(({ pieces }) =>
      pieces.map(({ thing }) => {
        if (thing === null) return 'new'
        const at = seen[thing]!++
        return counts[thing] === 1 ? String(thing + 1) : `${thing + 1}${letter(at)}`
      }),
    ),
  )
}

function letter(at: number): string {
  const own = String.fromCharCode(97 + (at % 26))
  return at < 26 ? own : letter(Math.floor(at / 26) - 1) + own
}

const LINES = { beside: 'side by side', below: 'one below the other' } as const
const ACROSS = { beside: 'below', below: 'beside' } as const
const UNITS = { beside: 'row', below: 'column' } as const

/** Pieces to rows, rows to panels, panels to the back; what is one piece already needs no step. */
export function backSteps(back: PlannedPiecedBack, speech: Speech): BackStep[] {
  const { panels, panelsLie } = back
  const names = pieceNames(back)
  const path = 'backing.pieced.panels'
  const sized = (at: string, { width, height }: { width: number; height: number }): TextPart[] => [
    ', with right sides together: ',
    ...sizeParts(width, height, speech, at),
    '.',
  ]
  const name = UNITS[panelsLie]
  const steps = panels.flatMap((panel, p): BackStep[] => {
    const place = panels.length === 1 ? '' : `Panel ${p + 1}`
    const units = panel.units.flatMap((unit, u): BackStep[] =>
      unit.pieces.length === 1
        ? []
        : [
            {
              id: unit.id,
              place: [place, `${name} ${u + 1}`].filter(Boolean).join(', '),
              parts: [`Join ${listed(names[p]![u]!)} ${LINES[panelsLie]}`, ...sized(`${path}.${p}.units.${u}`, unit)],
              panel: p,
              unit: u,
            },
          ],
    )
    if (panel.units.length === 1) return units
    // what is one piece is called by its own name
    const isOfPieces = panel.units.every(({ pieces }) => pieces.length === 1)
    const whole: BackStep = {
      id: panel.id,
      place: place || 'The back',
      parts: [
        `Join ${isOfPieces ? listed(names[p]!.flat()) : `its ${plural(panel.units.length, name)}`} `
          + LINES[ACROSS[panelsLie]],
        ...sized(`${path}.${p}`, panel),
      ],
      panel: p,
      unit: null,
    }
    return [...units, whole]
  })
  if (panels.length === 1) return steps
  return [
    ...steps,
    {
      id: 'back.whole',
      place: 'The back',
      parts: [`Join the ${plural(panels.length, 'panel')} ${LINES[panelsLie]}. Press the seams of the back open.`],
      panel: null,
      unit: null,
    },
  ]
}

function listed(names: readonly string[]): string {
  return names.length === 1 ? names[0]! : `${names.slice(0, -1).join(', ')} and ${names.at(-1)}`
}

/** What a piece of the back is taken from. */
export function thingText({ from, name }: PlannedBackThing): string {
  switch (from) {
    case 'cutting':
      return `${name}, left over in cutting`
    case 'cloth':
      return `${name}, a piece not opened`
    case 'in-hand':
      return name === '' ? 'in hand' : `${name}, in hand`
  }
}

/** How much of the back is there. */
export function coverText({ missing, things, unused }: PlannedPiecedBack): string {
  const all = things.length + unused
  const used = `${plural(things.length, 'leftover')} of ${all} ${things.length === 1 ? 'is' : 'are'} used`
  if (things.length === 0 && all > 0)
    return 'What is left over is too little to save any new cloth: the whole back is bought.'
  if (all === 0) return 'Nothing is left over that is large enough: the whole back is bought.'
  if (missing < 1e-6) return `${used}, and they cover the back.`
  return `${used}; they cover ${Math.floor(100 * (1 - missing) + 1e-6)} % of the back.`
}
