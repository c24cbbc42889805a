import type { BackupChoice } from '~~/core/shelf/compareQuilts'
import { keepBackedUp } from '~/keeping/backedUp'
import type { BackedUp } from '~/keeping/keptRecords'
import { withState, type KeptQuilt } from '~/keeping/keptQuilt'
import { keep, loadKept, newId, Overtaken } from '~/keeping/quiltKeeper'
import type { QuiltOfBackup } from './backupMessages'

/** How taking a quilt ended: `changed`, somebody worked on it since it was compared; `not-kept`, storage refused. */
export type TakingOutcome = 'here' | 'taken' | 'changed' | 'not-kept'

/**
 * Puts quilts of a backup on the shelf as was chosen for each. What was on the shelf before stays among the versions
 * of its quilt.
 */
export async function takeFromBackup(
  chosen: readonly { quilt: QuiltOfBackup; choice: BackupChoice }[],
): Promise<Map<string, TakingOutcome>> {
  const outcomes = new Map<string, TakingOutcome>()
  const marks = new Map<string, BackedUp>()
  for (const { quilt, choice } of chosen) {
    const { id, digest, here, state } = quilt
    if (choice === 'here') {
      outcomes.set(id, 'here')
      if (state === 'same') marks.set(id, { digest, revision: here!.revision })
      continue
    }
    try {
      const kept = await keep(choice === 'both' ? copyOf(quilt) : await stateOf(quilt))
      if (choice === 'backup') marks.set(id, { digest, revision: kept.revision })
      outcomes.set(id, 'taken')
    } catch (error) {
      outcomes.set(id, error instanceof Overtaken ? 'changed' : 'not-kept')
    }
  }
  await keepBackedUp(marks).catch(() => {})
  return outcomes
}

const fresh = ({ file, savedAt }: QuiltOfBackup, id: string): KeptQuilt => ({
  kept: 1,
  id,
  revision: 0,
  file,
  savedAt,
  versions: [],
})

/** Beside the one on the shelf. */
const copyOf = (quilt: QuiltOfBackup) =>
  fresh({ ...quilt, file: { ...quilt.file, name: `${quilt.file.name ?? 'Quilt'} (from the backup)` } }, newId())

/** In place of the one on the shelf, which becomes a version. Fails with `Overtaken`. */
async function stateOf(quilt: QuiltOfBackup): Promise<KeptQuilt> {
  const now = await loadKept(quilt.id).catch(() => null)
  if ((now?.revision ?? -1) !== (quilt.here?.revision ?? -1)) throw new Overtaken()
  return now ? withState(now, quilt.file, quilt.savedAt, true) : fresh(quilt, quilt.id)
}
