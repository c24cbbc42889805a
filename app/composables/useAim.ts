import { chosenWays, forgetWays } from '~~/core/edits/blocks'
import type { Quilt } from '~~/core/file/quilt'
import { aimName } from '~~/words/names'
import { plural } from '~~/words/speech'

/** Changes what ways are chosen for, and says which ways stay as the quilter chose them. */
export function useAim() {
  const store = useQuilt()
  const toast = useToasts()
  return (aim: Quilt['aim']) => {
    toast.problems(store.apply('aim', file => ({ ...file, aim })))
    const chosen = store.file ? chosenWays(store.file) : 0
    if (chosen === 0) return
    toast.offer(
      `Now for ${aimName(aim)}`,
      `${plural(chosen, 'way')} that you chose yourself ${chosen === 1 ? 'stays' : 'stay'} as `
        + `${chosen === 1 ? 'it is' : 'they are'}.`,
      'Let the aim choose all',
      () => toast.problems(store.apply('ways left to the aim', forgetWays())),
    )
  }
}
