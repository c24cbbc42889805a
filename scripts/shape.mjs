// npm run shape: how the code is built, in figures, each with the most allowed; --check fails where one is over.
// What is allowed goes down as the code gets better, never up.
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import ts from 'typescript'
import { FAULTS } from './mutants/faults.mjs'
import { ROOT } from './system.mjs'

const LIMITS = {
  'functions over 60 lines': 4,
  'functions over 100 lines': 0,
  'components over 150 lines': 12,
  'buttons, inputs and selects beside the kit': 14,
  'casts of event targets': 0,
  'addresses edited as text': 0,
  'type names defined more than once': 0,
  'exported functions without a word': 17,
  'faults of npm run mutants that fit the code no more': 0,
}

const files = (folders, ending) =>
  folders.flatMap(folder =>
    readdirSync(ROOT + folder, { recursive: true })
      .map(name => `${folder}/${name}`)
      .filter(path => path.endsWith(ending))
      .sort()
      .map(path => ({ path, text: readFileSync(ROOT + path, 'utf8') })),
  )
const isOwn = ({ path }) => !/\.(test|spec)\.ts$|\/testing\//.test(path)
const typed = files(['core', 'words', 'cli', 'papers', 'server', 'app'], '.ts').filter(isOwn)
const components = files(['app'], '.vue')

/** The script of a component, with nothing in place of the rest so that lines stay what they are. */
const scriptOf = ({ path, text }) => ({
  path: `${path}.ts`,
  text: (/<script[^>]*>([\s\S]*?)<\/script>/.exec(text)?.[1] ?? '').trimEnd(),
})
const sources = [...typed, ...components.map(scriptOf)].map(({ path, text }) =>
  ts.createSourceFile(path, text, ts.ScriptTarget.Latest, true),
)

function walk(node, look) {
  look(node)
  ts.forEachChild(node, child => walk(child, look))
}
const linesOf = (node, source) =>
  source.getLineAndCharacterOfPosition(node.end).line - source.getLineAndCharacterOfPosition(node.getStart()).line + 1

/** Functions with a body, tables and tests aside, and how many lines each has. */
const functions = sources.flatMap(source => {
  const found = []
  walk(source, node => {
    if (!ts.isFunctionLike(node) || !node.body || !ts.isBlock(node.body)) return
    const name = node.name?.getText() ?? node.parent.name?.getText?.() ?? ''
    found.push({ what: `${source.fileName} ${name}`, lines: linesOf(node, source) })
  })
  return found
})
const over = (list, most) => list.filter(({ lines }) => lines > most).map(({ what, lines }) => `${what} ${lines}`)

const types = new Map()
for (const source of sources)
  for (const statement of source.statements)
    if (ts.isTypeAliasDeclaration(statement) || ts.isInterfaceDeclaration(statement)) {
      const name = statement.name.text
      types.set(name, [...(types.get(name) ?? []), source.fileName])
    }

const silent = sources.flatMap(source =>
  source.statements
    .filter(
      statement =>
        ts.isFunctionDeclaration(statement)
        && statement.modifiers?.some(({ kind }) => kind === ts.SyntaxKind.ExportKeyword)
        && ts.getJSDocCommentsAndTags(statement).length === 0,
    )
    .map(statement => `${source.fileName} ${statement.name?.text}`),
)

const matches = (list, pattern) =>
  list.flatMap(({ path, text }) => [...text.matchAll(pattern)].map(([match]) => `${path} ${match.trim()}`))
const interfaceFiles = [...typed.filter(({ path }) => path.startsWith('app/')), ...components]

const FOUND = {
  'functions over 60 lines': over(functions, 60),
  'functions over 100 lines': over(functions, 100),
  'components over 150 lines': over(
    components.map(({ path, text }) => ({ what: path, lines: text.trimEnd().split('\n').length })),
    150,
  ),
  'buttons, inputs and selects beside the kit': matches(components, /<(button|input|select|textarea)\b/g),
  'casts of event targets': matches(interfaceFiles, /target as [A-Z]\w+/g),
  'addresses edited as text': matches(interfaceFiles, /route\.path\.(replace|split|slice)|fullPath\.\w+/g),
  'type names defined more than once': [...types]
    .filter(([, at]) => at.length > 1)
    .map(([name, at]) => `${name}: ${at}`),
  'exported functions without a word': silent,
  'faults of npm run mutants that fit the code no more': FAULTS.filter(
    ({ file, from }) => !existsSync(ROOT + file) || !readFileSync(ROOT + file, 'utf8').includes(from),
  ).map(({ name }) => name),
}

let isOver = false
for (const [what, found] of Object.entries(FOUND)) {
  const most = LIMITS[what]
  isOver ||= found.length > most
  console.log(`${found.length > most ? 'OVER' : 'ok  '} ${String(found.length).padStart(4)} of ${most}  ${what}`)
  if (process.argv.includes('--list') || found.length > most) for (const one of found) console.log(`       ${one}`)
}
if (process.argv.includes('--check') && isOver) process.exit(1)
