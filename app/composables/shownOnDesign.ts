import type { Part } from '~~/core/top/region'

/** Lists and views of Design that lie beside or over the drawing. */
export type ShownList = 'setting' | 'try-outs' | 'fit' | 'climb' | 'grey'
export type ShownOnDesign = Part | { list: ShownList }

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
