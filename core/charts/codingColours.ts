/**
 * Colours of a chart, told apart by their place in this list: any two of the first eight are ΔE2000 21 apart for the
 * eyes of all, of the first fourteen 12, of all 8, red-green and blue-yellow blindness included; all so light that
 * black letters on them stand out 4.5 to 1. The letter tells them in grey. Found by farthest points and exchanges.
 * Source: Machado, Oliveira, Fernandes 2009 for the sights.
 */
export const CODING_COLOURS: readonly string[] = [
  '#aa99ff',
  '#bbff00',
  '#778800',
  '#ffeeff',
  '#ff0033',
  '#558888',
  '#cc11ff',
  '#44dd99',
  '#99bb11',
  '#aa7766',
  '#dd99bb',
  '#7777bb',
  '#ccccff',
  '#ddffdd',
  '#eeff99',
  '#ff9977',
  '#ee00aa',
  '#aaddcc',
  '#ddcc66',
  '#bb66ff',
  '#889988',
  '#aa9944',
  '#cc5577',
  '#119955',
]

/** Letters of a chart in the order in which they are given out; I and O look like figures. */
export const CHART_LETTERS: readonly string[] = [...'ABCDEFGHJKLMNPQRSTUVWXYZ']
/** The most cloths that a picture is reduced to. */
export const MAX_CHART_CLOTHS = CHART_LETTERS.length

/** The colour of a letter on the chart: the quilter's own choice, else by its place in the alphabet of charts. */
export function codingColour(letter: string, chosen: Readonly<Record<string, string>> = {}): string {
  const own = chosen[letter]
  if (own) return own
  const at = CHART_LETTERS.indexOf(letter)
  return CODING_COLOURS[at >= 0 ? at : letter.codePointAt(0)! % CODING_COLOURS.length]!
}
