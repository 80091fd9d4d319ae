import type { CaseRecord } from '@/core/case';
import { symptomById } from '@/core/symptoms';
import { baseCode } from './code';
import { followCodes } from './course';
import { meaningOf } from './dictionary';
import { kindOf } from './kind';
import { RULES } from './triage-rules';
import type { CodeRole, Proposal, TriageFacts, TriageRule } from './triage-types';

/**
 * Proposes a role for every code: the rule with most say that speaks for it.
 *
 * @param facts codes, silent modules, battery and complaint
 * @param rules by default all of them
 * @returns by code; every code gets a proposal
 */
export function proposeRoles(
  facts: TriageFacts,
  rules: readonly TriageRule[] = RULES,
): Map<string, Proposal> {
  const ordered = [...rules].sort((a, b) => b.say - a.say);
  const out = new Map<string, Proposal>();
  for (const code of facts.codes) {
    for (const rule of ordered) {
      const said = rule.speak(code, facts);
      if (said) {
        out.set(code.code, { ...said, rule: rule.name });
        break;
      }
    }
  }
  return out;
}

/**
 * Gathers what the rules look at from the rows of a case.
 *
 * @param record scans, clears, modules, codes and symptoms of the case
 * @param own the shop's own words for codes
 */
export function triageFacts(
  record: Pick<CaseRecord, 'scan' | 'clear' | 'module' | 'code' | 'symptom'>,
  own: Record<string, string> = {},
): TriageFacts {
  const moduleName = new Map(record.module.map((m) => [m.id, m.name]));
  const volts = record.scan
    .map((s) => Number(/(\d+(?:[.,]\d+)?)\s*V/i.exec(s.battery)?.[1]?.replace(',', '.')))
    .filter((v) => v > 4 && v < 40);
  return {
    codes: followCodes(record.scan, record.code, record.clear).map((c) => {
      const rows = record.code.filter((x) => x.code === c.code);
      const text = c.text || own[baseCode(c.code)] || meaningOf(c.code);
      return {
        code: c.code,
        base: baseCode(c.code),
        text,
        kind: kindOf(c.code, text),
        course: c.course,
        statuses: [...new Set(rows.flatMap((x) => x.statuses))],
        modules: [...new Set(rows.map((x) => moduleName.get(x.moduleId ?? '') ?? ''))],
      };
    }),
    silent: [...new Set(record.module.filter((m) => !m.answered).map((m) => m.name))],
    battery: volts.length ? Math.min(...volts) : null,
    areas: [
      ...new Set(
        record.symptom
          .filter((s) => s.reproduced !== 'no')
          .map((s) => symptomById(s.concept)?.area ?? '')
          .filter(Boolean),
      ),
    ],
  };
}

/** The role each code has: a person's word where there is one, else the proposal. */
export function effectiveRoles(
  record: Pick<CaseRecord, 'scan' | 'clear' | 'module' | 'code' | 'symptom' | 'role'>,
): Map<string, CodeRole> {
  const roles = new Map([...proposeRoles(triageFacts(record))].map(([code, p]) => [code, p.role]));
  for (const r of record.role) if (r.role !== '') roles.set(r.code, r.role);
  return roles;
}
