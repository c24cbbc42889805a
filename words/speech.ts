/** How to speak to this person: the units they read, the English they sew in. */
export interface Speech {
  units: 'in' | 'cm'
  english: 'us' | 'uk'
}

const UK: Readonly<Record<string, string>> = {
  center: 'centre',
  Center: 'Centre',
  centers: 'centres',
  centered: 'centred',
  Centered: 'Centred',
  batting: 'wadding',
  Batting: 'Wadding',
  basting: 'tacking',
  Basting: 'Tacking',
  baste: 'tack',
  Baste: 'Tack',
  selvage: 'selvedge',
  selvages: 'selvedges',
  Selvage: 'Selvedge',
  Selvages: 'Selvedges',
  colors: 'colours',
  Colors: 'Colours',
  neighbor: 'neighbour',
  neighbors: 'neighbours',
  Neighbors: 'Neighbours',
  neighboring: 'neighbouring',
  fibers: 'fibres',
  Fiber: 'Fibre',
  Meters: 'Metres',
  color: 'colour',
  Color: 'Colour',
  miter: 'mitre',
  Miter: 'Mitre',
  miters: 'mitres',
  Miters: 'Mitres',
  mitered: 'mitred',
  gray: 'grey',
  Gray: 'Grey',
}

/**
 * The craft's word in the English of the reader; words are written in US English and turned where the UK has its own.
 */
export function craft(word: string, { english }: Speech): string {
  return english === 'us' ? word : (UK[word] ?? word)
}

/** A whole sentence with the craft's words turned. */
export function inEnglish(sentence: string, speech: Speech): string {
  return speech.english === 'us' ? sentence : sentence.replace(/[A-Za-z]+/g, word => UK[word] ?? word)
}

/** A count with its noun, one or several. */
export function plural(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`
}
