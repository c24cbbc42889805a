import type { Edit } from '~~/core/edits/edit'
import type { Command } from '~/commands/command'
import { fileCommands, habitCommands, printCommands, type Lists } from '~/commands/deskCommands'
import { pageCommands } from '~/commands/pageCommands'
import { quiltCommands } from '~/commands/quiltCommands'

/** Everything that can be done from anywhere with the quilt that is open: the list of commands reads it. */
export function useCommands(lists: Lists): ComputedRef<Command[]> {
  const store = useQuilt()
  const toast = useToasts()
  const settings = useSettings()
  const speech = useSpeech()
  const light = useColorMode()
  const hands = {
    edit(name: string, change: Edit) {
      toast.problems(store.apply(name, change))
    },
    async show(what: ShownOnDesign) {
      await navigateTo(toPage('design'))
      showOnDesign(what)
    },
  }
  return computed(() => [
    ...pageCommands(speech.value),
    ...(store.quilt && store.canWrite ? quiltCommands(store.quilt, speech.value, hands) : []),
    ...fileCommands(store, lists),
    ...printCommands(),
    ...habitCommands(settings, light),
  ])
}
