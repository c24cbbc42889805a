import { CORE_ORDER, OUTSIDE_ORDER } from './scripts/layers.mjs'

/** Imports run one way: a folder of the core reads those that stand before it, never one that stands after it. */
const oneWay = CORE_ORDER.slice(0, -1).map((folder, i) => ({
  name: `core/${folder} reads only what lies below it`,
  severity: 'error',
  from: { path: `^core/${folder}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(${CORE_ORDER.slice(i + 1).join('|')})/` },
}))

export default {
  forbidden: [
    ...oneWay,
    {
      name: 'a subfolder reads nothing of the folder that it lies in',
      severity: 'error',
      from: { path: '^core/([^/]+)/[^/]+/', pathNot: '\\.test\\.ts$|^core/(file|designs)/' },
      to: { path: '^core/$1/[^/]+\\.ts$' },
    },
    { name: 'no circles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'every folder of the core has its place in the order',
      severity: 'error',
      from: { path: '^core/', pathNot: `^core/(${[...CORE_ORDER, 'testing'].join('|')})/` },
      to: {},
    },
    {
      name: 'tests are for tests',
      severity: 'error',
      from: { path: '^(core|words|cli|papers|app|server)/', pathNot: '\\.test\\.ts$|^core/testing/|^app/testing/' },
      to: { path: '\\.test\\.ts$|^core/testing/' },
    },
    ...OUTSIDE_ORDER.map(({ folder, reads }) => ({
      name: `${folder} reads ${reads.join(', ')} and itself`,
      severity: 'error',
      from: { path: `^${folder}/`, pathNot: '\\.test\\.ts$' },
      to: {
        path: '^(core|words|cli|papers|app|server|demo|e2e)/',
        pathNot: `^(${[folder, ...reads].join('|')})/`,
      },
    })),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: '\\.nuxt|\\.output|cli/dist' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.imports.json' },
  },
}
