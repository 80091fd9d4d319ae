import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

const root = path.resolve(import.meta.dirname, '..');
const { scripts } = JSON.parse(readFileSync(path.join(root, 'package.json'), 'utf8')) as {
  scripts: Record<string, string>;
};

/** All that a module imports when it is loaded, its own files followed. What is imported later by `import()` does not count. */
function importedBy(file: string, seen = new Map<string, string>()): Map<string, string> {
  for (const { groups } of readFileSync(file, 'utf8').matchAll(
    /^(?:import|export)\b[^'";=(]*['"](?<from>[^'"]+)['"]/gm,
  )) {
    const from = groups?.from ?? '';
    const target = from.startsWith('.') ? path.resolve(path.dirname(file), from) : from;
    if (seen.has(target)) continue;
    seen.set(target, path.relative(root, file));
    if (from.startsWith('.')) importedBy(target, seen);
  }
  return seen;
}

// A fresh machine has no packages when these start: they install them.
describe.each(['demo', 'start', 'test', 'check', 'bench'])('npm run %s on a fresh machine', (name) => {
  it('loads nothing but Node and its own files', () => {
    const file = path.join(root, (scripts[name] ?? '').replace('node ', ''));
    const imported = importedBy(file);
    expect(imported.size).toBeGreaterThan(1);
    const packages = [...imported].filter(([what]) => !what.startsWith('node:') && !path.isAbsolute(what));
    expect(packages).toEqual([]);
  });
});

it('sees a package that one of its own files loads', () => {
  expect([...importedBy(path.join(root, 'scripts/hrana-server.mjs')).keys()]).toContain('libsql');
});
