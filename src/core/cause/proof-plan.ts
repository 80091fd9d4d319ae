import { doneRepairs, type CaseRecord, type PROOF_KINDS } from '@/core/case';
import { baseCode, effectiveRoles } from '@/core/codes';
import { BRING_ABOUT } from './bring-about';
import { apartFromDeclined } from './declined';

export interface PlannedStep {
  kind: (typeof PROOF_KINDS)[number];
  what: string;
  /** Why the plan has it, for the screen. */
  because: string;
  testId: string | null;
}

type Facts = Pick<
  CaseRecord,
  | 'scan'
  | 'clear'
  | 'module'
  | 'code'
  | 'symptom'
  | 'role'
  | 'test'
  | 'condition'
  | 'repair'
  | 'part'
  | 'monitor'
  | 'cause'
  | 'explains'
  | 'earlier'
  | 'case'
>;

/** What a step's words take. */
const MOST = 400;

/**
 * Draws up what would prove the repair, from the case itself: record and clear, key cycle and scan,
 * every failing test again under its own conditions, the conditions of the complaint, the drive that
 * runs the monitor, the removed part on the bench. What only a declined cause accounts for is in no plan.
 * Common practice, no source.
 *
 * @param whole the rows of the case
 * @param symptomLabel a symptom's words by its concept
 * @param conditionLabel a condition's words
 * @returns the steps in the order in which they are done
 */
export function proofPlan(
  whole: Facts,
  symptomLabel: (concept: string) => string,
  conditionLabel: (id: string) => string,
): PlannedStep[] {
  const record = apartFromDeclined(whole);
  const steps: PlannedStep[] = [];
  const add = (kind: PlannedStep['kind'], what: string, because: string, testId: string | null = null) => {
    if (!steps.some((s) => s.kind === kind && s.what === what))
      steps.push({ kind, what: what.slice(0, MOST), because, testId });
  };
  if (record.code.length > 0 || record.scan.length > 0) {
    add('record and clear', 'Scan and record everything, then clear', 'codes stood on it');
    add('key cycle and scan', 'Key off, wait, key on: scan again', 'what comes straight back shows here');
  }
  for (const test of record.test) {
    if (test.verdict !== 'fail' || test.repeatOf !== null) continue;
    const under = record.condition.filter((c) => c.testId === test.id).map((c) => c.what);
    add(
      'failing test again',
      `${test.question || 'The failing test'}${under.length ? ` — again with ${under.join(', ')}` : ''}`,
      'it failed before the repair',
      test.id,
    );
  }
  const symptoms = record.symptom.filter((s) => s.reproduced !== 'no');
  const named = (s: (typeof symptoms)[number]) => (s.concept ? symptomLabel(s.concept) : s.words);
  for (const s of symptoms) {
    for (const c of s.conditions) {
      const how = BRING_ABOUT[c] ?? {
        kind: 'complaint conditions' as const,
        what: `Under the condition: ${conditionLabel(c)}`,
      };
      add(how.kind, `${how.what}: no ${named(s)}`, `the complaint: ${conditionLabel(c)}`);
    }
  }
  const bare = symptoms.filter((s) => s.conditions.length === 0).map(named);
  if (bare.length)
    add('road test', `Drive it as the customer does: no ${bare.join(', no ')}`, 'the complaint');
  const roles = effectiveRoles(record);
  const drive = [
    ...new Set(
      [...roles].filter(([code, role]) => role === 'chase' && /^P/.test(code)).map(([c]) => baseCode(c)),
    ),
  ];
  const lastScan = [...record.scan]
    .sort((a, b) => a.at.localeCompare(b.at))
    .findLast((s) => record.monitor.some((m) => m.scanId === s.id));
  const open = record.monitor
    .filter((m) => m.scanId === lastScan?.id && m.state === 'incomplete')
    .map((m) => m.name);
  if (drive.length)
    add(
      'road test',
      `Drive until the monitor of ${drive.join(', ')} has run, then scan${open.length ? ` (not run at the last scan: ${open.join(', ')})` : ''}`,
      'a code that needs a drive comes back only after it',
    );
  const done = new Set(doneRepairs(record).map((r) => r.id));
  for (const r of record.repair) {
    if (r.action !== 'replaced' || !done.has(r.id)) continue;
    const parts = record.part.filter((p) => p.repairId === r.id).map((p) => p.name);
    const removed = parts.filter(Boolean).join(', ') || r.what;
    if (removed)
      add('removed part on the bench', `Test the removed part: ${removed}`, 'shows that it was bad');
  }
  return steps;
}
