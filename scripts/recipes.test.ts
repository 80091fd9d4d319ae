import { spawnSync } from 'node:child_process';
import { cpSync, mkdirSync, mkdtempSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';

/** The recipes of CONTRIBUTING.md, carried out to the letter on a copy of the tree. */

const root = path.resolve(import.meta.dirname, '..');
const NEEDED = ['src', 'scripts', 'tsconfig.json', 'package.json', 'vitest.config.ts', 'drizzle.config.ts'];
const BLOCK =
  /^```(?:ts|text) (?:new (\S+)|in (\S+) (after|before|replace) "(.+)"|(proof))\n([\s\S]*?)^```$/gm;

interface Step {
  made: string | undefined;
  changed: string | undefined;
  how: string | undefined;
  anchor: string | undefined;
  proof: boolean;
  text: string;
}
const recipes = readFileSync(path.join(root, 'CONTRIBUTING.md'), 'utf8')
  .split(/^### /m)
  .slice(1)
  .map((part) => ({
    title: part.slice(0, part.indexOf('\n')),
    steps: [...part.matchAll(BLOCK)].map(([, made, changed, how, anchor, proof, text]): Step => ({
      made,
      changed,
      how,
      anchor,
      proof: proof !== undefined,
      text: text!,
    })),
  }));

let tree = '';
const place = (file: string) => path.join(tree, file);

/** @throws where the line that a step names is not there exactly once: the recipe is out of date */
function carryOut({ made, changed, how, anchor, text }: Step): void {
  if (made) {
    mkdirSync(path.dirname(place(made)), { recursive: true });
    return writeFileSync(place(made), text);
  }
  const before = readFileSync(place(changed!), 'utf8');
  const parts = before.split(anchor!);
  if (parts.length !== 2)
    throw new Error(`"${anchor}" stands ${parts.length - 1} times in ${changed}, not once.`);
  const added =
    how === 'after' ? `${anchor}\n${text.trimEnd()}` : how === 'before' ? text + anchor : text.trimEnd();
  writeFileSync(place(changed!), parts.join(added));
}

/** A proof as a test file: its imports first, the rest inside a test. */
function testOf(title: string, text: string): string {
  const lines = text.split('\n');
  const imports = lines.filter((l) => l.startsWith('import '));
  const body = lines.filter((l) => !l.startsWith('import '));
  return [
    "import { expect, it } from 'vitest';",
    ...imports,
    `it(${JSON.stringify(title)}, async () => {`,
    ...body,
    '});',
  ].join('\n');
}

const inTree = (...command: string[]) =>
  spawnSync(process.execPath, command, {
    cwd: tree,
    encoding: 'utf8',
    env: { ...process.env, NO_COLOR: '1' },
  });

beforeAll(() => {
  tree = mkdtempSync(path.join(os.tmpdir(), 'vantle-recipes-'));
  for (const name of NEEDED) cpSync(path.join(root, name), place(name), { recursive: true });
  symlinkSync(path.join(root, 'node_modules'), place('node_modules'));
});
afterAll(() => rmSync(tree, { recursive: true, force: true }));

describe('the recipes of CONTRIBUTING.md', () => {
  it('are there for everything the architecture calls one new file or one entry', () => {
    expect(recipes.map((r) => r.title)).toEqual([
      'A check',
      'An analysis of recordings',
      'A family of fault codes',
      'A symptom',
      'A fault that the trade knows',
      'A file format of recordings',
      'A role',
      'A kind of row on a case',
    ]);
    for (const { steps } of recipes) expect(steps.filter((s) => s.proof)).toHaveLength(1);
  });

  it('work when they are followed, and nothing else has to be written', () => {
    mkdirSync(place('src/proofs'));
    recipes.forEach(({ title, steps }, i) => {
      for (const step of steps)
        if (step.proof) writeFileSync(place(`src/proofs/recipe-${i}.test.ts`), testOf(title, step.text));
        else carryOut(step);
    });
    const migration = inTree('node_modules/drizzle-kit/bin.cjs', 'generate');
    expect(migration.stderr + migration.stdout).toContain('smells');
    const run = inTree(
      ...['node_modules/vitest/vitest.mjs', 'run', '--project', 'shared', '--reporter', 'json'],
      ...['src/proofs', 'src/store/tables.test.ts', 'src/core/checks/facts.test.ts'],
    );
    const { testResults } = JSON.parse(run.stdout.slice(run.stdout.indexOf('{'))) as {
      testResults: {
        message: string;
        assertionResults: { title: string; status: string; failureMessages: string[] }[];
      }[];
    };
    const failed = testResults.flatMap((f) => [
      ...(f.message ? [f.message] : []),
      ...f.assertionResults.flatMap((a) => (a.status === 'passed' ? [] : [a.title, ...a.failureMessages])),
    ]);
    expect(failed).toEqual([]);
    expect(testResults.length).toBe(recipes.length + 2);
  }, 300_000);

  it('are typed, with every list that has to name all kinds', () => {
    const made = recipes.flatMap((r) => r.steps.flatMap((s) => s.made ?? []));
    const include = ['src/store/tables.ts', 'src/core/case/index.ts', 'src/core/access/index.ts', ...made];
    writeFileSync(
      place('tsconfig.recipes.json'),
      JSON.stringify({ extends: './tsconfig.json', include, compilerOptions: { incremental: false } }),
    );
    const types = inTree('node_modules/typescript/bin/tsc', '--noEmit', '-p', 'tsconfig.recipes.json');
    expect(types.stdout).toBe('');
  }, 300_000);
});
