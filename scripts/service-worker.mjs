// Bundles the service worker into public/, from where Next.js serves it at the root: its scope is the whole site.
import esbuild from 'esbuild';

export const WORKER_FILE = 'public/offline-worker.js';

export const bundleServiceWorker = () =>
  esbuild.build({
    entryPoints: ['src/workers/offline/worker.ts'],
    outfile: WORKER_FILE,
    bundle: true,
    minify: true,
    format: 'iife',
    platform: 'browser',
    target: 'es2022',
    define: { 'process.env.NODE_ENV': '"production"' },
    logLevel: 'error',
  });

if (import.meta.filename === process.argv[1]) await bundleServiceWorker();
