// What runs beside the application is bundled by itself: the service worker into public/, from where Next.js serves
// it at the root (its scope is the whole site), and the server's threads into dist/.
import esbuild from 'esbuild';

const common = {
  bundle: true,
  minify: true,
  target: 'es2022',
  define: { 'process.env.NODE_ENV': '"production"' },
  logLevel: 'error',
};

/** Where what is bundled stands. */
export const BUNDLES = ['public/offline-worker.js', 'dist/scan.thread.mjs'];

export const bundleServiceWorker = () =>
  esbuild.build({
    ...common,
    entryPoints: ['src/workers/offline/worker.ts'],
    outfile: BUNDLES[0],
    format: 'iife',
    platform: 'browser',
  });

export const bundleThread = (outfile = BUNDLES[1]) =>
  esbuild.build({
    ...common,
    entryPoints: ['src/workers/threads/scan.thread.ts'],
    outfile,
    format: 'esm',
    platform: 'node',
  });

export const bundleAll = () => Promise.all([bundleServiceWorker(), bundleThread()]);

if (import.meta.filename === process.argv[1]) await bundleAll();
