import type { Edit } from '~~/core/edits/edit'

/** Changes the quilt that is open; what the file does not allow is said, and nothing is changed. */
export function useEdit() {
  const store = useQuilt()
  const toast = useToasts()
  return (name: string, change: Edit): void => toast.problems(store.apply(name, change))
}
