'use client';

import { format, parseISO } from 'date-fns';
import {
  AudioWaveform,
  CalendarCheck,
  ClipboardPaste,
  Eraser,
  FolderCheck,
  FolderOpen,
  type LucideIcon,
  Wrench,
} from 'lucide-react';
import { useMemo } from 'react';
import styled from 'styled-components';
import { courseOf, type CourseEvent, type CourseKind } from '@/core/case/course';
import { displayWord } from '@/core/case/display-words';
import { VerdictShape } from '@/ui/marks';
import { useCase } from './saving/store';

const Course = styled.section`
  padding: 10px 28px 0;
`;
const Days = styled.ol`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 0;
  padding: 4px 0 8px;
`;
const Day = styled.li<{ $gap: boolean }>`
  display: grid;
  grid-template-columns: ${({ $gap }) => ($gap ? 'auto auto' : 'auto')};
  align-items: start;
  & time {
    display: block;
    padding-left: 6px;
    font-size: 0.75rem;
    color: var(--ink-3);
    white-space: nowrap;
  }
`;
const Gap = styled.span`
  align-self: start;
  min-width: 44px;
  padding: 0 6px 1px;
  margin-top: 15px;
  border-top: 1px dashed var(--rule-2);
  font-size: 0.75rem;
  line-height: 1.3;
  color: var(--ink-3);
  text-align: center;
  white-space: nowrap;
`;
const Events = styled.ol`
  display: flex;
  flex-wrap: wrap;
  border-bottom: 2px solid var(--rule-2);
  & a,
  & span {
    display: grid;
    place-items: center;
    width: 28px;
    height: 30px;
    color: var(--ink-2);
  }
  & a:hover {
    background: var(--sunk);
    color: var(--accent);
  }
  & svg {
    width: 15px;
    height: 15px;
  }
  @media (pointer: coarse) {
    & a,
    & span {
      width: 44px;
      height: 44px;
    }
  }
`;

const ICONS: Record<Exclude<CourseKind, 'test' | 'proof'>, LucideIcon> = {
  opened: FolderOpen,
  scan: ClipboardPaste,
  'codes cleared': Eraser,
  trace: AudioWaveform,
  repair: Wrench,
  'follow-up': CalendarCheck,
  closed: FolderCheck,
};

/** Where a row stands that is no evidence. */
const ANCHORS: Partial<Record<CourseKind, string>> = { repair: 'repair', proof: 'proof' };

/** What happened on the case over its days, each thing one press away; nothing while it is all of one day. */
export function CourseLine() {
  const record = useCase((s) => s.record);
  const days = useMemo(() => courseOf(record), [record]);
  if (days.length < 2) return null;
  return (
    <Course aria-label="Course of the case">
      <Days>
        {days.map((d, i) => (
          <Day key={d.at} $gap={i > 0}>
            {i > 0 && <Gap>{d.daysBefore === 1 ? 'next day' : `${d.daysBefore} days`}</Gap>}
            <div>
              <Events>
                {d.events.map((e) => (
                  <li key={`${e.kind}${e.rowId}${e.at}`}>
                    <EventMark event={e} />
                  </li>
                ))}
              </Events>
              <time dateTime={d.at}>{format(parseISO(d.at), 'd MMM')}</time>
            </div>
          </Day>
        ))}
      </Days>
    </Course>
  );
}

function EventMark({ event: { kind, rowId, what, result, at } }: { event: CourseEvent }) {
  const says = [format(parseISO(at), 'HH:mm'), what, result && displayWord(result)]
    .filter(Boolean)
    .join(' · ');
  const Icon = kind === 'test' || kind === 'proof' ? undefined : ICONS[kind];
  const mark = Icon ? <Icon aria-hidden="true" /> : <VerdictShape verdict={result} />;
  const to = `#${ANCHORS[kind] ?? 'at'}-${rowId}`;
  return rowId === '' || kind === 'follow-up' ? (
    <span title={says} role="img" aria-label={says}>
      {mark}
    </span>
  ) : (
    <a href={to} title={says} aria-label={says}>
      {mark}
    </a>
  );
}
