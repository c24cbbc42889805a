import { mirrorCell, turnCell } from '~~/core/edits/blocks'
import { borderCloth } from '~~/core/edits/borderCloth'
import { setBinding } from '~~/core/edits/binding'
import { addBorder } from '~~/core/edits/edge'
import type { Edit } from '~~/core/edits/edit'
import { setCounts, setKind, setSashing } from '~~/core/edits/setting'
import { setTurns, TURN_PATTERNS } from '~~/core/edits/turnPatterns'
import { SETTING_KINDS } from '~~/core/file/schema'
import type { Quilt } from '~~/core/file/quilt'
import { UNIT_DEFAULTS } from '~~/core/measure/units'
import { capital, settingName } from '~~/words/names'
import { inEnglish, type Speech } from '~~/words/speech'
import { turnPatternName } from '~~/words/tryOuts'
import type { Command } from './command'

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
  const { borders, binding, setting, cloths, units } = quilt
  return [
    {
      id: 'sashing',
      name: setting.sashing ? 'Change the sashing' : 'Add sashing',
      icon: 'i-lucide-grid-3x3',
      words: 'sash sashes lattice cornerstone post strips',
      run() {
        if (!setting.sashing) edit('sashing', setSashing({ cloth: cloths.at(-1)!.id }))
        show({ kind: 'sash' })
      },
    },
    {
      id: 'border',
      name: borders.length > 0 ? 'Add another border' : 'Add a border',
      icon: 'i-lucide-square-dashed',
      words: 'frame edge strips',
      run() {
        edit('border', addBorder(UNIT_DEFAULTS[units].borderWidth, borderCloth(quilt)))
        show({ kind: 'border', border: borders.length + 1 })
      },
    },
    ...borders.map((_, i): Command => ({
      id: `border-${i + 1}`,
      name: `Change border ${i + 1}`,
      icon: 'i-lucide-square-dashed',
      words: 'width sides ends corners mitre miter butted pieced',
      run: () => show({ kind: 'border', border: i + 1 }),
    })),
    {
      id: 'binding',
      name: binding ? 'Change the binding' : 'Add a binding',
      icon: 'i-lucide-square',
      words: 'edge strip bind double single flange',
      run() {
        if (!binding) edit('binding', setBinding({}))
        show({ kind: 'binding' })
      },
    },
  ]
}

function layoutCommands(quilt: Quilt, speech: Speech, { edit, show }: Hands): Command[] {
  const list = (id: ShownList, name: string, icon: string, words: string): Command => ({
    id: `design-${id}`,
    name,
    icon,
    words,
    run: () => show({ list: id }),
  })
  return [
    list('setting', 'Setting', 'i-lucide-blocks', 'how blocks are set straight on point offset rows float triangles'),
    list('try-outs', 'Try-outs', 'i-lucide-gallery-thumbnails', 'compare ideas pictures layouts'),
    list('fit', 'Size to fit a bed', 'i-lucide-bed-double', 'queen king twin mattress drop size larger smaller'),
    list('climb', inEnglish('Colors that climb', speech), 'i-lucide-trending-up', 'gradient fade diagonal spread'),
    list('grey', inEnglish('In gray: look at light and dark', speech), 'i-lucide-contrast', 'grey gray value contrast'),
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
