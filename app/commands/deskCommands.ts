import type { Command } from './command'

/** What a desk has beside the quilt: lists that lie over the page. */
export interface Lists {
  onFind: () => void
  onLook: () => void
  onHelp: () => void
  onVersions: () => void
  onSave: () => void
}

/** What has to do with the file, and lists for the whole of it. */
export function fileCommands(store: ReturnType<typeof useQuilt>, lists: Lists): Command[] {
  const { past } = store
  const history = () => undoHere() ?? store
  return [
    {
      id: 'find',
      name: 'Find a command',
      icon: 'i-lucide-search',
      keys: 'Ctrl K',
      whileTyping: true,
      run: lists.onFind,
    },
    {
      id: 'look',
      name: 'Second look',
      icon: 'i-lucide-eye',
      words: 'check checks warnings problems mistakes',
      run: lists.onLook,
    },
    {
      id: 'undo',
      name: past.length > 0 ? `Undo: ${past.at(-1)!.name}` : 'Undo',
      icon: 'i-lucide-undo-2',
      keys: 'Ctrl Z',
      words: 'back take back',
      run: () => history().undo(),
    },
    {
      id: 'redo',
      name: 'Redo',
      icon: 'i-lucide-redo-2',
      keys: 'Ctrl Shift Z',
      otherKeys: 'Ctrl Y',
      words: 'again forward',
      run: () => history().redo(),
    },
    {
      id: 'save',
      name: 'Save a copy as a file',
      icon: 'i-lucide-download',
      words: 'download keep backup',
      run: lists.onSave,
    },
    {
      id: 'versions',
      name: 'Earlier versions',
      icon: 'i-lucide-history',
      words: 'history restore',
      run: lists.onVersions,
    },
    {
      id: 'keys',
      name: 'Keys',
      icon: 'i-lucide-keyboard',
      keys: '?',
      words: 'keyboard shortcuts help',
      run: lists.onHelp,
    },
  ]
}

/** What can be printed, wherever one is. */
export function printCommands(): Command[] {
  return [
    print('print', 'Print this station', 'paper pdf'),
    print('print-cut', 'Print the cutting sheet', 'paper pdf strips', 'cut'),
    print('print-cloth', 'Print the shopping list', 'paper pdf buy fabric', 'cloth'),
    print('print-piece', 'Print the recipe', 'paper pdf steps', 'piece'),
    print('print-cards', 'Print the row cards', 'paper pdf rows', 'cards'),
  ]
}

function print(id: string, name: string, words: string, page?: QuiltPage): Command {
  return {
    id,
    name,
    icon: 'i-lucide-printer',
    words,
    async run() {
      if (page) await navigateTo(toPage(page))
      await nextTick()
      // drawn before it is printed
      setTimeout(() => window.print(), 300)
    },
  }
}

/** How Wren speaks, measures and looks. */
export function habitCommands(settings: ReturnType<typeof useSettings>, light: ReturnType<typeof useColorMode>) {
  return [
    {
      id: 'units',
      name: settings.units === 'in' ? 'Show centimetres' : 'Show inches',
      icon: 'i-lucide-ruler',
      words: 'cm in units metric imperial centimeters inch',
      run: () => (settings.lengths = settings.units === 'in' ? 'cm' : 'in'),
    },
    {
      id: 'english',
      name: settings.english === 'us' ? 'UK words: wadding, tacking' : 'US words: batting, basting',
      icon: 'i-lucide-languages',
      words: 'english language uk us british american words batting wadding',
      run: () => (settings.english = settings.english === 'us' ? 'uk' : 'us'),
    },
    {
      id: 'hand',
      name: settings.hand === 'left' ? 'Cut with the right hand' : 'Cut with the left hand',
      icon: 'i-lucide-hand',
      words: 'left right handed lefty',
      run: () => (settings.hand = settings.hand === 'left' ? 'right' : 'left'),
    },
    {
      id: 'light',
      name: light.value === 'dark' ? 'Day light' : 'Evening light',
      icon: 'i-lucide-moon',
      words: 'dark light theme night',
      run: () => (light.preference = light.value === 'dark' ? 'light' : 'dark'),
    },
  ] satisfies Command[]
}
