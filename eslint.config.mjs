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
