// npm test: installs what is missing, then lint, types, unit tests, build, end-to-end tests. The last line counts
// what the runners themselves reported; a check without a runner (lint, types, build) counts as one.
import { mkdirSync, readFileSync, rmSync } from 'node:fs'
import { stripVTControlCharacters } from 'node:util'
import { freePort, installChromium, installPackages, ROOT, run, runBeside } from './system.mjs'

const REPORTS = `${ROOT}reports`
let passed = 0
let failed = 0
/** Files of unit tests in which something failed. */
let failedFiles = []

function count(title, ok) {
  console.log(`${ok ? 'ok  ' : 'FAIL'} ${title}`)
  if (ok) passed += 1
  else failed += 1
  return ok
}

function finish() {
  nameFailedUnits(failedFiles)
  console.log(`\n${passed} passed, ${failed} failed`)
  process.exit(failed === 0 ? 0 : 1)
}

/** A runner's own report: its counts; one failure when it left none or broke without a failed test. */
function report(title, ok, read) {
  try {
    const counts = read()
    passed += counts.passed
    failed += counts.failed
    console.log(
      `${ok && counts.failed === 0 ? 'ok  ' : 'FAIL'} ${title}: ${counts.passed} passed, ${counts.failed} failed`,
    )
    if (!ok && counts.failed === 0) failed += 1
  } catch {
    count(`${title}: no report`, false)
  }
}

/** Unit tests that failed, each with the first lines of what went wrong; told last, where no log is cut. */
function nameFailedUnits(files) {
  for (const { name, message, assertionResults } of files) {
    const failedOnes = assertionResults.filter(({ status }) => status === 'failed')
    const file = name.replace(ROOT, '')
    if (failedOnes.length === 0 && message) tell(`failed: ${file}`, message)
    for (const { fullName, failureMessages } of failedOnes) tell(`failed: ${file}, ${fullName}`, failureMessages[0])
  }
}

const tell = (what, why) => console.log(`${what}\n${stripVTControlCharacters(why).split('\n').slice(0, 8).join('\n')}`)

/** Browser tests that failed, at once or at their first try, each with the first lines of what went wrong. */
function nameFailed(suites) {
  for (const suite of suites) {
    nameFailed(suite.suites ?? [])
    for (const { title, tests } of suite.specs) {
      const tries = tests.flatMap(({ results }) => results)
      const wrong = tries.find(({ status }) => status !== 'passed')
      if (!wrong || wrong.status === 'skipped') continue
      const how = tries.at(-1).status === 'passed' ? 'passed at its second try' : 'failed'
      tell(`${how}: ${suite.file}, ${title}`, wrong.error?.message ?? wrong.status)
    }
  }
}

rmSync(REPORTS, { recursive: true, force: true })
mkdirSync(REPORTS)
if (!count('packages', installPackages()) || !count('chromium', installChromium())) finish()
// the unit tests share both cores with everything before the browser
const unit = runBeside('npx', ['--no-install', 'jest', '--maxWorkers=2', '--json', `--outputFile=${REPORTS}/unit.json`])
for (const [title, ...more] of [
  ['lint'],
  ['types'],
  ['imports'],
  ['unused'],
  ['licences', '--', '--check'],
  ['shape', '--', '--check'],
]) {
  const { ok, output } = await runBeside('npm', ['run', '-s', title, ...more])
  process.stdout.write(output)
  count(title, ok)
}
const build = await runBeside(process.execPath, ['scripts/build.mjs'])
process.stdout.write(build.output)
const { ok, output } = await unit
process.stdout.write(output)
report('unit tests', ok, () => {
  const json = JSON.parse(readFileSync(`${REPORTS}/unit.json`, 'utf8'))
  failedFiles = json.testResults.filter(({ status }) => status === 'failed')
  return { passed: json.numPassedTests, failed: json.numFailedTests + json.numRuntimeErrorTestSuites }
})
if (count('build', build.ok)) {
  report(
    'end-to-end tests',
    run('npx', ['--no-install', 'playwright', 'test'], {
      // something else may listen where the server of the tests would
      env: { ...process.env, PORT: String(await freePort(4183)), PLAYWRIGHT_JSON_OUTPUT_NAME: `${REPORTS}/e2e.json` },
    }),
    () => {
      const { stats, suites } = JSON.parse(readFileSync(`${REPORTS}/e2e.json`, 'utf8'))
      nameFailed(suites)
      return { passed: stats.expected + stats.flaky, failed: stats.unexpected }
    },
  )
}
finish()
