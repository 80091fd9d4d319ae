// Shared by the commands. Nothing but Node, since packages may not be installed yet.
import { spawn, spawnSync } from 'node:child_process';
import { createHash, randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import net from 'node:net';
import os from 'node:os';
import path from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));
process.chdir(root);
process.env.NEXT_TELEMETRY_DISABLED = '1';
// The lock file is npm's business; Next must not write into it.
process.env.NEXT_IGNORE_INCORRECT_LOCKFILE = '1';

const [major, minor] = process.versions.node.split('.').map(Number);
if (major < 20 || (major === 20 && minor < 19)) {
  console.error(`Vantle needs Node 20.19 or newer; this is ${process.versions.node}.`);
  process.exit(1);
}

/** Runs a command to its end; gives its exit code and, when captured, what it printed. */
export function run(command, args, { capture = false, env = {} } = {}) {
  const result = spawnSync(command, args, {
    stdio: capture ? 'pipe' : 'inherit',
    encoding: 'utf8',
    maxBuffer: 64 * 1024 * 1024,
    shell: process.platform === 'win32',
    env: { ...process.env, ...env },
  });
  return { code: result.status ?? 1, out: `${result.stdout ?? ''}${result.stderr ?? ''}` };
}

/** Like `run` with capture, beside other work. */
export function runBeside(command, args, env = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      stdio: ['ignore', 'pipe', 'pipe'],
      shell: process.platform === 'win32',
      env: { ...process.env, ...env },
    });
    let out = '';
    child.stdout.on('data', (d) => (out += d));
    child.stderr.on('data', (d) => (out += d));
    child.once('error', (e) => resolve({ code: 1, out: String(e) }));
    child.once('close', (code) => resolve({ code: code ?? 1, out }));
  });
}

/** The path of an installed package's command-line program. */
export const bin = (name, file) => path.join(root, 'node_modules', name, file);
export const TSX = () => bin('tsx', 'dist/cli.mjs');
/** Debian's browser: without a window of its own where it is there, which costs a quarter less, else the whole one. */
export const CHROMIUM = () =>
  ['/usr/bin/chromium-headless-shell', '/usr/bin/chromium'].find((file) => existsSync(file)) ?? '';
export const NEXT = () => bin('next', 'dist/bin/next');

function installed() {
  try {
    const wanted = JSON.parse(readFileSync('package-lock.json', 'utf8')).packages;
    const have = JSON.parse(readFileSync('node_modules/.package-lock.json', 'utf8')).packages;
    return Object.entries(wanted).every(
      ([name, p]) => name === '' || p.optional || p.peer || have[name]?.version === p.version,
    );
  } catch {
    return false;
  }
}

/** Installs the locked packages if they are missing or not the ones in the lock file. */
export function ensureInstalled() {
  if (installed()) return;
  console.log('Installing the locked packages …');
  const { code } = run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']);
  if (code !== 0) {
    console.error(
      'The packages could not be installed. Check the connection to the package registry and start again.',
    );
    process.exit(1);
  }
}

function sourcesHash() {
  const hash = createHash('sha256');
  const walk = (dir) => {
    for (const entry of readdirSync(dir, { withFileTypes: true }).sort((a, b) =>
      a.name.localeCompare(b.name),
    )) {
      const file = path.join(dir, entry.name);
      if (entry.isDirectory()) walk(file);
      else if (!/\.test\.tsx?$/.test(entry.name)) hash.update(file).update(readFileSync(file));
    }
  };
  walk('src');
  for (const file of ['package-lock.json', 'next.config.ts', 'tsconfig.json'])
    hash.update(readFileSync(file));
  return hash.digest('hex');
}

const STAMP = '.next/vantle-sources';

/** Builds the application if its sources changed since the last build. */
export async function ensureBuilt({ quiet = false } = {}) {
  const hash = sourcesHash();
  const { ASSET_LIST, bundleAll, BUNDLES, listAssets } = await import('./bundles.mjs');
  if (
    existsSync(STAMP) &&
    readFileSync(STAMP, 'utf8') === hash &&
    [...BUNDLES, ASSET_LIST].every((file) => existsSync(file))
  )
    return { code: 0, out: '' };
  console.log('Building …');
  await bundleAll();
  const result = await runBeside(process.execPath, [NEXT(), 'build'], { NODE_ENV: 'production' });
  if (result.code === 0) {
    listAssets();
    writeFileSync(STAMP, hash);
  } else if (!quiet) console.error(result.out);
  return result;
}

/** A port nobody listens on. */
export function freePort() {
  return new Promise((resolve, reject) => {
    const server = net.createServer();
    server.once('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });
}

function portTaken(port) {
  return new Promise((resolve) => {
    const server = net.createServer();
    server.once('error', () => resolve(true));
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(false)));
  });
}

/**
 * Starts the built application and waits until it answers, on the loopback unless `VANTLE_HOST` says otherwise.
 * Gives its address, its process, a way to stop it, and a token with a lead's rights on this machine.
 */
export async function serve({ port, env, quiet = false }) {
  const secure = Boolean(env.VANTLE_TLS_CERT);
  const url = `${secure ? 'https' : 'http'}://127.0.0.1:${port}`;
  const token = env.VANTLE_TOKEN ?? process.env.VANTLE_TOKEN ?? randomBytes(24).toString('base64url');
  const child = spawn(process.execPath, ['scripts/server.mjs'], {
    stdio: ['ignore', quiet ? 'ignore' : 'pipe', quiet ? 'ignore' : 'inherit', 'ipc'],
    env: { ...process.env, NODE_ENV: 'production', ...env, VANTLE_TOKEN: token, PORT: String(port) },
  });
  // Next's own greeting is left out; our log lines (JSON) pass through.
  child.stdout?.on('data', (d) => {
    for (const line of String(d).split('\n')) if (line.startsWith('{')) console.log(line);
  });
  let ended = false;
  child.once('exit', () => (ended = true));
  const listening = new Promise((resolve) => child.once('message', resolve));
  const late = new Promise((_, reject) =>
    setTimeout(() => reject(new Error('The server did not answer within 40 seconds.')), 40_000).unref(),
  );
  const gone = new Promise((_, reject) =>
    child.once('exit', () => reject(new Error('The server ended before it answered.'))),
  );
  await Promise.race([listening, late, gone]);
  gone.catch(() => undefined);
  late.catch(() => undefined);
  // The first answer draws the application in; whoever waits for it should not.
  if (!secure) await fetch(`${url}/api/health`);
  child.disconnect?.();
  const stop = () =>
    new Promise((resolve) => {
      if (ended) return resolve();
      child.once('exit', () => resolve());
      child.kill('SIGTERM');
      setTimeout(() => child.kill('SIGKILL'), 4000).unref();
    });
  return { url, child, stop, token };
}

/** What the server of a shop's network needs besides: an owner, an address, a certificate. */
async function shopNetwork(prepared) {
  if (!/^Owner: yes$/m.test(prepared)) {
    console.error(
      'Nobody can sign in here yet, so the shop’s network is not served. Start with npm start, make the owner in the browser of this machine, then start again.',
    );
    process.exit(1);
  }
  const host = process.env.VANTLE_HOST || '0.0.0.0';
  const { VANTLE_TLS_CERT, VANTLE_TLS_KEY, VANTLE_PROXY } = process.env;
  if (Boolean(VANTLE_TLS_CERT) !== Boolean(VANTLE_TLS_KEY)) {
    console.error('VANTLE_TLS_CERT and VANTLE_TLS_KEY belong together: set both, or neither.');
    process.exit(1);
  }
  // A trusted proxy speaks TLS itself.
  if (VANTLE_PROXY || VANTLE_TLS_CERT) return { VANTLE_HOST: host };
  const { ownCertificate } = await import('./certificate.mjs');
  const { ownNames } = await import('./front.mjs');
  const { cert, key, authority } = await ownCertificate(
    'data/tls',
    ownNames({ host, names: process.env.VANTLE_NAMES }),
  );
  return { VANTLE_HOST: host, VANTLE_TLS_CERT: cert, VANTLE_TLS_KEY: key, VANTLE_TLS_AUTHORITY: authority };
}

/** Addresses by which tablets reach this machine. */
function tabletsAsk(env, port) {
  const scheme = env.VANTLE_TLS_CERT || process.env.VANTLE_TLS_CERT ? 'https' : 'http';
  return Object.values(os.networkInterfaces())
    .flat()
    .filter((a) => a && a.family === 'IPv4' && !a.internal)
    .map((a) => `${scheme}://${a.address}:${port}`);
}

/** Everything from a fresh clone to a running application, for `npm start` and `npm run demo`. */
export async function up({ databaseUrl, loader, label, env: more = {}, shop = false }) {
  const port = Number(process.env.PORT || 3000);
  if (!Number.isInteger(port) || port < 1 || port > 65535) {
    console.error(`PORT=${process.env.PORT} is not a port. Use a number from 1 to 65535.`);
    process.exit(1);
  }
  if (await portTaken(port)) {
    console.error(
      `Port ${port} is in use. Stop what runs there, or start with another: PORT=${port + 1} npm ${label}`,
    );
    process.exit(1);
  }
  ensureInstalled();
  mkdirSync('data', { recursive: true });
  const env = { VANTLE_DATABASE_URL: databaseUrl, ...more };
  // The data is made ready while the application is built: neither needs the other.
  const [built, prepared] = await Promise.all([
    ensureBuilt(),
    runBeside(process.execPath, [TSX(), ...loader], env),
  ]);
  process.stdout.write(prepared.out);
  if (built.code !== 0 || prepared.code !== 0) process.exit(1);
  if (shop) Object.assign(env, await shopNetwork(prepared.out));
  const server = await serve({ port, env });
  console.log(`\nVantle is running at ${server.url}`);
  if (shop) for (const name of tabletsAsk(env, port)) console.log(`Tablets open ${name}`);
  console.log('Ctrl-C stops it.');
  let stopping = false;
  const end = async () => {
    if (stopping) return;
    stopping = true;
    await server.stop();
    console.log('Stopped.');
    process.exit(0);
  };
  process.on('SIGINT', end);
  process.on('SIGTERM', end);
  server.child.once('exit', (code) => {
    if (!stopping) {
      console.error('The server ended by itself.');
      process.exit(code || 1);
    }
  });
}
