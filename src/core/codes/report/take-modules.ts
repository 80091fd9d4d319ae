import { namesController } from './heading';
import { isName, outcomeOf } from './outcome';
import { findCodes } from './place';
import type { Reading } from './reading';
import type { Line } from './split';
import { isBareOk, type Survey } from './survey';
import { takeCodes } from './take-codes';
import { moduleIn, takeClean, takeTold } from './told';

/**
 * Takes one sentence of a note; one that is not understood stays to be seen with its line.
 *
 * @param r the reading under way
 * @param line the sentence in the place of its line
 * @param survey of the whole report
 */
export function takeSentence(r: Reading, line: Line, survey: Survey): void {
  if (takeTold(r, line) || takeCodes(r, line, survey) || takeClean(r, line)) return;
  const named = moduleIn(line.text);
  if (!named) {
    r.unread(line.n, line.text);
    return;
  }
  r.under(named.name, named.outcome.kind !== 'silent', line.n);
  if (named.outcome.kind === 'none') r.settled.add(r.module!);
}

/**
 * `[OK]  Engine`, `[FAULT]  ABS`: the outcome in brackets before its module.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @param survey of the whole report
 * @returns whether the line was taken
 */
export function takeStateBefore(r: Reading, { n, text }: Line, survey: Survey): boolean {
  const m = /^\[\s*([^\]]{1,20}?)\s*\]\s+(\S.{1,60})$/u.exec(text);
  // A list of anything may be ticked off so: only a scan has modules.
  if (!m || !survey.ofScan || !isName(m[2]!) || findCodes(text).length > 0) return false;
  const outcome = outcomeOf(m[1]!);
  if (isBareOk(m[1]!) && !namesController(m[2]!)) return false;
  if (!outcome && !/^(?:faults?|fail(?:ed)?|errors?|dtcs?|n\.?\s?ok|nok|fehler|défaut)$/iu.test(m[1]!))
    return false;
  r.under(m[2]!, outcome?.kind !== 'silent', n);
  if (outcome?.kind === 'none') r.settled.add(r.module!);
  return true;
}

/**
 * `Engine .... 1 DTC   Airbag .... OK`: several modules in one line, each with its outcome.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @param survey of the whole report
 * @returns whether the line was taken
 */
export function takePairs(r: Reading, { n, cells }: Line, survey: Survey): boolean {
  const pairs = cells
    .filter((_, k) => k % 2 === 0)
    .map((name, k) => ({ name, said: cells[2 * k + 1] ?? '' }));
  if (
    !survey.ofScan ||
    cells.length < 4 ||
    !pairs.every((p) => isName(p.name) && outcomeOf(p.said) && !outcomeOf(p.name))
  )
    return false;
  for (const { name, said } of pairs) {
    const { kind } = outcomeOf(said)!;
    r.under(name, kind !== 'silent', n);
    if (kind === 'none') r.settled.add(r.module!);
  }
  r.module = null;
  return true;
}
