// Imports run one way (docs/architecture.md): app → features → components → core; features → api; app → server → core.
const rooms = {
  core: [],
  data: ['core'],
  structure: ['core'],
  api: ['core'],
  components: ['api', 'core'],
  workers: ['core'],
  features: ['components', 'api', 'core', 'workers'],
  server: ['core', 'data', 'structure'],
  app: ['features', 'components', 'server', 'structure', 'data', 'core', 'styles'],
};
const room = (name) => `^src/${name}/`;
// Rooms of the core, the lowest first: each takes values from those before it, and from what lies beside the rooms. Types may look up.
const coreRooms = require('./src/core/rooms.json').map((one) => `core/${one.room}`);

module.exports = {
  forbidden: [
    ...Object.entries(rooms).map(([name, mayUse]) => ({
      name: `${name}-imports`,
      severity: 'error',
      from: { path: room(name), pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/', pathNot: [room(name), ...mayUse.map(room)] },
    })),
    ...coreRooms.map((name, i) => ({
      name: `${name.replace('/', '-')}-looks-down`,
      severity: 'error',
      from: { path: room(name), pathNot: '\\.test\\.tsx?$' },
      to: {
        path: '^src/core/',
        pathNot: ['^src/core/[^/]+$', ...coreRooms.slice(0, i + 1).map(room)],
        dependencyTypesNot: ['type-only'],
      },
    })),
    {
      name: 'core-rooms',
      comment: 'Every room of the core stands in the order of src/core/rooms.json.',
      severity: 'error',
      from: { path: '^src/core/[^/]+/', pathNot: coreRooms.map(room) },
      to: {},
    },
    {
      name: 'core-packages',
      comment: 'The core may use yup, decimal.js and (for positions in files) jsonc-parser, nothing else.',
      severity: 'error',
      from: { path: room('core'), pathNot: '\\.test\\.tsx?$' },
      to: { dependencyTypes: ['npm', 'npm-dev', 'core'], pathNot: 'node_modules/(yup|decimal\\.js|jsonc-parser)/' },
    },
    {
      name: 'log-engine',
      comment: 'The record knows entries, not what they mean at a bench.',
      severity: 'error',
      from: { path: '^src/core/record/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/core/(bench|document|plan|editing|operations|process|worktop|readings|results|hazard|waste)/' },
    },
    {
      name: 'features-apart',
      comment: 'What two features share is a component, or belongs to the core.',
      severity: 'error',
      from: { path: '^src/features/([^/]+)/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/features/([^/]+)/', pathNot: '^src/features/$1/' },
    },
    {
      name: 'declared-once',
      comment: 'The shape of parameters follows from the fields that an operation declares.',
      severity: 'error',
      from: { path: '^src/core/operations/', pathNot: '^src/core/operations/declare/' },
      to: { path: 'node_modules/yup/' },
    },
    {
      name: 'no-circles',
      severity: 'error',
      from: { path: '^src/' },
      // Only the list of what threads do is met on the way round: the door reaches it at run time and by its types.
      to: { circular: true, viaOnly: { pathNot: '^src/server/offThread/tasks\\.ts$' } },
    },
    {
      name: 'off-thread',
      comment:
        'What is costly is worked out on another thread: nothing else of the server imports it. Types cost nothing.',
      severity: 'error',
      from: { path: '^src/(server|app)/', pathNot: ['^src/server/offThread/', '\\.test\\.tsx?$'] },
      to: {
        path: [
          '^src/core/(process|worktop|bench|plan|hazard|waste|explore)/',
          '^src/core/handout/readHandout',
          '^src/core/results/(baseline|classResults|projection|benchResults)\\.',
          '^src/core/(library/card|versions/differences|operations/stepTitle|formats/readPreparation)\\.',
          '^src/server/offThread/(jobs/|tasks)',
          'node_modules/(mammoth|pdfjs-dist|exceljs|yauzl)/',
        ],
        dependencyTypesNot: ['type-only'],
      },
    },
    {
      name: 'browser-without-server',
      severity: 'error',
      from: { path: '^src/(features|components|api)/' },
      to: { path: ['^src/server/', 'node_modules/(sequelize|mariadb|openchemlib)/'] },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsConfig: { fileName: 'tsconfig.json' },
    tsPreCompilationDeps: true,
    enhancedResolveOptions: {
      exportsFields: ['exports'],
      conditionNames: ['import', 'require', 'node', 'default', 'types'],
    },
  },
};
