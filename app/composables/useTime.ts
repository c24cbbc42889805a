import { learntPace, type Sitting } from '~~/core/time/pace'
import { amountsOf, leftOf, plannedTime, sittingsOf } from '~~/core/time/plannedTime'
import { drawsOf } from '~~/core/time/span'
import { sittingSince, sittingWork } from '~~/core/time/sittingWork'
import { workOf } from '~~/core/time/workOf'

/** How long the quilt takes, by all that was timed over the shelf. Asks for the batches. */
export function useTime() {
  const store = useQuilt()
  const shelf = useShelf()
  const route = useRoute()
  const { batches } = useBatches()
  onMounted(() => void shelf.load())

  /** Of all quilts, in the order of their time; of this one with its place in the diary. */
  const sittings = computed(() => {
    const own = sittingsOf(store.file?.diary ?? []).map(sitting => ({ ...sitting, isOwn: true }))
    const others = shelf.quilts
      .filter(({ id }) => id !== String(route.params.id))
      .flatMap(({ file }) => sittingsOf(file.diary ?? []).map(sitting => ({ ...sitting, isOwn: false })))
    return [...own, ...others].sort((a, b) => a.at.localeCompare(b.at))
  })
  const learnt = computed(() => learntPace(sittings.value))
  const doubted = computed(() => learnt.value.doubted.map(i => sittings.value[i]!).filter(({ isOwn }) => isOwn))
  const draws = computed(() => drawsOf(learnt.value.pace))
  /** The plan and its batches, when both are of the quilt as it is. */
  const planned = computed(() => {
    const { quilt, workbook } = store
    return quilt && workbook && batches.value.length > 0 ? { quilt, plan: workbook.plan, batches: batches.value } : null
  })
  const today = new Date().toISOString()
  const time = computed(() => {
    if (!planned.value) return null
    const { quilt, plan, batches: all } = planned.value
    return plannedTime(quilt, plan, all, { sittings: sittings.value satisfies Sitting[], today })
  })
  const left = computed(() => {
    if (!planned.value) return null
    const { quilt, plan, batches: all } = planned.value
    return amountsOf(workOf(quilt, plan, all), leftOf)
  })
  /** What was done since the last sitting that was timed. */
  function doneNow() {
    if (!planned.value) return {}
    const { quilt, plan, batches: all } = planned.value
    const now = new Date().toISOString()
    return sittingWork(quilt, plan, all, { since: sittingSince(quilt.diary, now), now })
  }
  return { time, left, draws, sittings, doubted, planned, doneNow }
}
