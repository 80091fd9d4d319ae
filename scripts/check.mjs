// npm run check: whether what was changed holds together, for daily work. `npm test` does everything.
import { existsSync } from 'node:fs';
import path from 'node:path';
import { bin, ensureInstalled, run, runBeside } from './lib.mjs';

ensureInstalled();
const started = Date.now();
const git = (...args) => run('git', args, { capture: true }).out.split('\n').filter(Boolean);
/** Changed and new files; with none, those of the last commit. */
const uncommitted = [
  ...git('diff', '--name-only', 'HEAD'),
  ...git('ls-files', '--others', '--exclude-standard'),
];
const changed = (uncommitted.length > 0 ? uncommitted : git('diff', '--name-only', 'HEAD~1')).filter((f) =>
  existsSync(f),
);
const code = changed.filter((f) => /\.(tsx?|mjs)$/.test(f));
/** Tests that stand in the folder of a changed file. What leans on it from afar is for `npm test`. */
const folders = [
  ...new Set(
    code.filter((f) => /^(src|demo|scripts|bench)\//.test(f)).map((f) => `${path.posix.dirname(f)}/`),
  ),
];

let failed = 0;
async function step(name, program, args) {
  const { code: end, out } = await runBeside(process.execPath, [program, ...args]);
  console.log(`${end === 0 ? 'ok  ' : 'FAIL'} ${name} (${((Date.now() - started) / 1000).toFixed(0)} s)`);
  if (end === 0) return;
  failed++;
  console.log(out.split('\n').slice(-60).join('\n'));
}

// The slowest beside all others, since the command is made for two cores.
const types = step('types', bin('typescript', 'bin/tsc'), ['--noEmit', '--incremental']);
if (changed.length > 0)
  await step('format', bin('prettier', 'bin/prettier.cjs'), ['--check', '--ignore-unknown', ...changed]);
if (code.length > 0) await step('lint', bin('eslint', 'bin/eslint.js'), code);
await step('walls', bin('dependency-cruiser', 'bin/dependency-cruise.mjs'), [
  ...['--config', '.dependency-cruiser.mjs', '--cache', 'node_modules/.cache/walls'],
  ...['src', 'demo', 'scripts', 'bench', 'e2e'],
]);
if (folders.length > 0)
  await step(`units in ${folders.length} folders`, bin('vitest', 'vitest.mjs'), [
    ...['run', '--passWithNoTests'],
    ...folders,
  ]);
await types;
console.log(failed === 0 ? 'All of it holds.' : `${failed} of it failed.`);
process.exit(failed === 0 ? 0 : 1);
