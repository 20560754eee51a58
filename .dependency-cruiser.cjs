/** Imports point one way: app → features → ui, workers, keeping → paper → words → teaching → records → documents, draw → core; the database under keeping. */
const layer = (from, ...mayNot) => ({
  name: `${from}-points-down`,
  severity: 'error',
  from: { path: `^src/${from}/`, pathNot: '\\.test\\.tsx?$' },
  to: { path: `^src/(${mayNot.join('|')})/` },
})

/** What stands over documents, drawings and the database, from below to above. */
const OVER_DOCUMENTS = ['records', 'teaching', 'words', 'paper', 'ui', 'workers', 'keeping', 'features', 'app']

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
    layer('draw', 'documents', ...OVER_DOCUMENTS),
    layer('documents', 'draw', ...OVER_DOCUMENTS),
    layer('records', 'teaching', 'words', 'paper', 'ui', 'workers', 'keeping', 'features', 'app'),
    layer('teaching', 'words', 'paper', 'ui', 'workers', 'keeping', 'features', 'app'),
    layer('words', 'paper', 'ui', 'workers', 'keeping', 'features', 'app'),
    layer('paper', 'ui', 'workers', 'keeping', 'features', 'app'),
    layer('ui', 'workers', 'keeping', 'features', 'app'),
    layer('workers', 'ui', 'keeping', 'features', 'app'),
    layer('keeping', 'ui', 'workers', 'features', 'app'),
    layer('keeping/db', ...OVER_DOCUMENTS.filter((one) => one !== 'keeping')),
    {
      name: 'database-is-below-what-keeps',
      severity: 'error',
      from: { path: '^src/keeping/db/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/keeping/(?!db/)' },
    },
    {
      name: 'database-has-one-door',
      severity: 'error',
      from: { path: '^src/', pathNot: '^src/keeping/|\\.test\\.tsx?$|^src/testing/' },
      to: { path: '^src/keeping/db/' },
    },
    {
      name: 'what-is-kept-is-of-a-site',
      comment: 'src/keeping/here.ts is the only way to the database, and names the site.',
      severity: 'error',
      from: { path: '^src/keeping/', pathNot: '^src/keeping/(db/|here\\.ts$)|\\.test\\.tsx?$' },
      to: { path: '^src/keeping/db/client\\.ts$' },
    },
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
      to: { path: '^src/(ui|workers|keeping|features|app)/' },
    },
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: { exportsFields: ['exports'], conditionNames: ['import', 'require', 'node', 'default'] },
  },
}
