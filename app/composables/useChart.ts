import { designOf } from '~~/core/file/quilt'
import { clothsOfLetter } from '~~/core/file/scraps'

/** The charts of a quilt's pictures: which is read, and what of it is sewn. */
export function useChart() {
  const store = useQuilt()
  const route = useRoute()
  const charts = computed(() => store.plan?.charts ?? [])
  /** Chosen here; until then the chart that the address asks for, which may be planned only later. */
  const at = ref<number | null>(null)
  const place = computed(() => {
    const asked = at.value ?? charts.value.findIndex(({ block }) => block === route.query.block)
    return Math.min(Math.max(0, asked), Math.max(0, charts.value.length - 1))
  })
  const chart = computed(() => charts.value[place.value] ?? null)
  const block = computed(() => store.plannedQuilt?.blocks.find(({ id }) => id === chart.value?.block) ?? null)
  const picture = computed(() => (block.value ? designOf(store.plannedQuilt!, block.value).picture! : null))

  const { squaresOf, doneOf, count, stepOf } = useChartRows()
  const clothsOf = (letter: string) => clothsOfLetter(store.plannedQuilt!, block.value!, letter)
  /** At the machine: a row is a step, each of its runs a stage. */
  const steps = computed(() => (chart.value ? chart.value.rows.map(row => stepOf(chart.value!, row)) : []))
  return { charts, at, place, chart, block, picture, squaresOf, doneOf, count, clothsOf, steps }
}
