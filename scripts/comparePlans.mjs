// node scripts/comparePlans.mjs REVISION [COUNT]
// Plans the demo quilts and COUNT random ones (1000) as the code of another revision does and as this code does, and
// lists every place where the two plans differ. Nothing differs: exit 0.
import { execFileSync } from 'node:child_process'
import { mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import { buildSync } from 'esbuild'
import fc from 'fast-check'
import { ROOT } from './system.mjs'

const [revision, count = '1000'] = process.argv.slice(2)
if (!revision) {
  console.error('Say with which revision: node scripts/comparePlans.mjs REVISION [COUNT]')
  process.exit(2)
}

const work = mkdtempSync(join(tmpdir(), 'wren-plans-'))
try {
  execFileSync('sh', ['-c', 'git archive "$1" core demo | tar -x -C "$2"', 'sh', revision, work], { cwd: ROOT })
  symlinkSync(join(ROOT, 'node_modules'), join(work, 'node_modules'))
  const [before, now] = [await planner(work, 'before'), await planner(ROOT, 'now')]
  const { randomQuilt, DEMO_QUILTS } = now
  const files = [...DEMO_QUILTS, ...fc.sample(randomQuilt, { numRuns: Number(count), seed: 1 })]
  const differences = new Map()
  let same = 0
  for (const file of files) {
    const found = differ(before.planJson(file), now.planJson(file), '')
    if (found.length === 0) same += 1
    for (const { path, was, is } of found) {
      // places in lists are of no account: `pieces.3.count` and `pieces.7.count` are one kind of difference
      const kind = path.replace(/\.\d+(?=\.|$)/g, '.N')
      const known = differences.get(kind)
      if (known) known.times += 1
      else differences.set(kind, { times: 1, path, was, is })
    }
  }
  console.log(`${same} of ${files.length} plans are the same`)
  for (const [kind, { times, was, is }] of [...differences].sort((a, b) => b[1].times - a[1].times)) {
    console.log(`${times} × ${kind}: ${short(was)} → ${short(is)}`)
  }
  process.exitCode = differences.size === 0 ? 0 : 1
} finally {
  rmSync(work, { recursive: true, force: true })
}

/** The core of a tree, as one module. */
async function planner(root, name) {
  const has = path => execFileSync('sh', ['-c', `test -f "$1" && echo yes || true`, 'sh', join(root, path)]).length > 0
  const [plan, read] = [
    ['core/checks/planQuilt.ts', 'core/quilt/plan.ts'].find(has),
    ['core/file/readQuilt.ts', 'core/quilt/readQuilt.ts'].find(has),
  ]
  const entry = join(work, `${name}.ts`)
  writeFileSync(
    entry,
    `import { planQuilt } from '${root}/${plan}'
    import { readQuilt } from '${root}/${read}'
    export { randomQuilt } from '${root}/core/testing/randomQuilt'
    export { DEMO_QUILTS } from '${root}/demo'
    export function planJson(file) {
      const quilt = readQuilt(file)
      return JSON.parse(JSON.stringify(quilt.ok ? planQuilt(quilt.value).plan : { problems: quilt.problems }))
    }`,
  )
  const outfile = join(work, `${name}.mjs`)
  buildSync({
    entryPoints: [entry],
    bundle: true,
    format: 'esm',
    platform: 'node',
    outfile,
    external: ['fast-check'],
    absWorkingDir: ROOT,
    nodePaths: [join(ROOT, 'node_modules')],
  })
  return import(pathToFileURL(outfile))
}

function differ(was, is, path) {
  if (Object.is(was, is)) return []
  if (typeof was === 'number' && typeof is === 'number' && Math.abs(was - is) < 1e-9) return []
  if (was === null || is === null || typeof was !== 'object' || typeof is !== 'object') return [{ path, was, is }]
  const names = new Set([...Object.keys(was), ...Object.keys(is)])
  return [...names].flatMap(name => differ(was[name], is[name], path === '' ? name : `${path}.${name}`))
}

function short(value) {
  const text = JSON.stringify(value) ?? 'nothing'
  return text.length > 80 ? `${text.slice(0, 77)}…` : text
}
