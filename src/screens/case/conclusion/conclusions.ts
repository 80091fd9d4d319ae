'use client';

import { conclude, type Conclusions } from '@/core/conclusions';
import type { CaseRecord } from '@/core/case';
import { useMeanings } from '../scans/meanings';
import { useCatalogue } from './parts';
import { useCase, useRecord } from '../saving/store';

const known = new WeakMap<CaseRecord, { by: unknown[]; drawn: Conclusions }>();

/** Everything that follows from the case as shown; drawn once for each state of it, whoever asks. */
export function useConclusions(): Conclusions {
  const record = useRecord();
  const cameBackAs = useCase((s) => s.open.cameBackAs);
  const { catalogue } = useCatalogue();
  const { own } = useMeanings();
  const by = [cameBackAs, catalogue, own];
  const there = known.get(record);
  if (there?.by.every((x, i) => x === by[i])) return there.drawn;
  const drawn = conclude(record, {
    catalogue,
    comebackNumbers: cameBackAs.map((c) => c.number),
    meanings: own,
  });
  known.set(record, { by, drawn });
  return drawn;
}
