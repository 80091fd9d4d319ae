import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { describe, expect, it } from 'vitest';

/** What the doc comments of the core say: that there is one for every exported function, and that its examples are true. */

const root = path.resolve(import.meta.dirname, '..');
const files = readdirSync(path.join(root, 'src/core'), { recursive: true, encoding: 'utf8' })
  .filter((f) => /\.ts$/.test(f) && !/\.test\.ts$|(^|\/)test-/.test(f))
  .map((f) => `src/core/${f}`);

interface Documented {
  file: string;
  name: string;
  parameters: number;
  doc: ts.JSDoc | undefined;
}
const isExported = (node: ts.Node) =>
  ts.canHaveModifiers(node) &&
  (ts.getModifiers(node) ?? []).some((m) => m.kind === ts.SyntaxKind.ExportKeyword);
const docOf = (node: ts.Node) => ts.getJSDocCommentsAndTags(node).filter(ts.isJSDoc).at(-1);

function exportedFunctions(file: string): Documented[] {
  const source = ts.createSourceFile(
    file,
    readFileSync(path.join(root, file), 'utf8'),
    ts.ScriptTarget.Latest,
    true,
  );
  return source.statements.filter(isExported).flatMap((node): Documented[] => {
    if (ts.isFunctionDeclaration(node))
      return [{ file, name: node.name!.text, parameters: node.parameters.length, doc: docOf(node) }];
    if (!ts.isVariableStatement(node)) return [];
    return node.declarationList.declarations.flatMap((d) =>
      d.initializer && (ts.isArrowFunction(d.initializer) || ts.isFunctionExpression(d.initializer))
        ? [{ file, name: d.name.getText(), parameters: d.initializer.parameters.length, doc: docOf(node) }]
        : [],
    );
  });
}
const functions = files.flatMap(exportedFunctions);
const tags = (f: Documented, name: string) => (f.doc?.tags ?? []).filter((t) => t.tagName.text === name);

describe('doc comments of the core', () => {
  it('stand on every exported function', () => {
    expect(functions.filter((f) => !f.doc).map((f) => `${f.file}: ${f.name}`)).toEqual([]);
  });
  // These only go up: raise them with what you add.
  it('name parameters, results and examples at least as often as they did', () => {
    const share = (has: (f: Documented) => boolean) => functions.filter(has).length / functions.length;
    expect(share((f) => tags(f, 'param').length >= f.parameters)).toBeGreaterThan(0.46);
    expect(share((f) => tags(f, 'returns').length > 0)).toBeGreaterThan(0.45);
    expect(share((f) => tags(f, 'example').length > 0)).toBeGreaterThan(0.2);
  });
});

/** An example that is a call and its value, both as code; others are prose for a reader. */
const EXAMPLE = /^(?<call>[\w$]+\(.*\)(?:[.[][^/]*)?)\s*\/\/ (?<value>.+)$/s;
const asCode = (text: string): boolean => {
  try {
    new Function(`return (${text})`);
    return true;
  } catch {
    return false;
  }
};
const examples = functions.flatMap((f) =>
  tags(f, 'example').flatMap((t) => {
    const text = ts.getTextOfJSDocComment(t.comment)?.trim() ?? '';
    const { call, value } = EXAMPLE.exec(text)?.groups ?? {};
    return call && value && asCode(call) && asCode(value) ? [{ file: f.file, call, value }] : [];
  }),
);

/** As a reader would write it: three digits of a number, blanks that break. */
const plain = (value: unknown): unknown =>
  JSON.parse(
    JSON.stringify(value ?? null, (_, v: unknown) =>
      typeof v === 'number'
        ? Number(v.toPrecision(3))
        : typeof v === 'string'
          ? v.replaceAll('\u00a0', ' ')
          : v,
    ),
  );

describe('examples in doc comments', () => {
  it('are many', () => expect(examples.length).toBeGreaterThan(80));
  it.each(examples)('$file: $call', async ({ file, call, value }) => {
    const module = (await import(path.join(root, file))) as Record<string, unknown>;
    const names = Object.keys(module).filter((name) => name !== 'default');
    const run = (code: string): unknown =>
      plain(new Function(...names, `return (${code})`)(...names.map((name) => module[name])));
    expect(run(call)).toEqual(run(value));
  });
});
