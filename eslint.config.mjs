import hooks from 'eslint-plugin-react-hooks';
import ts from 'typescript-eslint';

export default ts.config(
  {
    ignores: [
      '.next/',
      'node_modules/',
      'data/',
      'public/',
      'dist/',
      'next-env.d.ts',
      'test-results/',
      '.mutation/',
      'reports/',
    ],
  },
  ...ts.configs.recommended,
  // Hooks stand where something is drawn; looking for them in the core takes most of the time.
  { files: ['src/{app,screens,ui}/**/*.{ts,tsx}'], ...hooks.configs.flat['recommended-latest'] },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: 'error',
    },
  },
  // What a reader can hold in mind at once. What is over it today stands in eslint-suppressions.json, which may
  // only shrink: a new one fails, and so does an entry that is no longer needed (`npx eslint . --prune-suppressions`).
  {
    files: ['src/**/*.{ts,tsx}', 'scripts/**/*.ts', 'demo/**/*.ts', 'bench/**/*.ts'],
    ignores: ['**/*.test.{ts,tsx}', 'demo/cases/*.ts', '**/test-*.ts'],
    rules: {
      'max-lines': ['error', { max: 300 }],
      'max-lines-per-function': ['error', { max: 60, skipBlankLines: true, skipComments: true }],
      complexity: ['error', 15],
      'no-nested-ternary': 'error',
    },
  },
  {
    files: ['src/**/*.tsx'],
    ignores: ['src/app/error.tsx', 'src/app/global-error.tsx'],
    rules: {
      'no-restricted-syntax': [
        'error',
        {
          selector: "JSXAttribute[name.name='style'] > JSXExpressionContainer > ObjectExpression",
          message:
            'Use a part of ui/layout or a styled component; a style of its own only where it is computed.',
        },
      ],
    },
  },
  {
    files: ['src/**/*.tsx'],
    ignores: ['src/ui/link.tsx'],
    rules: {
      'no-restricted-imports': [
        'error',
        { name: 'next/link', message: 'Use ui/link: it fetches nothing ahead.' },
      ],
    },
  },
);
