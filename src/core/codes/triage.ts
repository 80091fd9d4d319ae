import { ownValue } from '@/core/text/own-value';
import { doneRepairs, type CaseRecord } from '@/core/case';
import { symptomById } from '@/core/symptoms/names';
import { baseCode } from './code';
import { followCodes, type CodeRecurrence } from './recurrence';
import { meaningOf } from './dictionary';
import { kindOf } from './kind';
import { RULES } from './triage-rules';
import { sortRest } from './triage-rest';
import type { CodeFacts, Proposal, ProposedRole, TriageFacts, TriageRule } from './triage-types';

/**
 * Proposes a role for every code: the rule with most say that speaks for it; those no rule speaks of are
 * sorted among themselves.
 *
 * @param facts codes, silent modules, battery and complaint
 * @param rules by default all of them
 * @returns by code; every code gets a proposal, *unsorted* where nothing tells
 */
export function proposeRoles(
  facts: TriageFacts,
  rules: readonly TriageRule[] = RULES,
): Map<string, Proposal> {
  const ordered = [...rules].sort((a, b) => b.say - a.say);
  const out = new Map<string, Proposal>();
  const rest: CodeFacts[] = [];
  for (const code of facts.codes) {
    const rule = ordered.find((r) => r.speak(code, facts) !== undefined);
    if (rule) out.set(code.code, { ...rule.speak(code, facts)!, rule: rule.name });
    else rest.push(code);
  }
  for (const [code, proposal] of sortRest(rest, facts)) out.set(code, proposal);
  return out;
}

type Rows = Pick<CaseRecord, 'scan' | 'clear' | 'module' | 'code' | 'symptom'> &
  Partial<Pick<CaseRecord, 'repair' | 'cause' | 'earlier' | 'case'>>;

/** Follows the codes of a case over its scans, clears and done repairs. */
export function coursesOf(record: Rows): CodeRecurrence[] {
  return followCodes({
    scans: record.scan,
    modules: record.module,
    codes: record.code,
    clears: record.clear,
    repairs: repairsOf(record),
  });
}

const repairsOf = ({ repair = [], cause = [], scan }: Rows) => doneRepairs({ repair, cause, scan });

/**
 * Gathers what the rules look at from the rows of a case.
 *
 * @param record scans, clears, modules, codes, symptoms, and what happened before
 * @param own the shop's own words for codes
 */
export function triageFacts(record: Rows, own: Record<string, string> = {}): TriageFacts {
  const volts = record.scan
    .map((s) => Number(/(\d+(?:[.,]\d+)?)\s*V/i.exec(s.battery)?.[1]?.replace(',', '.')))
    .filter((v) => v > 4 && v < 40);
  const present = record.symptom.filter((s) => s.reproduced !== 'no');
  return {
    codes: coursesOf(record).map((c): CodeFacts => {
      const rows = record.code.filter((x) => x.code === c.code);
      const text = c.text || ownValue(own, baseCode(c.code)) || meaningOf(c.code);
      return {
        code: c.code,
        base: baseCode(c.code),
        text,
        kind: kindOf(c.code, text),
        course: c.course,
        courseBecause: c.because,
        repairNotTold: c.repairNotTold,
        statuses: [...new Set(rows.flatMap((x) => x.statuses))],
        modules: c.modules,
      };
    }),
    silent: [...new Set(record.module.filter((m) => !m.answered).map((m) => m.name))],
    battery: volts.length ? Math.min(...volts) : null,
    areas: [...new Set(present.map((s) => symptomById(s.concept)?.area ?? '').filter(Boolean))],
    events: [...new Set((record.earlier ?? []).map((e) => e.kind))],
    intermittent: present.some((s) => s.frequency === 'intermittent' || s.frequency === 'once'),
    said: [record.case?.said ?? '', ...present.map((s) => s.words)].join(' '),
  };
}

/**
 * The role proposed for each code of a case. A code that a repair cured keeps the role it had before the
 * repair: that it is gone says nothing against it.
 *
 * @param record the rows of the case
 * @param own the shop's own words for codes
 * @returns by code
 */
export function proposalsOf(record: Rows, own: Record<string, string> = {}): Map<string, Proposal> {
  const now = triageFacts(record, own);
  const cured = new Set(
    now.codes.filter((c) => c.course === 'cured' || c.repairNotTold === true).map((c) => c.code),
  );
  const proposals = proposeRoles({ ...now, codes: now.codes.filter((c) => !cured.has(c.code)) });
  if (cured.size > 0) {
    const then = proposeRoles(triageFacts(beforeRepair(record), own));
    for (const c of now.codes)
      if (cured.has(c.code)) {
        const p = then.get(c.code) ?? { role: 'unsorted' as const, rule: 'before the repair', because: '' };
        proposals.set(c.code, { ...p, because: `${p.because} ${c.courseBecause ?? ''}`.trim() });
      }
  }
  // In the order in which the codes came.
  return new Map(now.codes.map((c) => [c.code, proposals.get(c.code)!]));
}

/** The scans and clears of a case as they stood before the first repair that was done. */
function beforeRepair(record: Rows): Rows {
  const at = repairsOf(record)[0]?.at ?? null;
  const scans =
    at === null
      ? // No time is known: what stood before anything was cleared.
        record.scan.filter((s) => record.clear.every((c) => s.at <= c.at))
      : record.scan.filter((s) => s.at <= at);
  const until =
    scans
      .map((s) => s.at)
      .sort()
      .at(-1) ?? '';
  const ids = new Set(scans.map((s) => s.id));
  return {
    ...record,
    scan: scans,
    module: record.module.filter((m) => ids.has(m.scanId)),
    code: record.code.filter((c) => ids.has(c.scanId)),
    clear: record.clear.filter((c) => c.at < until),
    repair: [],
  };
}

/** The role each code has: a person's word where there is one, else the proposal. */
export function effectiveRoles(record: Rows & Pick<CaseRecord, 'role'>): Map<string, ProposedRole> {
  const roles = new Map([...proposalsOf(record)].map(([code, p]) => [code, p.role]));
  for (const r of record.role) if (r.role !== '') roles.set(r.code, r.role);
  return roles;
}
