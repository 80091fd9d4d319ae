import { describe, expect, it } from 'vitest';
import { convert, convertDifference, findUnit, readEntry, unitsOf } from '@/core/readings';
import { CHECKS } from './all';
import type { FieldInfo, Typed } from './field-reading';
import { formOf, runCheck, type CheckResult } from './run';

/**
 * What a check finds does not depend on the unit a reading is typed in: bar or kPa, °C or °F. Each field of each
 * check's example is typed again in every other unit of its kind, alone, while all others stay as they are.
 */

/** The same amount in another unit, with more places than any instrument has. */
function inUnit(text: string, own: string, unit: string, difference: boolean): string | undefined {
  const entry = readEntry(text, own === '*' ? undefined : own);
  if (entry.kind !== 'quantity' || findUnit(entry.quantity.unit) === undefined) return undefined;
  const q = difference ? convertDifference(entry.quantity, unit) : convert(entry.quantity, unit);
  const digits = q.value.toPrecision(12);
  // A plain number, without an exponent and with a point.
  return digits.includes('e') || !digits.includes('.') ? undefined : `${digits} ${unit}`;
}

/** Writes the unit it is read in behind each bare number, so that no unit typed elsewhere carries on to it. */
function spelled(info: FieldInfo, text: string, unit: string): string {
  const entry = readEntry(text, unit === '*' ? undefined : unit);
  return entry.kind === 'quantity' && entry.quantity.unit !== '' && /^[\d.,−-]+$/.test(text.trim())
    ? `${text} ${entry.quantity.unit}`
    : text;
}

const verdicts = (r: CheckResult) =>
  r.state === 'done' ? r.findings.map((f) => `${f.about ?? ''}:${f.verdict}`).join() : JSON.stringify(r);

const others = (text: string, unit: string) => {
  const entry = readEntry(text, unit === '*' ? undefined : unit);
  if (entry.kind !== 'quantity') return [];
  const measures = findUnit(entry.quantity.unit)?.measures;
  return measures ? unitsOf(measures) : [];
};

let tried = 0;

describe.each(CHECKS.map((c) => [c.id, c] as const))('%s', (_, check) => {
  it('finds the same in any unit', () => {
    const form = formOf(check);
    const base = { ...check.example } as Typed;
    for (const { name, info } of form) {
      const value = base[name];
      if (info.kind === 'quantity' && typeof value === 'string') base[name] = spelled(info, value, info.unit);
      if (info.kind === 'list' && Array.isArray(value)) {
        let unit = info.unit;
        base[name] = value.map((r) => {
          const entry = readEntry(r.entered ?? '', unit === '*' ? undefined : unit);
          if (unit === '*' && entry.kind === 'quantity') unit = entry.quantity.unit;
          return { ...r, entered: spelled(info, r.entered ?? '', unit) };
        });
      }
      if (info.kind === 'table' && Array.isArray(value)) {
        const units = new Map(info.columns.map((c) => [c.name, c.unit]));
        base[name] = value.map((r) => ({
          ...r,
          ...Object.fromEntries(
            info.columns
              .filter((c) => !c.words && c.options.length === 0 && c.unit !== '')
              .map((c) => {
                const entry = readEntry(
                  r[c.name] ?? '',
                  units.get(c.name) === '*' ? undefined : units.get(c.name),
                );
                if (units.get(c.name) === '*' && entry.kind === 'quantity')
                  units.set(c.name, entry.quantity.unit);
                return [c.name, spelled(info, r[c.name] ?? '', units.get(c.name)!)];
              }),
          ),
        }));
      }
    }
    const wanted = verdicts(runCheck(check, base));
    expect(wanted).not.toMatch(/^\{/);
    for (const { name, info } of form) {
      const value = base[name];
      if (info.kind === 'quantity' && typeof value === 'string')
        for (const unit of others(value, info.unit)) {
          const text = inUnit(value, info.unit, unit, info.difference);
          if (text === undefined) continue;
          tried++;
          expect(verdicts(runCheck(check, { ...base, [name]: text })), `${name}: ${text}`).toBe(wanted);
        }
      if (info.kind === 'list' && Array.isArray(value))
        value.forEach((row, i) => {
          for (const unit of others(row.entered ?? '', info.unit)) {
            const text = inUnit(row.entered!, info.unit, unit, info.unit === 'K');
            if (text === undefined) continue;
            tried++;
            const rows = value.map((r, j) => (j === i ? { ...r, entered: text } : r));
            expect(verdicts(runCheck(check, { ...base, [name]: rows })), `${name} ${i}: ${text}`).toBe(
              wanted,
            );
          }
        });
      if (info.kind === 'table' && Array.isArray(value))
        for (const c of info.columns)
          value.forEach((row, i) => {
            if (c.words || c.options.length > 0 || c.unit === '') return;
            const typed = row[c.name] ?? '';
            for (const unit of others(typed, c.unit)) {
              const text = inUnit(typed, c.unit, unit, c.unit === 'K');
              if (text === undefined) continue;
              tried++;
              const rows = value.map((r, j) => (j === i ? { ...r, [c.name]: text } : r));
              expect(verdicts(runCheck(check, { ...base, [name]: rows })), `${name} ${i}: ${text}`).toBe(
                wanted,
              );
            }
          });
    }
  });
});

it('has tried many', () => {
  expect(tried).toBeGreaterThan(500);
});
