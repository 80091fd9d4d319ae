'use client';

import { CopyPlus, Plus } from 'lucide-react';
import { nanoid } from 'nanoid';
import Link from '@/ui/link';
import { useState } from 'react';
import { searchChecks, type Check } from '@/core/checks';
import { putCheck } from '@/core/guide';
import { Button, FieldLabel, Input, Quiet, Tag } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { nowIso, focusNext } from '../fields';
import { useCase } from '../saving/store';
import { useChasedCodes } from './chased';
import { firstCell } from './first-cell';
import { Offer, Panel } from './panel';
import { useRepeat } from './repeat';

const SHOWN = 7;

/** Finds a computed check by what is in hand or by the codes of this case, and puts it on the case. */
export function ChooseCheck({ onDone }: { onDone: () => void }) {
  const record = useCase((s) => s.record);
  const together = useCase((s) => s.together);
  const codes = useChasedCodes();
  const [text, setText] = useState('');
  const hits = text.trim() === '' ? forCodes(codes) : searchChecks(text);
  const repeat = useRepeat();
  /** The first run of a check on this case: one more is its repeat. */
  const done = (check: Check) =>
    record.test.find((t) => t.checkId === check.id && t.repeatOf === null && t.verdict !== '');
  const put = (check: Check) => {
    const { ops } = putCheck(check, {
      at: nowIso(),
      position: record.test.length,
      newId: () => nanoid(14),
      vehicle: record.vehicle,
    });
    together(ops);
    const first = firstCell(ops);
    if (first) focusNext(first);
    onDone();
  };
  return (
    <Panel title="Computed check" onDone={onDone}>
      <div>
        <FieldLabel htmlFor="choose-check">What is in your hand, or on the screen?</FieldLabel>
        <Input
          id="choose-check"
          type="search"
          autoFocus
          autoComplete="off"
          value={text}
          placeholder="multimeter · pressure gauge · P0171 · flat battery"
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && hits[0] && put(hits[0].check)}
        />
      </div>
      {text.trim() === '' && (
        <Quiet>{codes.length ? `Good for ${codes.slice(0, 6).join(', ')}:` : 'All of them, by name:'}</Quiet>
      )}
      <ul>
        {hits.slice(0, SHOWN).map(({ check, because }) => (
          <Offer key={check.id}>
            <div>
              <b>{check.title}</b>{' '}
              {because.map((b) => (
                <Tag key={b} $tone="accent">
                  {b}
                </Tag>
              ))}
              <p>{check.question}</p>
            </div>
            <Quiet>{check.minutes} min</Quiet>
            {done(check) && (
              <Button
                $kind="main"
                aria-label={`Repeat on the case: ${check.title}`}
                onPress={() => {
                  repeat(done(check)!);
                  onDone();
                }}
              >
                <CopyPlus aria-hidden="true" /> Repeat of {dayTime(done(check)!.at)}
              </Button>
            )}
            <Button aria-label={`Add to the case: ${check.title}`} onPress={() => put(check)}>
              <Plus aria-hidden="true" /> Put on
            </Button>
          </Offer>
        ))}
      </ul>
      <Quiet>
        {hits.length === 0 && 'No check goes with that. '}
        {hits.length > SHOWN && `${hits.length - SHOWN} more. `}
        <Link href={`/tests?q=${encodeURIComponent(text)}&case=${record.case.id}`}>
          The whole library, with how each one goes
        </Link>
      </Quiet>
    </Panel>
  );
}

/** Checks that are good for any of these codes, those for more of them first; all when there are none. */
function forCodes(codes: string[]) {
  const byId = new Map<string, { check: Check; because: string[]; score: number }>();
  for (const code of codes)
    for (const { check, because, score } of searchChecks(code)) {
      const known = byId.get(check.id);
      if (known) {
        known.because.push(...because);
        known.score += score;
      } else byId.set(check.id, { check, because: [...because], score });
    }
  const hits = [...byId.values()].sort((a, b) => b.score - a.score);
  return hits.length ? hits : searchChecks('');
}
