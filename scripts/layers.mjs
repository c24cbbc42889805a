// The folders of the core from the floor to the roof, and what the folders round it read. `npm run imports` holds the
// code to it, and docs/architecture.svg is drawn from it.
export const CORE_ORDER = [
  'measure',
  'geometry',
  'designs',
  'file',
  'made',
  'top',
  'make/order',
  'make/units',
  'make/steps',
  'make/methods',
  'make/pressing',
  'make/joins',
  'cut',
  'layers',
  'quilting',
  'pressing',
  'wall',
  'spread',
  'plan',
  'recipes',
  'batches',
  'simulation',
  'checks',
  'edits',
  'drafting',
  'paper',
]

export const OUTSIDE_ORDER = [
  { folder: 'core', reads: [] },
  { folder: 'words', reads: ['core'] },
  { folder: 'cli', reads: ['core', 'words'] },
  { folder: 'demo', reads: ['core'] },
  { folder: 'server', reads: ['core', 'words'] },
  { folder: 'app', reads: ['core', 'words', 'demo'] },
]
