import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

const root = path.resolve(import.meta.dirname, '..');
let scratch = '';
const FOLDERS = ['src', 'demo', 'bench'];

beforeAll(() => {
  scratch = mkdtempSync(path.join(os.tmpdir(), 'vantle-walls-'));
  symlinkSync(path.join(root, 'node_modules'), path.join(scratch, 'node_modules'));
  writeFileSync(
    path.join(scratch, 'tsconfig.json'),
    JSON.stringify({
      compilerOptions: { module: 'esnext', moduleResolution: 'bundler', paths: { '@/*': ['./src/*'] } },
    }),
  );
});
afterAll(() => rmSync(scratch, { recursive: true, force: true }));

/** Puts files into a scratch tree and gives, by file, the names of the rules that break there. */
function crossings(files: Record<string, string>): Record<string, string[]> {
  for (const folder of FOLDERS) {
    rmSync(path.join(scratch, folder), { recursive: true, force: true });
    mkdirSync(path.join(scratch, folder));
  }
  for (const [name, text] of Object.entries(files)) {
    mkdirSync(path.dirname(path.join(scratch, name)), { recursive: true });
    writeFileSync(path.join(scratch, name), text);
  }
  const program = path.join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
  const result = spawnSync(
    process.execPath,
    [program, '--config', path.join(root, '.dependency-cruiser.mjs'), '--output-type', 'json', ...FOLDERS],
    { cwd: scratch, encoding: 'utf8' },
  );
  const { summary } = JSON.parse(result.stdout) as {
    summary: { violations: { from: string; rule: { name: string } }[] };
  };
  const broken: Record<string, string[]> = {};
  for (const v of summary.violations) (broken[v.from] ??= []).push(v.rule.name);
  return broken;
}

const one = 'export const one = 1;\n';
const takes = (what: string) => `import * as x from '${what}';\nexport const y = x;\n`;

/** Rule, the file that breaks it, what it imports, and the file that has to be there for it. */
const BREAKS = [
  ['core-imports-only-core', 'src/core/a.ts', '@/ui/one', 'src/ui/one.ts'],
  ['core-has-no-platform', 'src/core/b.ts', 'react', ''],
  ['core-has-no-node', 'src/core/c.ts', 'node:fs', ''],
  ['ui-knows-nothing-of-cases', 'src/ui/d.ts', '@/screens/one', 'src/screens/one.ts'],
  ['only-services-reach-the-store', 'src/app/e.ts', '@/store/one', 'src/store/one.ts'],
  ['the-store-knows-no-rules', 'src/store/f.ts', '@/core/cause/one', 'src/core/cause/one.ts'],
  ['only-app-reaches-services', 'src/screens/g.ts', '@/services/one', 'src/services/one.ts'],
  ['only-the-store-speaks-sql', 'src/services/h.ts', 'drizzle-orm', ''],
  ['stand-ins-know-only-core', 'src/sim/i.ts', '@/services/one', 'src/services/one.ts'],
  ['the-application-knows-no-benchmark', 'demo/k.ts', '../bench/one', 'bench/one.ts'],
  ['screens-stay-out-of-routes', 'src/screens/j.ts', '@/app/one', 'src/app/one.ts'],
] as const;

// One run of the checker for all of them: each takes seconds.
describe('walls', () => {
  let broken: Record<string, string[]> = {};
  beforeAll(() => {
    broken = crossings({
      ...Object.fromEntries(BREAKS.flatMap(([, , , other]) => (other ? [[other, one]] : []))),
      ...Object.fromEntries(BREAKS.map(([, from, what]) => [from, takes(what)])),
      'src/core/circle/a.ts': takes('./b'),
      'src/core/circle/b.ts': takes('./a'),
      // Nothing crosses here.
      'src/core/fine.ts': one,
      'src/services/fine.ts': takes('@/core/fine'),
      'src/app/fine.ts': takes('@/services/fine'),
    });
  }, 120_000);

  it.each(BREAKS)('%s breaks', (rule, from) => {
    expect(broken[from]).toContain(rule);
  });
  it('break on a circle', () => {
    expect(broken['src/core/circle/a.ts']).toContain('no-circles');
  });
  it('stand where nothing crosses them', () => {
    for (const file of ['src/core/fine.ts', 'src/services/fine.ts', 'src/app/fine.ts', 'src/ui/one.ts'])
      expect(broken[file], file).toBeUndefined();
  });
});
