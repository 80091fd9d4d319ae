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
  { files: ['src/**/*.tsx', 'src/**/*.ts'], ...hooks.configs.flat['recommended-latest'] },
  {
    rules: {
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/consistent-type-imports': 'error',
      eqeqeq: 'error',
    },
  },
);
