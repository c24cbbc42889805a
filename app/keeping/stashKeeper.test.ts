import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { freshStashCloth } from '~~/core/stash/stashCloth'
import { putIn, setAside, takeOutOfStash } from '~~/core/stash/stashEdits'

/** A tab of its own: modules loaded anew, one database under all. */
async function tab() {
  let keeper!: typeof import('./stashKeeper')
  let storage!: typeof import('./database')
  await jest.isolateModulesAsync(async () => {
    keeper = await import('./stashKeeper')
    storage = await import('./database')
  })
  return { ...keeper, ...storage }
}
const cloth = (id: string) => ({ ...freshStashCloth(id, 42, 'in', id, '#26282b'), length: 40 })

beforeEach(() => {
  // a channel that is open keeps the tests from ending
  Reflect.deleteProperty(globalThis, 'BroadcastChannel')
  globalThis.indexedDB = new IDBFactory()
})

test('what two tabs change at once is both kept', async () => {
  const [one, other] = [await tab(), await tab()]
  await one.editStash(putIn(cloth('a')))
  await Promise.all([
    one.editStash(putIn(cloth('b'))),
    other.editStash(putIn(cloth('c'))),
    other.editStash(setAside('a', { id: 'q', name: 'Quilt' }, { length: 30 })),
    one.editStash(setAside('a', { id: 'r', name: 'Other' }, { length: 30 })),
  ])
  const { cloths } = await (await tab()).loadStash()
  expect(cloths.map(({ id }) => id).sort()).toEqual(['a', 'b', 'c'])
  const a = cloths.find(({ id }) => id === 'a')!
  // 40″ there were: not twice 30
  expect([a.length, ...a.asides.map(({ length }) => length).sort()]).toEqual([0, 10, 30])
})

test('an entry that cannot be read is counted, and stays when others change', async () => {
  const { database, editStash, loadStash } = await tab()
  const spoilt = { id: 'x', name: 7 }
  await (await database()).put('stash', [cloth('a'), spoilt], 'stash')
  expect(await loadStash()).toMatchObject({ spoilt: 1, cloths: [{ id: 'a' }] })
  await editStash(putIn(cloth('b')))
  await editStash(takeOutOfStash('a'))
  expect(await (await database()).get('stash', 'stash')).toEqual([cloth('b'), spoilt])
  expect((await loadStash()).spoilt).toBe(1)
})

test('an empty browser has an empty stash; a refused one says so', async () => {
  expect(await (await tab()).loadStash()).toEqual({ cloths: [], spoilt: 0 })
  const refusing = await tab()
  jest.spyOn(indexedDB, 'open').mockImplementation(() => {
    throw new Error('refused')
  })
  await expect(refusing.editStash(putIn(cloth('a')))).rejects.toThrow()
})
