// What is done to a pile of like parts in one go, for the whole quilt.
import type { DoneKind } from '../cut/progress'
import type { SettingRow } from '../top/settings/setting'

export type Station = 'mat' | 'machine' | 'iron'
export type Work = 'mark' | 'layer' | 'join' | 'press' | 'cut-apart' | 'trim'

/** So many parts out of a pile, or of what an earlier operation gave: each has an id of its own. */
export interface Use {
  id: string
  count: number
}

/** What an operation is about; its sentence and its picture are found by it. */
export type Task =
  /** A pile of squares or strips is cut further. */
  | { pile: string }
  /** A step of a unit, by its place among them; `leg`: of a step that leads to several stations, at which it is. */
  | { unit: string; step: number; leg: number }
  /** Joins of a block by the ids of its recipe: one that is sewn, or all that are pressed now. */
  | { block: string; joins: readonly string[] }
  /** A row of a picture by its number in the order of reading, a panel of it, or all of them together. */
  | { chart: string; line: number }
  | { chart: string; panel: number }
  | { chart: string; parts: 'rows' | 'panels' }
  /** One pair of the strips round a block. */
  | { frame: string; pair: 'sides' | 'ends' }
  /** A row, its first part and so many more; or two neighbouring sections of rows: from, to, and to of the second. */
  | { row: string; kind: SettingRow['kind']; part: number }
  | { rows: readonly [from: number, middle: number, to: number]; kind: SettingRow['kind'] }
  /** Strips too long for the cloth, of a border or of the sashing. */
  | { strips: number | 'sashing' }
  /** Two strips of a border, or the mitres of its corners; 0: the triangles in the corners of the setting. */
  | { border: number; side: 'sides' | 'ends' | 'corners' }

export interface Operation {
  /** Made from what is done to what, so that ticks outlive a change of plan. */
  id: string
  at: Station
  what: Work
  task: Task
  /** How many are done: seams sewn in one go, pairs, parts. */
  count: number
  uses: Use[]
  /** The two that are joined, or the one that is worked on. */
  parts: readonly [first: string, second?: string]
  /** Parts that come out. */
  gives: number
  /** Of two that are joined, which lies on top, where that matters. */
  top?: 'first' | 'second'
  /** What is ready with it, by the name of its ticks. */
  ready?: { what: DoneKind; id: string }
}

/** What is taken of one pile or operation in several places, as one use of it. */
export function mergedUses(uses: readonly Use[]): Use[] {
  const merged = new Map<string, number>()
  for (const { id, count } of uses) merged.set(id, (merged.get(id) ?? 0) + count)
  // thirds and the like leave dust in the last place
  return [...merged].map(([id, count]) => ({ id, count: Math.round(count * 1e6) / 1e6 }))
}

/** Operations of the whole quilt while they are gathered: like ones are one, however many there are of it. */
export class Operations {
  private readonly known = new Map<string, Operation>()

  get(id: string): Operation | undefined {
    return this.known.get(id)
  }

  /** One more of an operation, or `count` more. `uses` and `gives` are for all of them. */
  add(operation: Operation): string {
    const same = this.known.get(operation.id)
    if (!same) {
      this.known.set(operation.id, operation)
      return operation.id
    }
    same.count += operation.count
    same.gives += operation.gives
    for (const { id, count } of operation.uses) {
      const use = same.uses.find(other => other.id === id)
      if (use) use.count += count
      else same.uses.push({ id, count })
    }
    return operation.id
  }

  /** What was just sewn is pressed: `count` of them. */
  press(sewn: string, task: Task, count = 1, id = `${sewn}.press`): string {
    return this.add({
      id,
      at: 'iron',
      what: 'press',
      task,
      count,
      uses: [{ id: sewn, count }],
      parts: [sewn],
      gives: count,
    })
  }

  all(): Operation[] {
    return [...this.known.values()]
  }
}
