import { labelled } from './details';
import { namesController } from './heading';
import { isTitle, labelOf } from './labels';
import { namedOutcome, outcomeOf, type Outcome } from './outcome';
import type { Reading } from './reading';
import type { Line } from './split';
import { statusOf } from './status';
import { isBareOk, type Survey } from './survey';

/** What a line says of a whole module: that it has faults, that it has none, that it did not answer. */

/**
 * A module with its outcome in one line, or the outcome alone under its heading.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @param survey what holds for the whole report
 * @returns whether the line was taken
 */
export function takeOutcome(r: Reading, line: Line, survey: Survey): boolean {
  const { text } = line;
  if (!survey.ofScan && isBareOk(text)) return false;
  const alone = outcomeOf(text);
  if (alone) return takeOutcomeAlone(r, line, alone);
  // In a list of monitors or values "passed" and "OK" are a state.
  const listed = r.list === 'readiness' || (r.list !== '' && /(?:ok|pass(?:ed)?)\s*$/iu.test(text));
  const named = listed ? undefined : namedOutcome(text, survey.bareCounts);
  if (!named || isTitle(named.name) || statusOf(named.name)) return false;
  // A road test fails as well.
  if (FAILED.test(text) && !namesController(named.name)) return false;
  if (/\btests?$/iu.test(named.name)) return false;
  const label = labelOf(named.name);
  return label !== undefined && label !== 'module'
    ? takeLabelled(r, line.n, label, named.outcome)
    : takeNamed(r, line.n, named);
}

const FAILED = /(?:fail(?:ed)?|faulty|nok|not ok)\W*$/iu;

function takeNamed(r: Reading, n: number, { name, outcome }: { name: string; outcome: Outcome }): boolean {
  r.under(name, outcome.kind !== 'silent', n);
  if (outcome.kind === 'none') r.settled.add(r.module!);
  return true;
}

/** "Status: no response", "Codes: none": of the module above. */
function takeLabelled(r: Reading, n: number, label: string, outcome: Outcome): boolean {
  if (label === 'status' && r.module !== null && outcome.kind === 'silent')
    r.out.modules[r.module]!.answered = false;
  else if (label !== 'status' && label !== 'code') return false;
  r.mark(n, 'module', r.module ?? undefined);
  return true;
}

function takeOutcomeAlone(r: Reading, { n, text }: Line, alone: Outcome): boolean {
  if (alone.kind === 'silent') {
    if (/:$/u.test(text.trim())) {
      r.list = 'silent';
      r.bullets = undefined;
      r.silentFrom = n;
      r.mark(n, 'heading');
    } else if (r.module !== null && !r.settled.has(r.module)) {
      r.out.modules[r.module]!.answered = false;
      r.mark(n, 'module', r.module);
    } else return false;
    return true;
  }
  if (r.module !== null) r.settled.add(r.module);
  else if (alone.kind === 'none') r.noneSaid = true;
  r.mark(n, alone.kind === 'count' ? 'heading' : 'module', r.module ?? undefined);
  return true;
}

/**
 * `Ctrl unit: ECM   Result: DTCs stored`: the module in the first cell, its outcome in another.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeModuleCell(r: Reading, { n, cells }: Line): boolean {
  const own = cells.length > 1 ? labelled(cells[0]!) : undefined;
  if (!own || labelOf(own.label) !== 'module' || /^\d+$/u.test(own.value)) return false;
  const outcomes = cells.slice(1).map((c) => outcomeOf(labelled(c)?.value ?? c)?.kind);
  r.under(own.value, !outcomes.includes('silent'), n);
  if (outcomes.includes('none')) r.settled.add(r.module!);
  return true;
}

/**
 * Names of modules under "no response:".
 *
 * @param r the reading under way
 * @param line the line at hand
 * @param before the line above it
 * @returns whether the line was taken
 */
export function takeSilent(r: Reading, { n, raw, text }: Line, before: Line): boolean {
  if (text.split(/\s+/u).length > 6 || /[.!?]$/u.test(text) || r.silentFrom !== before.n) return false;
  const bullet = /^\s*[-–•*·]/u.test(raw);
  if (r.bullets === true && !bullet) return false;
  r.bullets = bullet;
  r.silentFrom = n;
  for (const name of text.split(/,\s+/u)) {
    r.under(name, false, n);
    r.module = null;
  }
  r.list = 'silent';
  return true;
}
