import { brier } from '@/core/guide';
import { Catalogue } from '@/core/cause';
import { CaseIndex, FIT, rank, criteriaOf } from '@/core/similar';
import { testDigest } from '@/core/similar/test-digest';
import { closeness, fingerprintOf, nearestPrints, type Fingerprint } from '@/core/traces';
import { KINDS, recordingOf } from './likeness-kinds';

/** Faults that a case is about; what is healthy is no cause. */
const CAUSES = KINDS.filter((k) => k.fault !== 'healthy');
const keyOf = (k: (typeof CAUSES)[number]): string => `p-${k.test}-${k.fault}`;

/** A shop in which each case has one recording and one cause, and nothing else was written down. */
function shop(perCause: number) {
  const catalogue = new Catalogue(
    CAUSES.map((k) => ({
      id: keyOf(k),
      kind: 'part' as const,
      system: '',
      name: `${k.test} ${k.fault}`,
      synonyms: [],
      mergedInto: null,
      fresh: false,
    })),
  );
  const index = new CaseIndex();
  const library: { id: string; print: Fingerprint }[] = [];
  CAUSES.forEach((k, c) => {
    for (let i = 0; i < perCause; i++) {
      const id = `case-${c}-${i}`;
      library.push({ id, print: fingerprintOf(recordingOf(k, 4000 + 37 * i + c)) });
      index.put(
        testDigest({ id, number: c * 100 + i, causes: [{ partId: keyOf(k), failureId: null }] }),
        false,
      );
    }
  });
  return { catalogue, index, library };
}

/** Brier score of the causes by a recording alone, and how often the first is the true one, for each weight and reach. */
export function evidenceOfTraces(): string[] {
  const { catalogue, index, library } = shop(5);
  const questions = CAUSES.flatMap((k) =>
    [0, 1, 2].map((i) => ({ key: keyOf(k), print: fingerprintOf(recordingOf(k, 91_000 + 11 * i)) })),
  );
  const near = questions.map((q) => nearestPrints({ id: '', print: q.print }, library, 60));
  const before = FIT.traces;
  const rows: string[] = ['| weight, reach | Brier | true cause first |', '|---|---:|---:|'];
  const keys = new Map<string, string>();
  for (const [key] of rank(index, criteriaOf([]), catalogue).fit.shares) keys.set(key.split('|')[0]!, key);
  for (const weight of [0, 0.6, 1, 1.3, 1.7, 2.5])
    for (const reach of [0.35, 0.5, 0.7, 1]) {
      FIT.traces = weight;
      let [sum, first] = [0, 0];
      questions.forEach((q, i) => {
        const cases = new Map(near[i]!.map((n) => [n.item.id, closeness(n.distance, reach)] as const));
        const { fit } = rank(index, criteriaOf([]), catalogue, 5, '', {
          cases,
          among: new Set(cases.keys()),
        });
        const truth = [...fit.shares.keys()].find((k) => k.includes(q.key));
        sum += brier(new Map([...fit.shares].map(([k, s]) => [k, s.share])), fit.unseen, truth);
        const best = [...fit.shares].sort((a, b) => b[1].share - a[1].share)[0];
        if (best && best[0] === truth) first++;
      });
      rows.push(
        `| ${weight}, ${reach} | ${(sum / questions.length).toFixed(3)} | ${((100 * first) / questions.length).toFixed(0)} % |`,
      );
    }
  FIT.traces = before;
  return rows;
}
