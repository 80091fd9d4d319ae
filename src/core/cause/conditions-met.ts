import type { CaseRecord, PROOF_KINDS } from '@/core/case';
import { BRING_ABOUT, DRIVES } from './bring-about';
import type { Missing } from './missing';

type Kind = (typeof PROOF_KINDS)[number];
type Facts = Pick<CaseRecord, 'symptom' | 'proof'>;

/** A kind of step, with the conditions of the complaint that it brings about; none: any of the complaint. */
interface Need {
  kind: Kind | '';
  conditions: string[];
}

/** What brings the complaint about: one need for each kind of step its conditions ask for. */
function needsOf(symptoms: Facts['symptom']): Need[] {
  const needs = new Map<Kind, Set<string>>();
  for (const s of symptoms)
    for (const c of s.conditions) {
      const kind = BRING_ABOUT[c]?.kind ?? 'complaint conditions';
      needs.set(kind, (needs.get(kind) ?? new Set()).add(c));
    }
  if (needs.size === 0) return [{ kind: '', conditions: [] }];
  return [...needs].map(([kind, conditions]) => ({ kind, conditions: [...conditions] }));
}

/**
 * Conditions of the complaint under which the repaired vehicle has not been tried yet. A step that names one of
 * the planned ways stands for that one; a passed step "complaint conditions" in free words stands for all.
 *
 * @param record symptoms and proof steps
 * @param since the last repair: a step done before it shows nothing
 * @returns one entry for each kind of step that is missing
 */
export function conditionsLeft(record: Facts, since: string | null): Missing[] {
  const symptoms = record.symptom.filter((s) => s.reproduced !== 'no');
  const passed = record.proof.filter(
    (p) => p.state === 'passed' && DRIVES.has(p.kind) && (p.at === null || since === null || p.at >= since),
  );
  const planned = (what: string) => Object.values(BRING_ABOUT).some((b) => what.startsWith(b.what));
  if (passed.some((p) => p.kind === 'complaint conditions' && !planned(p.what))) return [];
  return needsOf(symptoms).flatMap((need): Missing[] => {
    const own = passed.filter((p) => need.kind === '' || p.kind === need.kind);
    const met =
      need.kind === ''
        ? own.length > 0
        : need.conditions.every((c) => own.some((p) => !planned(p.what) || p.what.startsWith(wayOf(c))));
    if (met) return [];
    const ways = need.conditions.map((c) => wayOf(c) || c);
    return [
      {
        for: 'proven',
        of: 'conditions',
        say: `the conditions of the complaint met without the symptom${ways.length ? `: ${ways.join('; ')}` : ''}`,
      },
    ];
  });
}

const wayOf = (condition: string): string => BRING_ABOUT[condition]?.what ?? '';
