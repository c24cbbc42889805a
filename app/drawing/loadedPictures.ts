/** Pictures by what the file holds of them; null: being loaded, or not to be read. */
const loaded = new Map<string, ImageBitmap | null>()
/** More than a tray full; the oldest go. */
const MAX_LOADED = 300
/** Grows when a picture has come: what was painted without it is painted anew. */
export const loadedPictures = shallowRef(0)

/** A picture to paint with, as soon as it is there. */
export function loadedPicture(source: string): ImageBitmap | null {
  const known = loaded.get(source)
  if (known !== undefined) return known
  if (loaded.size >= MAX_LOADED) loaded.delete(loaded.keys().next().value!)
  loaded.set(source, null)
  void load(source)
  return null
}

async function load(source: string) {
  try {
    const bytes = Uint8Array.from(atob(source.slice(source.indexOf(',') + 1)), letter => letter.charCodeAt(0))
    loaded.set(source, await createImageBitmap(new Blob([bytes])))
    loadedPictures.value += 1
  } catch {
    // it stays a plain colour
  }
}
