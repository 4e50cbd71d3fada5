/** Types, too, are named only from rooms that may be entered. */
// The tool reads CommonJS.
// eslint-disable-next-line @typescript-eslint/no-require-imports
const { forbidden, options } = require('./.dependency-cruiser.cjs');

module.exports = {
  forbidden: [
    ...forbidden.filter(({ name }) => name.includes('-enters-only-')),
    {
      name: 'core-and-storefront-have-no-interface',
      severity: 'error',
      from: { path: '^src/(core|storefront)/' },
      to: { path: 'node_modules/(react|next|styled-components|react-aria)' },
    },
  ],
  options: { ...options, tsPreCompilationDeps: true },
};
