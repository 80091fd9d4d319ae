import { countsIn, labelled, takeVehicle } from './details';
import { labelOf } from './labels';
import { namedOutcome, outcomeOf } from './outcome';
import type { Reading } from './reading';
import type { Line } from './split';
import { statusOf } from './status';

/** Lines of a label and its value. */
interface Labelled {
  label: string;
  value: string;
}
type Taker = (r: Reading, line: Line, said: Labelled) => boolean;

/** `Module: ABS`. */
const takeModule: Taker = (r, line, { label, value }) => {
  if (labelOf(label) !== 'module' || /^\d+$/u.test(value)) return false;
  const named = namedOutcome(value, false);
  r.under(named?.name ?? value, named?.outcome.kind !== 'silent', line.n);
  return true;
};

const RESULT = /^(?:results?|outcome|response|answer|ergebnis|résultat|resultado|risultato|resultaat)$/iu;

/** `Result: no communication`, of the module above. */
const takeResult: Taker = (r, line, { label, value }) => {
  const outcome = RESULT.test(label) && r.module !== null ? outcomeOf(value) : undefined;
  if (!outcome) return false;
  if (outcome.kind === 'silent') r.out.modules[r.module!]!.answered = false;
  if (outcome.kind === 'none') r.settled.add(r.module!);
  r.mark(line.n, 'module', r.module!);
  return true;
};

/** `Status: stored`, `Description: …`, of the fault above. */
const takeOfFault: Taker = (r, line, { label: name, value }) => {
  const label = labelOf(name);
  const entry = r.entries.at(-1);
  if (!entry || (label !== 'text' && label !== 'status')) return false;
  if (label === 'text') entry.body += `  ${value}`;
  else {
    const statuses = statusOf(value);
    if (!statuses) return false;
    entry.details.push(...countsIn(value));
    entry.statuses = [...new Set([...entry.statuses, ...statuses])];
  }
  r.mark(line.n, label, r.entries.length - 1);
  return true;
};

const DISTANCE = /^(?:odometer|mileage|kilomet\w*|km[- ]?stand|laufleistung|kilométrage|kilometraje)$/iu;

/** Further in than its fault: how far the vehicle had run then. */
const takeDistance: Taker = (r, line, { label, value }) => {
  const entry = r.entries.at(-1);
  if (!entry || line.indent <= r.indentOfFault || !DISTANCE.test(label) || !/\d/.test(value)) return false;
  entry.details.push(line.text.trim());
  r.mark(line.n, 'detail', r.entries.length - 1);
  return true;
};

/**
 * `Module: ABS`, `Battery: 12.4 V`: a label that says what its value is.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeLabel(r: Reading, line: Line): boolean {
  const said = labelled(line.text);
  if (said) {
    if (takeModule(r, line, said) || takeResult(r, line, said)) return true;
    const ofFault = ['text', 'status'].includes(labelOf(said.label) ?? '') && r.entries.length > 0;
    if (ofFault) return takeOfFault(r, line, said);
    if (takeDistance(r, line, said)) return true;
  }
  // "VIN ZZ…   Mileage: 61,204 mi": several things of the vehicle in one line.
  const cells = line.cells.length > 1 ? line.cells.map((text) => ({ ...line, text })) : [line];
  const live = r.out.live.length;
  if (cells.filter((cell) => takeVehicle(cell, r.out, r.list !== '')).length === 0) return false;
  if (r.out.live.length > live) r.liveAt = line.n;
  r.mark(line.n, 'vehicle');
  return true;
}
