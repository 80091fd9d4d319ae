import type { Reading } from './reading';
import type { Line } from './split';
import { valueOf, type LiveValue } from './value';

/**
 * Takes a line with a live value, or several of them; under the title of a freeze frame they are its values.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeValue(r: Reading, line: Line): boolean {
  // "ECT: 88 °C   IAT: 24 °C": several in a line, each with its label and unit.
  const several = line.cells.map((cell) => (/[:=]/u.test(cell) ? valueOf([cell], false) : undefined));
  if (several.length > 1 && several.every(Boolean) && several.some((v) => hasUnit(v!.entered))) {
    for (const value of several) putValue(r, line.n, value!);
    return true;
  }
  const value = valueOf(
    line.cells.length > 1 ? line.cells : [line.text],
    r.list === 'live' || r.list === 'freeze' || (r.liveAt > 0 && r.liveAt === line.n - 1),
  );
  if (!value) return false;
  // Without a list around it a distance is the vehicle's, and a number needs its unit, or it is any number.
  if (r.list === '' && /\s(?:km|mi|miles)$/iu.test(value.entered)) return false;
  if (r.list === '' && !hasUnit(value.entered) && !ENGINE_SPEED.test(value.name)) return false;
  putValue(r, line.n, value);
  return true;
}

/** Written without a unit more often than with one. */
const ENGINE_SPEED = /^(?:rpm|engine (?:speed|rpm)|motordrehzahl|drehzahl|régime(?: moteur)?)$/iu;

const hasUnit = (entered: string): boolean => /[\p{L}%°/]/u.test(entered.replace(/^[+\-−]?\d[\d.,]*/u, ''));

/**
 * Puts a value where it belongs: to the freeze frame under whose title it stands, or to the live ones.
 *
 * @param r the reading under way
 * @param n number of its line
 * @param value name and what was entered
 */
export function putValue(r: Reading, n: number, value: LiveValue): void {
  const code = r.freezeFor ?? r.entries.length - 1;
  if (r.list === 'freeze' && code >= 0) r.mark(n, 'freeze frame', r.out.freeze.push({ code, ...value }) - 1);
  else {
    r.mark(n, 'live value', r.out.live.push(value) - 1);
    r.liveAt = n;
  }
}
