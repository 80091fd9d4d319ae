import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vitest/config';

const everything = ['src', 'demo', 'scripts', 'bench'];
const of = (ending: string) => everything.map((folder) => `${folder}/**/*${ending}`);

export default defineConfig({
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  test: {
    maxWorkers: 2,
    setupFiles: ['scripts/test-setup.ts'],
    testTimeout: 90_000,
    projects: [
      // Modules are loaded once for a worker, not once for a file: it takes two thirds of the time.
      {
        extends: true,
        test: { name: 'shared', include: of('.test.ts'), exclude: of('.mock.test.ts'), isolate: false },
      },
      // What replaces a module for its own needs has modules of its own.
      { extends: true, test: { name: 'mocks', include: of('.mock.test.ts') } },
      // What a component does, without a browser: its layout and the whole page are for the browser tests.
      {
        extends: true,
        test: {
          name: 'components',
          include: of('.test.tsx'),
          environment: 'jsdom',
          setupFiles: ['scripts/test-setup.ts', 'scripts/test-setup-components.ts'],
        },
      },
    ],
  },
});
