// Which action every route and page names, read from their code; `npm run rights` writes docs/access.md from it.
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import ts from 'typescript';
import { ACTIONS, mayDo, roleName, ROLES, tokenMayDo, TOKEN_SCOPES, type Action } from '../src/core/access';

export interface Right {
  /** `GET /api/desk`, or `page /find`. */
  of: string;
  file: string;
  /** The action that its code names; empty where it names none. */
  action: Action | '';
}

const APP = path.resolve(import.meta.dirname, '../src/app');
const METHODS = new Set(['GET', 'HEAD', 'POST', 'PUT', 'PATCH', 'DELETE', 'OPTIONS']);
/** Pages that somebody sees who is not signed in. */
const OPEN_PAGES = new Set(['/sign-in', '/welcome', '/trust']);

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true })
    .flatMap((e) => (e.isDirectory() ? filesIn(path.join(folder, e.name)) : [path.join(folder, e.name)]))
    .sort();
}

/** The text that a call of one of these functions gets at a place, where it is the first thing that code does. */
function named(node: ts.Node, calls: Record<string, number>): string {
  let found = '';
  const visit = (n: ts.Node): void => {
    if (found === '' && ts.isCallExpression(n) && ts.isIdentifier(n.expression)) {
      const at = calls[n.expression.text];
      const argument = at === undefined ? undefined : n.arguments[at];
      if (argument && ts.isStringLiteral(argument)) found = argument.text;
    }
    ts.forEachChild(n, visit);
  };
  visit(node);
  return found;
}

/** Every handler and page of the application with the action it names. */
export function rights(): Right[] {
  return filesIn(APP).flatMap((file): Right[] => {
    const isRoute = /[\\/]route\.ts$/.test(file);
    if (!isRoute && !/[\\/]page\.tsx$/.test(file)) return [];
    const at = `/${path.relative(APP, path.dirname(file)).replaceAll('\\', '/')}`.replace(/^\/$/, '/');
    const source = ts.createSourceFile(file, readFileSync(file, 'utf8'), ts.ScriptTarget.Latest, true);
    if (!isRoute) {
      const action = OPEN_PAGES.has(at) ? 'open' : named(source, { pageFor: 0 });
      return [{ of: `page ${at}`, file, action: action as Right['action'] }];
    }
    return source.statements.flatMap((s) => {
      const isOpen =
        s.kind === ts.SyntaxKind.FunctionDeclaration || s.kind === ts.SyntaxKind.VariableStatement;
      if (!isOpen || !(ts.getCombinedModifierFlags(s as unknown as ts.Declaration) & ts.ModifierFlags.Export))
        return [];
      const names = ts.isFunctionDeclaration(s)
        ? [s.name?.text ?? '']
        : (s as ts.VariableStatement).declarationList.declarations.map((d) => d.name.getText());
      return names
        .filter((n) => METHODS.has(n))
        .map((n) => ({ of: `${n} ${at}`, file, action: named(s, { answer: 1 }) as Right['action'] }));
    });
  });
}

/** The table of rights as Markdown. */
export function rightsTable(list: readonly Right[] = rights()): string {
  const yes = (may: boolean) => (may ? 'yes' : '');
  const actions = (Object.keys(ACTIONS) as Action[]).map(
    (a) =>
      `| ${a} | ${ACTIONS[a]} | ${ROLES.map((r) => yes(mayDo(r, a))).join(' | ')} | ${TOKEN_SCOPES.map((s) => yes(tokenMayDo(s, a))).join(' | ')} |`,
  );
  const heads = [...ROLES.map(roleName), ...TOKEN_SCOPES.map((s) => `token: ${s}`)];
  return [
    '# Who may do what',
    '',
    'Written from the code by `npm run rights`; a test holds it against the code, and asks every route with every right. Within a case the right follows from the row and the field that is written (`src/core/access/writes.ts`).',
    '',
    `| Action | What it is | ${heads.join(' | ')} |`,
    `| --- | --- |${' --- |'.repeat(heads.length)}`,
    ...actions,
    '',
    '| Route or page | Action |',
    '| --- | --- |',
    ...list.map((r) => `| \`${r.of}\` | ${r.action} |`),
    '',
  ].join('\n');
}

if (process.argv[1] && import.meta.filename === path.resolve(process.argv[1]))
  process.stdout.write(rightsTable());
