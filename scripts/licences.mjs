// npm run licences: the licences of all that ships with the application (fonts, icons, libraries), into
// public/licences.txt. With --check it only says whether that file is of today.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { ROOT } from './system.mjs'

const FILE = `${ROOT}public/licences.txt`
/** What builds the application, and is not part of it. */
const BUILDERS = new Set(['nuxt', '@nuxt/ui', '@pinia/nuxt', '@vueuse/nuxt', 'tailwindcss'])
/** Of the builders' own parts, those that end up in the pages or in the server. */
const SHIPPED_BY_BUILDERS = [
  'vue',
  'vue-router',
  'pinia',
  'reka-ui',
  '@vueuse/core',
  '@nuxtjs/color-mode',
  '@iconify/vue',
  'tailwind-variants',
  'tailwind-merge',
  'unhead',
  'ofetch',
  'ufo',
  'defu',
  'hookable',
  'unctx',
  'nitropack',
  'h3',
  'unstorage',
  'destr',
  'klona',
  'radix3',
  'cookie-es',
  'devalue',
]
const packages = JSON.parse(readFileSync(`${ROOT}package-lock.json`, 'utf8')).packages
const wanted = new Set()
function take(name) {
  const entry = packages[`node_modules/${name}`]
  if (!entry || wanted.has(name)) return
  wanted.add(name)
  if (BUILDERS.has(name) || name === 'nitropack') return
  Object.keys(entry.dependencies ?? {}).forEach(take)
}
Object.keys(packages[''].dependencies).forEach(take)
SHIPPED_BY_BUILDERS.forEach(take)

function licenceText(name) {
  const folder = `${ROOT}node_modules/${name}`
  if (!existsSync(folder)) return null
  const file = readdirSync(folder).find(entry => /^(licen[cs]e|copying)(\.|$|-)/i.test(entry))
  return file ? readFileSync(`${folder}/${file}`, 'utf8').replaceAll('\r\n', '\n').trim() : null
}
const byText = new Map()
for (const name of [...wanted].sort()) {
  const { version, license = 'see its own page' } = packages[`node_modules/${name}`]
  const text = licenceText(name) ?? `Licence: ${license}`
  byText.set(text, [...(byText.get(text) ?? []), `${name} ${version} (${license})`])
}
const head =
  'Wren is under the MIT licence (see LICENSE). With it ship these works of others, each under its own licence.\n'
const text = [
  head,
  ...[...byText].map(([licence, names]) => `${'-'.repeat(72)}\n${names.join('\n')}\n\n${licence}\n`),
].join('\n')
if (process.argv.includes('--check')) {
  const isToday = existsSync(FILE) && readFileSync(FILE, 'utf8') === text
  if (!isToday) console.error('public/licences.txt is not of today: npm run licences')
  process.exit(isToday ? 0 : 1)
}
writeFileSync(FILE, text)
console.log(`${wanted.size} works, ${Math.round(text.length / 1024)} kB`)
