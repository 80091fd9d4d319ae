import type { CodeStatus } from '@/core/case';
import { namesController } from './heading';
import { isName, outcomeOf, type Outcome } from './outcome';
import { findCodes, type Found } from './place';
import type { Reading } from './reading';
import type { Line } from './split';
import { statusOf } from './status';

/** A fault as somebody tells it in a message. */
export interface ToldFault {
  code: string;
  statuses: CodeStatus[];
  module: string | null;
}
export interface Told {
  faults: ToldFault[];
  modules: { name: string; outcome: Outcome }[];
}

/** What comes before a code that is told as read: "got P0171", "has codes P0300 and P0301". */
const TELLS =
  /(?:^|[\s,])(?:got|gets?|getting|have|has|having|had|pulled|pulls|found|shows?|showing|reads|reading|throws?|throwing|threw|sets|setting)\s+(?:(?:me|us|an?|the|also|both|only|just|codes?|dtcs?)\s+){0,3}$/iu;
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
 * @returns undefined where the line is anything else
 */
export function toldIn(line: string): Told | undefined {
  const [first] = findCodes(line);
  if (!first || !TELLS.test(line.slice(0, first.at)) || line.slice(0, first.at).split(/\s+/u).length > 8)
    return undefined;
  const told: Told = { faults: [], modules: [] };
  for (const clause of line.split(/[.;]\s+|,\s+(?!(?:and\s+)?[PCBU][0-3O]?\d*\b\s*,)|\.$/iu)) {
    const codes = findCodes(clause);
    if (codes.length === 0) {
      const named = moduleIn(clause);
      if (named) told.modules.push(named);
      continue;
    }
    if (OTHERWISE.test(clause)) return undefined;
    const faults = faultsOf(clause, codes);
    if (!faults) return undefined;
    told.faults.push(...faults);
  }
  return told;
}

/** The faults of a clause; undefined where something in it is not understood. */
function faultsOf(clause: string, codes: readonly Found[]): ToldFault[] | undefined {
  const out: ToldFault[] = [];
  let open: ToldFault[] = [];
  for (const [i, found] of codes.entries()) {
    const fault: ToldFault = { code: found.code, statuses: [], module: null };
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

/** "tcm clean", "abs wont talk", "nothing in the airbag". */
function moduleIn(clause: string): { name: string; outcome: Outcome } | undefined {
  const words = clause.trim().split(/\s+/u);
  const nothing =
    /^(?:and\s+)?(?:nothing|no (?:codes?|faults?|dtcs?))\s+(?:in|on|from)\s+(?:the\s+)?([\p{L}\d/ -]{2,20})$/iu.exec(
      clause.trim(),
    );
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

/** Takes a message in sentences. */
export function takeTold(r: Reading, { n, text }: Line): boolean {
  const told = toldIn(text);
  if (!told) return false;
  for (const { code, statuses, module } of told.faults) {
    if (module !== null) r.under(module, true, n);
    const entry = r.fault(code, '', n);
    entry.statuses = statuses;
    entry.settled = true;
  }
  for (const { name, outcome } of told.modules) {
    r.under(name, outcome.kind !== 'silent', n);
    if (outcome.kind === 'none') r.settled.add(r.module!);
    r.module = null;
  }
  return true;
}

/** "No faults in ABS, airbag and gearbox." */
const CLEAN =
  /^(?:no|keine|aucun|sin|nessun|geen)\s+(?:codes?|faults?|dtcs?|errors?|fehler|défaut|averías|errore|storingen)(?:\s+(?:found|stored))?\s+(?:in|on|im|dans|en|nel)\s+(?:the\s+)?([^.:]{2,120})\.?$/iu;

/** Takes a sentence that says of several modules that they are without faults; each of them must be one by its name. */
export function takeClean(r: Reading, { n, text }: Line): boolean {
  const names = CLEAN.exec(text)?.[1]?.split(/\s*,\s*(?:and\s+)?|\s+(?:and|or|und|oder|et|y|e|en)\s+/iu);
  if (!names?.every((name) => namesController(name) && name.split(/\s+/u).length <= 4)) return false;
  for (const name of names) {
    r.under(name, true, n);
    r.settled.add(r.module!);
  }
  r.module = null;
  return true;
}
