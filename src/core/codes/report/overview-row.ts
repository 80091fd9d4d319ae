import { isTitle } from './labels';
import { isName } from './outcome';
import { findCodes } from './place';

const ROW =
  /^(\S.{0,48}\S)\s{1,40}(yes|no|present|absent|ok|okay|pass(?:ed)?|faults?|faulty|fail(?:ed)?|errors?|dtcs?|fehler|défauts?|errori|storing(?:en)?)\s{1,20}(\d{1,3}|[-–—])$/iu;

/** A row of an overview: the module, a word for its state, and how many faults it has, where that is a number. */
export interface OverviewRow {
  name: string;
  state: string;
  count: number | undefined;
}

/**
 * A module with a word for its state and its number of faults: "Gearbox   OK   0", "PCM yes 1".
 *
 * @param text one line
 * @returns undefined where the line has another shape
 * @example overviewRow('Gearbox   OK   0') // { name: 'Gearbox', state: 'OK', count: 0 }
 */
export function overviewRow(text: string): OverviewRow | undefined {
  const [, name = '', state = '', number = ''] = ROW.exec(text.trim()) ?? [];
  if (!isName(name) || isTitle(name) || findCodes(name).length > 0) return undefined;
  return { name, state, count: /\d/.test(number) ? Number(number) : undefined };
}
