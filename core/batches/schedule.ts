// In: operations, each after those it takes from. Out: an order with the fewest walks between mat, machine and iron.
import type { Operation, Station } from './operation'

export interface Schedule {
  order: Operation[]
  /** Times that a station is gone to. */
  visits: number
  /** Whether fewer are known to be impossible. */
  isProven: boolean
}

const STATIONS: readonly Station[] = ['mat', 'machine', 'iron']
/** States that are looked at in one round; with more the rest is left out, and the answer is no longer proven. */
const MAX_STATES = 64

/** What is done so far, and the stations gone to. */
interface State {
  done: Uint8Array
  /** How many each still waits for. */
  left: Uint32Array
  count: number
  at: Station
  visits: readonly Station[]
}

/**
 * Breadth first over the stations gone to. At a station all is done that can be: that never hurts, since what is done
 * only makes more possible. Of two states at one station one that has done all the other has, and more, is kept.
 */
export function schedule(operations: readonly Operation[], mostStates = MAX_STATES): Schedule {
  if (operations.length === 0) return { order: [], visits: 0, isProven: true }
  const graph = graphOf(operations)
  let states: State[] = STATIONS.flatMap(at => stateAfter(graph, null, at))
  let isProven = true
  for (;;) {
    const finished = states.find(({ count }) => count === operations.length)
    if (finished) return { order: replay(operations, graph, finished.visits), visits: finished.visits.length, isProven }
    const next = withoutContained(
      states.flatMap(state => STATIONS.flatMap(at => (at === state.at ? [] : stateAfter(graph, state, at)))),
    )
    if (next.length === 0) throw new Error('operations wait for each other')
    isProven &&= next.length <= mostStates
    states = next.slice(0, mostStates)
  }
}

interface Graph {
  at: Station[]
  /** How many each one waits for, and who waits for it. */
  waits: Uint32Array
  after: number[][]
}

function graphOf(operations: readonly Operation[]): Graph {
  const places = new Map(operations.map(({ id }, i) => [id, i]))
  const after: number[][] = operations.map(() => [])
  const waits = operations.map(({ uses }, i) => {
    const before = uses.flatMap(({ id }) => places.get(id) ?? [])
    for (const earlier of before) after[earlier]!.push(i)
    return before.length
  })
  return { at: operations.map(({ at }) => at), waits: Uint32Array.from(waits), after }
}

/** Goes to a station and does all that can be done there; nothing, where nothing can. */
function stateAfter(graph: Graph, from: State | null, at: Station): State[] {
  const done = from ? from.done.slice() : new Uint8Array(graph.at.length)
  const left = (from?.left ?? graph.waits).slice()
  const before = from?.count ?? 0
  const count = before + doAll(graph, done, left, at).length
  return count === before ? [] : [{ done, left, count, at, visits: [...(from?.visits ?? []), at] }]
}

/** In the order in which they become possible. */
function doAll({ at, after }: Graph, done: Uint8Array, left: Uint32Array, station: Station): number[] {
  const list: number[] = []
  for (let i = 0; i < at.length; i++) if (at[i] === station && done[i] === 0 && left[i] === 0) list.push(i)
  for (const i of list) {
    done[i] = 1
    for (const other of after[i]!) {
      left[other]! -= 1
      if (left[other] === 0 && at[other] === station) list.push(other)
    }
  }
  return list
}

function withoutContained(states: readonly State[]): State[] {
  const kept: State[] = []
  for (const state of [...states].sort((a, b) => b.count - a.count)) {
    const isContained = kept.some(
      other => other.at === state.at && state.done.every((done, i) => done <= other.done[i]!),
    )
    if (!isContained) kept.push(state)
  }
  return kept
}

function replay(operations: readonly Operation[], graph: Graph, visits: readonly Station[]): Operation[] {
  const done = new Uint8Array(operations.length)
  const left = graph.waits.slice()
  return visits.flatMap(at => doAll(graph, done, left, at).map(i => operations[i]!))
}
