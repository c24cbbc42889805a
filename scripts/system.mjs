// What the scripts share: running commands, installing what is missing, starting the built server.
import { spawn, spawnSync } from 'node:child_process'
import { existsSync, readdirSync, statSync } from 'node:fs'
import { createServer } from 'node:net'
import { fileURLToPath } from 'node:url'

export const ROOT = fileURLToPath(new URL('..', import.meta.url))
/** Chromium without windows takes a sixth less time over the tests than the whole browser; either will do. */
const SHELL = '/usr/bin/chromium-headless-shell'
const WHOLE = '/usr/bin/chromium'

/** Where the browser is that tests, pictures and measurements run in. */
export function chromiumPath() {
  return existsSync(SHELL) || !existsSync(WHOLE) ? SHELL : WHOLE
}

/** Runs a command in the project; true when it went well. */
export function run(command, args, options = {}) {
  return spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options }).status === 0
}

/** The same beside other work: what it prints is held back and comes with the answer. */
export function runBeside(command, args) {
  return new Promise(resolve => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] })
    let output = ''
    for (const stream of [child.stdout, child.stderr]) stream.on('data', data => (output += data))
    child.on('error', error => resolve({ ok: false, output: `${output}${error.message}\n` }))
    child.on('close', code => resolve({ ok: code === 0, output }))
  })
}

/** Installs packages when they are missing or older than the lock file. */
export function installPackages() {
  const installed = statSync(`${ROOT}node_modules/.package-lock.json`, { throwIfNoEntry: false })
  const wanted = statSync(`${ROOT}package-lock.json`)
  if (installed && installed.mtimeMs >= wanted.mtimeMs - 1000 && existsSync(`${ROOT}.nuxt/tsconfig.json`)) return true
  console.log('Installing packages …')
  return run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error'])
}

/** Installs Debian's Chromium when it is missing; says which command to run where that is not allowed. */
export function installChromium() {
  const isRoot = process.getuid?.() === 0
  if (existsSync(SHELL) || (existsSync(WHOLE) && !isRoot)) return true
  const command = 'apt-get update -qq && apt-get install -y -qq --no-install-recommends chromium-headless-shell'
  console.log('Installing Chromium …')
  run(isRoot ? 'sh' : 'sudo', [...(isRoot ? [] : ['-n', 'sh']), '-c', command], {
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  if (existsSync(chromiumPath())) return true
  console.error(
    'Chromium is needed and could not be installed. Run this once, then try again:\n\n  sudo apt-get update && '
      + 'sudo apt-get install -y chromium-headless-shell\n',
  )
  return false
}

function newest(path) {
  const stats = statSync(path, { throwIfNoEntry: false })
  if (!stats) return 0
  if (!stats.isDirectory()) return stats.mtimeMs
  return Math.max(
    0,
    ...readdirSync(path, { withFileTypes: true, recursive: true })
      .filter(entry => entry.isFile())
      .map(entry => statSync(`${entry.parentPath ?? entry.path}/${entry.name}`).mtimeMs),
  )
}

/** Builds the application when a source file is newer than the last build. */
export function buildIfStale() {
  const built = statSync(`${ROOT}.output/nitro.json`, { throwIfNoEntry: false })?.mtimeMs ?? 0
  const sources = [
    'app',
    'core',
    'words',
    'server',
    'papers',
    'demo',
    'public',
    'nuxt.config.ts',
    'scripts/serviceWorker.mjs',
    'package-lock.json',
  ].map(name => newest(ROOT + name))
  if (Math.max(...sources) <= built) return true
  console.log('Building …')
  return run('npx', ['--no-install', 'nuxt', 'build'])
}

/** A port nobody listens on, `wanted` if it is free. */
export function freePort(wanted) {
  return new Promise(resolve => {
    const probe = createServer()
    probe.once('error', () => resolve(wanted === 0 ? 0 : freePort(wanted + 1)))
    probe.listen(wanted, () => {
      const { port } = probe.address()
      probe.close(() => resolve(port))
    })
  })
}

/** Starts the built server and waits until it answers. */
export async function startServer(port, env = {}) {
  const server = spawn(process.execPath, [`${ROOT}.output/server/index.mjs`], {
    cwd: ROOT,
    env: { ...process.env, PORT: String(port), HOST: process.env.HOST ?? '127.0.0.1', ...env },
    stdio: ['ignore', 'ignore', 'inherit'],
  })
  const address = `http://localhost:${port}`
  for (let tries = 0; tries < 100; tries++) {
    if (server.exitCode !== null) throw new Error(`the server stopped at once (exit ${server.exitCode})`)
    const answered = await fetch(address).then(
      response => response.ok,
      () => false,
    )
    if (answered) return { server, address }
    await new Promise(resolve => setTimeout(resolve, 100))
  }
  server.kill()
  throw new Error(`no answer from ${address}`)
}
