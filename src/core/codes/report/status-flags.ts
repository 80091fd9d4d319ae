import type { CodeStatus } from '@/core/case';
import type { Line } from './split';
import type { Reading } from './reading';

/** Names of the bits of a status as tools print them, and what a bit that is set says. ISO 14229-1, table D.2. */
const FLAGS: readonly [RegExp, CodeStatus | ''][] = [
  [/^test\s?failed$/iu, 'active'],
  [/^pending(?:\s?dtc)?$/iu, 'pending'],
  [/^confirmed(?:\s?dtc)?$/iu, 'stored'],
  [/^test\s?not\s?completed\s?since\s?(?:last\s?)?clear$/iu, 'not run'],
  [/^test\s?not\s?completed\s?this\s?(?:operation|monitoring|drive)\s?cycle$/iu, ''],
  [/^test\s?failed\s?(?:this\s?(?:operation|monitoring|drive)\s?cycle|since\s?(?:last\s?)?clear)$/iu, ''],
  [/^warning\s?indicator(?:\s?requested)?$/iu, ''],
];
const SET = /^(?:yes|true|1|set|on|ja|oui|sí|si)$/iu;
const NOT_SET = /^(?:no|false|0|not set|off|nein|non|nee)$/iu;

/**
 * A line that is one bit of the status of the fault above it: "confirmed: yes". A bit that is not set says nothing.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeFlag(r: Reading, { n, text }: Line): boolean {
  const m = /^([\p{L} ]{4,50}?)\s*[:=]\s*([\p{L}\d ]{1,8})$/u.exec(text);
  const entry = r.entries.at(-1);
  const flag = m && FLAGS.find(([name]) => name.test(m[1]!));
  if (!flag || !entry || r.list !== '' || !(SET.test(m[2]!) || NOT_SET.test(m[2]!))) return false;
  if (SET.test(m[2]!) && flag[1] !== '') entry.statuses = [...new Set([...entry.statuses, flag[1]])];
  entry.lines.push(n);
  r.mark(n, 'status', r.entries.length - 1);
  return true;
}
