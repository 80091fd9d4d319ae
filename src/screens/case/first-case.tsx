'use client';

import dynamic from 'next/dynamic';
import { useEffect } from 'react';
import { useActions } from '../frame/actions';
import { useDraft } from '../draft';
import { FIRST_CASE_DRAFT, GUIDE_NEXT } from '../first-case-draft';
import { isEmpty } from './empty';
import { useCase } from './saving/store';

/** The guide is for one case in a lifetime: every other page does without it. */
const Guide = dynamic(() => import('./first-case-guide').then((m) => m.FirstCaseGuide), { ssr: false });

/** Leads through a case, step by step, where somebody asked for it on this device. */
export function FirstCase() {
  const id = useCase((s) => s.record.case.id);
  const [guided, setGuided] = useDraft(FIRST_CASE_DRAFT);
  useActions('On a case', [
    { say: 'Guide me through this case', words: 'help first tutorial how', run: () => setGuided(id) },
  ]);
  const empty = useCase((s) => isEmpty(s.record));
  const waited = guided === GUIDE_NEXT && empty;
  useEffect(() => {
    if (waited) setGuided(id);
  }, [waited, id, setGuided]);
  const [which, ...skipped] = guided.split(' ');
  if (which !== id) return null;
  return (
    <Guide
      skipped={skipped}
      onSkip={(step) => setGuided([id, ...skipped, step].join(' '))}
      onEnd={() => setGuided('')}
    />
  );
}
