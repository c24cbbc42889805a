import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import type { QuiltFile } from '~~/core/file/schema'
import type { BackupChoice } from '~~/core/shelf/compareQuilts'
import type { QuiltOfBackup } from './backupMessages'

const file = (name: string) => ({ name }) as QuiltFile
const at = '2026-11-01T10:00:00Z'

/** A browser of its own. */
async function browser() {
  globalThis.indexedDB = new IDBFactory()
  let keeper!: typeof import('~/keeping/quiltKeeper')
  let marks!: typeof import('~/keeping/backedUp')
  let taking!: typeof import('./takeFromBackup')
  await jest.isolateModulesAsync(async () => {
    keeper = await import('~/keeping/quiltKeeper')
    marks = await import('~/keeping/backedUp')
    taking = await import('./takeFromBackup')
  })
  const here = await keeper.keep({ kept: 1, id: 'q', revision: 0, file: file('here'), savedAt: at, versions: [] })
  const quilt: QuiltOfBackup = { id: 'q', digest: 'd', savedAt: at, file: file('there'), state: 'changed-both', here }
  const take = (choice: BackupChoice, more: Partial<QuiltOfBackup> = {}) =>
    taking.takeFromBackup([{ quilt: { ...quilt, ...more }, choice }])
  const names = async () => {
    const { ids } = await keeper.keptIds()
    return (await Promise.all(ids.map(keeper.loadKept))).map(kept => kept!.file.name).sort()
  }
  return { ...keeper, ...marks, take, names }
}

test('taken in place of the one here, that one is a version of it, and the backup is what both come from', async () => {
  const one = await browser()
  expect([...(await one.take('backup'))]).toEqual([['q', 'taken']])
  const kept = (await one.loadKept('q'))!
  expect(kept.file.name).toBe('there')
  expect(kept.versions.map(version => version.file.name)).toEqual(['here'])
  expect((await one.loadBackedUp()).get('q')).toEqual({ digest: 'd', revision: kept.revision })
})

test('both are kept, each under a name of its own; left alone, nothing changes', async () => {
  const one = await browser()
  await one.take('both')
  expect(await one.names()).toEqual(['here', 'there (from the backup)'])
  await one.take('here')
  expect(await one.names()).toEqual(['here', 'there (from the backup)'])
  expect((await one.loadBackedUp()).size).toBe(0)
})

test('what was changed here after the comparison is not laid over', async () => {
  const one = await browser()
  await one.keep({ ...(await one.loadKept('q'))!, file: file('later') })
  expect([...(await one.take('backup'))]).toEqual([['q', 'changed']])
  expect(await one.names()).toEqual(['later'])
})

test('what is not on the shelf is put there under its own id', async () => {
  const one = await browser()
  await one.take('backup', { id: 'other', here: null, state: 'not-here' })
  expect((await one.loadKept('other'))!.file.name).toBe('there')
})
