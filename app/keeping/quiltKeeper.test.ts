import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import fc from 'fast-check'
import type { QuiltFile } from '~~/core/file/schema'
import type { KeptQuilt } from './keptQuilt'

const file = (name: string) => ({ name }) as QuiltFile
const at = (n: number) => new Date(Date.UTC(2026, 2, 1) + n * 60_000).toISOString()
const fresh: KeptQuilt = { kept: 1, id: 'q', revision: 0, file: file('first'), savedAt: at(0), versions: [] }

/** A tab of its own: modules loaded anew, one database under all. */
async function tab() {
  let keeper!: typeof import('./quiltKeeper')
  let forms!: typeof import('./keptForms')
  let steps!: typeof import('./keptSteps')
  let storage!: typeof import('./database')
  await jest.isolateModulesAsync(async () => {
    keeper = await import('./quiltKeeper')
    forms = await import('./keptForms')
    steps = await import('./keptSteps')
    storage = await import('./database')
  })
  return { ...keeper, ...forms, ...steps, ...storage }
}

const aMoment = () => new Promise(resolve => setTimeout(resolve, 20))

beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
})

test('of tabs that write at once from one state just one is kept, however many; no state is lost', async () => {
  await fc.assert(
    fc.asyncProperty(fc.integer({ min: 2, max: 5 }), fc.integer({ min: 1, max: 4 }), async (count, rounds) => {
      globalThis.indexedDB = new IDBFactory()
      const tabs: Awaited<ReturnType<typeof tab>>[] = []
      for (let i = 0; i < count; i++) tabs.push(await tab())
      await tabs[0]!.keep(fresh)
      for (let round = 1; round <= rounds; round++) {
        const before = (await tabs[0]!.loadKept('q'))!
        // each round two writes are kept
        expect(before.revision).toBe(2 * round - 1)
        const results = await Promise.all(
          tabs.map(async ({ keep, keepVersion, Overtaken }, i) => {
            const own = { ...before, file: file(`${round} ${i}`), savedAt: at(round * 10 + i) }
            try {
              return await keep(own)
            } catch (error) {
              expect(error).toBeInstanceOf(Overtaken)
              await keepVersion('q', { at: own.savedAt, file: own.file, isFromOtherTab: true })
              return null
            }
          }),
        )
        const winners = results.filter(result => result !== null)
        expect(winners).toHaveLength(1)
        const after = (await tabs[1]!.loadKept('q'))!
        expect(after.file).toEqual(winners[0]!.file)
        const names = [after.file, ...after.versions.map(version => version.file)].map(({ name }) => name)
        for (let i = 0; i < count; i++) expect(names).toContain(`${round} ${i}`)
        // the versions that others added outlive the owner's next write
        const next = await tabs[0]!.keep({ ...winners[0]!, savedAt: at(round * 10 + 9) })
        expect(next.versions).toEqual(after.versions)
      }
    }),
    { numRuns: 15 },
  )
})

test('a spoilt record is nothing to open, and hides no other', async () => {
  const { keep, keptIds, loadKept } = await tab()
  const { database } = await import('./database')
  await keep(fresh)
  const db = await database()
  for (const [id, value] of Object.entries({ a: 7, b: { kept: 1 }, c: { ...fresh, savedAt: null }, d: null }))
    await db.put('quilts', value as unknown as KeptQuilt, `quilt:${id}`)
  const { ids } = await keptIds()
  const loaded = await Promise.all(ids.map(id => loadKept(id)))
  expect(loaded.filter(quilt => quilt !== null).map(({ id }) => id)).toEqual(['q'])
})

test('a quilt that was removed is not written back by a tab that had it open', async () => {
  const [one, other] = [await tab(), await tab()]
  const kept = await one.keep(fresh)
  await other.removeKept('q')
  await expect(one.keep({ ...kept, file: file('late') })).rejects.toThrow(one.Overtaken)
  expect(await other.loadKept('q')).toBeNull()
})

test('a half-filled form is in the database by itself, and there for a tab that never saw it', async () => {
  const one = await tab()
  const keptForms = async () => (await one.database()).getAll('forms')
  one.writeForm('q:note', '{"text":"half a s"}')
  one.writeForm('other:note', '{"text":"not this"}')
  while ((await keptForms()).length < 2) await aMoment()
  const later = await tab()
  await later.loadForms('q')
  expect(later.readForm('q:note')).toBe('{"text":"half a s"}')
  expect(later.readForm('other:note')).toBeNull()
  later.writeForm('q:note', null)
  while ((await keptForms()).length > 1) await aMoment()
  const last = await tab()
  await last.loadForms('q')
  expect(last.readForm('q:note')).toBeNull()
})

test('what storage refused is held, until another tab has kept a later state', async () => {
  const [full, other] = [await tab(), await tab()]
  const kept = await full.keep(fresh)
  const put = IDBObjectStore.prototype.put
  IDBObjectStore.prototype.put = () => {
    throw new DOMException('full', 'QuotaExceededError')
  }
  await expect(full.keep({ ...kept, file: file('held') })).rejects.toThrow('full')
  IDBObjectStore.prototype.put = put
  expect((await full.loadKept('q'))!.file.name).toBe('held')
  await other.keep({ ...kept, file: file('later') })
  expect((await full.loadKept('q'))!.file.name).toBe('later')
  await expect(full.keep({ ...kept, file: file('held') })).rejects.toThrow(full.Overtaken)
})

test('the last fifty steps are kept with the state they lead from, and with no other', async () => {
  const one = await tab()
  const past = Array.from({ length: 60 }, (_, i) => ({ name: `step ${i}`, file: file(`state ${i}`) }))
  const future = [{ name: 'undone', file: file('undone') }]
  const kept = await one.keep(fresh, { past, future })
  const later = await tab()
  const steps = await later.loadSteps('q', kept.revision)
  expect(steps.past.map(({ name }) => name)).toEqual(past.slice(10).map(({ name }) => name))
  expect(steps.past.at(-1)!.file).toEqual(file('state 59'))
  expect(steps.future).toEqual(future)
  expect(await later.loadSteps('q', kept.revision + 1)).toMatchObject({ past: [], future: [] })
  await later.removeKept('q')
  expect(await one.loadSteps('q', kept.revision)).toMatchObject({ past: [], future: [] })
})

test('steps that another tab overtook are not kept; a spoilt record of steps hides no quilt', async () => {
  const [one, other] = [await tab(), await tab()]
  const kept = await one.keep(fresh, { past: [{ name: 'first', file: file('before') }], future: [] })
  const newer = await other.keep(kept, { past: [{ name: 'theirs', file: file('first') }], future: [] })
  const mine = { past: [{ name: 'mine', file: file('first') }], future: [] }
  await expect(one.keep(kept, mine)).rejects.toThrow(one.Overtaken)
  expect((await one.loadSteps('q', newer.revision)).past[0]!.name).toBe('theirs')
  const db = await one.database()
  await db.put('steps', { revision: newer.revision, past: [{}], future: 3 } as never, 'q')
  expect(await one.loadSteps('q', newer.revision)).toEqual({ past: [], future: [] })
  expect(await one.loadKept('q')).not.toBeNull()
})
