import type { Input, Vehicle } from '@/core/case';
import type { Check } from './contract';
import { formOf, type FormField, type Typed } from './run';

/** The entries of a check as rows, as a case keeps them. */
export type InputFacts = Pick<Input, 'field' | 'at' | 'column' | 'entered' | 'position'>;
export type InputCell = Omit<InputFacts, 'position'>;
/** What a form can be begun with from the vehicle. */
export type VehicleGivens = Partial<Pick<Vehicle, 'cylinders' | 'displacement' | 'strokes'>>;

/**
 * What was typed into a check, from its rows on the case: a single field is one row, a list one row
 * per label, a table one row per cell.
 *
 * @param check whose form it is
 * @param rows in any order; a field that stands twice is taken from the later row
 * @returns entries by field name, as `runCheck` takes them
 */
export function typedOf(check: Check, rows: readonly InputFacts[]): Typed {
  const typed: Typed = {};
  const sorted = [...rows].sort((a, b) => a.position - b.position);
  for (const field of formOf(check)) {
    const mine = sorted.filter((r) => r.field === field.name);
    if (field.info.kind === 'list') typed[field.name] = mine.map((r) => ({ at: r.at, entered: r.entered }));
    else if (field.info.kind === 'table') {
      const keys = [...new Set(mine.map((r) => r.at))];
      typed[field.name] = keys.map((key) =>
        Object.fromEntries(mine.filter((r) => r.at === key).map((r) => [r.column, r.entered])),
      );
    } else typed[field.name] = mine.at(-1)?.entered ?? '';
  }
  return typed;
}

/** What the vehicle says of a field, as it would be typed; empty when it says nothing. */
function fromVehicle(field: FormField, vehicle: VehicleGivens): string {
  switch (field.given) {
    case 'cylinders':
      return vehicle.cylinders ? String(vehicle.cylinders) : '';
    case 'displacement':
      return vehicle.displacement ?? '';
    case 'strokes':
      if (vehicle.strokes === 2) return 'two-stroke';
      if (vehicle.strokes === 4) return 'four-stroke';
      return '';
    default:
      return '';
  }
}

/** Lists with as many members as the engine has cylinders. */
export const PER_CYLINDER: ReadonlySet<string> = new Set(['cylinder', 'injector']);
const EMPTY_ROWS = 3;

/**
 * The rows a check begins with on a case, from what was typed or from nothing. Fields and labels
 * that the vehicle answers are filled in: its displacement, as many rows as it has cylinders.
 *
 * @param check whose form it is
 * @param typed what is known already, by field name
 * @param vehicle facts of the vehicle, when there is one
 * @returns one row per cell, in the order of the form
 */
export function rowsFor(check: Check, typed: Typed, vehicle: VehicleGivens = {}): InputCell[] {
  return formOf(check).flatMap((field): InputCell[] => {
    const value = typed[field.name];
    const { info, name } = field;
    const given = Array.isArray(value) && value.length ? value : undefined;
    if (info.kind === 'list') {
      const labels =
        PER_CYLINDER.has(info.each) && vehicle.cylinders && info.labels.length
          ? Array.from({ length: vehicle.cylinders }, (_, i) => String(i + 1))
          : info.labels;
      return (given ?? labels.map((at) => ({ at, entered: '' }))).map((r) => ({
        field: name,
        at: r.at ?? '',
        column: '',
        entered: r.entered ?? '',
      }));
    }
    if (info.kind === 'table') {
      return (given ?? Array.from({ length: EMPTY_ROWS }, () => ({}))).flatMap((r, i) =>
        info.columns.map((c) => ({
          field: name,
          at: String(i + 1),
          column: c.name,
          entered: (r as Record<string, string>)[c.name] ?? '',
        })),
      );
    }
    const entered = typeof value === 'string' && value !== '' ? value : fromVehicle(field, vehicle);
    return [{ field: name, at: '', column: '', entered }];
  });
}

/**
 * Whether an entry of a check was measured, and does not belong to the set-up, the limits or the vehicle.
 *
 * @param check whose form it is
 * @param row the entry
 */
export function isMeasured(check: Check, row: Pick<InputFacts, 'field' | 'column'>): boolean {
  const field = formOf(check).find((f) => f.name === row.field);
  if (!field || field.given !== false) return false;
  const { info } = field;
  return !(info.kind === 'table' && info.columns.find((c) => c.name === row.column)?.given === true);
}

/**
 * The rows of a check for doing it once more: what belongs to the set-up stays, what was measured is
 * left empty, so that nothing old can pass for new.
 *
 * @param check whose form it is
 * @param rows as they stand
 * @returns the same cells, in their order
 */
export function rowsToRepeat(check: Check, rows: readonly InputFacts[]): InputFacts[] {
  const form = new Map(formOf(check).map((f) => [f.name, f]));
  return rows.flatMap((r): InputFacts[] => {
    const field = form.get(r.field);
    if (!field) return [];
    return [isMeasured(check, r) ? { ...r, entered: '' } : { ...r }];
  });
}

/**
 * The givens of a check that hold for any vehicle it is done on: limits and reference values, the
 * places along a circuit; without what the vehicle itself answers, and without empty rows.
 *
 * @param check whose form it is
 * @param rows as they stand on a case
 */
export function givensOf(check: Check, rows: readonly InputFacts[]): InputCell[] {
  const form = new Map(formOf(check).map((f) => [f.name, f]));
  const kept = rowsToRepeat(check, rows);
  const filled = new Set(kept.filter((r) => r.entered !== '').map((r) => `${r.field}/${r.at}`));
  return kept
    .filter((r) => {
      const { info, given } = form.get(r.field)!;
      if (typeof given === 'string') return false;
      if (info.kind === 'list') return !PER_CYLINDER.has(info.each);
      return filled.has(`${r.field}/${r.at}`);
    })
    .map(({ field, at, column, entered }) => ({ field, at, column, entered }));
}
