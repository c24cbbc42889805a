import type { DraftedPicture } from './draftedPicture'

/** Squares that were changed, or all of the picture. */
export type PictureStep =
  | { kind: 'squares'; at: number[]; before: Uint8Array; after: Uint8Array }
  | { kind: 'whole'; before: DraftedPicture; after: DraftedPicture }

/** So many steps can be taken back. */
const MAX_STEPS = 200

/** Steps of a picture back and forth. `show`: brings what stood before a step, or after it. */
export function usePictureHistory(show: (step: PictureStep, which: 'before' | 'after') => void) {
  const done = shallowRef<PictureStep[]>([])
  const undone = shallowRef<PictureStep[]>([])
  function commit(step: PictureStep) {
    done.value = [...done.value.slice(1 - MAX_STEPS), step]
    undone.value = []
  }
  function undo() {
    const step = done.value.at(-1)
    if (!step) return
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, step]
    show(step, 'before')
  }
  function redo() {
    const step = undone.value.at(-1)
    if (!step) return
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, step]
    show(step, 'after')
  }
  return {
    commit,
    undo,
    redo,
    canUndo: computed(() => done.value.length > 0),
    canRedo: computed(() => undone.value.length > 0),
  }
}
