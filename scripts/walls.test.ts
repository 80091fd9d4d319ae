import { spawnSync } from 'node:child_process';
import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

const root = path.resolve(import.meta.dirname, '..');
let scratch = '';

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

/** Puts files into an otherwise clean scratch tree and gives the names of the rules that break. */
function cross(files: Record<string, string>): string[] {
  rmSync(path.join(scratch, 'src'), { recursive: true, force: true });
  for (const [name, text] of Object.entries(files)) {
    mkdirSync(path.dirname(path.join(scratch, name)), { recursive: true });
    writeFileSync(path.join(scratch, name), text);
  }
  const program = path.join(root, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs');
  const result = spawnSync(
    process.execPath,
    [program, '--config', path.join(root, '.dependency-cruiser.mjs'), '--output-type', 'json', 'src'],
    { cwd: scratch, encoding: 'utf8' },
  );
  const { summary } = JSON.parse(result.stdout) as { summary: { violations: { rule: { name: string } }[] } };
  return [...new Set(summary.violations.map((v) => v.rule.name))].sort();
}

const one = 'export const one = 1;\n';
const takes = (what: string) => `import * as x from '${what}';\nexport const y = x;\n`;

describe('walls', () => {
  it('stand where nothing crosses them', () => {
    expect(
      cross({
        'src/core/a.ts': one,
        'src/services/b.ts': takes('@/core/a'),
        'src/app/c.ts': takes('@/services/b'),
      }),
    ).toEqual([]);
  });

  it.each([
    ['core-imports-only-core', 'src/core/a.ts', '@/ui/b', 'src/ui/b.ts'],
    ['core-has-no-platform', 'src/core/a.ts', 'react', ''],
    ['core-has-no-node', 'src/core/a.ts', 'node:fs', ''],
    ['ui-knows-nothing-of-cases', 'src/ui/a.ts', '@/screens/b', 'src/screens/b.ts'],
    ['only-services-reach-the-store', 'src/app/a.ts', '@/store/b', 'src/store/b.ts'],
    ['the-store-knows-no-rules', 'src/store/a.ts', '@/core/cause/b', 'src/core/cause/b.ts'],
    ['only-app-reaches-services', 'src/screens/a.ts', '@/services/b', 'src/services/b.ts'],
    ['only-the-store-speaks-sql', 'src/services/a.ts', 'drizzle-orm', ''],
    ['stand-ins-know-only-core', 'src/sim/a.ts', '@/services/b', 'src/services/b.ts'],
    ['screens-stay-out-of-routes', 'src/screens/a.ts', '@/app/b', 'src/app/b.ts'],
  ])('%s breaks', (rule, from, what, other) => {
    expect(cross({ [from]: takes(what), ...(other ? { [other]: one } : {}) })).toContain(rule);
  });

  it('breaks on a circle', () => {
    expect(cross({ 'src/core/a.ts': takes('./b'), 'src/core/b.ts': takes('./a') })).toContain('no-circles');
  });
});
