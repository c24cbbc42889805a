import type { CellPlace } from '~~/core/file/settings/settingRules'

const STEPS: Readonly<Record<string, CellPlace>> = {
  ArrowLeft: [0, -1],
  ArrowRight: [0, 1],
  ArrowUp: [-1, 0],
  ArrowDown: [1, 0],
}

/** Which places of a setting are picked, and where the keys are. */
export function usePickedPlaces(cells: () => readonly (readonly unknown[])[]) {
  const picked = shallowRef<readonly CellPlace[]>([])
  /** Null: the keys are nowhere yet. */
  const at = shallowRef<CellPlace | null>(null)
  /** Each press picks one more: where there is no Shift. */
  const several = ref(false)
  const isThere = ([row, column]: CellPlace) => cells()[row]?.[column] !== undefined

  // places that an edit took away are no longer picked
  watch(cells, () => {
    if (!picked.value.every(isThere)) picked.value = picked.value.filter(isThere)
    if (at.value && !isThere(at.value)) at.value = null
  })
  /** Alone, or beside what is picked; what is picked already is let go. */
  function pick(place: CellPlace, more: boolean) {
    const adds = more || several.value
    const others = picked.value.filter(other => other.join() !== place.join())
    const wasPicked = others.length < picked.value.length
    if (adds) picked.value = wasPicked ? others : [...others, place]
    else picked.value = wasPicked && others.length === 0 ? [] : [place]
    at.value = place
  }
  /** Where an arrow leads; at the edge, and where a row has fewer places, the last there is. */
  function step(key: string): boolean {
    const way = STEPS[key]
    if (!way) return false
    const now = at.value
    if (!now) at.value = [0, 0]
    else {
      let row = now[0] + way[0]
      // on point, one block across, every second row is empty
      while (cells()[row]?.length === 0) row += way[0]
      const line = cells()[row] ? row : now[0]
      at.value = [line, Math.min(cells()[line]!.length - 1, Math.max(0, now[1] + way[1]))]
    }
    return true
  }
  return { picked, at, several, pick, step }
}
