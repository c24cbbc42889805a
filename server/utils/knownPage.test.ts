import { readdirSync } from 'node:fs'
import { isKnownPage, QUILT_PAGES } from './knownPage'

test('the server knows the pages that there are', () => {
  const files = readdirSync('app/pages/q/[id]')
    .map(file => file.replace('.vue', ''))
    .filter(name => name !== 'index')
  expect([...QUILT_PAGES].sort()).toEqual(files.sort())
  for (const path of ['/', '/q/abc', '/q/abc/', '/q/abc/cut', '/q/abc/cut/'])
    expect([path, isKnownPage(path)]).toEqual([path, true])
  for (const path of ['/x', '/q', '/q/', '/q/abc/nothing', '/q/abc/cut/more', '//', '/wp-login.php'])
    expect([path, isKnownPage(path)]).toEqual([path, false])
})
