'use client';

import { displayWord } from '@/core/case/display-words';
import { Layers, Search } from 'lucide-react';
import Link from '@/ui/link';
import { useEffect, useEffectEvent, useState } from 'react';
import styled from 'styled-components';
import { LikeAnswer, type LikeTrace } from '@/core/api/traces-like';
import { Button, Choice, Quiet } from '@/ui/controls';
import { Inline, Problem } from '@/ui/layout';
import { post } from '../send';
import type { OtherTrace } from './other-trace';
import { useSheet, useTrace, useTraceStore } from './open-trace';
import { clampSpan, timeLabel } from './view';

const Box = styled.section`
  margin-top: 16px;
  padding-top: 10px;
  border-top: 1px solid var(--rule);
  & h2 {
    font-size: 0.9375rem;
  }
  & li {
    padding: 8px 0;
    border-top: 1px solid var(--rule);
  }
  & button[data-go] {
    font: 0.8125rem var(--mono);
    color: var(--accent);
    background: none;
    border: 0;
    padding: 4px;
    min-height: 24px;
    cursor: pointer;
    text-decoration: underline;
  }
`;

interface Found {
  like: LikeTrace[];
  waiting: number;
  marked: boolean;
}

/** Recordings of the shop that are like this one, or hold the stretch between the marks, with what they turned out to be. */
export function LikeTraces({ onOver }: { onOver: (other: OtherTrace) => void }) {
  const store = useTraceStore();
  const { traceId, sheet } = useSheet();
  const loaded = useTrace((s) => s.loaded);
  const [found, setFound] = useState<Found>();
  const [busy, setBusy] = useState(true);
  const [problem, setProblem] = useState('');
  const [channel, setChannel] = useState(loaded.channels[0]?.name ?? '');
  const [a, b] = sheet.marks;
  const both = a !== null && b !== null && a !== b;

  const look = async (marked?: { channel: string; from: number; to: number }) => {
    setBusy(true);
    setProblem('');
    const { answer, problem } = await post('/api/traces/like', { traceId, marked }, LikeAnswer);
    setBusy(false);
    if (!answer) return setProblem(problem);
    setFound({ ...answer, marked: marked !== undefined });
  };
  // It is shown because somebody asked.
  const first = useEffectEvent(() => void look());
  useEffect(() => {
    const soon = setTimeout(first, 0);
    return () => clearTimeout(soon);
  }, []);
  const go = (from: number, to: number) => {
    const room = Math.max(to - from, (loaded.to - loaded.from) / 60);
    store.setState({ span: clampSpan({ from: from - room, to: to + room }, loaded) });
  };
  return (
    <Box aria-label="Traces like this one">
      <h2>Traces like this one</h2>
      <Inline $gap={8} $align="end" $pad="6px 0">
        <Button isDisabled={busy} onPress={() => void look()}>
          <Search aria-hidden="true" /> {busy ? 'Searching …' : 'Search again'}
        </Button>
        {both && (
          <>
            <Choice
              label="Between the marks, in"
              value={channel}
              options={loaded.channels.map((c) => c.name)}
              onChange={setChannel}
            />
            <Button
              $kind="quiet"
              isDisabled={busy}
              onPress={() => void look({ channel, from: Math.min(a, b), to: Math.max(a, b) })}
            >
              Find this section
            </Button>
          </>
        )}
      </Inline>
      {problem && <Problem>{problem}</Problem>}
      {found && (
        <>
          {found.like.length === 0 && (
            <Quiet>
              {found.marked
                ? 'No other recording contains this section.'
                : 'No other recording has this shape.'}
            </Quiet>
          )}
          <ol>
            {found.like.map((l) => (
              <li key={l.id}>
                <b>{l.name}</b>
                <div>
                  <Link href={`/cases/${l.number}`}>Case {l.number}</Link> · {l.vehicle}
                </div>
                <div>
                  <WhatItWas like={l} />
                </div>
                <Quiet>
                  {nearness(found.marked, l.alike)}, distance {l.distance.toFixed(2)}
                </Quiet>
                {l.again && (
                  <div>
                    in {l.again.channel} from {timeLabel(l.again.from, loaded)} to{' '}
                    {timeLabel(l.again.to, loaded)}
                  </div>
                )}
                {l.differs.length > 0 && (
                  <div>
                    Differs:{' '}
                    {l.differs.map((d, i) => (
                      <button
                        key={i}
                        data-go
                        type="button"
                        onClick={() => {
                          store.setState({ differs: l.differs });
                          go(d.from, d.to);
                        }}
                      >
                        {d.channel} at {timeLabel(d.from, loaded)}
                      </button>
                    ))}
                  </div>
                )}
                <Button
                  $kind="quiet"
                  onPress={() => {
                    store.setState({ differs: l.differs });
                    onOver({
                      id: l.id,
                      name: `${l.name}, case ${l.number}`,
                      stands: l.stands,
                      hash: l.hash,
                      readAs: l.readAs,
                    });
                  }}
                >
                  <Layers aria-hidden="true" /> Overlay this one
                </Button>
              </li>
            ))}
          </ol>
          {found.waiting > 0 && (
            <Quiet>
              {found.waiting} more {found.waiting === 1 ? 'recording has' : 'recordings have'} not been looked
              at yet; press again.
            </Quiet>
          )}
        </>
      )}
    </Box>
  );
}

function nearness(marked: boolean, alike: boolean): string {
  if (marked) return 'Contains the section';
  return alike ? 'Same shape' : 'Nearest of its kind';
}

/** What a recording turned out to be of. */
function WhatItWas({ like: l }: { like: Found['like'][number] }) {
  if (l.stands === 'after') return <>recorded after the repair</>;
  if (l.stands === 'known-good') return <>a healthy vehicle</>;
  if (l.cause === '') return <Quiet as="span">no cause found yet</Quiet>;
  return (
    <>
      {l.cause} <Quiet as="span">({displayWord(l.grade) || 'open'})</Quiet>
    </>
  );
}
