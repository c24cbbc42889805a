import type { Problem } from '~~/core/file/problem'
import { problemText } from '~~/words/problem'

/** Short messages that pass: what went wrong, and what was done with a way back. */
export function useToasts() {
  const toast = useToast()
  return {
    problems(problems: readonly Problem[]) {
      const [first] = problems
      if (first) toast.add({ title: 'That cannot be', description: problemText(first), icon: 'i-lucide-circle-alert' })
    },
    say(title: string, description?: string) {
      toast.add({ title, description })
    },
    /** Something that might be wanted besides. */
    offer(title: string, description: string, label: string, run: () => void) {
      toast.add({ title, description, actions: [{ label, onClick: run }] })
    },
    done(title: string, undo: () => void) {
      toast.add({ title, actions: [{ label: 'Undo', onClick: undo }] })
    },
  }
}
