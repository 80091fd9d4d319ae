import { readCode } from '../code';
import { namesController } from './heading';
import { labelOf } from './labels';
import { isName, outcomeOf } from './outcome';
import { findCodes } from './place';
import type { Reading } from './reading';
import type { Line } from './split';
import { statusOf } from './status';

/** Lines that say all of a fault by marks alone, without heads over them: the order of the parts is free. */

/** "OC 9", "SA 0": how often it was seen, and which controller said it. */
const COUNTED = /^(?:oc|count|occurrences?|x)\s?:?\s?\d{1,5}$/iu;
const ADDRESS = /^(?:sa|src|addr(?:ess)?)\s?:?\s?(?:0x)?[0-9a-f]{1,4}$/iu;

const isCodeAlone = (cell: string): boolean => {
  const [found] = findCodes(cell);
  return found?.at === 0 && found.end === cell.length && readCode(found.code)?.scheme !== 'own';
};

/**
 * `ACTIVE | ECM | P0201 | Injector circuit`, in columns too: one cell is a code, one is a status, and the module stands
 * before the code.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken; not where a cell before the code is no module's name
 */
export function takeCells(r: Reading, { n, cells }: Line): boolean {
  const said = cells.flatMap((c) => c.split(/\s*[|│;]\s*/u)).map((c) => c.trim());
  const at = said.findIndex(isCodeAlone);
  if (at < 1 || said.length < 3 || said.filter(isCodeAlone).length !== 1) return false;
  const isStatus = (c: string) => statusOf(c) !== undefined;
  const statuses = said.filter((c, k) => k !== at && isStatus(c));
  const before = said.slice(0, at).filter((c) => c !== '' && !isStatus(c) && !ADDRESS.test(c));
  const after = said.slice(at + 1).filter((c) => c !== '' && !isStatus(c));
  const [module, ...more] = before;
  if (!module || more.length > 0 || statuses.length !== 1) return false;
  if (!isName(module) || labelOf(module) !== undefined || outcomeOf(module) !== undefined) return false;
  r.under(module, true, n);
  const [found] = findCodes(said[at]!);
  const entry = r.fault(found!.code, after.filter((c) => !COUNTED.test(c)).join('  '), n);
  entry.statuses = statusOf(statuses[0]!)!;
  entry.details.push(...after.filter((c) => COUNTED.test(c)));
  entry.settled = true;
  return true;
}

const GLUED =
  /^([A-Z]{2,6}\d?)-([PCBU][0-3][0-9A-F]{3}(?:-[0-9A-F]{2})?)-(\p{L}.{2,100}?)-([\p{L} ]{3,30})$/u;

/**
 * `ECM-P0420-Catalyst efficiency-Confirmed`: all parts with dashes between and nothing else.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken: its last part has to be a status
 */
export function takeGlued(r: Reading, { n, text }: Line): boolean {
  const [, module = '', code = '', words = '', last = ''] = GLUED.exec(text.trim()) ?? [];
  const statuses = module === '' ? undefined : statusOf(last);
  if (!statuses) return false;
  r.under(module, true, n);
  const entry = r.fault(code, words, n);
  entry.statuses = statuses;
  entry.settled = true;
  return true;
}

const WITH_NUMBER = /^(\p{L}[\p{L}\d ./-]{1,40}?)\s*:\s+(\d{6}\.\d{2})\s+(\p{L}.*)$/u;

/**
 * `Engine ECU: 000636.02 Camshaft position invalid (active, 2 occ.)`: a module before parameter and failure mode.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeParameterAndMode(r: Reading, { n, text }: Line): boolean {
  const [, module = '', number = '', words = ''] = WITH_NUMBER.exec(text.trim()) ?? [];
  if (!namesController(module)) return false;
  r.under(module, true, n);
  r.fault(number, words, n);
  return true;
}
