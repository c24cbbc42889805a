/** A list as places among its distinct names, which stand in the order in which they first come. */
export function numbered(list: readonly string[]): { names: string[]; places: Uint16Array } {
  const known = new Map<string, number>()
  const places = Uint16Array.from(list, name => {
    const place = known.get(name) ?? known.size
    known.set(name, place)
    return place
  })
  return { names: [...known.keys()], places }
}
