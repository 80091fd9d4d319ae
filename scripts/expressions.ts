// Regular expressions that can run away, found by a checker (recheck). Judging all of them takes minutes, so what was
// judged is kept in expressions.json and only new ones are looked at: npm run expressions. A test fails while one is
// not judged.
import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';

export interface Judged {
  /** First figures of the SHA-256 of expressions whose time grows with the length of their text alone. */
  safe: string[];
  /** Expressions that can take longer, each with what bounds the text that reaches it. */
  bounded: Record<string, string>;
}

const FILE = path.join(import.meta.dirname, 'expressions.json');
const SRC = path.resolve(import.meta.dirname, '../src');
const BY_LENGTH =
  'by the length of what reaches it (core/text/long-runs.ts, maxima of the schemas, core/text/linear.test.ts)';

export const judged = (): Judged => JSON.parse(readFileSync(FILE, 'utf8')) as Judged;
const markOf = (literal: string): string => createHash('sha256').update(literal).digest('hex').slice(0, 10);

/** Every regular expression that stands in the code as a literal, with where it stands. */
export function expressionsInCode(): Map<string, string> {
  const found = new Map<string, string>();
  const files = (folder: string): string[] =>
    readdirSync(folder, { withFileTypes: true }).flatMap((e) =>
      e.isDirectory() ? files(path.join(folder, e.name)) : [path.join(folder, e.name)],
    );
  for (const file of files(SRC).filter((f) => /\.tsx?$/.test(f) && !/\.test\.tsx?$/.test(f))) {
    const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
    const visit = (n: ts.Node): void => {
      if (n.kind === ts.SyntaxKind.RegularExpressionLiteral && !found.has(n.getText(source)))
        found.set(n.getText(source), path.relative(SRC, file));
      ts.forEachChild(n, visit);
    };
    visit(source);
  }
  return found;
}

/** Those that nobody has judged yet. */
export function notJudged(kept: Judged = judged()): [expression: string, file: string][] {
  const safe = new Set(kept.safe);
  return [...expressionsInCode()].filter(([e]) => !safe.has(markOf(e)) && !Object.hasOwn(kept.bounded, e));
}

async function judge(): Promise<void> {
  const { checkSync } = await import('recheck');
  const kept = judged();
  const all = expressionsInCode();
  const open = notJudged(kept);
  const marks = new Set([...all.keys()].map(markOf));
  const bounded = Object.fromEntries(Object.entries(kept.bounded).filter(([e]) => all.has(e)));
  const safe = new Set(kept.safe.filter((m) => marks.has(m)));
  for (const [expression, file] of open) {
    const [, body, flags] = /^\/(.*)\/([a-z]*)$/s.exec(expression)!;
    const found = checkSync(body!, flags!, { timeout: 3000 });
    if (found.status === 'safe') safe.add(markOf(expression));
    else {
      bounded[expression] = BY_LENGTH;
      const how = found.status === 'vulnerable' ? found.complexity.summary : 'not told in time';
      console.log(`${file}: ${how}: ${expression.slice(0, 160)}`);
    }
  }
  writeFileSync(
    FILE,
    `${JSON.stringify({ safe: [...safe].sort(), bounded: Object.fromEntries(Object.entries(bounded).sort()) }, null, 2)}\n`,
  );
  console.log('Look at each expression above: mend it, or see that what bounds it is true and keep it.');
}

if (process.argv[1] && import.meta.filename === path.resolve(process.argv[1])) await judge();
