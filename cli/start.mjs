// The wren command: runs the bundle, made anew first if a source file has changed since.
import { readdirSync, statSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

const root = fileURLToPath(new URL('..', import.meta.url))
const bundled = `${root}cli/dist/wren.mjs`

function newest(folder) {
  return Math.max(
    0,
    ...readdirSync(folder, { withFileTypes: true, recursive: true })
      .filter(entry => entry.isFile() && entry.name.endsWith('.ts'))
      .map(entry => statSync(`${entry.parentPath ?? entry.path}/${entry.name}`).mtimeMs),
  )
}

const made = statSync(bundled, { throwIfNoEntry: false })?.mtimeMs ?? 0
if (Math.max(...['core', 'words', 'cli'].map(folder => newest(root + folder))) > made) {
  const { bundle } = await import('./bundle.mjs')
  await bundle()
}
await import(bundled)
