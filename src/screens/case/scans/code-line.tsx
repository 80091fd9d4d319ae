'use client';

import type { KeyboardEvent } from 'react';
import styled from 'styled-components';
import { ROLES, type CaseRecord } from '@/core/case';
import { displayWord } from '@/core/case/display-words';
import type { Recurrence } from '@/core/codes';
import { Figure, Quiet, Segments, Tag } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { Text } from '@/ui/layout';
import type { useConclusions } from '../conclusion/conclusions';
import { Dot } from './code-dot';
import { Wording } from './meanings';
import type { CodeRoles } from './roles';

type Course = ReturnType<typeof useConclusions>['codes'][number];

/** Courses that leave open what became of the code; the reason says what would tell. */
const ASKS: ReadonlySet<Recurrence> = new Set(['not read', 'not run yet', 'returned later']);

const Strip = styled.span`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  padding: 2px 0;
  line-height: 1;
`;

const COURSE_TONE: Record<Recurrence, 'fail' | 'unsure' | 'plain' | 'pass'> = {
  'no clear yet': 'plain',
  'not scanned since': 'plain',
  'returned at once': 'fail',
  'returned on the road': 'fail',
  'returned later': 'unsure',
  intermittent: 'unsure',
  new: 'unsure',
  'not run yet': 'unsure',
  'not read': 'unsure',
  'did not return': 'plain',
  cured: 'pass',
};

/** Whether the code stood in a scan. */
function ScanDot({
  course: c,
  scan,
  record,
}: {
  course: Course;
  scan: CaseRecord['scan'][number];
  record: CaseRecord;
}) {
  const code = record.code.find((x) => x.scanId === scan.id && x.code === c.code);
  return <Dot state={c.inScan.get(scan.id)} code={code} />;
}

/** Many scans in one row under the words, where a column for each leaves them no room. */
function ScanStrip({
  course,
  scans,
  record,
}: {
  course: Course;
  scans: CaseRecord['scan'];
  record: CaseRecord;
}) {
  return (
    <Strip>
      {scans.map((s, i) => (
        <span key={s.id} title={`S${i + 1}, ${dayTime(s.at)} ${s.phase}`}>
          <ScanDot course={course} scan={s} record={record} />
        </span>
      ))}
    </Strip>
  );
}

/** A code in its row: where it stood, what became of it, and its role. */
export function CodeLine({
  course: c,
  detail,
  record,
  scans,
  columns,
  roles,
}: {
  course: Course;
  detail: string | undefined;
  record: CaseRecord;
  scans: CaseRecord['scan'];
  columns: CaseRecord['scan'];
  roles: CodeRoles;
}) {
  const role = roles.given(c.code)?.role ?? '';
  const proposal = roles.proposed(c.code);
  const byKey = (e: KeyboardEvent) => {
    const pressed = ROLE_KEYS[e.key];
    if (!pressed || e.ctrlKey || e.metaKey || e.altKey) return;
    e.preventDefault();
    roles.set(c.code, pressed);
  };
  return (
    <tr id={`code-${c.code}`} onKeyDown={byKey}>
      <td>
        <Figure $weight={650} $lines="nowrap">
          {c.code}
        </Figure>
      </td>
      <Text as="td" $min={130}>
        <Wording code={c.code} toolText={c.text} />
        {detail && <Quiet as="div">{detail}</Quiet>}
        {columns.length === 0 && <ScanStrip course={c} scans={scans} record={record} />}
        <CourseWords course={c} record={record} roles={roles} />
      </Text>
      {columns.map((s) => (
        <td key={s.id} className="dot">
          <ScanDot course={c} scan={s} record={record} />
        </td>
      ))}
      <td className="course">
        <Tag $tone={COURSE_TONE[c.course]} title={c.because}>
          {c.course}
        </Tag>
      </td>
      <td>
        <Segments
          label={`Role of ${c.code}`}
          value={role}
          suggested={proposal?.role === 'unsorted' ? undefined : proposal?.role}
          options={ROLES.filter((r) => r !== '').map((r) => ({ value: r, label: displayWord(r) }))}
          onChange={(r) => roles.set(c.code, r)}
        />
      </td>
    </tr>
  );
}

/** The course where it has no column of its own, what is not explained yet, and the reasons. */
function CourseWords({ course: c, record, roles }: { course: Course; record: CaseRecord; roles: CodeRoles }) {
  const given = roles.given(c.code);
  const proposal = roles.proposed(c.code);
  const why = given ? given.why : proposal?.because;
  const chased = (given?.role ?? proposal?.role) === 'chase';
  const explained = record.explains.some((e) => e.of === 'code' && e.what === c.code);
  return (
    <>
      <span className="beneath">
        <Tag $tone={COURSE_TONE[c.course]}>{c.course}</Tag>
      </span>
      {chased && !explained && record.cause.length > 0 && (
        <>
          {' '}
          <Tag $tone="unsure">not explained</Tag>
        </>
      )}
      {why && why !== c.course && (
        <Quiet $block>
          {given ? '' : `${displayWord(proposal!.role)}: `}
          {why}
        </Quiet>
      )}
      {ASKS.has(c.course) && !why?.includes(c.because) && <Quiet $block>{c.because}</Quiet>}
    </>
  );
}

/** One key a role, while the cursor is in the code's row. */
const ROLE_KEYS: Record<string, string> = { c: 'chase', f: 'knock-on', u: 'aside', o: 'leftover' };
