'use client';

import Link from '@/ui/link';
import styled from 'styled-components';
import type { CaseRecord } from '@/core/case';
import { effectiveRoles } from '@/core/codes';
import { foldQuestion, type Fork, type MeasuredOnBoth } from '@/core/guide';
import { conditionLabel } from '@/core/symptoms/conditions';
import { symptomById } from '@/core/symptoms/names';
import { vehicleName } from '@/core/vehicle';
import { Empty, Figure, Quiet, Tag } from '@/ui/controls';
import { day } from '@/ui/dates';
import { Cell, Inline, SectionTitle, Text } from '@/ui/layout';
import { GradeMark, VerdictMark } from '@/ui/marks';
import { ForkList } from './fork-list';

const Page = styled.main`
  max-width: 1240px;
  margin: 0 auto;
  padding: 18px 20px 60px;
  & h1 {
    font-size: 1.25rem;
  }
`;
const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  table-layout: fixed;
  background: var(--sheet);
  box-shadow: var(--shadow);
  margin-top: 12px;
  & th {
    text-align: left;
    vertical-align: top;
    width: 15%;
    color: var(--ink-3);
    font-size: 0.8125rem;
    font-weight: 600;
  }
  & th,
  & td {
    padding: 8px 12px;
    border-bottom: 1px solid var(--rule);
    vertical-align: top;
    overflow-wrap: anywhere;
  }
  & tr[data-differs='true'] th {
    box-shadow: inset 4px 0 0 var(--accent);
    color: var(--ink);
  }
`;

type Pair = [CaseRecord, CaseRecord];
interface Props {
  records: Pair;
  names: [string[], string[]];
  forks: Fork[];
  /** What was measured on both, whatever it was asked for. */
  measured: MeasuredOnBoth[];
}

/** Two cases side by side: what they share, what told them apart. */
export function CompareScreen({ records, names, forks, measured }: Props) {
  const [a, b] = records;
  const both = <T,>(of: (r: CaseRecord) => T): [T, T] => [of(a), of(b)];
  const codes = both((r) => [...new Set(r.code.map((c) => c.code))]);
  const symptoms = both((r) =>
    r.symptom.map((s) =>
      [symptomById(s.concept)?.label ?? s.words, ...s.conditions.map(conditionLabel)]
        .filter(Boolean)
        .join(', '),
    ),
  );
  return (
    <Page>
      <h1>
        Case {a.case.number} and case {b.case.number}
      </h1>
      <section aria-label="Deciding tests">
        <SectionTitle $margin="12px 0 4px">Deciding tests</SectionTitle>
        {forks.length ? (
          <ForkList forks={forks} />
        ) : (
          <Empty>{same(names[0], names[1]) ? 'They had the same cause.' : nothingDecides(measured)}</Empty>
        )}
      </section>
      <Table>
        <thead>
          <tr>
            <th />
            {records.map((r) => (
              <td key={r.case.id}>
                <Link href={`/cases/${r.case.number}`}>
                  <Figure>{r.case.number}</Figure> {vehicleName(r.vehicle)}
                </Link>
                <br />
                <GradeMark grade={r.case.grade} /> <Quiet>{day(r.case.openedAt)}</Quiet>
              </td>
            ))}
          </tr>
        </thead>
        <tbody>
          <Row label="Cause" cells={[names[0].join('; ') || '—', names[1].join('; ') || '—']} />
          <Row label="They said" cells={both((r) => r.case.said)} />
          <Row
            label="Symptoms"
            cells={[list(symptoms[0], symptoms[1]), list(symptoms[1], symptoms[0])]}
            differs={!same(symptoms[0], symptoms[1])}
          />
          <Row
            label="Codes"
            cells={[codeList(a, codes[0], codes[1]), codeList(b, codes[1], codes[0])]}
            differs={!same(codes[0], codes[1])}
          />
          {measured.map((m) => (
            <Row
              key={m.name}
              label={m.name}
              cells={[<Values key="a" of={m.values[0]} />, <Values key="b" of={m.values[1]} />]}
              differs={measuredApart(m)}
            />
          ))}
          {questionsOf(records).map((q) => (
            <Row
              key={q.key}
              label={q.question}
              cells={[outcome(a, q.key), outcome(b, q.key)]}
              differs={verdictOf(a, q.key) !== verdictOf(b, q.key)}
            />
          ))}
          <Row
            label="What misled"
            cells={both((r) =>
              r.cause
                .map((c) => c.misled)
                .filter(Boolean)
                .join(' '),
            )}
          />
          <Row label="What to remember" cells={both((r) => r.case.lesson)} />
        </tbody>
      </Table>
      <Quiet as="p" $pad="8px 0 0">
        A bar on the left marks what differs.
      </Quiet>
    </Page>
  );
}

function Row({
  label,
  cells,
  differs,
}: {
  label: string;
  cells: [React.ReactNode, React.ReactNode];
  differs?: boolean;
}) {
  if (!cells[0] && !cells[1]) return null;
  const apart = differs ?? cells[0] !== cells[1];
  return (
    <tr data-differs={apart}>
      <th scope="row">
        {label}
        {apart && <span className="visually-hidden"> (differs)</span>}
      </th>
      <td>{cells[0] || <Quiet>—</Quiet>}</td>
      <td>{cells[1] || <Quiet>—</Quiet>}</td>
    </tr>
  );
}

/** Whether the first of each says otherwise: by its verdict, where both have one, else by what was read. */
function measuredApart({ values: [[a], [b]] }: MeasuredOnBoth): boolean {
  if (!a || !b) return false;
  return a.verdict !== '' && b.verdict !== '' ? a.verdict !== b.verdict : a.entered !== b.entered;
}

/** What was read, and what it read after the repair. */
function Values({ of }: { of: MeasuredOnBoth['values'][0] }) {
  return of.map((v, i) => (
    <Cell as="span" key={i} $margin="0 10px 0 0">
      {v.verdict && <VerdictMark verdict={v.verdict as never} small />} <Figure>{v.entered}</Figure>
      {v.again && <Quiet> again</Quiet>}
    </Cell>
  ));
}

const nothingDecides = (measured: readonly MeasuredOnBoth[]): string =>
  measured.length > 0
    ? 'What was measured on both stands below; none of it parts them clearly.'
    : 'No test or reading was taken on both of them, so nothing in the records tells them apart.';

const same = (x: string[], y: string[]) => x.length === y.length && x.every((v) => y.includes(v));

/** Items, those the other has too in bold. */
function list(mine: string[], theirs: string[]) {
  return (
    <ul>
      {mine.map((m, i) => (
        <li key={i}>{theirs.includes(m) ? <b>{m}</b> : m}</li>
      ))}
    </ul>
  );
}

function codeList(record: CaseRecord, mine: string[], theirs: string[]) {
  const roles = effectiveRoles(record);
  return (
    <Inline as="span" $gap={5}>
      {mine.map((code) => (
        <Tag key={code} $tone={theirs.includes(code) ? 'accent' : 'plain'}>
          {code} {roles.get(code)}
        </Tag>
      ))}
    </Inline>
  );
}

/** Questions asked on both come first, then those asked on one only. */
function questionsOf(records: Pair): { key: string; question: string; both: boolean }[] {
  const found = new Map<string, { key: string; question: string; on: Set<string> }>();
  for (const r of records)
    for (const t of r.test) {
      const key = foldQuestion(t.question);
      if (key === '' || t.repeatOf !== null) continue;
      const entry = found.get(key) ?? { key, question: t.question, on: new Set<string>() };
      entry.on.add(r.case.id);
      found.set(key, entry);
    }
  return [...found.values()]
    .map((f) => ({ key: f.key, question: f.question, both: f.on.size === 2 }))
    .sort((x, y) => Number(y.both) - Number(x.both));
}

const testOf = (r: CaseRecord, key: string) =>
  r.test.find((t) => t.repeatOf === null && foldQuestion(t.question) === key);
const verdictOf = (r: CaseRecord, key: string) => testOf(r, key)?.verdict ?? 'not asked';

function outcome(record: CaseRecord, key: string) {
  const test = testOf(record, key);
  if (!test) return <Quiet>not asked</Quiet>;
  const readings = record.reading.filter((r) => r.testId === test.id && r.entered !== '');
  return (
    <>
      <VerdictMark verdict={test.verdict} small />{' '}
      {readings.map((r) => (
        <Text as="span" key={r.id} $size="note" $block>
          {r.label} <Figure>{r.entered}</Figure>
        </Text>
      ))}
      {readings.length === 0 && <Quiet>{test.because}</Quiet>}
    </>
  );
}
