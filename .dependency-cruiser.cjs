/** Imports point one way: app → features → ui, workers, server → paper → words → teaching → records → formats, db, draw → core. */
const layer = (from, ...mayNot) => ({
  name: `${from}-points-down`,
  severity: 'error',
  from: { path: `^src/${from}/`, pathNot: '\\.test\\.tsx?$' },
  to: { path: `^src/(${mayNot.join('|')})/` },
})

/** What stands over documents, drawings and the database, from below to above. */
const OVER_DOCUMENTS = ['records', 'teaching', 'words', 'paper', 'ui', 'workers', 'server', 'features', 'app']

/** The folders of the core in their order, each building on those before it; the whole analysis comes after the rules. */
const CORE = [
  'numeric',
  'geometry',
  'body',
  'stance',
  'pose',
  'balance',
  'limits',
  'postures',
  'variants',
  'motion',
  'fit',
  'practice',
  'measure',
]
const BEFORE_ANALYSIS = CORE.slice(0, CORE.indexOf('postures'))
const inCore = (from, to) => ({
  name: `core-${from}-builds-on-what-is-before`,
  severity: 'error',
  from: { path: `^src/core/${from}/`, pathNot: '\\.test' },
  to: { path: to },
})

module.exports = {
  forbidden: [
    { name: 'no-cycles', severity: 'error', from: {}, to: { circular: true } },
    {
      name: 'core-is-pure',
      comment: 'the core imports nothing of ours outside itself, and no package',
      severity: 'error',
      from: { path: '^src/core/', pathNot: '\\.test[.-]' },
      to: { pathNot: '^src/core/' },
    },
    {
      name: 'core-has-one-door',
      severity: 'error',
      from: { pathNot: '^src/core/|\\.test\\.tsx?$|^bench/' },
      to: { path: '^src/core/(?!index\\.ts$)' },
    },
    ...CORE.slice(0, -1).map((folder, i) => inCore(folder, `^src/core/(${CORE.slice(i + 1).join('|')})/`)),
    ...BEFORE_ANALYSIS.map((folder) => inCore(folder, '^src/core/(assess|analysis)\\.ts$')),
    layer('draw', 'formats', 'db', ...OVER_DOCUMENTS),
    layer('paper', 'db', 'ui', 'workers', 'server', 'features', 'app'),
    layer('formats', 'draw', 'db', ...OVER_DOCUMENTS),
    layer('teaching', 'db', 'words', 'paper', 'ui', 'workers', 'server', 'features', 'app'),
    layer('records', 'teaching', 'db', 'words', 'paper', 'ui', 'workers', 'server', 'features', 'app'),
    layer('words', 'db', 'paper', 'ui', 'workers', 'server', 'features', 'app'),
    layer('db', ...OVER_DOCUMENTS),
    layer('ui', 'db', 'workers', 'server', 'features', 'app'),
    layer('workers', 'db', 'ui', 'server', 'features', 'app'),
    layer('server', 'ui', 'workers', 'features', 'app'),
    layer('features', 'app'),
    {
      name: 'features-stand-alone',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/' },
      to: { path: '^src/features/([^/]+)/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'command-line-has-no-screen',
      severity: 'error',
      from: { path: '^cli/' },
      to: { path: '^src/(db|ui|workers|server|features|app)/' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
}
