// Bundles the command into one file, so that it starts in a fraction of a second. Run when packages are installed,
// and by start.mjs when a source file is newer than the bundle.
import { build } from 'esbuild'
import { fileURLToPath } from 'node:url'

const here = name => fileURLToPath(new URL(name, import.meta.url))

export const bundle = () =>
  build({
    entryPoints: [here('main.ts')],
    outfile: here('dist/wren.mjs'),
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    minify: true,
    logLevel: 'error',
  })

if (process.argv[1] === fileURLToPath(import.meta.url)) await bundle()
