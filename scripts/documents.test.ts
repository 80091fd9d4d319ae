import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';

const root = path.resolve(import.meta.dirname, '..');
const read = (file: string) => readFileSync(path.join(root, file), 'utf8');
const documents = [
  'README.md',
  'CONTRIBUTING.md',
  ...readdirSync(path.join(root, 'docs'), { recursive: true, encoding: 'utf8' })
    .filter((f) => f.endsWith('.md'))
    .map((f) => `docs/${f}`),
];
/** Folders in which a short name of a file may be meant. */
const FROM = ['', 'src', 'src/core', 'src/core/similar', 'src/core/traces'];

describe('the documents', () => {
  it.each(documents)('%s leads only to what is there', (file) => {
    const links = [...read(file).matchAll(/\]\((?!https?:|#|mailto:)([^)#\s]+)[^)]*\)/g)].map((m) => m[1]!);
    expect(links.filter((l) => !existsSync(path.join(root, path.dirname(file), l)))).toEqual([]);
  });

  it('the architecture names only files that are there', () => {
    const walks = read('docs/architecture.md');
    const named = [
      ...walks.matchAll(
        /`((?:src|core|services|screens|store|app|workers|sim|scripts|demo|bench|e2e|ui)\/[\w./[\]-]+)`/g,
      ),
    ].map((m) => m[1]!.replace(/\/$/, ''));
    expect(named.length).toBeGreaterThan(60);
    expect(
      [...new Set(named)].filter((f) => !FROM.some((from) => existsSync(path.join(root, from, f)))),
    ).toEqual([]);
  });

  it('dependencies are listed, each with what it is for, and no others', () => {
    const { dependencies } = JSON.parse(read('package.json')) as { dependencies: Record<string, string> };
    const rows = read('docs/dependencies.md')
      .split('\n')
      .filter((l) => /^\| [@a-z]/.test(l) && !l.startsWith('| package'));
    const listed = rows.flatMap((l) =>
      l
        .split('|')[1]!
        .split(',')
        .map((n) => n.trim()),
    );
    expect(listed.sort()).toEqual(Object.keys(dependencies).sort());
    for (const row of rows)
      expect(
        row
          .split('|')
          .slice(2, 4)
          .every((cell) => cell.trim().length > 3),
      ).toBe(true);
  });
});
