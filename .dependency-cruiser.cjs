/** Which room may enter which (docs/architecture.md, "Rooms"). */
const room = (name, allowed) => ({
  name: `${name}-enters-only-${allowed.join('-and-') || 'nothing'}`,
  severity: 'error',
  from: { path: `^src/${name}/` },
  to: { path: '^src/', pathNot: `^src/(${[name, ...allowed].join('|')})/` },
});

/** Areas of the core, lowest first: an area may enter those before it. */
const areas = ['lexicon', 'project', 'till', 'goods', 'brief', 'plan', 'words', 'look', 'pictures', 'site', 'proof', 'interview'];

module.exports = {
  forbidden: [
    { name: 'no-circles', severity: 'error', from: {}, to: { circular: true } },
    room('core', []),
    room('storefront', ['core']),
    room('standins', ['core']),
    room('workers', ['core', 'storefront']),
    room('studio', ['core', 'storefront', 'standins', 'workers']),
    room('cli', ['core', 'storefront', 'standins', 'workers']),
    ...areas.map((area, i) => ({
      name: `core-${area}-depends-downward`,
      severity: 'error',
      from: { path: `^src/core/${area}/`, pathNot: '\\.test\\.ts$' },
      to: { path: '^src/core/', pathNot: `^src/core/(${areas.slice(0, i + 1).join('|')}|[^/]+\\.ts$)` },
    })),
    ...areas.map((area) => ({
      name: `core-${area}-is-entered-by-its-index`,
      severity: 'error',
      from: { path: '^src/', pathNot: `^src/core/${area}/` },
      to: { path: `^src/core/${area}/`, pathNot: `^src/core/${area}/index\\.ts$` },
    })),
    {
      name: 'core-and-storefront-have-no-interface',
      severity: 'error',
      from: { path: '^src/(core|storefront)/' },
      to: { path: 'node_modules/(react|next|styled-components|react-aria)' },
    },
  ],
  options: {
    doNotFollow: { path: 'node_modules' },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: 'tsconfig.json' },
    exclude: { path: '\\.generated\\.ts$' },
  },
};
