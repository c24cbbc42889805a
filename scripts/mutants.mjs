// npm run mutants: puts one fault after the other into a copy of the code and looks whether the tests notice. Exit 0
// when they notice all but two. It takes its time; a part of a fault's name as argument runs only those.
import { spawnSync } from 'node:child_process'
import { cpSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { FAULTS } from './mutants/faults.mjs'
import { ROOT } from './system.mjs'

const MAX_MISSED = 2
const wanted = process.argv[2] ?? ''
const work = mkdtempSync(join(tmpdir(), 'wren-mutants-'))
const missed = []
try {
  for (const part of ['core', 'words', 'cli', 'app', 'server', 'papers', 'demo', 'jest.config.mjs', 'package.json'])
    cpSync(join(ROOT, part), join(work, part), { recursive: true })
  symlinkSync(join(ROOT, 'node_modules'), join(work, 'node_modules'))
  for (const fault of FAULTS.filter(({ name }) => name.includes(wanted))) {
    const isNoticed = tryOut(fault)
    console.log(`${isNoticed ? 'noticed' : 'MISSED '} ${fault.name}`)
    if (!isNoticed) missed.push(fault.name)
  }
} finally {
  rmSync(work, { recursive: true, force: true })
}
console.log(`\n${missed.length} missed`)
process.exit(missed.length <= MAX_MISSED ? 0 : 1)

/** Whether a test fails with this fault in the code. A fault that no longer fits the code is one to be mended here. */
function tryOut({ name, file, from, to, tests }) {
  const path = join(work, file)
  const sound = readFileSync(path, 'utf8')
  if (!sound.includes(from)) throw new Error(`${name}: ${file} no longer says ${from}`)
  writeFileSync(path, sound.replace(from, to))
  const { status, stdout, stderr } = spawnSync('npx', ['--no-install', 'jest', '--bail', '--silent', ...tests], {
    cwd: work,
    encoding: 'utf8',
  })
  writeFileSync(path, sound)
  if (/No tests found/.test(stdout + stderr)) throw new Error(`${name}: no tests in ${tests.join(', ')}`)
  return status !== 0
}
