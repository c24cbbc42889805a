import { mirrorCell, turnCell } from '~~/core/edits/blocks'
import type { Edit } from '~~/core/edits/edit'
import { setCounts, setKind } from '~~/core/edits/setting'
import { setTurns, TURN_PATTERNS } from '~~/core/edits/turnPatterns'
import { SETTING_KINDS } from '~~/core/file/settings'
import type { Quilt } from '~~/core/file/quilt'
import type { TopPart } from '~~/core/top/regions/region'
import { capital, settingName } from '~~/words/names'
import { inEnglish, type Speech } from '~~/words/speech'
import { turnPatternName } from '~~/words/tryOuts'
import { additions, type Addition } from './additions'
import type { Command } from './command'

/** What else people look for them by. */
const EDGE_WORDS: Readonly<Record<Addition['id'], string>> = {
  sashing: 'sash sashes lattice cornerstone post strips',
  border: 'frame edge strips width sides ends corners mitre miter butted pieced',
  binding: 'edge strip bind double single flange',
}

interface Hands {
  /** Changes the quilt, or says why not. */
  edit: (name: string, change: Edit) => void
  /** Goes to Design and opens a part or a list there. */
  show: (what: ShownOnDesign) => void
}

/** What changes the quilt, or leads to the part that is to be changed. */
export function quiltCommands(quilt: Quilt, speech: Speech, hands: Hands): Command[] {
  return [
    ...blockCommands(hands),
    ...countCommands(quilt, hands),
    ...edgeCommands(quilt, hands),
    ...layoutCommands(quilt, speech, hands),
  ]
}

function blockCommands({ edit, show }: Hands): Command[] {
  const first = { kind: 'block', row: 0, column: 0 } as const
  const change = (name: string, how: Edit) => () => {
    edit(name, how)
    show(first)
  }
  return [
    {
      id: 'size',
      name: 'Block size, another block, its cloths',
      icon: 'i-lucide-pencil-ruler',
      words: 'measure width height bigger smaller change replace colour color frame',
      run: () => show(first),
    },
    {
      id: 'turn',
      name: 'Turn the first block',
      icon: 'i-lucide-rotate-cw',
      words: 'rotate quarter',
      run: change('turn', turnCell(0, 0)),
    },
    {
      id: 'mirror',
      name: 'Mirror the first block',
      icon: 'i-lucide-flip-horizontal',
      words: 'flip reverse',
      run: change('mirror', mirrorCell(0, 0)),
    },
  ]
}

function countCommands({ setting: { across, down } }: Quilt, { edit }: Hands): Command[] {
  const counts = (columns: number, rows: number) => () => edit('number of blocks', setCounts(columns, rows))
  return [
    {
      id: 'across',
      name: 'One block more across',
      icon: 'i-lucide-plus',
      words: 'columns add wider',
      run: counts(Math.min(200, across + 1), down),
    },
    {
      id: 'down',
      name: 'One block more down',
      icon: 'i-lucide-plus',
      words: 'rows add longer higher',
      run: counts(across, Math.min(200, down + 1)),
    },
  ]
}

function edgeCommands(quilt: Quilt, { edit, show }: Hands): Command[] {
  const add = additions(quilt).map(({ id, label, icon, edit: change, part }): Command => ({
    id,
    name: `Add: ${label.toLowerCase()}`,
    icon,
    words: EDGE_WORDS[id],
    run() {
      edit(id, change())
      show(part)
    },
  }))
  const change = (id: Addition['id'], part: TopPart, name: string): Command => ({
    id: `change-${name}`,
    name: `Change ${name}`,
    icon: 'i-lucide-pencil',
    words: EDGE_WORDS[id],
    run: () => show(part),
  })
  return [
    ...add,
    ...(quilt.setting.sashing ? [change('sashing', { kind: 'sash' }, 'the sashing')] : []),
    ...quilt.borders.map((_, i) => change('border', { kind: 'border', border: i + 1 }, `border ${i + 1}`)),
    ...(quilt.binding ? [change('binding', { kind: 'binding' }, 'the binding')] : []),
  ]
}

function layoutCommands(quilt: Quilt, speech: Speech, { edit, show }: Hands): Command[] {
  const list = (id: OverDrawing, name: string, icon: string, words: string): Command => ({
    id: `design-${id}`,
    name,
    icon,
    words,
    run: () => show({ list: id }),
  })
  return [
    list('setting', 'Setting', 'i-lucide-blocks', 'how blocks are set straight on point offset rows float triangles'),
    list('lay-out', 'Lay out', 'i-lucide-layout-grid', 'arrange fill places turn blocks'),
    list(
      'sizes',
      'Sizes and frames of the blocks',
      'i-lucide-ruler',
      'sampler module coping strips frame own size rows',
    ),
    list('tray', 'Blocks sewn already', 'i-lucide-package-open', 'existing orphan left over inherited tray heap'),
    list('try-outs', 'Try-outs', 'i-lucide-gallery-thumbnails', 'compare ideas pictures layouts'),
    list('fit', 'Size to fit a bed', 'i-lucide-bed-double', 'queen king twin mattress drop size larger smaller'),
    list('climb', inEnglish('Colors that climb', speech), 'i-lucide-trending-up', 'gradient fade diagonal spread'),
    {
      id: 'design-grey',
      name: inEnglish('In gray: look at light and dark', speech),
      icon: 'i-lucide-contrast',
      words: 'grey gray value contrast',
      run: () => show({ view: 'grey' }),
    },
    ...SETTING_KINDS.filter(kind => kind !== quilt.setting.kind).map((kind): Command => ({
      id: `setting-${kind}`,
      name: `Set the blocks: ${settingName(kind)}`,
      icon: 'i-lucide-blocks',
      words: 'way of setting layout',
      run() {
        edit('way of setting', setKind(kind))
        show({ list: 'setting' })
      },
    })),
    ...TURN_PATTERNS.map((pattern): Command => ({
      id: `turns-${pattern}`,
      name: `Turn the blocks: ${capital(inEnglish(turnPatternName(pattern), speech))}`,
      icon: 'i-lucide-layout-grid',
      words: 'lay out arrange barn raising furrows',
      run() {
        edit('blocks turned', setTurns(quilt, pattern))
        void navigateTo(toPage('design'))
      },
    })),
  ]
}
