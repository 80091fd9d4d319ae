// What runs beside the application is bundled by itself: the service worker into public/, from where Next.js serves
// it at the root (its scope is the whole site), and the server's threads into dist/.
import { readdirSync, writeFileSync } from 'node:fs';
import esbuild from 'esbuild';

const common = {
  bundle: true,
  minify: true,
  target: 'es2022',
  define: { 'process.env.NODE_ENV': '"production"' },
  logLevel: 'error',
};

/** Where what is bundled stands. */
const THREADS = ['scan', 'heic'];
export const BUNDLES = ['public/offline-worker.js', ...THREADS.map((name) => `dist/${name}.thread.mjs`)];

export const bundleServiceWorker = () =>
  esbuild.build({
    ...common,
    entryPoints: ['src/workers/offline/worker.ts'],
    outfile: BUNDLES[0],
    format: 'iife',
    platform: 'browser',
  });

export const bundleThread = (name, outfile = `dist/${name}.thread.mjs`) =>
  esbuild.build({
    ...common,
    entryPoints: [`src/workers/threads/${name}.thread.ts`],
    outfile,
    format: 'esm',
    platform: 'node',
    // It looks for the files of its own folder.
    external: ['libheif-js'],
  });

/** Every script, style and font of the build, for the service worker: code that a press would load is kept as well. */
export const ASSET_LIST = 'public/offline-assets.json';

export function listAssets() {
  const files = readdirSync('.next/static', { recursive: true, encoding: 'utf8' })
    .map((file) => file.replaceAll('\\', '/'))
    .filter((file) => /\.(js|css|woff2)$/.test(file))
    .map((file) => `/_next/static/${file}`);
  writeFileSync(ASSET_LIST, JSON.stringify(files.sort()));
}

export const bundleAll = () =>
  Promise.all([bundleServiceWorker(), ...THREADS.map((name) => bundleThread(name))]);

if (import.meta.filename === process.argv[1]) await bundleAll();
