import { z } from 'zod';
import { meta, MISSING, outside, read, unitFor, type Bounds, type Read, type Words } from './field-reading';

type Column = { title: string; given?: true } & (
  | ({ unit: string; optional?: boolean } & Bounds)
  | { words: true }
  | { options: readonly [string, ...string[]] }
);
type Columns = Record<string, Column>;
export type TableRow<C extends Columns> = {
  [K in keyof C]: C[K] extends { words: true }
    ? string
    : C[K] extends { options: readonly (infer O)[] }
      ? O
      : C[K] extends { optional: true }
        ? Read | undefined
        : Read;
};

/** Reads one row; what is wrong with it is reported by column. */
function readRow(
  row: Record<string, string>,
  columns: Columns,
  units: Record<string, string>,
  wrong: (column: string, message: string) => void,
): Record<string, Read | string | undefined> {
  const out: Record<string, Read | string | undefined> = {};
  for (const [name, column] of Object.entries(columns)) {
    const text = (row[name] ?? '').trim();
    if ('words' in column) {
      if (text === '') wrong(name, MISSING);
      out[name] = text;
    } else if ('options' in column) {
      if (text !== '' && !column.options.includes(text))
        wrong(name, `Choose one of: ${column.options.join(', ')}.`);
      out[name] = text === '' ? column.options[0] : text;
    } else if (text !== '' || !column.optional) {
      const r = text === '' ? MISSING : read(text, units[name]!);
      const problem = typeof r === 'string' ? r : outside(r, column);
      if (problem !== undefined) wrong(name, problem);
      else out[name] = r;
    }
  }
  return out;
}

/** Rows of entries that belong together: a point of a curve, a step of a sweep, a place in a chain. */
export function table<const C extends Columns>(o: Words & { columns: C; least: number }) {
  return z
    .array(z.record(z.string(), z.string().max(400)))
    .max(200)
    .default([])
    .transform((rows, ctx): TableRow<C>[] => {
      const found: TableRow<C>[] = [];
      const columns: Columns = o.columns;
      const units = Object.fromEntries(
        Object.entries(columns).map(([name, c]) => [
          name,
          'unit' in c
            ? unitFor(
                c.unit,
                rows.map((r) => r[name] ?? ''),
              )
            : '',
        ]),
      );
      rows.forEach((row, i) => {
        // A row counts as filled in when somebody typed into it; a choice alone is not typing.
        const typed = Object.entries(columns).some(
          ([n, c]) => !('options' in c) && (row[n] ?? '').trim() !== '',
        );
        if (!typed) return;
        const out = readRow(row, columns, units, (column, message) =>
          ctx.addIssue({ code: 'custom', message, path: [i, column] }),
        );
        found.push(out as TableRow<C>);
      });
      if (found.length < o.least && ctx.issues.length === 0)
        ctx.addIssue({
          code: 'custom',
          message:
            found.length === 0
              ? MISSING
              : `At least ${o.least} rows are needed; there ${found.length === 1 ? 'is one' : `are ${found.length}`}.`,
        });
      return found;
    })
    .meta(
      meta(o, {
        kind: 'table',
        columns: Object.entries<Column>(o.columns).map(([name, c]) => ({
          name,
          title: c.title,
          unit: 'unit' in c ? c.unit : '',
          words: 'words' in c,
          options: 'options' in c ? c.options : [],
          given: c.given ?? false,
        })),
      }),
    );
}
