// Mutation testing of the core: `npm run mutation -- --mutate 'src/core/readings/**/*.ts'`.
/** @type {import('@stryker-mutator/api/core').PartialStrykerOptions} */
export default {
  testRunner: 'vitest',
  plugins: ['@stryker-mutator/vitest-runner'],
  vitest: { configFile: 'scripts/vitest.mutation.ts' },
  mutate: ['src/core/{readings,checks}/**/*.ts', '!src/core/**/*.test.ts'],
  ignorePatterns: ['/data*', '/.next', '/dist', '/docs', '/test-results', '/reports', '/e2e', '/public'],
  coverageAnalysis: 'perTest',
  // Tables drawn up when a module is loaded would want a whole run for every mutant.
  ignoreStatic: true,
  incremental: true,
  incrementalFile: 'reports/mutation/incremental.json',
  tempDirName: '.mutation',
  reporters: ['clear-text', 'json', 'progress'],
  clearTextReporter: { logTests: false, reportTests: false, reportMutants: false },
  jsonReporter: { fileName: 'reports/mutation/mutation.json' },
  concurrency: 2,
  timeoutMS: 10_000,
};
