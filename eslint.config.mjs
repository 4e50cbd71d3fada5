import reactHooks from 'eslint-plugin-react-hooks';
import tseslint from 'typescript-eslint';

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
      ],
    },
  },
);
