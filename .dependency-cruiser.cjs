// Who may import whom: core ← cli, server, ui, app; server ← app, scripts; ui ← app. Never the other way but for types that ui takes, never in a circle.
const apart = (name, from, to, comment) => ({
  name,
  comment,
  severity: 'error',
  from: { path: from },
  to: { path: to },
});

// Rooms of core/, the lowest first: each imports those before it, and none of those after it.
const ROOMS = [
  'length',
  'text',
  'spec',
  'edits',
  'columns',
  'baseline',
  'spacing',
  'overlay',
  'rows',
  'type',
  'layouts',
  'breakpoints',
  'document',
  'quantities',
  'sheet',
  'checks',
  'sample',
  'picture',
  'survey',
  'built',
  'report',
  'sweep',
  'finder',
  'edition',
  'site',
  'formats',
  'diff',
  'comparison',
  'reading',
];
const noArrowUp = ROOMS.slice(0, -1).map((room, place) =>
  apart(
    `core-${room}`,
    `^core/${room}${room === 'spec' ? '/(?!testing)' : '/'}(?!.*\\.test\\.ts$)`,
    `^core/(${ROOMS.slice(place + 1).join('|')})/`,
    'no arrow up inside core/',
  ),
);

/** @type {import('dependency-cruiser').IConfiguration} */
module.exports = {
  forbidden: [
    {
      name: 'no-circle',
      severity: 'error',
      from: {},
      to: { circular: true },
    },
    {
      name: 'found',
      comment: 'every import leads somewhere',
      severity: 'error',
      from: {},
      to: { couldNotResolve: true },
    },
    apart(
      'core-stands-alone',
      '^core/',
      '^(app|cli|scripts|server|tests|ui)/',
      'core/ knows nothing of what is around it',
    ),
    apart(
      'core-is-pure',
      '^core/(?!.*\\.test\\.ts$)',
      '^node:|^(react|react-dom|next|postgres|zustand)(/|$)',
      'no Node, no React in core/',
    ),
    ...noArrowUp,
    apart('server', '^server/', '^(app|cli|scripts|tests|ui)/', 'server/ imports core/ alone'),
    apart('ui', '^ui/', '^(cli|scripts|tests)/', 'ui/ imports core/ alone'),
    {
      ...apart('ui-types', '^ui/', '^(app|server)/', 'of app/ and server/ ui/ imports types alone'),
      to: { path: '^(app|server)/', dependencyTypesNot: ['type-only'] },
    },
    apart('cli', '^cli/', '^(app|scripts|server|tests|ui)/', 'cli/ imports core/ alone'),
    apart('app', '^app/', '^(cli|scripts|tests)/', 'app/ imports core/, server/ and ui/'),
    apart('scripts', '^scripts/', '^(app|cli|ui)/', 'scripts/ import core/ and server/'),
    apart('scripts-tests', '^scripts/(?!bench/)', '^tests/', 'benches alone run what tests make up'),
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
      extensions: ['.ts', '.tsx', '.mjs', '.js', '.json'],
    },
  },
};
