import type { TopPart } from '~~/core/top/regions/region'

/** Cards and lists of Design for the whole quilt, that lie beside or over the drawing. */
export type OverDrawing = 'setting' | 'lay-out' | 'sizes' | 'tray' | 'together' | 'try-outs' | 'fit' | 'climb'
/** One thing at a time: the card of a part, or one for the whole quilt. */
export type OpenOnDesign = TopPart | { list: OverDrawing }
/** That, or the drawing in grey, or as it is again. */
export type ShownOnDesign = OpenOnDesign | { view: 'grey' }

/** What others ask Design to show; Design says how. Kept across the change of page. */
const wanted = shallowRef<ShownOnDesign | null>(null)

/** Asks Design to show a part or a list, now or when it is there. */
export function showOnDesign(what: ShownOnDesign) {
  wanted.value = what
}

/** For Design: hears what is to be shown. */
export function useShownOnDesign(show: (what: ShownOnDesign) => void) {
  watch(
    wanted,
    what => {
      if (!what) return
      show(what)
      wanted.value = null
    },
    { immediate: true },
  )
}
