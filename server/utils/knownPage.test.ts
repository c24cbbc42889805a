import { readdirSync } from 'node:fs'
import { isKnownPage, OTHER_PAGES, QUILT_PAGES } from './knownPage'

test('the server knows the pages that there are', () => {
  const files = readdirSync('app/pages/q/[id]')
    .map(file => file.replace('.vue', ''))
    .filter(name => name !== 'index')
  expect([...QUILT_PAGES].sort()).toEqual(files.sort())
  const others = readdirSync('app/pages').filter(file => file.endsWith('.vue') && file !== 'index.vue')
  expect(others.map(file => file.replace('.vue', ''))).toEqual([...OTHER_PAGES])
  for (const path of ['/', '/stash', '/stash/', '/q/abc', '/q/abc/', '/q/abc/cut', '/q/abc/cut/'])
    expect([path, isKnownPage(path)]).toEqual([path, true])
  for (const path of ['/x', '/q', '/q/', '/q/abc/nothing', '/q/abc/cut/more', '//', '/wp-login.php', '/stash/x'])
    expect([path, isKnownPage(path)]).toEqual([path, false])
})
