import type { Part } from '~~/core/top/region'

/**
 * The Second look list asks the Design station to show a part; the station says how. Kept across the change of page.
 */
const wanted = shallowRef<Part | null>(null)

export function showPart(part: Part) {
  wanted.value = part
}

export function useStationShow(show: (part: Part) => void) {
  watch(
    wanted,
    part => {
      if (!part) return
      show(part)
      wanted.value = null
    },
    { immediate: true },
  )
}
