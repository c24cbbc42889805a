import { inEnglish, type Speech } from '~~/words/speech'
import type { Command } from './command'

/** What else people call the work of a page. */
const WORDS: Readonly<Record<QuiltPage, string>> = {
  'design': 'block setting layout size tape drawing',
  'cloth': 'fabric yardage buy shopping colour color value margin precuts fat quarter shop order',
  'cut': 'cutting sheet rotary strips mat piles seam test',
  'piece': 'sew sewing recipe units rows press join templates papers',
  'finish': 'backing batting wadding baste tack quilting binding label measure borders trim',
  'diary': 'notes record time log photo',
  'draft': 'draft design sketch grid own block',
  'picture': 'photo photograph pixel squares chart cross stitch counted thread csv image portrait',
  'wall': 'arrange lay out blocks layout spread balance neighbours neighbors gray grey squint far snapshot',
  'chart': 'rows runs squares read count letters panels fusible grid strip sets',
  'batches': 'chain piecing many at once lots stations',
  'joining': 'rows seams nest crossings pins clips assemble top',
  'cards': 'row cards print order blocks labels',
  'chances': 'chance mistakes scatter likely simulate accuracy',
  'quilting': 'lines stitch in the ditch grid motif thread bobbin',
  'back': 'backing leftovers scraps pieced',
  'binding': 'bind corners strips steps',
  'last': 'label sleeve hang wash care name date',
  'as-you-go': 'quilt block by block through all layers',
  'time': 'hours estimate schedule calendar deadline how long plan days sessions burn down',
}

/** Pages behind a station, as one goes there. */
const NAMES = {
  'chart': 'Read the chart of a picture',
  'picture': 'A picture in squares',
  'wall': 'Hang it on the wall',
  'batches': 'Sew in batches',
  'joining': 'Join the rows',
  'cards': 'Row cards',
  'chances': 'What chance does',
  'quilting': 'Plan the quilting',
  'back': 'Piece the back from what is left over',
  'binding': 'Bind it, step by step',
  'last': 'The label for the back, hanging, washing',
  'as-you-go': 'Block by block through all layers',
  'time': 'How long it takes',
} as const satisfies Partial<Record<QuiltPage, string>>

/** To each station, and to the pages behind them. */
export function pageCommands(speech: Speech): Command[] {
  const to = (page: QuiltPage) => ({ words: WORDS[page], run: () => void navigateTo(toPage(page)) })
  return [
    ...STATIONS.map(({ id, name }, i): Command => ({
      id,
      name: `Go to ${name}`,
      icon: 'i-lucide-arrow-right',
      keys: `g ${i + 1}`,
      ...to(id),
    })),
    ...(Object.keys(NAMES) as (keyof typeof NAMES)[]).map((page): Command => ({
      id: `page-${page}`,
      name: inEnglish(NAMES[page], speech),
      icon: 'i-lucide-arrow-right',
      ...to(page),
    })),
    {
      id: 'draft',
      name: 'Draw a block of my own',
      icon: 'i-lucide-pencil-ruler',
      words: WORDS.draft,
      run: () => void navigateTo(toPage('draft', { query: { blank: null } })),
    },
    {
      id: 'cut-steps',
      name: 'Cut step by step',
      icon: 'i-lucide-maximize',
      words: 'at the mat full screen',
      run: () => void navigateTo(toPage('cut', { query: { steps: null } })),
    },
    {
      id: 'piece-steps',
      name: 'Sew step by step',
      icon: 'i-lucide-maximize',
      words: 'at the machine full screen',
      run: () => void navigateTo(toPage('piece', { query: { steps: null } })),
    },
    {
      id: 'shelf',
      name: 'To the shelf',
      icon: 'i-lucide-library',
      words: 'all quilts new open file home',
      run: () => void navigateTo('/'),
    },
    {
      id: 'stash',
      name: 'To the stash',
      icon: 'i-lucide-layers',
      words: 'cloth fabric cupboard leftovers scraps over all quilts set aside',
      run: () => void navigateTo('/stash'),
    },
  ]
}
