import type { BackupFault } from '~~/core/shelf/backupList'
import type { BackupChoice } from '~~/core/shelf/compareQuilts'
import { mergeIn } from '~~/core/stash/stashEdits'
import { keepBackedUp } from '~/keeping/backedUp'
import { keepPhotos } from '~/keeping/keptPhotos'
import { heldInMemory } from '~/keeping/quiltKeeper'
import type { BackupContents, FromBackupWorker, QuiltOfBackup, ToBackupWorker } from './backupMessages'
import { takeFromBackup, type TakingOutcome } from './takeFromBackup'

const startWorker = () => new Worker(new URL('./backupWorker.ts', import.meta.url), { type: 'module' })

/** Making a backup of everything, and taking one back. */
export function useBackup(onMade: (at: string) => void) {
  const { state, run, close } = useWorkerRun<ToBackupWorker, FromBackupWorker>(startWorker)
  const doing = ref<'making' | 'reading' | null>(null)
  /** Of 1. */
  const part = ref(0)
  const fault = ref<BackupFault | null>(null)
  const contents = shallowRef<BackupContents | null>(null)
  /** What the last backup holds. */
  const made = ref<{ quilts: number; photos: number; left: number; bytes: number } | null>(null)

  function begin(kind: 'making' | 'reading', message: ToBackupWorker, hear: (message: FromBackupWorker) => void) {
    doing.value = kind
    part.value = 0
    fault.value = null
    contents.value = null
    made.value = null
    run(message, answer => {
      if (answer.kind === 'progress') part.value = answer.done / answer.all
      else {
        close('done')
        hear(answer)
      }
    })
  }
  function make() {
    const at = new Date().toISOString()
    begin('making', { kind: 'make', at, held: plainCopy(heldInMemory()) }, async answer => {
      if (answer.kind !== 'made') return
      const { zip, marks, photos, left } = answer
      await keepBackedUp(marks).catch(() => {})
      onMade(at)
      downloadBlob(`wren-backup-${at.slice(0, 10)}.zip`, zip)
      made.value = { quilts: marks.size, photos, left, bytes: zip.size }
    })
  }
  function read(zip: File) {
    begin('reading', { kind: 'read', zip }, answer => {
      if (answer.kind === 'refused') fault.value = answer.fault
      else if (answer.kind === 'read') contents.value = answer.contents
    })
  }
  async function take(chosen: readonly { quilt: QuiltOfBackup; choice: BackupChoice }[], isStashReplaced: boolean) {
    const taken = await takeAll(contents.value!, chosen, isStashReplaced)
    contents.value = null
    return taken
  }
  const stop = () => close('stopped')
  return { state, doing, part, fault, contents, made, make, read, take, stop }
}

/**
 * Takes what was chosen, all photographs that are not here, and cloths of the stash that are not here or, if asked,
 * differ. Gives how each quilt went, and whether photographs and stash are kept.
 */
async function takeAll(
  { photos, stash }: BackupContents,
  chosen: readonly { quilt: QuiltOfBackup; choice: BackupChoice }[],
  isStashReplaced: boolean,
): Promise<{ outcomes: Map<string, TakingOutcome>; isRestKept: boolean }> {
  const outcomes = await takeFromBackup(chosen)
  const arePhotosKept = await keepPhotos(photos).then(
    () => true,
    () => false,
  )
  const isStashKept = stash.length === 0 || (await useStash().apply(mergeIn(stash, isStashReplaced)))
  return { outcomes, isRestKept: arePhotosKept && isStashKept }
}

const plainCopy = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
