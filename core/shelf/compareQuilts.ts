import type { QuiltFile } from '../file/schema'

/** How a quilt of a backup stands to the one on the shelf. */
export type BackupState = 'not-here' | 'same' | 'changed-there' | 'changed-here' | 'changed-both'

/**
 * By what they hold, never by clocks, which may go wrong. `base`: the digest of the state that both come from, where it
 * is known: the last backup made here, or read here.
 */
export function backupState(here: { digest: string; base?: string | undefined } | null, there: string): BackupState {
  if (!here) return 'not-here'
  if (here.digest === there) return 'same'
  if (here.base === here.digest) return 'changed-there'
  if (here.base === there) return 'changed-here'
  return 'changed-both'
}

/** What may be done with a quilt of a backup. */
export type BackupChoice = 'here' | 'backup' | 'both'

/** What can be chosen, and first of all what loses nothing. */
export function choicesFor(state: BackupState): readonly BackupChoice[] {
  switch (state) {
    case 'not-here':
      return ['backup', 'here']
    case 'same':
      return ['here']
    case 'changed-there':
      return ['backup', 'here', 'both']
    case 'changed-here':
      return ['here', 'backup', 'both']
    case 'changed-both':
      return ['both', 'here', 'backup']
  }
}

/** What a quilter knows a state of a quilt by. */
export interface ShelfFacts {
  name: string
  across: number
  down: number
  blocks: number
  cloths: number
  borders: number
  /** Ticked at the mat and at the machine. */
  ticks: number
  measures: number
  notes: number
  photographs: number
}
export type QuiltFact = keyof ShelfFacts

/** Counted in a file as it was written. */
export function factsOf(file: QuiltFile): ShelfFacts {
  return {
    name: file.name ?? '',
    across: file.setting?.across ?? 0,
    down: file.setting?.down ?? 0,
    blocks: file.blocks.length,
    cloths: file.cloths.length,
    borders: file.borders?.length ?? 0,
    ticks: (file.done ?? []).reduce((sum, { count = 1 }) => sum + count, 0),
    measures: file.made?.length ?? 0,
    notes: file.diary?.length ?? 0,
    photographs: file.photos?.length ?? 0,
  }
}

/** Facts in which two states of a quilt differ; none: they differ in something finer, as a colour or a size. */
export function differingFacts(here: QuiltFile, there: QuiltFile): QuiltFact[] {
  const [a, b] = [factsOf(here), factsOf(there)]
  return (Object.keys(a) as QuiltFact[]).filter(fact => a[fact] !== b[fact])
}
