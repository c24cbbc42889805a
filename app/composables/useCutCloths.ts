import { doneCounts, stripProgress, ticksSince } from '~~/core/cut/progress'
import { stripGroups } from '~~/core/cut/stripGroups'
import { clothOf } from '~~/core/file/quilt'
import type { PlannedCloth } from '~~/core/plan/plannedCloth'
import type { CutCloth } from '~/composables/useCutSteps'

/** The cloths that are cut from, each as it was planned, or as it is gone on with after a mistake. */
export function useCutCloths() {
  const store = useQuilt()
  const { pieces } = usePieces()
  return computed((): CutCloth[] => {
    const quilt = store.plannedQuilt
    if (!quilt || !store.plan) return []
    const ticked = doneCounts(quilt.done, 'cut')
    return store.plan.cloths.flatMap((need, index) => {
      const cloth = clothOf(quilt, need.id)
      if (need.strips.length === 0 || cloth.tray !== undefined) return []
      const shown = need.again ? sheetOf(need, need.again) : need
      const since = need.again ? ticksSince(ticked, need.again.cut) : ticked
      return [
        {
          cloth,
          index,
          need: shown,
          again: need.again,
          path: need.again ? `cloths.${index}.again` : `cloths.${index}`,
          groups: stripGroups(shown.strips, pieces.value),
          progress: stripProgress(shown.strips, since),
        },
      ]
    })
  })
}

/** A sheet of the same kind, whose pieces of cloth are those that were left. */
function sheetOf(need: PlannedCloth, again: NonNullable<PlannedCloth['again']>): PlannedCloth {
  const { strips, left, need: opened, laid } = again
  return { ...need, unit: 'piece', strips, left, laid, need: opened }
}
