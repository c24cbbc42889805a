// npm run picture: draws docs/architecture.svg from the imports themselves: the folders from the roof down to the
// floor, an arrow from each to those it reads. An arrow that others already imply is left out.
import { writeFileSync } from 'node:fs'
import { instance } from '@viz-js/viz'
import { cruise } from 'dependency-cruiser'
import extractTSConfig from 'dependency-cruiser/config-utl/extract-ts-config'
import { CORE_ORDER, OUTSIDE_ORDER } from './layers.mjs'
import { ROOT } from './system.mjs'

/** What each folder is for, in a few words. */
const SAYS = {
  'core/measure': 'inches, rulers, sums with their terms',
  'core/geometry': 'polygons, seams allowed for, tilings',
  'core/designs': 'blocks as drawn',
  'core/file': 'the quilt file, read and checked',
  'core/made': 'what was measured and ticked',
  'core/top': 'places, sashes, borders, rows, sizes',
  'core/make/order': 'which seam first; papers',
  'core/make/units': 'patches made together, in cloth',
  'core/make/steps': 'a step and its picture',
  'core/make/methods': 'ways to make a unit',
  'core/make/joins': 'seams of a block, pressing',
  'core/cut': 'piles, strips on cloth, what to buy',
  'core/layers': 'backing, batting, binding',
  'core/plan': 'all stages in order; recipes',
  'core/checks': 'what deserves a second look',
  'core/edits': 'changes to a file',
  'core/drafting': 'drawing a block',
  'core/paper': 'templates and papers in inches',
  'words': 'codes into sentences',
  'demo': 'the demo quilts',
  'cli': 'the command',
  'papers': 'pages at true size, as PDF',
  'server': 'answers, headers',
  'app': 'screens, storage, workers',
}

const folders = [...CORE_ORDER.map(folder => `core/${folder}`), ...OUTSIDE_ORDER.map(({ folder }) => folder).slice(1)]
const folderOf = path => folders.find(folder => path.startsWith(`${folder}/`))

const tsConfig = 'tsconfig.imports.json'
const { output } = await cruise(
  ['core', 'words', 'cli', 'papers', 'app', 'server', 'demo'],
  {
    doNotFollow: 'node_modules',
    exclude: '\\.test\\.ts$|^core/testing/|^cli/dist/',
    tsPreCompilationDeps: true,
    ruleSet: { options: { tsConfig: { fileName: tsConfig } } },
  },
  undefined,
  { tsConfig: extractTSConfig(tsConfig) },
)
const reads = new Map(folders.map(folder => [folder, new Set()]))
const files = new Map(folders.map(folder => [folder, 0]))
for (const { source, dependencies } of output.modules) {
  const from = folderOf(source)
  if (!from) continue
  files.set(from, files.get(from) + 1)
  for (const { resolved } of dependencies) {
    const to = folderOf(resolved)
    if (to && to !== from) reads.get(from).add(to)
  }
}

/** Whether one folder reads another by way of a third. */
function isImplied(from, to) {
  const seen = new Set()
  const leadsTo = folder => {
    if (folder === to) return true
    if (seen.has(folder)) return false
    seen.add(folder)
    return [...reads.get(folder)].some(leadsTo)
  }
  return [...reads.get(from)].some(other => other !== to && leadsTo(other))
}

const arrows = [...reads].flatMap(([from, all]) => [...all].filter(to => !isImplied(from, to)).map(to => [from, to]))
const label = folder =>
  `<<font point-size="15"><b>${folder}</b></font><br/><font point-size="11">${SAYS[folder]}</font><br/>`
  + `<font point-size="10" color="#6b6258">${files.get(folder)} files</font>>`
const dot = `digraph wren {
  rankdir = TB; bgcolor = "#fffdf8"; nodesep = 0.25; ranksep = 0.42; margin = 0.2
  node [shape = box, style = "rounded,filled", fillcolor = "#f6efe2", color = "#8a7a5f"]
  node [fontname = "Helvetica", margin = "0.42,0.12"]
  edge [color = "#7b7163", arrowsize = 0.7]
  ${folders.map(folder => `"${folder}" [label = ${label(folder)}]`).join('\n  ')}
  ${arrows.map(([from, to]) => `"${from}" -> "${to}"`).join('\n  ')}
}`
const viz = await instance()
writeFileSync(`${ROOT}docs/architecture.svg`, viz.renderString(dot, { format: 'svg' }))
console.log(`docs/architecture.svg: ${folders.length} folders, ${arrows.length} arrows`)
