interface UndoHere {
  undo: () => void
  redo: () => void
}

/** What undo means where the work has a history of its own, such as a drawing; null: the quilt's. */
const here = shallowRef<UndoHere | null>(null)

/** While this part of the screen is shown, undo and redo are its own. */
export function useUndoHere(own: UndoHere) {
  here.value = own
  onBeforeUnmount(() => {
    if (here.value === own) here.value = null
  })
}

/** The undo of what lies over the quilt, such as a drawing; null: nothing has its own. */
export function undoHere(): UndoHere | null {
  return here.value
}
