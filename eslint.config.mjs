import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

const area = '(look|plan|words|reading|asked|added|given|till|publish)';
const typed = 'Take the place from core/places: nothing else knows addresses.';
const addresses = [
  { selector: `Literal[value=/^${area}\\u002f[^.]*$/]`, message: typed },
  { selector: `TemplateElement[value.raw=/^${area}\\u002f/]`, message: typed },
  { selector: "MemberExpression[property.name='split'] > MemberExpression[property.name='place']", message: typed },
];

export default tseslint.config(
  { ignores: ['.next/**', 'dist/**', 'node_modules/**', 'public/**', '**/*.generated.ts', 'next-env.d.ts', 'test-results/**'] },
  ...tseslint.configs.recommended,
  { files: ['src/**/*.{ts,tsx}'], plugins: { 'react-hooks': reactHooks }, rules: reactHooks.configs.recommended.rules },
  {
    rules: {
      '@typescript-eslint/no-explicit-any': 'error',
      '@typescript-eslint/no-non-null-assertion': 'error',
      '@typescript-eslint/consistent-type-imports': ['error', { fixStyle: 'inline-type-imports' }],
    },
  },
  {
    // The core has no clock, no randomness and no browser of its own: they are passed in.
    files: ['src/core/**/*.ts'],
    ignores: ['**/*.test.ts'],
    rules: {
      'no-restricted-globals': ['error', 'window', 'document', 'localStorage', 'fetch', 'navigator'],
      'no-restricted-syntax': [
        'error',
        {
          selector: "MemberExpression[object.name='Math'][property.name='random']",
          message: 'Pass a seeded source of chance in.',
        },
        { selector: "MemberExpression[object.name='Date'][property.name='now']", message: 'Pass the time in.' },
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: 'Pass the time in.' },
        ...addresses,
      ],
    },
  },
  {
    // An address of a decision is built and parsed by its place alone.
    files: ['src/**/*.{ts,tsx}'],
    ignores: ['**/*.test.{ts,tsx}', 'src/core/**'],
    rules: { 'no-restricted-syntax': ['error', ...addresses] },
  },
  // The places themselves, and what knows how addresses were written once.
  { files: ['src/core/places/*.ts', 'src/core/project/former.ts'], rules: { 'no-restricted-syntax': 'off' } },
);
