import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

/** The tests that mutants of the core are held against. */
export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('../src', import.meta.url)) } },
  test: {
    include: (process.env.MUTATION_TESTS ?? 'src/core/**/*.test.ts').split(' '),
    // Modules are loaded once: a mutant is switched on where it is met, not where it is loaded.
    isolate: false,
    exclude: ['**/linear.test.ts', '**/*.mock.test.ts'],
    setupFiles: ['scripts/test-setup.ts'],
    testTimeout: 90_000,
  },
});
