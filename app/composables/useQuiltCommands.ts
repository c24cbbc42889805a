import { mirrorCell, turnCell } from '~~/core/edits/blocks'
import { borderCloth } from '~~/core/edits/borderCloth'
import { setBinding } from '~~/core/edits/binding'
import { addBorder } from '~~/core/edits/edge'
import type { Edit } from '~~/core/edits/edit'
import { setCounts, setSashing } from '~~/core/edits/setting'
import type { Part } from '~~/core/top/region'

export interface Command {
  id: string
  name: string
  icon: string
  keys?: string
  /** Other words people look for it by, UK and US. */
  words?: string
  run: () => void
}

interface Doings {
  id: Ref<string>
  onLook: () => void
  onHelp: () => void
  onVersions: () => void
  onSave: () => void
}

const STATION_WORDS: Readonly<Record<string, string>> = {
  design: 'block setting layout size tape drawing',
  cloth: 'fabric yardage buy shopping colour color value margin precuts fat quarter',
  cut: 'cutting sheet rotary strips mat piles seam test',
  piece: 'sew sewing recipe units rows press join templates papers',
  finish: 'backing batting wadding baste tack quilting binding label measure borders trim',
  diary: 'notes record time log photo',
}

/** Everything that can be done from anywhere, for the finder. */
export function useQuiltCommands(doings: Doings): ComputedRef<Command[]> {
  const design = useDesignCommands(doings.id)
  const rest = useOtherCommands(doings)
  return computed(() => [
    ...STATIONS.map((station, i): Command => ({
      id: station.id,
      name: `Go to ${station.name}`,
      icon: 'i-lucide-arrow-right',
      keys: `g ${i + 1}`,
      words: STATION_WORDS[station.id] ?? '',
      run: () => void navigateTo(`/q/${doings.id.value}/${station.id}`),
    })),
    ...design.value,
    ...rest.value,
  ])
}

/** What changes the quilt, or leads to the part that is to be changed. */
function useDesignCommands(id: Ref<string>): ComputedRef<Command[]> {
  const store = useQuilt()
  const toast = useSay()
  const show = async (part: Part) => {
    await navigateTo(`/q/${id.value}/design`)
    showPart(part)
  }
  const edit = (name: string, change: Edit, part?: Part) => {
    toast.problems(store.apply(name, change))
    if (part) void show(part)
  }
  const first: Part = { kind: 'block', row: 0, column: 0 }
  return computed((): Command[] => {
    const quilt = store.quilt
    if (!quilt || !store.canWrite) return []
    const { across, down, sashing } = quilt.setting
    const icon = 'i-lucide-pencil-ruler'
    const { borders } = quilt
    return [
      {
        id: 'size',
        name: 'Block size, another block, its cloths',
        icon,
        words: 'measure width height bigger smaller change replace colour color',
        run: () => void show(first),
      },
      {
        id: 'turn',
        name: 'Turn a block',
        icon: 'i-lucide-rotate-cw',
        keys: 'r',
        words: 'rotate quarter',
        run: () => edit('turn', turnCell(0, 0), first),
      },
      {
        id: 'mirror',
        name: 'Mirror a block',
        icon: 'i-lucide-flip-horizontal',
        keys: 'm',
        words: 'flip reverse',
        run: () => edit('mirror', mirrorCell(0, 0), first),
      },
      {
        id: 'across',
        name: 'One block more across',
        icon: 'i-lucide-plus',
        words: 'columns add wider',
        run: () => edit('number of blocks', setCounts(Math.min(200, across + 1), down)),
      },
      {
        id: 'down',
        name: 'One block more down',
        icon: 'i-lucide-plus',
        words: 'rows add longer higher',
        run: () => edit('number of blocks', setCounts(across, Math.min(200, down + 1))),
      },
      sashing
        ? {
            id: 'sashing',
            name: 'Change the sashing',
            icon: 'i-lucide-grid-3x3',
            words: 'sash sashes lattice cornerstone post strips',
            run: () => void show({ kind: 'sash' }),
          }
        : {
            id: 'sashing',
            name: 'Add sashing',
            icon: 'i-lucide-grid-3x3',
            words: 'sash sashes lattice cornerstone post strips',
            run: () => edit('sashing', setSashing({ cloth: quilt.cloths.at(-1)!.id }), { kind: 'sash' }),
          },
      {
        id: 'border',
        name: borders.length > 0 ? 'Add another border' : 'Add a border',
        icon: 'i-lucide-square-dashed',
        words: 'frame edge strips',
        run: () => edit('border', addBorder(3, borderCloth(quilt)), { kind: 'border', border: borders.length + 1 }),
      },
      ...borders.map((_, i): Command => ({
        id: `border-${i + 1}`,
        name: `Change border ${i + 1}`,
        icon: 'i-lucide-square-dashed',
        words: 'width sides ends corners mitre miter butted',
        run: () => void show({ kind: 'border', border: i + 1 }),
      })),
      quilt.binding
        ? {
            id: 'binding',
            name: 'Change the binding',
            icon: 'i-lucide-square',
            words: 'edge strip double single',
            run: () => void show({ kind: 'binding' }),
          }
        : {
            id: 'binding',
            name: 'Add a binding',
            icon: 'i-lucide-square',
            words: 'edge strip bind',
            run: () => edit('binding', setBinding({}), { kind: 'binding' }),
          },
      {
        id: 'draft',
        name: 'Draw a block of my own',
        icon: 'i-lucide-pencil-ruler',
        words: 'draft design sketch grid',
        run: () => void navigateTo(`/q/${id.value}/draft?blank`),
      },
      {
        id: 'label',
        name: 'The label for the back',
        icon: 'i-lucide-tag',
        words: 'name date wash care',
        run: () => void navigateTo(`/q/${id.value}/finish#label`),
      },
    ]
  })
}

/** What has to do with the person, the paper and the file. */
function useOtherCommands({ id, onLook, onHelp, onVersions, onSave }: Doings): ComputedRef<Command[]> {
  const store = useQuilt()
  const settings = useSettings()
  const colorMode = useColorMode()
  const go = (to: string) => () => void navigateTo(`/q/${id.value}/${to}`)
  const printAt = (station: string) => async () => {
    await navigateTo(`/q/${id.value}/${station}`)
    await nextTick()
    setTimeout(() => window.print(), 300)
  }
  return computed((): Command[] => [
    {
      id: 'cut-steps',
      name: 'Cut step by step',
      icon: 'i-lucide-maximize',
      words: 'at the mat full screen',
      run: go('cut?steps'),
    },
    {
      id: 'piece-steps',
      name: 'Sew step by step',
      icon: 'i-lucide-maximize',
      words: 'at the machine full screen',
      run: go('piece?steps'),
    },
    {
      id: 'look',
      name: 'Second look',
      icon: 'i-lucide-eye',
      words: 'check checks warnings problems mistakes',
      run: onLook,
    },
    {
      id: 'undo',
      name: store.past.length > 0 ? `Undo: ${store.past.at(-1)!.name}` : 'Undo',
      icon: 'i-lucide-undo-2',
      keys: 'Ctrl Z',
      words: 'back take back',
      run: store.undo,
    },
    {
      id: 'redo',
      name: 'Redo',
      icon: 'i-lucide-redo-2',
      keys: 'Ctrl Shift Z',
      words: 'again forward',
      run: store.redo,
    },
    {
      id: 'save',
      name: 'Save a copy as a file',
      icon: 'i-lucide-download',
      words: 'download keep backup',
      run: onSave,
    },
    { id: 'versions', name: 'Earlier versions', icon: 'i-lucide-history', words: 'history restore', run: onVersions },
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
      name: colorMode.value === 'dark' ? 'Day light' : 'Evening light',
      icon: 'i-lucide-moon',
      words: 'dark light theme night',
      run: () => (colorMode.preference = colorMode.value === 'dark' ? 'light' : 'dark'),
    },
    {
      id: 'print',
      name: 'Print this station',
      icon: 'i-lucide-printer',
      words: 'paper pdf',
      run: () => window.print(),
    },
    {
      id: 'print-cut',
      name: 'Print the cutting sheet',
      icon: 'i-lucide-printer',
      words: 'paper pdf strips',
      run: printAt('cut'),
    },
    {
      id: 'print-cloth',
      name: 'Print the shopping list',
      icon: 'i-lucide-printer',
      words: 'paper pdf buy fabric',
      run: printAt('cloth'),
    },
    {
      id: 'print-piece',
      name: 'Print the recipe',
      icon: 'i-lucide-printer',
      words: 'paper pdf steps',
      run: printAt('piece'),
    },
    {
      id: 'shelf',
      name: 'To the shelf',
      icon: 'i-lucide-library',
      words: 'all quilts new open file home',
      run: () => void navigateTo('/'),
    },
    { id: 'keys', name: 'Keys', icon: 'i-lucide-keyboard', keys: '?', words: 'keyboard shortcuts help', run: onHelp },
  ])
}
