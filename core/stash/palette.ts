// Palettes of colours with names in the plain format that drawing programs share (GPL).

export interface PaletteColour {
  name: string
  colour: string
}

const MAX_COLOURS = 2000

/** Null: it is no palette. Lines that are no colour are passed over. */
export function readPalette(text: string): PaletteColour[] | null {
  const lines = text.replace(/^\uFEFF/, '').split(/\r?\n/)
  if (!/^GIMP Palette\s*$/.test(lines[0] ?? '')) return null
  return lines
    .slice(1)
    .flatMap((line): PaletteColour[] => {
      const match = /^\s*(\d{1,3})\s+(\d{1,3})\s+(\d{1,3})(?:\s+(.*))?$/.exec(line)
      const parts = match?.slice(1, 4).map(Number) ?? []
      if (!match || parts.some(part => part > 255)) return []
      const colour = `#${parts.map(part => part.toString(16).padStart(2, '0')).join('')}`
      return [{ name: match[4]?.trim() || colour, colour }]
    })
    .slice(0, MAX_COLOURS)
}

/** A name stands on one line. */
export function writePalette(title: string, colours: readonly PaletteColour[]): string {
  const plain = (name: string) => name.replace(/\s+/g, ' ').trim()
  const rows = colours.map(({ name, colour }) => {
    const parts = [1, 3, 5].map(at => String(parseInt(colour.slice(at, at + 2), 16)).padStart(3))
    return `${parts.join(' ')}\t${plain(name)}`
  })
  return ['GIMP Palette', `Name: ${plain(title)}`, '#', ...rows, ''].join('\n')
}
