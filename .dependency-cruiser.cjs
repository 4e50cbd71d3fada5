/**
 * Which room may enter which at run time, and through which doors (docs/architecture.md, "Rooms"). What is imported as a type alone leaves no
 * trace in the build; `.dependency-cruiser.types.cjs` holds types to their rooms.
 */
const room = (name, allowed) => ({
  name: `${name}-enters-only-${allowed.join('-and-') || 'nothing'}`,
  severity: 'error',
  from: { path: `^src/${name}/` },
  to: { path: '^src/', pathNot: `^src/(${[name, ...allowed].join('|')})/` },
});

/** Areas of the core, lowest first: an area's engine may enter those before it. */
const areas = [
  'document',
  'lexicon',
  'phrases',
  'places',
  'project',
  'till',
  'goods',
  'brief',
  'words',
  'sections',
  'things',
  'plan',
  'writing',
  'look',
  'pictures',
  'site',
  'proof',
  'requests',
  'sentences',
  'interview',
];

/** Light doors of an area: ids and types, and what the studio's page computes itself. Anyone may enter these. */
const light = '(about|page)\\.ts$';
/** Areas that are light throughout: addresses, and the log of a project. */
const lightAreas = 'src/core/(places|project)/index\\.ts$';

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    room('core', []),
    room('storefront', ['core']),
    room('standins', ['core']),
    room('papers', ['core']),
    room('workers', ['core', 'storefront']),
    room('studio', ['core', 'storefront', 'standins', 'workers']),
    room('cli', ['core', 'storefront', 'standins', 'workers']),
    ...areas.map((area, i) => ({
      name: `core-${area}-depends-downward`,
      severity: 'error',
      from: { path: `^src/core/${area}/`, pathNot: '\\.test\\.ts$' },
      to: {
        path: '^src/core/',
        pathNot: `^src/core/((${areas.slice(0, i + 1).join('|')})/|[^/]+\\.ts$|[^/]+/${light})`,
      },
    })),
    ...areas.map((area) => ({
      name: `core-${area}-is-entered-by-its-doors`,
      severity: 'error',
      from: { path: '^src/', pathNot: `^src/core/${area}/` },
      to: { path: `^src/core/${area}/`, pathNot: `^src/core/${area}/(index\\.ts$|${light})` },
    })),
    {
      name: 'the-studio-page-reaches-no-engine',
      severity: 'error',
      from: { path: '^src/studio/', pathNot: '\\.test\\.tsx?$' },
      to: { path: '^src/(core|storefront|standins)/', pathNot: `^src/core/([^/]+\\.ts$|[^/]+/${light})|${lightAreas}` },
    },
    {
      name: 'light-doors-lead-to-nothing-heavy',
      severity: 'error',
      from: { path: '^src/core/[^/]+/(about|page)\\.ts$' },
      to: {
        reachable: true,
        path: '^src/core/(lexicon/(nouns|places|verbs|adjectives)|brief/read|site/shop|pictures/art/index)\\.ts$',
      },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: false,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '\\.generated\\.ts$' },
  },
};
