/** Arrows run one way: app -> core, server -> core, demo -> core; inside core a room imports only rooms above it. */
const rooms = [
  'quantity',
  'photo',
  'pantry',
  'dish',
  'page',
  'script',
  'moments',
  'pot',
  'heat',
  'sauce',
  'kitchen',
  'pieces',
  'findings',
  'steps',
  'plan',
  'meal',
  'cook',
  'log',
  'formats',
];

const roomRules = rooms.map((room, i) => ({
  name: `core-${room}-imports-only-rooms-above`,
  severity: 'error',
  from: { path: `^core/${room}/`, pathNot: '\\.test\\.ts$' },
  to: { path: `^core/(${rooms.slice(i + 1).join('|') || 'nothing-below'})/` },
}));

/** Rooms that are entered by their door alone. */
const withDoor = ['findings', 'steps', 'meal'];

const doorRules = withDoor.map((room) => ({
  name: `core-${room}-is-entered-by-its-door`,
  severity: 'error',
  comment: `From outside, core/${room}/index.ts.`,
  from: { path: '^core/', pathNot: `^core/${room}/|\\.test\\.ts$` },
  to: { path: `^core/${room}/(?!index\\.ts$)` },
}));

module.exports = {
  forbidden: [
    {
      name: 'core-stands-alone',
      severity: 'error',
      comment: 'The core knows no interface, no server, no demo data, no I/O.',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: {
        path: '^(app|server|demo|e2e|bench)/|^node_modules/(?!zod/|pluralize/|numeric-quantity/|fastest-levenshtein/|fflate/|crc-32/)',
        pathNot: '^node_modules/(zod|pluralize|numeric-quantity|fastest-levenshtein|fflate|crc-32)/',
      },
    },
    {
      name: 'core-has-no-node',
      severity: 'error',
      from: { path: '^core/', pathNot: '\\.test\\.ts$' },
      to: { dependencyTypes: ['core'] },
    },
    {
      name: 'app-uses-the-public-door',
      severity: 'error',
      comment: 'Outside core everything comes through core/index.ts.',
      from: { path: '^(app|server|demo|bench|e2e)/' },
      to: { path: '^core/(?!index\\.ts$)' },
    },
    {
      name: 'server-and-demo-know-no-app',
      severity: 'error',
      from: { path: '^(server|demo)/' },
      to: { path: '^(app|e2e)/' },
    },
    { name: 'no-circular', severity: 'error', from: {}, to: { circular: true } },
    ...roomRules,
    ...doorRules,
  ],
  options: {
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    doNotFollow: { path: 'node_modules' },
    enhancedResolveOptions: { extensions: ['.ts', '.tsx', '.js', '.mjs', '.json', '.scss'] },
  },
};
