/** The arrows between the packages; what is not named here is allowed inside a package. */
const from = (path) => ({ path: `^${path}/`, pathNot: '\\.test\\.tsx?$' });
const onlyOurs = (name, path, allowed) => ({
  name,
  severity: 'error',
  from: from(path),
  to: {
    path: '^(core|contract|engine|server|cli|web|demo|e2e|measures)/',
    pathNot: `^(${[path, ...allowed].join('|')})/`,
  },
});

module.exports = {
  forbidden: [
    {
      name: 'no-cycles',
      severity: 'error',
      from: {},
      to: { circular: true, viaOnly: { dependencyTypesNot: ['type-only'] } },
    },
    onlyOurs('contract-stands-alone', 'contract', []),
    onlyOurs('core-knows-contract', 'core', ['contract']),
    onlyOurs('engine-knows-core', 'engine', ['contract', 'core']),
    onlyOurs('web-knows-core', 'web', ['contract', 'core']),
    onlyOurs('demo-stands-alone', 'demo', []),
    onlyOurs('cli-knows-engine', 'cli', ['contract', 'core', 'engine']),
    onlyOurs('server-knows-engine', 'server', ['contract', 'core', 'engine', 'demo']),
    {
      name: 'core-is-pure',
      severity: 'error',
      comment: 'core has no clock, file system, network, DOM or database',
      from: { path: '^core/src', pathNot: '\\.test\\.ts$|core/src/testing/' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'no-node-modules-where-a-browser-runs-it',
      severity: 'error',
      from: { path: '^(core|contract|web)/', pathNot: '\\.test\\.|core/src/testing/' },
      to: { path: '^(fs|path|child_process|worker_threads|node:.*)$' },
    },
    {
      name: 'sql-only-in-queries',
      severity: 'error',
      comment: 'a statement is a named function of a file that ends in queries',
      from: { path: '^server/src/', pathNot: '(queries\\.ts|\\.test\\.ts)$|^server/src/(database|testing)/' },
      to: { path: '^server/src/database/statements\\.ts$' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    exclude: { path: 'testdata' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.js', '.mjs', '.json'],
    },
  },
};
