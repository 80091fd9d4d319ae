'use client';

import { Download } from 'lucide-react';
import Link from 'next/link';
import { useRouter } from 'next/navigation';
import { useState, type ReactNode } from 'react';
import styled from 'styled-components';
import type { Review } from '@/core/review';
import { Button, Empty, Figure, Quiet } from '@/ui/controls';
import { DownloadLink } from '@/ui/download-link';
import { LineInput } from '@/ui/line-input';
import { GradeMark } from '@/ui/marks';
import { ShopShelf } from '../shop/sections';
import { ReviewBars } from './bars';

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
  & > section {
    min-width: 0;
    overflow-x: auto;
  }
  & h2 {
    font-size: 1rem;
    margin: 14px 0 4px;
  }
  & table {
    border-collapse: collapse;
    width: 100%;
  }
  & th {
    text-align: left;
    font-size: 0.8125rem;
    color: var(--ink-3);
  }
  & th,
  & td {
    padding: 5px 12px 5px 0;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
  }
`;

const PERIODS = [
  { label: 'Last 30 days', days: 30 },
  { label: 'Last 12 months', days: 365 },
  { label: 'All', days: 0 },
];
const daysBefore = (day: string, n: number) =>
  new Date(Date.parse(day) - n * 86_400_000).toISOString().slice(0, 10);

/** What the shop's closed cases say of its work, over a period; every figure opens its cases. */
export function ReviewScreen({
  period,
  problem,
  review,
  most,
  today,
}: {
  period: { from: string; to: string };
  problem: string;
  review: Review;
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
      <h1>Shop review</h1>
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
        {problem || (
          <>
            <Figure>{review.cases.length.toLocaleString('en')}</Figure> closed{' '}
            {review.cases.length === 1 ? 'case' : 'cases'}
            {review.cases.length >= most && ', those closed last; choose a shorter period for the rest'}
          </>
        )}
      </p>
      {review.cases.length === 0 ? (
        <Empty>No case was closed in this period.</Empty>
      ) : (
        <>
          <Sections review={review} />
          <p style={{ marginTop: 16 }}>
            <DownloadLink href={`/api/review?${address(period)}`} download>
              <Download aria-hidden="true" /> Export as CSV
            </DownloadLink>
          </p>
        </>
      )}
    </ShopShelf>
  );
}

function Sections({ review }: { review: Review }) {
  return (
    <Grid>
      <Part title="How cases end">
        <Rows head={['Proof', 'Cases', 'Share', '']}>
          {review.proof.map((p) => (
            <tr key={p.grade}>
              <td>
                <GradeMark grade={p.grade} />
              </td>
              <td>
                <Figure>{p.cases.length}</Figure>
              </td>
              <td>{share(p.cases.length, review.cases.length)}</td>
              <td>
                <Cases of={p.cases} />
              </td>
            </tr>
          ))}
        </Rows>
      </Part>
      <Part title="Came back, by cause" none={review.comebacks.length === 0 && 'No repair came back.'}>
        <Rows head={['Cause', 'Came back', '']}>
          {review.comebacks.map((c) => (
            <tr key={c.key}>
              <td>
                <Link href={`/experience/cause/${c.key}`}>{c.name}</Link>
              </td>
              <td>
                <Figure>{c.cases.length}</Figure> of <Figure>{c.of}</Figure>
              </td>
              <td>
                <Cases of={c.cases} />
              </td>
            </tr>
          ))}
        </Rows>
      </Part>
      <Part
        title="Testing time until the cause, by system"
        none={review.testing.length === 0 && 'No minutes are noted on the tests of these cases.'}
      >
        <ReviewBars
          unit="min"
          rows={review.testing.map((t) => ({ name: t.system, value: t.median, note: `${t.cases.length}` }))}
        />
        <Rows head={['System', 'Median', 'Longest', '']}>
          {review.testing.map((t) => (
            <tr key={t.system}>
              <td>{t.system}</td>
              <td>{inHours(t.median)}</td>
              <td>{inHours(t.longest)}</td>
              <td>
                <Cases of={t.cases} />
              </td>
            </tr>
          ))}
        </Rows>
      </Part>
      <Part
        title="Replaced without success"
        none={review.inVain.length === 0 && 'No part is recorded as replaced without a change.'}
      >
        <Rows head={['Part', 'Times', '']}>
          {review.inVain.map((v) => (
            <tr key={v.part}>
              <td>{v.part}</td>
              <td>
                <Figure>{v.cases.length}</Figure>
              </td>
              <td>
                <Cases of={v.cases} />
              </td>
            </tr>
          ))}
        </Rows>
      </Part>
      <Part
        title="Tests that find most for their time"
        none={review.tests.length === 0 && 'No test with a time was done three times.'}
      >
        <Rows head={['Test', 'Found', 'Time', '']}>
          {review.tests.map((t) => (
            <tr key={t.question}>
              <td>{t.question}</td>
              <td style={{ whiteSpace: 'nowrap' }}>
                <Figure>{t.found.length}</Figure> of <Figure>{t.done}</Figure>
              </td>
              <td style={{ whiteSpace: 'nowrap' }}>{inHours(t.minutes)}</td>
              <td>
                <Cases of={t.found} />
              </td>
            </tr>
          ))}
        </Rows>
      </Part>
      <Part
        title="What customers say, and what it was"
        none={review.complaints.length === 0 && 'No case with a complaint and a cause.'}
      >
        <Rows head={['Complaint', 'Cause', '']}>
          {review.complaints.flatMap((c) =>
            c.causes.map((k, i) => (
              <tr key={`${c.symptom}/${k.key}`}>
                <td>{i === 0 && <strong>{c.symptom}</strong>}</td>
                <td>
                  {k.name}{' '}
                  <Quiet>
                    {k.cases.length} of {c.cases.length}
                  </Quiet>
                </td>
                <td>
                  <Cases of={k.cases} />
                </td>
              </tr>
            )),
          )}
        </Rows>
      </Part>
    </Grid>
  );
}

function Part({ title, none, children }: { title: string; none?: string | false; children: ReactNode }) {
  return (
    <section aria-label={title}>
      <h2>{title}</h2>
      {none ? <Quiet>{none}</Quiet> : children}
    </section>
  );
}

function Rows({ head, children }: { head: string[]; children: ReactNode }) {
  return (
    <table>
      <thead>
        <tr>
          {head.map((title) => (
            <th key={title} scope="col">
              {title || <span className="visually-hidden">Cases</span>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}

const share = (n: number, of: number): string => {
  const percent = Math.round((100 * n) / of);
  return percent === 0 ? 'under 1 %' : `${percent} %`;
};

const SHOWN = 3;

/** The cases behind a figure: the first by number, the rest on a press. */
function Cases({ of }: { of: readonly number[] }) {
  const [all, setAll] = useState(false);
  const shown = all ? of : of.slice(0, SHOWN);
  return (
    <span style={{ fontSize: '0.8125rem' }}>
      {shown.map((n, i) => (
        <span key={n}>
          {i > 0 && ', '}
          <Link href={`/cases/${n}`}>{n}</Link>
        </span>
      ))}
      {of.length > shown.length && (
        <>
          {' '}
          <Button $kind="quiet" style={{ minHeight: 24, padding: '0 4px' }} onPress={() => setAll(true)}>
            {of.length - shown.length} more
          </Button>
        </>
      )}
    </span>
  );
}

const inHours = (minutes: number): string =>
  minutes < 60
    ? `${Math.round(minutes)} min`
    : `${Math.floor(minutes / 60)} h ${Math.round(minutes % 60)} min`;
