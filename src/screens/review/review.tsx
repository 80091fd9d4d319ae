'use client';

import { format, parseISO, subDays } from 'date-fns';
import { Download } from 'lucide-react';
import Link from '@/ui/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import { writePrice } from '@/core/money';
import type { Review } from '@/core/review';
import { Button, Empty, Figure } from '@/ui/controls';
import { DownloadLink } from '@/ui/download-link';
import { LineInput } from '@/ui/line-input';
import { GradeMark } from '@/ui/marks';
import { experienceAddress } from '../experience/links';
import { ShopShelf } from '../shop/sections';
import { ReviewBars } from './bars';
import { Figures } from './figures';
import { HELP_REVIEW } from '../help-texts';
import { Help, Titled } from '@/ui/help';
import { Text } from '@/ui/layout';

const Period = styled.form`
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: end;
  margin: 8px 0 14px;
`;
const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(430px, 100%), 1fr));
  gap: 8px 32px;
`;

const PERIODS = [
  { label: 'Last 30 days', days: 30 },
  { label: 'Last 12 months', days: 365 },
  { label: 'All', days: 0 },
];
const daysBefore = (day: string, n: number) => format(subDays(parseISO(day), n), 'yyyy-MM-dd');

/** What the shop's closed cases say of its work, over a period; every figure opens its cases. */
export function ReviewScreen({
  period,
  problem,
  review,
  currency,
  most,
  today,
}: {
  period: { from: string; to: string };
  problem: string;
  /** Nothing where the period cannot be read. */
  review: Review | null;
  currency: string;
  most: number;
  today: string;
}) {
  const router = useRouter();
  const [from, setFrom] = useState(period.from);
  const [to, setTo] = useState(period.to);
  const address = (p: { from: string; to: string }) =>
    new URLSearchParams(Object.entries(p).filter(([, v]) => v !== '')).toString();
  const show = (p: { from: string; to: string }) => {
    setFrom(p.from);
    setTo(p.to);
    router.push(`/shop/review?${address(p)}`);
  };
  return (
    <ShopShelf>
      <Titled>
        <h1>Shop review</h1>
        <Help on="Shop review" text={HELP_REVIEW} />
      </Titled>
      <Period
        onSubmit={(e) => {
          e.preventDefault();
          show({ from, to });
        }}
      >
        <LineInput
          label="Closed from"
          figure
          most={10}
          placeholder="2026-01-01"
          value={from}
          onChange={setFrom}
        />
        <LineInput label="to" figure most={10} placeholder={today} value={to} onChange={setTo} />
        <Button type="submit">Show</Button>
        {PERIODS.map((p) => (
          <Button
            key={p.label}
            $kind="quiet"
            onPress={() =>
              show(p.days === 0 ? { from: '', to: '' } : { from: daysBefore(today, p.days), to: '' })
            }
          >
            {p.label}
          </Button>
        ))}
      </Period>
      <p role="status">
        {problem ||
          (review && (
            <>
              <Figure>{review.cases.length.toLocaleString('en')}</Figure> closed{' '}
              {review.cases.length === 1 ? 'case' : 'cases'}
              {review.cases.length >= most && ', those closed last; choose a shorter period for the rest'}
            </>
          ))}
      </p>
      {review?.cases.length === 0 && <Empty>No case was closed in this period.</Empty>}
      {review && review.cases.length > 0 && (
        <>
          <Sections review={review} currency={currency} />
          <Text $margin="16px 0 0">
            <DownloadLink href={`/api/review?${address(period)}`} download>
              <Download aria-hidden="true" /> Export as CSV
            </DownloadLink>
          </Text>
        </>
      )}
    </ShopShelf>
  );
}

/** What is known to have been spent on a part in vain, and on how many of its cases that is known. */
function spentInWords({ spent, cases }: Review['inVain'][number], currency: string): string {
  if (!spent) return 'not noted';
  const unread = spent.unread.length > 0 ? `not read as ${currency} on ${spent.unread.length}` : '';
  if (spent.cases.length === 0) return unread;
  const sum = writePrice(spent.sum, currency);
  const known = spent.cases.length === cases.length ? sum : `${sum} on ${spent.cases.length} of them`;
  return [known, unread].filter(Boolean).join('; ');
}

function Sections({ review, currency }: { review: Review; currency: string }) {
  return (
    <Grid>
      <Figures
        title="How cases end"
        head={['Proof', 'Cases', 'Share']}
        none=""
        rows={review.proof.map((p) => ({
          key: p.grade,
          cells: [
            <GradeMark key="proof" grade={p.grade} />,
            p.cases.length,
            share(p.cases.length, review.cases.length),
          ],
          cases: p.cases,
        }))}
      />
      <Figures
        title="Came back, by cause"
        head={['Cause', 'Came back']}
        none="No repair came back."
        rows={review.comebacks.map((c) => ({
          key: c.keys.join(' '),
          cells: [
            c.keys.length === 1 ? (
              <Link key="cause" href={experienceAddress('cause', c.keys[0]!)}>
                {c.name}
              </Link>
            ) : (
              c.name
            ),
            `${c.cases.length} of ${c.of}`,
          ],
          cases: c.cases,
        }))}
      />
      <Figures
        title="Testing before the repair, by system"
        head={['System', 'Median', 'Longest']}
        none="On no case has every test its minutes."
        rows={review.testing.map((t) => ({
          key: t.system,
          cells: [t.system, inHours(t.median), inHours(t.longest)],
          cases: t.cases,
        }))}
      >
        <ReviewBars unit="min" rows={review.testing.map((t) => ({ name: t.system, value: t.median }))} />
      </Figures>
      <Figures
        title="Replaced without success"
        head={['Part', 'Times', 'Spent']}
        none="No part is recorded as replaced without a change."
        rows={review.inVain.map((v) => ({
          key: v.part,
          cells: [v.part, v.cases.length, spentInWords(v, currency)],
          cases: v.cases,
        }))}
      />
      <Figures
        title="Tests that find most for their time"
        head={['Test', 'Found', 'Time']}
        none="No test with a time was done three times."
        rows={review.tests.map((t) => ({
          key: t.question,
          cells: [t.question, `${t.found.length} of ${t.done}`, inHours(t.minutes)],
          cases: t.found,
        }))}
      />
      <Figures
        title="What customers say, and what it was"
        head={['Complaint', 'Cause', 'Times']}
        none="No case with a complaint and a cause."
        rows={review.complaints.flatMap((c) =>
          c.causes.map((k, i) => ({
            key: `${c.symptom}/${k.key}`,
            cells: [
              i === 0 && <strong key="symptom">{c.symptom}</strong>,
              k.name,
              `${k.cases.length} of ${c.cases.length}`,
            ],
            cases: k.cases,
          })),
        )}
      />
    </Grid>
  );
}

const share = (n: number, of: number): string => {
  const percent = Math.round((100 * n) / of);
  return percent === 0 ? 'under 1 %' : `${percent} %`;
};

const inHours = (minutes: number): string =>
  minutes < 60
    ? `${Math.round(minutes)} min`
    : `${Math.floor(minutes / 60)} h ${Math.round(minutes % 60)} min`;
