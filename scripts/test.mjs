// npm test: everything from a fresh machine. Its last line is "N passed, N failed" over all of it.
// `npm test -- browser shared`: the browser tests with several Vantle servers in front of a database server.
import { cpSync, existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { stripVTControlCharacters } from 'node:util';
import { forkHrana } from './fork-hrana.mjs';
import { bin, CHROMIUM, ensureBuilt, ensureInstalled, freePort, runBeside, serve, TSX } from './lib.mjs';

const BROWSERS = 2;
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
  // What passed would bury what failed.
  if (result.code !== 0)
    console.log(
      result.out
        .split('\n')
        .filter((line) => !line.includes('✓'))
        .slice(-150)
        .join('\n'),
    );
}

/** Debian's browser from its packages; the one without a window first, see `CHROMIUM`. */
async function ensureChromium() {
  const install = (name) =>
    runBeside('apt-get', ['install', '-y', '-qq', name], { DEBIAN_FRONTEND: 'noninteractive' });
  if (process.getuid?.() === 0 && existsSync('/usr/bin/apt-get') && !/shell/.test(CHROMIUM())) {
    console.log('Installing Debian’s chromium …');
    await runBeside('apt-get', ['update', '-qq']);
    await install('chromium-headless-shell');
    if (!CHROMIUM()) await install('chromium');
  }
  if (CHROMIUM()) return true;
  console.log('The browser tests need Debian’s chromium. Install it as root: apt-get install chromium');
  return false;
}

ensureInstalled();
const node = (args, env) => runBeside(process.execPath, args, env);
const hasChromium = wanted('browser') ? ensureChromium() : true;

// Two things at a time: the command is made for two cores.
const built = wanted('static') || wanted('browser') ? ensureBuilt({ quiet: true }) : undefined;
if (wanted('static')) {
  check('format', await node([bin('prettier', 'bin/prettier.cjs'), '--check', '.']));
  check('lint', await node([bin('eslint', 'bin/eslint.js'), '.']));
  const folders = ['src', 'demo', 'scripts', 'bench', 'e2e'];
  const cruise = bin('dependency-cruiser', 'bin/dependency-cruise.mjs');
  check('walls', await node([cruise, '--config', '.dependency-cruiser.mjs', ...folders]));
}
if (built) check('production build', await built);
// Types need what the build generates.
const types = wanted('static') ? node([bin('typescript', 'bin/tsc'), '--noEmit']) : undefined;
if (wanted('unit')) await unitTests();
if (types) check('types', await types);
if (wanted('browser') && (await built).code === 0) {
  if (await hasChromium) await browserTests();
  else failed++;
}

/** Each failed test in a line or two, before all that it printed. */
function sayFailed({ testResults }) {
  for (const file of testResults) {
    if (file.message) console.log(`FAIL ${file.name}: ${file.message.slice(0, 300)}`);
    for (const t of file.assertionResults)
      if (t.status === 'failed')
        console.log(`FAIL ${file.name} › ${t.fullName}\n${(t.failureMessages[0] ?? '').slice(0, 400)}`);
  }
}

/** What went wrong outside of every test: the runner counts no test as failed for it, and says it last. */
function sayUnhandled(out) {
  const lines = stripVTControlCharacters(out).split('\n');
  const first = lines.findIndex((line) => /Unhandled (Error|Rejection)|^Error: \[vitest/.test(line));
  if (first >= 0) console.log(`FAIL outside of any test:\n${lines.slice(first, first + 40).join('\n')}`);
}

async function unitTests() {
  const file = path.join(temp, 'unit.json');
  const reporters = ['--reporter=default', '--reporter=json', `--outputFile.json=${file}`];
  const result = await node([bin('vitest', 'vitest.mjs'), 'run', ...reporters]);
  if (result.code !== 0) sayUnhandled(result.out);
  tally(
    'unit tests',
    file,
    (r) => {
      sayFailed(r);
      return [r.numPassedTests, r.numFailedTests + (r.numFailedTestSuites && !r.numFailedTests ? 1 : 0)];
    },
    result,
  );
}

/** Where the time of the browser tests goes. */
function saySlowest({ suites }) {
  const all = suites
    .flatMap((s) => s.specs.map((spec) => [spec.tests[0]?.results[0]?.duration ?? 0, s.file, spec.title]))
    .sort((a, b) => b[0] - a[0]);
  const seconds = (ms) => (ms / 1000).toFixed(0);
  console.log(`     slowest of ${seconds(all.reduce((n, [ms]) => n + ms, 0))} s in all:`);
  for (const [ms, file, title] of all.slice(0, 10))
    console.log(`     ${seconds(ms)} s ${file}: ${title.slice(0, 90)}`);
}

/** A server and a demo shop of its own for each of Playwright's workers, so that none sees another's cases. */
async function browserTests() {
  const shop = (n) => ({
    VANTLE_DATABASE_URL: `file:${path.join(temp, `shop-${n}`, 'shop.db')}`,
    VANTLE_FILES: path.join(temp, `shop-${n}`, 'files'),
    VANTLE_LOG: 'error',
    VANTLE_DEMO_PAST: 'no',
    VANTLE_DEMO: 'yes',
    VANTLE_VIN_DATA: path.join(temp, 'vin-data.db'),
  });
  mkdirSync(path.join(temp, 'shop-0'));
  const load = await node([TSX(), 'demo/load.ts'], shop(0));
  if (load.code !== 0) return check('demo shop loads', load);
  const servers = [];
  const databases = [];
  for (let n = 1; n < BROWSERS; n++)
    cpSync(path.join(temp, 'shop-0'), path.join(temp, `shop-${n}`), { recursive: true });
  for (let n = 0; n < BROWSERS; n++) {
    const env = shop(n);
    if (only.includes('shared')) {
      databases.push(await forkHrana(path.join(temp, `shop-${n}`, 'shop.db'), { delayMs: 2 }));
      env.VANTLE_DATABASE_URL = databases[n].url;
      // One of the shops reads from a copy on its server's own disk.
      if (n === 1) env.VANTLE_DATABASE_REPLICA = path.join(temp, 'copy', 'shop.db');
      // Another server of the group, which dies while the tests are under way.
      const other = await serve({ port: await freePort(), env, quiet: true });
      setTimeout(() => other.child.kill('SIGKILL'), 60_000).unref();
    }
    servers.push(await serve({ port: await freePort(), env, quiet: true }));
  }
  const file = path.join(temp, 'browser.json');
  const rest = only.filter((a) => a.endsWith('.spec.ts'));
  const result = await node([bin('@playwright/test', 'cli.js'), 'test', ...rest], {
    VANTLE_BASE_URL: servers.map((s) => s.url).join(' '),
    PLAYWRIGHT_JSON_OUTPUT_NAME: file,
  });
  await Promise.all(servers.map((s) => s.stop()));
  for (const d of databases) d.stop();
  tally('browser tests', file, (r) => [r.stats.expected + r.stats.flaky, r.stats.unexpected], result);
  if (existsSync(file)) saySlowest(JSON.parse(readFileSync(file, 'utf8')));
}

rmSync(temp, { recursive: true, force: true });
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
