'use client';

import { Search } from 'lucide-react';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { Button } from '@/ui/controls';
import { Text } from '@/ui/layout';
import { useCase } from '../case/saving/store';
import { Analyse } from './analyse';
import { TraceCanvas } from './canvas';
import { SheetContext } from './open-trace';
import type { OtherTrace } from './other-trace';
import { Readout } from './readout';
import { SheetBar } from './sheet-bar';
import { useAddressedPlace, useFirings, useLaidOut, useOverlay, useSheetHandle } from './sheet-state';

/** Fetched when somebody asks. */
const LikeTraces = dynamic(() => import('./like-traces').then((m) => m.LikeTraces), { ssr: false });

const Work = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  height: calc(100vh - 54px - 40px);
  min-height: 460px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr;
    height: auto;
  }
  & > div {
    display: flex;
    flex-direction: column;
    min-height: 0;
  }
  & > div:first-child {
    @media (max-width: 900px) {
      height: 74vh;
    }
  }
  & > aside {
    overflow: auto;
    padding: 12px 14px;
    border-left: 1px solid var(--rule);
    background: var(--ground);
  }
`;
/** The sheet of one open trace: its channels, its readout, what can be analysed, and another trace laid over. */
export function OpenSheet({
  traceId,
  others,
  problem,
}: {
  traceId: string;
  others: OtherTrace[];
  problem: string;
}) {
  const trace = useCase((s) => s.record.trace.find((t) => t.id === traceId));
  const { firingOrder, strokes } = useCase((s) => s.record.vehicle);
  const [said, setSaid] = useState('');
  const [likeAsked, setLikeAsked] = useState(false);
  const handle = useSheetHandle(traceId);
  const { sheet } = handle;
  const order = sheet.order || firingOrder;
  const firings = useFirings(sheet, order, strokes);
  useLaidOut(sheet);
  useAddressedPlace(sheet);
  const overlay = useOverlay();
  if (!trace) return <Text $pad="16px">This trace is not on the case any more.</Text>;
  return (
    <SheetContext.Provider value={handle}>
      <Work>
        <div>
          <SheetBar
            trace={trace}
            order={order}
            others={others.filter((o) => o.id !== traceId)}
            onOver={(id) => overlay.lay(others.find((o) => o.id === id))}
            problem={overlay.problem || problem}
          />
          <TraceCanvas firings={firings} onMoment={setSaid} />
          <Readout />
          <p role="status" className="visually-hidden">
            {said}
          </p>
        </div>
        <aside aria-label="Analyses">
          {trace.note && (
            <Text $tone="unsure" $size="note" $lines="pre-line" $pad="0 0 8px">
              {trace.note}
            </Text>
          )}
          <Analyse order={order} strokes={strokes} />
          {likeAsked ? (
            <LikeTraces onOver={overlay.lay} />
          ) : (
            <Button onPress={() => setLikeAsked(true)} $margin="16px 0 0">
              <Search aria-hidden="true" /> Find traces like this one
            </Button>
          )}
        </aside>
      </Work>
    </SheetContext.Provider>
  );
}
