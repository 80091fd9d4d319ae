import { convert, findUnit, readEntry, unitOf } from '@/core/readings';
import type { FieldInfo, Typed } from './field-reading';

/**
 * Kinds that are read in two sizes of one unit in the same check (12.4 V at the battery, 80 mV across a contact):
 * a unit typed in one field says nothing of the next one.
 */
const OF_TWO_SIZES = new Set(['voltage', 'current', 'resistance', 'time', 'frequency', 'mass', 'share']);

/** The size of an entry in the field's own unit; not a number when it has none. */
const sizeIn = (text: string, unit: string): number => {
  const e = readEntry(text, unit);
  if (e.kind !== 'quantity') return NaN;
  return e.quantity.unit === unit ? Math.abs(e.quantity.value) : Math.abs(convert(e.quantity, unit).value);
};
/** One column of what was typed into a list or table; empty for a single field. */
const columnOf = (typed: Typed[string] | undefined, column: string): string[] =>
  Array.isArray(typed) ? typed.map((r) => r[column] ?? '') : [];
/** How many times two sizes are apart. */
const apart = (a: number, b: number): number => Math.max(a / b, b / a);
const isBare = (text: string): boolean => /\d/.test(text) && /^[\s\d.,+\-−–'’]+$/.test(text);

/**
 * Gives bare numbers the unit that was typed before them: rest `3.8 bar`, then `2.7` is 2.7 bar, not 2.7 of the
 * field's own unit. Within one list or column the unit of the first row that has one holds for all rows without;
 * from field to field it goes on for kinds that are read in one unit (pressure, temperature, speed …).
 *
 * @param fields what each field is, by name, in the order of the form
 * @param typed what was typed
 * @param earlier what was typed when the check was done first: a bare number of its repeat is in the same unit
 * @returns the same with units added where they are carried on; a field's own unit is added nowhere
 * @example carryUnits({ rest: bar, after: bar }, { rest: '57 psi', after: '40' }) // after: '40 psi'
 */
export function carryUnits(fields: Record<string, FieldInfo>, typed: Typed, earlier?: Typed): Typed {
  const carried = new Map<string, string>();
  const out: Typed = { ...typed };
  // With the units that carried on the first time.
  const firstRun = earlier ? carryUnits(fields, earlier) : {};
  const kindOf = (unit: string) => findUnit(unit)?.measures ?? '';
  /** The unit for bare numbers of a run of entries, and what goes on to the fields after them. */
  const run = (
    entries: readonly string[],
    unit: string,
    before: readonly string[],
  ): ((text: string) => string) => {
    const units = entries.map((e) => unitOf(e)).filter((u) => u !== '');
    const kind = kindOf(unit) || kindOf(units[0] ?? '');
    const own = units.find((u) => kindOf(u) === kind);
    if (own !== undefined && !OF_TWO_SIZES.has(kind))
      carried.set(
        kind,
        units.findLast((u) => kindOf(u) === kind)!,
      );
    const firstTime = before
      .map((e) => unitOf(e))
      .find((u) => u !== '' && (kind === '' || kindOf(u) === kind));
    let now = own ?? carriedFor(kind, unit) ?? firstTime;
    let above = [...entries, ...before].find((e) => unitOf(e) === now) ?? '';
    return (text) => {
      const typedUnit = unitOf(text);
      if (typedUnit !== '' && kindOf(typedUnit) === kind) [now, above] = [typedUnit, text];
      if (now === undefined || !isBare(text)) return text;
      const withUnit = `${text.trim()} ${now}`;
      if (!OF_TWO_SIZES.has(kind) || unit === '' || kindOf(unit) !== kind) return withUnit;
      // 9 kΩ, then 300: nearer to it in ohms. 12 mV, then 410: nearer to it in millivolts.
      const beside = sizeIn(above, unit);
      const nearer = apart(sizeIn(withUnit, unit), beside) > apart(sizeIn(text, unit), beside);
      return nearer ? text : withUnit;
    };
  };
  const carriedFor = (kind: string, unit: string): string | undefined =>
    unit === '' || kind === '' ? undefined : carried.get(kind);
  for (const [name, info] of Object.entries(fields)) {
    const value = typed[name];
    if (value === undefined) continue;
    const then = firstRun[name];
    if (info.kind === 'quantity' && typeof value === 'string')
      out[name] = run([value], info.unit, typeof then === 'string' ? [then] : [])(value);
    if (info.kind === 'list' && Array.isArray(value)) {
      const give = run(
        value.map((r) => r.entered ?? ''),
        info.unit,
        columnOf(then, 'entered'),
      );
      out[name] = value.map((r) => ({ ...r, entered: give(r.entered ?? '') }));
    }
    if (info.kind === 'table' && Array.isArray(value)) {
      let rows = value;
      for (const c of info.columns)
        if (!c.words && c.options.length === 0 && c.unit !== '') {
          const give = run(
            rows.map((r) => r[c.name] ?? ''),
            c.unit,
            columnOf(then, c.name),
          );
          rows = rows.map((r) => (r[c.name] === undefined ? r : { ...r, [c.name]: give(r[c.name]!) }));
        }
      out[name] = rows;
    }
  }
  return out;
}
