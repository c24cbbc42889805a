// npm run bench: the figures we aim for, measured on this machine, printed as a ratio to the aim and written to
// bench/results.json.
import { spawnSync } from 'node:child_process'
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { serialize } from 'node:v8'
import { chromium } from '@playwright/test'
import { build } from 'esbuild'
import { layoutFigures } from './bench/layouts.mjs'
import { pictureDrawn } from './bench/pictureDrawn.mjs'
import { meanDifferences } from './bench/quantisers.mjs'
import { buildIfStale, chromiumPath, freePort, installChromium, installPackages, ROOT, startServer } from './system.mjs'

if (!installPackages() || !installChromium() || !buildIfStale()) process.exit(1)
const results = []
function record(name, value, unit, aim) {
  const ratio = aim === null ? null : value / aim
  results.push({
    name,
    value: Math.round(value * 1000) / 1000,
    unit,
    aim,
    ratio: ratio === null ? null : Math.round(ratio * 1000) / 1000,
  })
  console.log(
    `${name.padEnd(58)} ${value.toFixed(2).padStart(9)} ${unit.padEnd(6)} `
      + (aim === null ? '' : `${(ratio * 100).toFixed(0).padStart(4)} % of ${aim} ${unit}`),
  )
}
const median = list => [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]
const times = (count, run) => Array.from({ length: count }, run)

// the command, from a cold start
const sample = `${ROOT}core/file/sample.wren.json`
record(
  'wren plan of the sample, cold start',
  median(
    times(7, () => {
      const started = performance.now()
      spawnSync('npm', ['run', '-s', 'wren', '--', 'plan', sample], { cwd: ROOT })
      return performance.now() - started
    }),
  ) / 1000,
  's',
  1.5,
)

// the core alone
await build({
  stdin: {
    contents: [
      "export { planQuilt } from './core/checks/planQuilt'",
      "export { readQuilt } from './core/file/readQuilt'",
      "export { ownStrips, lengthOf } from './core/cut/ownStrips'",
      "export { toCutPiece } from './core/cut/need'",
      "export { SHIPPED_DESIGNS } from './core/designs/shipped'",
      "export { findSewingOrder } from './core/make/order/findSewingOrder'",
      "export { findFoundation } from './core/make/order/foundation'",
      "export { blockMake } from './core/make/units/blockMake'",
      "export { unitDemands } from './core/make/units/demands'",
      "export { waysFor } from './core/plan/choose'",
      "export { methodContextOf } from './core/plan/methodContext'",
      "export { quiltPressing } from './core/pressing/quiltPressing'",
      "export { simulator } from './core/simulation/quilt'",
      "export { plannedBatches } from './core/batches/plannedBatches'",
      "export { dimensionsOf } from './core/top/dimensions'",
      "export { plannedQuilting } from './core/plan/plannedQuilting'",
      "export { widestGap } from './core/quilting/widestGap'",
      "export { planBinding } from './core/layers/binding/binding'",
      "export { planBacking } from './core/layers/backing'",
      "export { wallOf } from './core/wall/wall'",
      "export { wallFindings } from './core/wall/findings'",
      "export { spreadProblem } from './core/spread/problem'",
      "export { spreadSearch } from './core/spread/search'",
      "export { scriptedPicture, SCRIPTED } from './core/testing/scriptedPictures'",
      "export { reducedPicture } from './core/pictures/reduced'",
      "export { betterLayouts, provedBound } from './core/layouts/betterLayouts'",
      "export { openOrder, perfectOrder } from './core/testing/cutOrders'",
      "export { makeWorkbook } from './app/workers/makeWorkbook'",
      "export { changeBetween } from './app/workers/changes'",
      "export { shared, toWire } from './app/workers/wire'",
    ].join('\n'),
    resolveDir: ROOT,
    loader: 'ts',
  },
  bundle: true,
  platform: 'node',
  format: 'esm',
  outfile: `${ROOT}cli/dist/bench.mjs`,
  alias: { '~~': ROOT.slice(0, -1) },
  logLevel: 'error',
})
const {
  planQuilt,
  readQuilt,
  ownStrips,
  lengthOf,
  toCutPiece,
  SHIPPED_DESIGNS,
  findSewingOrder,
  findFoundation,
  blockMake,
  unitDemands,
  waysFor,
  methodContextOf,
  quiltPressing,
  plannedBatches,
  simulator,
  dimensionsOf,
  plannedQuilting,
  widestGap,
  planBinding,
  planBacking,
  wallOf,
  wallFindings,
  betterLayouts,
  provedBound,
  openOrder,
  perfectOrder,
  spreadProblem,
  spreadSearch,
  scriptedPicture,
  SCRIPTED,
  reducedPicture,
  makeWorkbook,
  changeBetween,
  shared,
  toWire,
} = await import(`${ROOT}cli/dist/bench.mjs`)
const quilts = [
  ['sample', sample],
  ...readdirSync(`${ROOT}demo`)
    .filter(name => name.endsWith('.json'))
    .map(name => [name.replace('.wren.json', ''), `${ROOT}demo/${name}`]),
]
for (const [name, path] of quilts) {
  const file = JSON.parse(readFileSync(path, 'utf8'))
  const quilt = readQuilt(file).value
  const { plan } = planQuilt(quilt)
  const planning = changes =>
    median(
      times(15, (_, i) => {
        const changed = readQuilt({ ...file, ...changes(i) }).value
        const started = performance.now()
        makeWorkbook(changed)
        return performance.now() - started
      }),
    )
  const wider = i => ({ borders: [{ width: file.units === 'cm' ? 8 + i : 3 + i / 8, cloth: file.cloths[0].id }] })
  record(`plan and recipes of ${name}, its border changed`, planning(wider), 'ms', 60)
  // one more piece in each pile: every cloth is laid out anew
  record(
    `plan and recipes of ${name}, every pile changed`,
    planning(i => ({ spares: i + 1 })),
    'ms',
    null,
  )
  record(
    `batches of ${name}`,
    median(
      times(5, (_, i) => {
        const { plan, work } = planQuilt(readQuilt({ ...file, ...wider(i) }).value)
        const started = performance.now()
        plannedBatches(work, plan.rows)
        return performance.now() - started
      }),
    ),
    'ms',
    200,
  )
  let need = 0
  let bound = 0
  let own = 0
  plan.cloths.forEach((cloth, i) => {
    if (cloth.unit !== 'in' || cloth.need === 0) return
    need += cloth.need
    bound += cloth.bound
    own += lengthOf(
      ownStrips(plan.pieces.filter(piece => piece.cloth === cloth.id).map(toCutPiece), quilt.cloths[i].usable),
    )
  })
  record(`need ÷ bound, ${name}`, need / bound, '', 1)
  record(`need ÷ each size in its own strips, ${name}`, need / own, '', 1)
}

// quilting: 2,500 squares in the ditch; lines thrown at random; joins of a flanged binding
{
  const file = {
    format: 'wren-quilt',
    version: 1,
    cloths: [{ id: 'a', colour: '#222222' }],
    blocks: [{ id: 'one', design: 'plain', size: 2, cloths: { cloth: 'a' } }],
    setting: { across: 50, down: 50 },
    quilting: [{ kind: 'ditch' }],
    binding: { style: 'flanged', strip: 1.5, cloth: 'a', flange: { strip: 1.75, cloth: 'a' } },
  }
  const quilt = readQuilt(file).value
  const makes = new Map(quilt.blocks.map(block => [block.id, blockMake(quilt, block)]))
  const dimensions = dimensionsOf(quilt)
  const taken = run =>
    median(
      times(5, () => {
        const started = performance.now()
        run()
        return performance.now() - started
      }),
    )
  record(
    'quilting of 2,500 squares in the ditch, lines, order and gap',
    taken(() => plannedQuilting(quilt, makes, dimensions)),
    'ms',
    600,
  )
  let seed = 5
  const next = most => (((seed = (seed * 16807) % 2147483647) - 1) / 2147483646) * most
  const thrown = Array.from({ length: 2000 }, () => [next(100), next(100), next(100), next(100)])
  record(
    'widest gap of 2,000 random lines',
    taken(() => widestGap(100, 100, thrown)),
    'ms',
    300,
  )
  const inHand = Array.from({ length: 60 }, (_, i) => ({ width: 5 + ((i * 7) % 19), height: 4 + ((i * 5) % 16) }))
  const pieced = readQuilt({
    ...JSON.parse(readFileSync(sample, 'utf8')),
    backing: { cloth: 'cream', way: 'leftovers', inHand },
  }).value
  record(
    'a back from 60 leftovers, first shown',
    taken(() => planBacking(pieced, { width: 60, height: 81 }, [])),
    'ms',
    200,
  )
  record(
    'joins of a flanged binding',
    taken(() => planBinding(quilt, { width: 100, height: 100 })),
    'ms',
    50,
  )
}

// large quilts: cost against the number of places with the same dressings, and against the number of dressings
function many(side, cloths, design, roles, dressings) {
  let seed = 7
  const next = most => (seed = (seed * 1103515245 + 12345) % 2147483648) % most
  const dress = () => Object.fromEntries(roles.map(role => [role, `c${next(cloths)}`]))
  const worn = Array.from({ length: dressings }, dress)
  const cell = (x, y) => ({ block: 'b', cloths: worn[(y * side + x) % dressings] })
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: Array.from({ length: cloths }, (_, i) => ({
      id: `c${i}`,
      colour: `#${(1048576 + i * 50_000).toString(16)}`,
    })),
    blocks: [{ id: 'b', design, size: 6, cloths: Object.fromEntries(roles.map((role, i) => [role, `c${i}`])) }],
    setting: {
      across: side,
      down: side,
      cells: Array.from({ length: side }, (_, y) => Array.from({ length: side }, (_, x) => cell(x, y))),
    },
  }
}
/** A picture of squares dealt out by chance: no run is long, no strip set is full. */
function picture(across, down, cloths) {
  let seed = 7
  const next = most => (seed = (seed * 1103515245 + 12345) % 2147483648) % most
  const letters = Array.from({ length: cloths }, (_, i) => String.fromCharCode(65 + i))
  const row = () => Array.from({ length: across }, () => letters[next(cloths)]).join('')
  return {
    format: 'wren-quilt',
    version: 1,
    cloths: letters.map((id, i) => ({ id, colour: `#${(1048576 + i * 500_000).toString(16)}` })),
    designs: [{ id: 'p', width: across, height: down, squares: Array.from({ length: down }, row) }],
    blocks: [
      {
        id: 'p',
        design: 'p',
        width: across / 2,
        height: down / 2,
        cloths: Object.fromEntries(letters.map(letter => [letter, letter])),
      },
    ],
    setting: { across: 1, down: 1 },
  }
}
const PINWHEEL = ['pinwheel', ['blade', 'ground']]
const LARGE = [
  ['100 places, 12 dressings', many(10, 12, ...PINWHEEL, 12), null, null],
  ['400 places, 12 dressings', many(20, 12, ...PINWHEEL, 12), null, null],
  ['1,600 places, 12 dressings', many(40, 12, ...PINWHEEL, 12), null, null],
  ['6,400 places, 12 dressings', many(80, 12, ...PINWHEEL, 12), null, null],
  ['2,500 places in 200 cloths', many(50, 200, ...PINWHEEL, 2500), null, 1000],
  ['200 × 200 plain squares', many(200, 20, 'plain', ['cloth'], 20), 50, 300],
  ['a picture of 120 × 160 in 12 cloths', picture(120, 160, 12), 50, 1000],
  ['a picture of 200 × 200 in 12 cloths', picture(200, 200, 12), 50, 300],
  ['a picture of 200 × 200 in 26 cloths', picture(200, 200, 26), 50, 2000],
]
for (const [name, file, readAim, planAim] of LARGE) {
  const first = performance.now()
  readQuilt(file)
  record(`read ${name}, first`, performance.now() - first, 'ms', null)
  const planning = performance.now()
  makeWorkbook(readQuilt(file).value)
  record(`plan and recipes of ${name}, first`, performance.now() - planning, 'ms', null)
  const read = []
  const planned = []
  const books = []
  // as many edits as somebody makes in a row
  for (let width = 3; width < 6.5; width += 0.5) {
    const started = performance.now()
    const { value } = readQuilt({ ...file, borders: [{ width, cloth: file.cloths[0].id }] })
    const isRead = performance.now()
    const { workbook } = makeWorkbook(value)
    books.push(toWire(workbook))
    read.push(isRead - started)
    planned.push(performance.now() - isRead)
  }
  record(`read ${name}, its border changed`, median(read), 'ms', readAim)
  record(`plan and recipes of ${name}`, median(planned), 'ms', planAim)
  // as the browser writes it to send it
  const told = serialize(shared(changeBetween(books[2], books[4]))).length / 1000
  record(`told of ${name}, its border changed`, told, 'kB', 100)
}

// every setting, in as many places: cost goes with what is different, not with how often it stands there
const SETTINGS = {
  'on point': side => ({ kind: 'on-point', across: Math.round(side / Math.SQRT2), settingCloth: 'c1' }),
  'sashed on point': side => ({
    kind: 'on-point',
    across: Math.round(side / Math.SQRT2),
    settingCloth: 'c1',
    sashing: { width: 1, cloth: 'c1', outer: true, cornerstones: { cloth: 'c0' } },
  }),
  'shifted rows': side => ({ kind: 'offset-rows', across: side, ends: { cloth: 'c1' } }),
  'half blocks': side => ({ kind: 'offset-columns', across: side, ends: 'half-blocks' }),
}
for (const [name, settingFor] of Object.entries(SETTINGS)) {
  for (const [side, aim] of [
    [10, null],
    [20, null],
    [50, 1000],
  ]) {
    const setting = settingFor(side)
    const whole = many(1, 2, ...PINWHEEL, 1)
    const file = { ...whole, setting: { ...setting, down: setting.across } }
    readQuilt(file)
    const times = [3, 4, 5].map(width => {
      const { value } = readQuilt({ ...file, borders: [{ width, cloth: 'c0' }] })
      const started = performance.now()
      makeWorkbook(value)
      return performance.now() - started
    })
    record(`plan and recipes, ${name}, about ${side * side} blocks`, median(times), 'ms', aim)
    if (aim) record(`memory of a thread planning ${name}, about ${side * side} blocks`, memoryFor(file), 'MB', 300)
  }
}

/** The most memory that a process of its own took to plan a quilt twice, Node itself included. */
function memoryFor(file) {
  const script = `
    import { readFileSync } from 'node:fs'
    import { readQuilt, makeWorkbook } from '${ROOT}cli/dist/bench.mjs'
    const { value } = readQuilt(JSON.parse(readFileSync(0, 'utf8')))
    makeWorkbook(value)
    makeWorkbook(value)
    console.log(process.resourceUsage().maxRSS / 1024)`
  const { stdout } = spawnSync('node', ['--input-type=module', '-e', script], { input: JSON.stringify(file) })
  return Number(stdout)
}

// how seams are pressed: ten by ten of every design, as they stand and at random
// many quilts sewn with chance, as the worker does
{
  const berth = quilts.find(([name]) => name === 'berth-four')[1]
  const { work } = planQuilt(readQuilt(JSON.parse(readFileSync(berth, 'utf8'))).value)
  const started = performance.now()
  const more = simulator(work, { units: 'planned', seed: 1 })
  more(300)
  record('first 300 quilts of berth-four, simulated', performance.now() - started, 'ms', 300)
  times(10, () => more(970))
  record('10,000 quilts of berth-four, simulated', performance.now() - started, 'ms', 2000)
}

// photographs reduced to few cloths, their pixels averaged already
for (const name of SCRIPTED) {
  const light = scriptedPicture(name, 120, 160)
  const began = performance.now()
  const reduction = { count: 12, contrast: 1, isMixed: false, isCleaned: true, cloths: null }
  reducedPicture(light, reduction)
  record(`120 × 160 squares in 12 cloths: ${name}`, performance.now() - began, 'ms', 1100)
  const { own, NeuQuant, Wu } = meanDifferences(light, reducedPicture(light, { ...reduction, isCleaned: false }), 12)
  record(`mean difference of ${name}`, own, 'ΔE', null)
  record(`of that by NeuQuant, ${name}`, own / NeuQuant, '', 0.92)
  // a picture of no more colours than cloths it keeps whole
  if (Wu > 0) record(`of that by Wu, ${name}`, own / Wu, '', null)
}

layoutFigures({ betterLayouts, provedBound, openOrder, perfectOrder }, record)

// blocks spread over the wall: how soon something better is there, and what three seconds leave of what sixty gain
for (const [across, down, cloths, aimFirst, aimGap] of [
  [8, 6, 12, 50, 2],
  [10, 10, 25, 50, 3],
  [20, 20, 40, 200, 5],
]) {
  let seed = 5
  const next = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648
  const colour = () => `#${[0, 0, 0].map(() => (16 + Math.floor(next() * 240)).toString(16)).join('')}`
  const cloth = () => `c${Math.floor(next() * cloths)}`
  const row = () => Array.from({ length: across }, () => ({ block: 'b', cloths: { star: cloth(), ground: cloth() } }))
  const { value: quilt } = readQuilt({
    format: 'wren-quilt',
    version: 1,
    cloths: Array.from({ length: cloths }, (_, i) => ({ id: `c${i}`, colour: colour() })),
    blocks: [{ id: 'b', design: 'sawtooth-star', size: 8, cloths: { star: 'c0', ground: 'c1' } }],
    setting: { kind: 'straight', across, down, cells: Array.from({ length: down }, row) },
  })
  const dimensions = dimensionsOf(quilt)
  const name = `${across * down} blocks in ${cloths} cloths`
  const cpu = () => process.cpuUsage().user / 1000
  let started = cpu()
  wallFindings(quilt, dimensions)
  record(`what the eye would catch, ${name}`, cpu() - started, 'ms', null)
  started = cpu()
  const problem = spreadProblem(wallOf(quilt, dimensions), { locked: new Set(), canTurn: false, aim: { kind: 'even' } })
  const seen = { first: null, soon: null, start: 0, best: 0 }
  for (const { cost, start } of spreadSearch(problem, 1, Infinity)) {
    const spent = cpu() - started
    seen.start = start
    seen.best = cost
    if (seen.first === null && cost < start) seen.first = spent
    if (seen.soon === null && spent > 3000) seen.soon = cost
    if (spent > 60_000) break
  }
  record(`spread, first better layout, ${name}`, seen.first, 'ms', aimFirst)
  const gap = (100 * (seen.soon - seen.best)) / (seen.start - seen.best)
  record(`spread after 3 s, of what 60 s gain left, ${name}`, gap, '%', aimGap)
}

const standing = {
  'alike': () => ({}),
  'turned at random': (() => {
    let seed = 3
    // by the leading digits: the last ones of such a number repeat after four
    const next = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648
    return () => ({ turn: Math.floor(next() * 4) * 90 })
  })(),
}
for (const [name, cell] of Object.entries(standing)) {
  const times = SHIPPED_DESIGNS.filter(({ width, height }) => width === height).map(design => {
    const dressed = Object.fromEntries(design.patches.map(({ role }, i) => [role, i % 2 ? 'a' : 'b']))
    const { value } = readQuilt({
      format: 'wren-quilt',
      version: 1,
      cloths: [
        { id: 'a', colour: '#222222' },
        { id: 'b', colour: '#eeeeee' },
      ],
      blocks: [{ id: 'one', design: design.id, size: 12, cloths: dressed }],
      setting: {
        across: 10,
        down: 10,
        cells: Array.from({ length: 10 }, () => Array.from({ length: 10 }, () => ({ block: 'one', ...cell() }))),
      },
    })
    const makes = new Map([['one', blockMake(value, value.blocks[0])]])
    const dimensions = dimensionsOf(value)
    const started = performance.now()
    quiltPressing(value, makes, dimensions)
    return performance.now() - started
  })
  const aim = name === 'alike' ? 300 : 500
  record(`pressing of 10 by 10, ${name}, slowest design`, Math.max(...times), 'ms', aim)
}

// how blocks are sewn: the whole library, each design at first sight
const oneBlock = design =>
  readQuilt({
    format: 'wren-quilt',
    version: 1,
    cloths: [{ id: 'a' }, { id: 'b' }],
    setting: { across: 1, down: 1 },
    blocks: [
      {
        id: 'one',
        design: design.id,
        width: (12 * design.width) / design.height,
        height: 12,
        cloths: Object.fromEntries(design.patches.map((patch, i) => [patch.role, i % 2 ? 'a' : 'b'])),
      },
    ],
  }).value
let started = performance.now()
for (const design of SHIPPED_DESIGNS) {
  const quilt = oneBlock(design)
  const makes = new Map([['one', blockMake(quilt, quilt.blocks[0])]])
  for (const demand of unitDemands(quilt, makes)) waysFor(demand, quilt, methodContextOf(quilt))
}
record(`sewing order and ways to make, ${SHIPPED_DESIGNS.length} designs`, performance.now() - started, 'ms', 2000)
started = performance.now()
for (const design of SHIPPED_DESIGNS) findFoundation(design.patches.map(patch => patch.points))
record(`foundation papers, ${SHIPPED_DESIGNS.length} designs`, performance.now() - started, 'ms', null)
// 400 patches with 361 corners through which no seam runs, and 400 of the common sort
const at = (x, y) => [
  x === 0 || x === 20 ? x : x + Math.sin(x * 7 + y * 3) * 0.3,
  y === 0 || y === 20 ? y : y + Math.cos(x * 5 + y * 11) * 0.3,
]
const crooked = Array.from({ length: 400 }, (_, i) =>
  [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ].map(([dx, dy]) => at((i % 20) + dx, Math.floor(i / 20) + dy)),
)
started = performance.now()
findSewingOrder(crooked)
record('sewing order of 400 crooked patches', performance.now() - started, 'ms', 1000)
const straight = Array.from({ length: 400 }, (_, i) =>
  [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
  ].map(([dx, dy]) => [(i % 20) + dx, Math.floor(i / 20) + dy]),
)
started = performance.now()
findSewingOrder(straight)
record('sewing order of 400 squares', performance.now() - started, 'ms', 1000)

// the screen
const { server, address } = await startServer(await freePort(4173))
const browser = await chromium.launch({
  executablePath: chromiumPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-background-networking', '--no-first-run'],
})
try {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, locale: 'en-US' })
  // as they come over the wire, compressed as the server sends them, until the shelf is seen
  const network = await page.context().newCDPSession(page)
  await network.send('Network.enable')
  const scripts = new Set()
  let wire = 0
  network.on('Network.responseReceived', ({ requestId, type }) => type === 'Script' && scripts.add(requestId))
  network.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
    if (scripts.has(requestId)) wire += encodedDataLength
  })
  await page.goto(address)
  await page.getByRole('heading', { name: 'The shelf is empty' }).waitFor()
  record('script of the first load, on the wire', wire / 1000, 'kB', 220)
  await network.detach()

  const paper = await page.request.post(`${address}/api/papers`, {
    data: { file: JSON.parse(readFileSync(sample, 'utf8')), block: 'star', what: 'papers', page: 'a4' },
  })
  await paper.body()
  started = performance.now()
  await (
    await page.request.post(`${address}/api/papers`, {
      data: { file: JSON.parse(readFileSync(sample, 'utf8')), block: 'star', what: 'papers', page: 'a4' },
    })
  ).body()
  record('foundation papers of a block as PDF', performance.now() - started, 'ms', 1000)

  for (const [side, aim] of [
    [20, 16],
    [50, 100],
  ]) {
    const key = await keyTyped(side)
    record(`a key typed in the size of ${side * side} blocks, script and layout`, key, 'ms', aim)
  }

  const ditch = await quiltingMoved({ design: 'plain', cloths: { cloth: 'a' } }, 50, { kind: 'ditch' })
  record('lines of 2,500 squares in the ditch drawn anew, a frame', ditch.paint, 'ms', 16)
  const echo = await quiltingMoved({ design: 'plain', cloths: { cloth: 'a' } }, 70, { kind: 'echo', distance: 0.25 })
  record('20,000 line pieces moved about in, from frame to frame', echo.frame, 'ms', 17)
  record('20,000 line pieces moved about in, 19 of 20 frames within', echo.slow, 'ms', 20)
  record('20,000 line pieces drawn anew, a frame', echo.paint, 'ms', null)

  const drawn = await pictureDrawn(page, address)
  record('a square drawn in 200 × 200, script and layout', drawn.draw, 'ms', 16)
  record('200 × 200 squares moved in their window, script and layout', drawn.move, 'ms', 16)
  record('200 × 200 squares moved in their window, from frame to frame', drawn.frame, 'ms', 17)
  record('200 × 200 squares moved in their window, 19 of 20 frames within', drawn.slow, 'ms', 20)

  /**
   * The quilting of side × side blocks, gone near to and dragged to and fro: from frame to frame in the middle, and
   * within what 19 of 20 come; and how long our own work takes in a frame while the lines are drawn.
   */
  async function quiltingMoved(block, side, entry) {
    const file = {
      format: 'wren-quilt',
      version: 1,
      name: 'Many lines',
      cloths: [{ id: 'a', colour: '#557799' }],
      blocks: [{ id: 'one', size: 2, ...block }],
      setting: { across: side, down: side },
      quilting: [entry],
    }
    await page.goto(address)
    await page.getByTestId('file-picker').setInputFiles({
      name: 'many.wren.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(file)),
    })
    await page.waitForSelector('footer.bar[aria-busy="false"]')
    await page.goto(page.url().replace(/[a-z]+$/, 'quilting'))
    await page.waitForSelector('footer.bar[aria-busy="false"]')
    await page.evaluate(() => {
      const ask = window.requestAnimationFrame.bind(window)
      window.work = []
      window.requestAnimationFrame = act =>
        ask(time => {
          const begun = performance.now()
          act(time)
          window.work.push(performance.now() - begun)
        })
      window.frames = []
      const next = time => {
        window.frames.push(time)
        ask(next)
      }
      ask(next)
    })
    const frame = await page.getByTestId('quilted').boundingBox()
    const [x, y] = [frame.x + frame.width / 2, frame.y + frame.height / 2]
    for (let i = 0; i < 4; i++) await page.getByRole('button', { name: 'Nearer' }).click()
    await page.waitForTimeout(500)
    const paint = await page.evaluate(() => Math.max(...window.work))
    await page.evaluate(() => (window.frames.length = 0))
    await page.mouse.move(x, y)
    await page.mouse.down()
    for (let i = 0; i < 120; i++) {
      const far = 180 * Math.sin(i / 15)
      await page.mouse.move(x + far, y + far / 2)
    }
    await page.mouse.up()
    const apart = await page.evaluate(() => window.frames.slice(1).map((time, i) => time - window.frames[i]))
    apart.sort((a, b) => a - b)
    return { paint, frame: median(apart), slow: apart[Math.floor(apart.length * 0.95)] }
  }

  /** A size typed into the tape's field of a quilt of side × side blocks: script and layout of each key. */
  async function keyTyped(side) {
    await page.goto(address)
    await page
      .getByRole('button', { name: /^(Begin a quilt|New quilt)$/ })
      .first()
      .click()
    await page.getByLabel('Blocks across').fill(String(side))
    await page.getByLabel('Blocks down').fill(String(side))
    await page.getByRole('button', { name: 'Make this quilt' }).click()
    await page.waitForSelector('footer.bar[aria-busy="false"]')
    await page.getByTestId('drawing').press('ArrowRight')
    const field = page.getByLabel('All blocks, finished', { exact: true })
    await field.click()
    const session = await page.context().newCDPSession(page)
    await session.send('Performance.enable')
    const spent = async () => {
      const { metrics } = await session.send('Performance.getMetrics')
      const value = name => metrics.find(metric => metric.name === name).value
      return (value('ScriptDuration') + value('LayoutDuration') + value('RecalcStyleDuration')) * 1000
    }
    const keys = []
    for (const size of ['7', '8', '9', '10', '11', '12', '7', '8', '9', '10', '11', '12']) {
      await field.evaluate(element => element.select())
      const before = await spent()
      await field.evaluate((element, text) => {
        element.value = text
        element.dispatchEvent(new Event('input', { bubbles: true }))
      }, size)
      await page.evaluate(() => new Promise(resolve => requestAnimationFrame(() => requestAnimationFrame(resolve))))
      keys.push((await spent()) - before)
    }
    return median(keys)
  }
} finally {
  await browser.close()
  server.kill()
}
mkdirSync(`${ROOT}bench`, { recursive: true })
writeFileSync(`${ROOT}bench/results.json`, `${JSON.stringify({ node: process.version, results }, null, 2)}\n`)
