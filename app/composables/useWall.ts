import {
  addLeftOver,
  arranged,
  exchangeLeftOver,
  lockPlaces,
  mirrorPlaces,
  moveBlocks,
  turnPlaces,
} from '~~/core/edits/wall'
import { exchangeCells } from '~~/core/edits/blocks'
import type { CellPlace } from '~~/core/file/settings/settingRules'
import { bestExchange } from '~~/core/spread/bestExchange'
import { wallOf } from '~~/core/wall/wall'

/** What hands do at the wall: what is picked, what is in the hand, what is done with it. */
export function useWall() {
  const store = useQuilt()
  const cells = () => store.quilt!.setting.cells
  const places = usePickedPlaces(cells)
  const { picked, at } = places
  /** The picked block is in the hand, waiting for a place. */
  const carried = ref(false)
  /** A block left over, waiting for a place. */
  const leftOver = ref<number | null>(null)
  const acts = useWallEdits(places)

  function letGo() {
    if (!carried.value && leftOver.value === null) picked.value = []
    carried.value = false
    leftOver.value = null
  }
  function pick(place: CellPlace, more: boolean) {
    if (leftOver.value !== null) acts.hang(leftOver.value, place)
    else if (carried.value) acts.drop(picked.value[0]!, place)
    else places.pick(place, more)
    carried.value = false
    leftOver.value = null
  }
  /** With nothing picked a key is for the block it stands on. */
  function withPicked(act: () => unknown) {
    if (picked.value.length === 0 && at.value) picked.value = [at.value]
    if (picked.value.length > 0) act()
  }
  const doneBy: Readonly<Record<string, () => void>> = {
    'Escape': letGo,
    ' ': () => at.value && pick(at.value, true),
    'Enter': () => at.value && pick(at.value, false),
    'x': () => (carried.value && at.value ? pick(at.value, false) : withPicked(() => (carried.value = true))),
    'r': () => withPicked(acts.turn),
    'm': () => withPicked(acts.mirror),
    'l': () => withPicked(acts.lock),
  }
  function onKey(event: KeyboardEvent) {
    if (event.ctrlKey || event.metaKey || event.altKey) return
    const act = doneBy[event.key]
    act?.()
    if (!act && !places.step(event.key)) return
    event.preventDefault()
    event.stopPropagation()
  }
  return { ...places, ...acts, carried, leftOver, pick, letGo, onKey }
}

/** Changes to blocks on the wall. Locked blocks stay, whoever asks. */
function useWallEdits({ picked, at }: ReturnType<typeof usePickedPlaces>) {
  const store = useQuilt()
  const edit = useEdit()
  const toast = useToasts()
  const locked = computed(() => new Set(store.quilt!.wall.locked.map(place => place.join())))
  const areLocked = computed(
    () => picked.value.length > 0 && picked.value.every(place => locked.value.has(place.join())),
  )
  function refused(those: readonly CellPlace[]): boolean {
    if (!those.some(place => locked.value.has(place.join()))) return false
    toast.say('That block is locked', 'Unlock it first, or leave it where it hangs.')
    return true
  }
  /** Blocks from here go there; of several picked, each as far. */
  function drop(from: CellPlace, to: CellPlace) {
    const isPicked = picked.value.some(place => place.join() === from.join())
    const those = isPicked ? picked.value : [from]
    const way: CellPlace = [to[0] - from[0], to[1] - from[1]]
    const targets = those.map(([row, column]): CellPlace => [row + way[0], column + way[1]])
    if (from.join() === to.join() || refused([...those, ...targets])) return
    const change = moveBlocks(store.quilt!.setting.cells, those, way)
    if (!change) return toast.say('There is no room there', 'Not all of the picked blocks have a place that far on.')
    edit('blocks moved', change)
    picked.value = targets
    at.value = to
  }
  function exchange() {
    const [one, other] = picked.value
    if (!one || !other || refused([one, other])) return
    edit('exchange of two blocks', exchangeCells({ row: one[0], column: one[1] }, { row: other[0], column: other[1] }))
  }
  /** The one exchange of these blocks that helps most. */
  function bestFor(those: readonly CellPlace[]) {
    const { quilt, dimensions } = store
    const wall = wallOf(quilt!, dimensions!)
    const number = new Map(wall.places.map(({ row, column }, i) => [`${row},${column}`, i]))
    const numbers = (keys: Iterable<string>) => [...keys].flatMap(key => number.get(key) ?? [])
    const best = bestExchange(wall, numbers(those.map(place => place.join())), new Set(numbers(locked.value)))
    if (best) edit('exchange of two blocks', arranged(best))
    else toast.say('No exchange would help', 'All blocks that it could change places with would hang worse.')
  }
  return {
    areLocked,
    drop,
    exchange,
    bestFor,
    hang: (entry: number, place: CellPlace) =>
      !refused([place]) && edit('block left over hung', exchangeLeftOver(entry, place)),
    turn: () => !refused(picked.value) && edit('turn', turnPlaces(picked.value)),
    mirror: () => !refused(picked.value) && edit('mirror', mirrorPlaces(picked.value)),
    lock: () => edit(areLocked.value ? 'unlocked' : 'locked', lockPlaces(picked.value, !areLocked.value)),
    another: () => picked.value[0] && edit('one more block left over', addLeftOver(picked.value[0])),
  }
}
