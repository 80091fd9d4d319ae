import { isDateAlone } from './details';
import { namesController } from './heading';
import { FREEZE_TITLE, groupStatus, isTitle, labelOf, LIVE_TITLE } from './labels';
import type { Reading } from './reading';
import type { Survey } from './survey';

/** A code with what stands before and behind it in its line. */
export interface Placed {
  n: number;
  code: string;
  /** What stands before it, as it is, and without bullets, numbers and dates. */
  before: string;
  lead: string;
  after: string;
}

/** What stands before a code and a colon to say that it is not of now, or that it is only spoken of. */
const NOT_IN_MEMORY =
  /^(?:notes?|remarks?|comments?|complaint|diagnosis|hints?|tips?|info(?:rmation)?|hinweis|bemerkung|remarque|nota|old|former|before|after|previous(?:ly)?|last|earlier|formerly|until|vor|nach|vorher|früher|avant|après|antes|después|prima|dopo)\b/iu;
/** … and what is said of the report, not of a module. */
const OF_THE_REPORT =
  /^(?:(?:generic )?(?:reader|scanner|scan tool)|scan(?:ned)?|found|results?|today|now|read(?:ing|out)?|faults? found|ergebnis|gefunden|résultat|resultado|risultato)$/iu;
/** Words of a sentence about a code. */
const OF_A_SENTENCE =
  /\b(?:if|see|with|about|after|when|because|asks?|and|for|the|a|of|siehe|wenn|voir|con)\b/iu;

/**
 * Takes a code by the name before it: `Engine: P0300 …`, `Pending codes: P0171`, `ABS | C0035 | …`. The name is a
 * module's, a title's, or the label of the code; before another time or inside a sentence the code stands in no memory.
 *
 * @param r the reading under way
 * @param placed the code with what stands around it
 * @param survey of the whole report
 * @returns whether the code was taken
 */
export function takeAfterName(r: Reading, placed: Placed, survey: Survey): boolean {
  const { n, code, after } = placed;
  const name = placed.lead
    .replace(/[\s:=|;([–-]+$/u, '')
    .replace(/(?:\s*[:|;,–-]\s*|\s{2,})(?:dtc|code|fault)s?$/iu, '');
  // "Freeze frame: P0133" says whose frame it is.
  if (FREEZE_TITLE.test(name) || LIVE_TITLE.test(name) || NOT_IN_MEMORY.test(name)) return false;
  const title = isTitle(name);
  if (title || OF_THE_REPORT.test(name)) {
    r.module = null;
    if (title) r.group = groupStatus(name);
    r.fault(code, after, n);
    return true;
  }
  if (labelOf(name) === 'code') {
    r.fault(code, after, n);
    return true;
  }
  const module = moduleOf(name, placed, survey);
  if (module === undefined) return false;
  r.under(module, true, n);
  r.fault(code, after, n);
  return true;
}

/** The module that the name before a code is: one cell beside numbers and dates, and no sentence. */
function moduleOf(name: string, { before }: Placed, survey: Survey): string | undefined {
  const parted = survey.brackets === 'module' || /(?:[:=|;\t│]|\s[–-]|\s{2,})\s*[([]?$/u.test(before);
  const cells = name
    .split(/\s*[|;\t│]\s*|\s{2,}/u)
    .filter((c) => c !== '' && !/^\d+$/u.test(c) && !isDateAlone(c));
  const words = name.split(/\s+/u).length;
  const sentence = words > 2 && OF_A_SENTENCE.test(name);
  if (cells.length !== 1 || words > 7 || (sentence && !(parted && survey.moduleFirst))) return undefined;
  if (!parted && !namesController(name) && !survey.moduleFirst) return undefined;
  // "old list from march:" is no name: one that no controller has begins with a capital or a figure.
  if (!namesController(name) && !survey.moduleFirst && !/^[\p{Lu}\d[(]/u.test(name)) return undefined;
  return /\p{L}{2}/u.test(name) ? cells[0] : undefined;
}
