import type { CodeStatus } from '@/core/case';
import { namesController } from './heading';
import { isName, outcomeOf, type Outcome } from './outcome';
import { findCodes, type Found } from './place';
import type { Reading } from './reading';
import type { Line } from './split';
import { statusOf } from './status';

/** Nobody tells of codes in a longer line. */
const LONGEST = 400;

/** A fault as somebody tells it in a message. */
export interface ToldFault {
  code: string;
  statuses: CodeStatus[];
  module: string | null;
  text: string;
}
export interface Told {
  faults: ToldFault[];
  modules: { name: string; outcome: Outcome }[];
}

/** What comes before a code that is told as read: "got P0171", "has codes P0300 and P0301". */
const TELLS =
  /(?:^|[\s,])(?:got|gets?|getting|have|has|having|had|pulled|pulls|found|shows?|showing|reads|reading|throws?|throwing|threw|sets|setting|says|said|gives|gave|displays)\s+(?:(?:me|us|an?|the|also|both|only|just|codes?|faults?|errors?|dtcs?)\s+){0,3}$/iu;
/** With one of these a message is about codes that are not there, or of another time or vehicle. */
const OTHERWISE =
  /\b(?:not?|never|gone|old|earlier|before|previous|yesterday|last|other|example|instead|about|if|should|could|would|might|was|were|means?|check for|cleared|erased|after|when|until|bulletin|tsb|recall|see|refer)\b|n['’]t\b|\?/iu;
/** Between codes that share what stands behind the last of them. */
const JOINS = /^[\s,/&+]*(?:and|plus|und|et|y|e)?[\s,/&+]*$/iu;
const MODULE_BEHIND =
  /^(?:(?:both|all|each|is|are)\s+)?(.*?)\s*\b(?:in|on|from)\s+(?:the\s+|my\s+)?([\p{L}\d/ -]{2,30}?)\s*$/iu;

/**
 * A message that tells of codes in a sentence: "got P0171 and P0174 both stored in the ecm, U0121 pending in the bcm,
 * tcm clean". Taken only where every clause with a code is understood whole; a clause without one may say of a module
 * that it is clean or silent, and is passed over otherwise.
 *
 * @param line of a report
 * @param line a line of a report
 * @returns undefined where the line is anything else
 * @returns the faults with status and module, and what is said of other modules; undefined where the line is anything
 *   else, or where one of its clauses with a code is not understood whole
 */
export function toldIn(line: string): Told | undefined {
  if (!tellsOfCode(line)) return undefined;
  const told: Told = { faults: [], modules: [] };
  const { text, wordings } = withoutBrackets(line);
  for (const clause of text.split(/[.;]\s+|,\s+(?!(?:and\s+)?[PCBU][0-3O]?\d*\b\s*,)|\.$/iu)) {
    const codes = findCodes(clause);
    if (codes.length === 0) {
      tellMore(told, clause);
      continue;
    }
    const faults = OTHERWISE.test(clause) ? undefined : faultsOf(clause, codes);
    if (!faults) return undefined;
    const module = moduleOf(clause.trim());
    for (const f of faults) {
      f.module ??= module;
      f.text = wordings.get(f.code) ?? '';
    }
    told.faults.push(...faults);
  }
  return told;
}

/** Few words and one that tells stand before the first code. */
function tellsOfCode(line: string): boolean {
  const [first] = line.length > LONGEST ? [] : findCodes(line);
  // What was said in a sentence before is another matter.
  const opening = line.slice(0, first?.at ?? 0).replace(/^.*[.!;]\s+/u, '');
  return TELLS.test(opening) && opening.trim().split(/\s+/u).length <= 9;
}

/** "In the engine control unit we found …". */
const PLACE = /^in\s+(?:the\s+)?([\p{L}\d/ -]{2,30}?)\s+(?:we|i|it|they|there)\b/iu;

/** "Engine has P0335 and P0340". */
const OWNER =
  /^(?:(?:and|but|the|my)\s+)*([\p{L}\d/-]+(?:\s[\p{L}\d/-]+)?)\s+(?:has|had|shows?|gives?|gave|reads?|throws?)\b/iu;

/** The module that a clause begins with, where it names one. */
const moduleOf = (clause: string): string | null =>
  [PLACE, OWNER]
    .map((p) => p.exec(clause)?.[1])
    .find((name) => name !== undefined && namesController(name)) ?? null;

/** A clause without a code: a module with its outcome, or the status of the fault told last. */
function tellMore(told: Told, clause: string): void {
  const named = moduleIn(clause);
  const status = statusOf(clause);
  const last = told.faults.at(-1);
  if (named) told.modules.push(named);
  else if (status && last) {
    // "P2463 and P2458, both permanent".
    const all = /^(?:and\s+)?(?:both|all|each)\b/iu.test(clause.trim()) ? told.faults : [last];
    for (const f of all) if (f.statuses.length === 0) f.statuses = status;
  }
}

/** What stands in brackets behind a code is its wording, unless it is a status. */
function withoutBrackets(line: string): { text: string; wordings: Map<string, string> } {
  const wordings = new Map<string, string>();
  const text = line.replace(/(\S{4,12})\s*\(([^()]{3,120})\)/gu, (whole, before: string, inside: string) => {
    const [found] = findCodes(before);
    if (!found || statusOf(inside) || findCodes(inside).length > 0) return whole;
    wordings.set(found.code, inside);
    return before;
  });
  return { text, wordings };
}

/** The faults of a clause; undefined where something in it is not understood. */
function faultsOf(clause: string, codes: readonly Found[]): ToldFault[] | undefined {
  const out: ToldFault[] = [];
  let open: ToldFault[] = [];
  for (const [i, found] of codes.entries()) {
    const fault: ToldFault = { code: found.code, statuses: [], module: null, text: '' };
    open.push(fault);
    out.push(fault);
    const behind = clause.slice(found.end, codes[i + 1]?.at);
    if (i + 1 < codes.length && JOINS.test(behind)) continue;
    const said = saidBehind(behind.replace(/[\s,]+(?:and|plus|also|&)?\s*$/iu, ''));
    if (!said) return undefined;
    for (const f of open) Object.assign(f, said);
    open = [];
  }
  return out;
}

/** "both stored in the ecm", "pending", "in the abs"; undefined where it is more than that. */
function saidBehind(text: string): { statuses: CodeStatus[]; module: string | null } | undefined {
  const t = text.trim().replace(/^[-–:,]\s*|[.!]+$/gu, '');
  if (t === '') return { statuses: [], module: null };
  const whole = statusOf(t);
  if (whole) return { statuses: whole, module: null };
  const m = MODULE_BEHIND.exec(t);
  if (!m || !namesController(m[2]!)) return undefined;
  const statuses = m[1]!.trim() === '' ? [] : statusOf(m[1]!);
  return statuses && { statuses, module: m[2]! };
}

const NOTHING_IN =
  /^(?:and\s+)?(?:nothing|no (?:codes?|faults?|dtcs?))\s+(?:(?:in|on|from)\s+)?(?:the\s+)?([\p{L}\d/ -]{2,20})$/iu;
const IN_IT_NOTHING =
  /^(?:and\s+)?in\s+(?:the\s+)?([\p{L}\d/ -]{2,20}?)\s+(?:there (?:are|were) )?no (?:codes?|faults?|dtcs?)(?:\s(?:are|were|is|was))?(?:\s(?:found|stored))?$/iu;

/**
 * "tcm clean", "abs wont talk", "nothing in the airbag".
 *
 * @param clause of a message
 * @returns the module and its outcome, or undefined
 * @example moduleIn('tcm clean') // { name: 'tcm', outcome: { kind: 'none' } }
 */
export function moduleIn(clause: string): { name: string; outcome: Outcome } | undefined {
  const words = clause.trim().split(/\s+/u);
  const nothing = NOTHING_IN.exec(clause.trim()) ?? IN_IT_NOTHING.exec(clause.trim());
  if (nothing && namesController(nothing[1]!)) return { name: nothing[1]!, outcome: { kind: 'none' } };
  for (let k = 1; k < words.length && k <= 3; k++) {
    const name = words
      .slice(0, k)
      .join(' ')
      .replace(/^(?:and|the)\s+/iu, '');
    const rest = words
      .slice(k)
      .join(' ')
      .replace(/^(?:is|was|are)\s+/iu, '');
    const outcome = outcomeOf(rest);
    if (outcome && outcome.kind !== 'count' && isName(name) && namesController(name))
      return { name, outcome };
  }
  return undefined;
}

/**
 * Takes a message in sentences.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeTold(r: Reading, { n, text }: Line): boolean {
  const told = toldIn(text);
  if (!told) return false;
  // What stands over the message, or below it, is not said to be of a module that it names.
  const open = r.module;
  for (const { code, statuses, module, text: wording } of told.faults) {
    if (module === null) r.module = open;
    else r.under(module, true, n);
    const entry = r.fault(code, wording, n);
    entry.statuses = statuses;
    entry.settled = true;
  }
  for (const { name, outcome } of told.modules) {
    r.under(name, outcome.kind !== 'silent', n);
    if (outcome.kind === 'none') r.settled.add(r.module!);
  }
  r.module = open;
  return true;
}

/** "No faults in ABS, airbag and gearbox." */
const CLEAN =
  /^(?:no|keine|aucun|sin|nessun|geen)\s+(?:codes?|faults?|dtcs?|errors?|fehler|défaut|averías|errore|storingen)(?:\s+(?:found|stored))?\s+(?:in|on|im|dans|en|nel)\s*:?\s+(?:the\s+)?([^.:]{2,120})\.?$/iu;

/** "Modules without faults: ABS, airbag", "Systems that did not answer: radio". */
const LISTED =
  /^(?:modules?|systems?|ecus?|control units?|controllers?)\s+(?:(?:that (?:did|do) not|which did not|not|that didn['’]t)\s+(answer|respond|communicat|reach)\w*|(without|with no|free of|no)\s+(?:faults?|codes?|dtcs?|errors?))\s*:\s*([^.:]{2,200})\.?$/iu;

/** "No response from: SRS, HVAC". */
const SILENT =
  /^no (?:response|answer|reply|communication|comms?|connection|contact) (?:from|with|to)\s*:?\s+(?:the\s+)?([^.:]{2,120})\.?$/iu;

/**
 * Takes a sentence that says of several modules that they are without faults, or that they did not answer; each of them must be one by its name.
 *
 * @param r the reading under way
 * @param line the line at hand
 * @returns whether the line was taken
 */
export function takeClean(r: Reading, { n, text }: Line): boolean {
  const said = text.slice(0, LONGEST);
  const listed = LISTED.exec(said);
  const silent = listed?.[1] ? listed[3] : SILENT.exec(said)?.[1];
  const names = (silent ?? listed?.[3] ?? CLEAN.exec(said)?.[1])?.split(
    /\s*,\s*(?:and\s+)?|\s+(?:and|or|und|oder|et|y|e|en)\s+/iu,
  );
  const isOne = (name: string) =>
    (listed ? isName(name) : namesController(name)) && name.split(/\s+/u).length <= 4;
  if (!names?.every(isOne)) return false;
  for (const name of names) {
    r.under(name, silent === undefined, n);
    if (silent === undefined) r.settled.add(r.module!);
  }
  r.module = null;
  return true;
}

/**
 * A note of several short sentences, each of which begins with its module: "Ecm p0300 p0302 stored. Bcm b1601. No codes
 * tcm." As sentences, or undefined where one with a code begins otherwise.
 *
 * @param text a line
 * @returns its sentences without their stops, or undefined
 * @example sentencesOf('Ecm p0300. No codes tcm.') // ['Ecm p0300', 'No codes tcm']
 */
export function sentencesOf(text: string): string[] | undefined {
  if (text.length > LONGEST) return undefined;
  const sentences = text.split(/[.;]\s+(?=\p{L})/u).map((s) => s.replace(/[.;]\s*$/u, ''));
  if (sentences.length < 2 || findCodes(text).length === 0) return undefined;
  const begins = (s: string) => {
    const [found] = findCodes(s);
    const lead = found ? s.slice(0, found.at).trim() : '';
    return !found || (lead !== '' && lead.split(/\s+/u).length <= 3 && namesController(lead));
  };
  return sentences.every(begins) ? sentences : undefined;
}
