/** Imports go one way: core ← engrave ← {server, islands} ← pages. */
const only = (name, from, allowed, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: `^src/${from}` },
  to: { path: '^src/', pathNot: allowed.map((a) => `^src/${a}`) },
});

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    only('core-alone', 'core/', ['core/'], 'The computation knows nothing of what is around it.'),
    only(
      'engrave-on-core',
      'engrave/',
      ['core/', 'engrave/'],
      'Drawing uses the computation only.',
    ),
    only('contract-on-core', 'contract/', ['core/', 'contract/'], 'Both sides share it.'),
    only(
      'ui-shared',
      'ui/',
      ['core/', 'engrave/', 'contract/', 'ui/'],
      'Shared parts know no view.',
    ),
    only(
      'islands',
      'islands/',
      ['core/', 'engrave/', 'contract/', 'ui/', 'islands/', 'workers/'],
      'Screens never import the server.',
    ),
    only(
      'server',
      'server/',
      ['core/', 'engrave/', 'contract/', 'server/'],
      'The server knows no screen.',
    ),
    {
      name: 'core-faces',
      comment: 'Outsiders import the face of a folder of core: its index.',
      severity: 'error',
      from: { path: '^src/(?!core/)' },
      to: { path: '^src/core/[^/]+/', pathNot: '/index\\.ts$' },
    },
    {
      name: 'core-pure',
      comment: 'No Node, React, database or interface in core.',
      severity: 'error',
      from: { path: '^src/core/' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'core-packages',
      comment: 'The few pure packages that the computation uses.',
      severity: 'error',
      from: { path: '^src/core/' },
      to: {
        path: 'node_modules',
        pathNot: 'node_modules/(@types/)?(ts-fsrs|papaparse|obscenity|double-metaphone)/',
      },
    },
    {
      name: 'no-node-in-browser',
      severity: 'error',
      from: { path: '^src/(islands|ui|engrave|contract|workers)/' },
      to: { dependencyTypes: ['core'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
