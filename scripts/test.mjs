// npm test: everything from a fresh machine. Its last line is "N passed, N failed" over all of it.
import { existsSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { bin, ensureBuilt, ensureInstalled, freePort, run, serve, TSX } from './lib.mjs';

const only = process.argv.slice(2);
const wanted = (step) => only.length === 0 || only.includes(step);
const temp = mkdtempSync(path.join(os.tmpdir(), 'vantle-test-'));
let passed = 0;
let failed = 0;
const started = Date.now();

function check(name, { code, out }) {
  const seconds = ((Date.now() - started) / 1000).toFixed(0);
  console.log(`${code === 0 ? 'ok  ' : 'FAIL'} ${name} (${seconds} s)`);
  if (code === 0) passed++;
  else {
    failed++;
    console.log(out.split('\n').slice(-80).join('\n'));
  }
}

function tally(name, file, read, result) {
  try {
    const [good, bad] = read(JSON.parse(readFileSync(file, 'utf8')));
    passed += good;
    // A runner that breaks off without a failed test has failed all the same.
    failed += bad || (result.code === 0 ? 0 : 1);
    console.log(`${bad || result.code ? 'FAIL' : 'ok  '} ${name}: ${good} passed, ${bad} failed`);
  } catch {
    failed++;
    console.log(`FAIL ${name}: it gave no result`);
  }
  if (result.code !== 0) console.log(result.out.split('\n').slice(-150).join('\n'));
}

function ensureChromium() {
  if (existsSync('/usr/bin/chromium')) return true;
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get')) {
    console.log('Installing Debian’s chromium …');
    const env = { DEBIAN_FRONTEND: 'noninteractive' };
    run('apt-get', ['update', '-qq'], { capture: true, env });
    run('apt-get', ['install', '-y', '-qq', 'chromium'], { capture: true, env });
  }
  if (existsSync('/usr/bin/chromium')) return true;
  console.log('The browser tests need /usr/bin/chromium. Install it as root: apt-get install chromium');
  return false;
}

ensureInstalled();
const node = (args, env) => run(process.execPath, args, { capture: true, env });

if (wanted('static')) {
  check('format', node([bin('prettier', 'bin/prettier.cjs'), '--check', '.']));
  check('lint', node([bin('eslint', 'bin/eslint.js'), '.']));
  check(
    'walls',
    node([
      bin('dependency-cruiser', 'bin/dependency-cruise.mjs'),
      '--config',
      '.dependency-cruiser.mjs',
      'src',
      'demo',
      'scripts',
      'bench',
      'e2e',
    ]),
  );
}
if (wanted('unit')) {
  const file = path.join(temp, 'unit.json');
  const result = node([
    bin('vitest', 'vitest.mjs'),
    'run',
    '--reporter=default',
    '--reporter=json',
    `--outputFile.json=${file}`,
  ]);
  tally(
    'unit tests',
    file,
    (r) => [r.numPassedTests, r.numFailedTests + (r.numFailedTestSuites && !r.numFailedTests ? 1 : 0)],
    result,
  );
}
if (wanted('static') || wanted('browser')) {
  const build = ensureBuilt({ quiet: true });
  check('production build', build);
  // Types need what the build generates.
  if (wanted('static')) check('types', node([bin('typescript', 'bin/tsc'), '--noEmit']));
  if (wanted('browser') && build.code === 0) {
    if (!ensureChromium()) failed++;
    else await browserTests();
  }
}

async function browserTests() {
  const env = {
    VANTLE_DATABASE_URL: `file:${path.join(temp, 'shop.db')}`,
    VANTLE_FILES: path.join(temp, 'files'),
    VANTLE_LOG: 'error',
    VANTLE_VIN_DATA: path.join(temp, 'vin-data.db'),
  };
  const load = node([TSX(), 'demo/load.ts'], env);
  if (load.code !== 0) return check('demo shop loads', load);
  const server = await serve({ port: await freePort(), env, quiet: true });
  const file = path.join(temp, 'browser.json');
  const rest = only.filter((a) => a.endsWith('.spec.ts'));
  const result = node([bin('@playwright/test', 'cli.js'), 'test', ...rest], {
    ...env,
    VANTLE_BASE_URL: server.url,
    PLAYWRIGHT_JSON_OUTPUT_NAME: file,
  });
  await server.stop();
  tally('browser tests', file, (r) => [r.stats.expected + r.stats.flaky, r.stats.unexpected], result);
}

rmSync(temp, { recursive: true, force: true });
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
