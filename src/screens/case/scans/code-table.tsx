'use client';

import type { KeyboardEvent } from 'react';
import styled from 'styled-components';
import { ROLES } from '@/core/case';
import { displayWord } from '@/core/case/display-words';
import { proposalsOf, type Recurrence } from '@/core/codes';
import { Figure, Quiet, Segments, Tag } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { Inline, Text } from '@/ui/layout';
import { PlainTable } from '@/ui/plain-table';
import { Dot, NOT_THERE } from './code-dot';
import { useMeanings, Wording } from './meanings';
import { OpeningMoves } from '../guidance/opening-moves';
import { useConclusions } from '../conclusion/conclusions';
import { OfferButton } from '../guidance/offer';
import { useAcceptRoles } from './roles';
import { useCase, useRecord } from '../saving/store';

const Table = styled(PlainTable)`
  & th.dot {
    text-align: center;
    padding: 2px 3px;
  }
  & td.dot {
    text-align: center;
    padding: 6px 3px;
  }
  & .beneath {
    display: none;
  }
  /* Fingers need wide roles: the course then stands under the wording. */
  @media (pointer: coarse) {
    & .course {
      display: none;
    }
    & .beneath {
      display: block;
    }
  }
  @container sheet (max-width: 800px) {
    & .course {
      display: none;
    }
    & .beneath {
      display: block;
    }
  }
  @container sheet (max-width: 520px) {
    & thead {
      display: none;
    }
    & tr {
      display: flex;
      flex-wrap: wrap;
      border-bottom: 1px solid var(--rule);
      padding: 4px 0;
    }
    & td {
      border: 0;
    }
  }
`;

/** Courses that leave open what became of the code; the reason says what would tell. */
const ASKS: ReadonlySet<Recurrence> = new Set(['not read', 'not run yet', 'returned later']);

/** What deserves the next hour first. */
const RANK = ['chase', 'unsorted', 'knock-on', 'aside', 'leftover'];

const MOST_COLUMNS = 6;
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

type Shown = ReturnType<typeof useRecord>;
type Course = ReturnType<typeof useConclusions>['codes'][number];

/** A role as it was given or is proposed, and giving another. */
function useRoles(record: Shown) {
  // What a hand changes here shows at once.
  const roles = useCase((s) => s.record.role);
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
  const { own } = useMeanings();
  const proposals = proposalsOf(record, own);
  return {
    /** Given by a person; empty where none was. */
    given: (code: string) => roles.find((r) => r.code === code && r.role !== ''),
    proposed: (code: string) => proposals.get(code),
    set(code: string, role: string) {
      const row = roles.find((r) => r.code === code);
      if (row) edit('role', row.id, 'role', role);
      else add('role', { code, role, why: '', position: roles.length });
    },
  };
}
type Roles = ReturnType<typeof useRoles>;

/** All codes of the case: in which scans each stood, its course, and its role, proposed or given. */
export function CodesOverScans() {
  const record = useRecord();
  const roles = useRoles(record);
  const { codes: courses } = useConclusions();
  if (courses.length === 0) return null;
  const scans = [...record.scan].sort((a, b) => a.at.localeCompare(b.at));
  // A column for each of many scans leaves no room for words; they stand in a row under them then.
  const columns = scans.length > MOST_COLUMNS ? [] : scans;
  const proposed = (code: string) => roles.proposed(code)?.role ?? 'unsorted';
  const open = courses.filter((c) => !roles.given(c.code) && proposed(c.code) !== 'unsorted');
  // What deserves the next hour stands on top, by what is proposed: a row does not jump when it is overruled.
  const inRank = [...courses].sort((a, b) => RANK.indexOf(proposed(a.code)) - RANK.indexOf(proposed(b.code)));
  // What the tool says of when and how often, of the last scan that says it.
  const details = new Map(
    scans.flatMap((s) =>
      record.code.filter((x) => x.scanId === s.id && x.detail !== '').map((x) => [x.code, x.detail] as const),
    ),
  );
  const used = new Set(courses.flatMap((c) => [...c.inScan.values()]));
  const marks = (['not read', 'not told'] as const).filter((m) => used.has(m));
  return (
    <>
      <ProposedRoles open={open.length} />
      <Table aria-label="Codes over the scans">
        <thead>
          <tr>
            <th scope="col">Code</th>
            <th scope="col">Wording</th>
            {columns.map((s, i) => (
              <th key={s.id} scope="col" className="dot" title={`${dayTime(s.at)} ${s.phase}`}>
                S{i + 1}
              </th>
            ))}
            <th scope="col" className="course">
              Course
            </th>
            <th scope="col">Role</th>
          </tr>
        </thead>
        <tbody>
          {inRank.map((c) => (
            <CodeLine
              key={c.code}
              course={c}
              detail={details.get(c.code)}
              record={record}
              scans={scans}
              columns={columns}
              roles={roles}
            />
          ))}
        </tbody>
      </Table>
      {marks.length > 0 && (
        <Quiet as="p" $indent>
          {marks.map((m) => `${NOT_THERE[m]![0]} ${NOT_THERE[m]![1]}`).join(' · ')}
        </Quiet>
      )}
      <OpeningMoves />
    </>
  );
}

function ProposedRoles({ open }: { open: number }) {
  const takeAll = useAcceptRoles();
  if (open === 0) return null;
  return (
    <Inline as="p" $gap={10} $align="center" $indent>
      <Quiet>
        {open} role{open === 1 ? ' is' : 's are'} proposed (dashed). To choose another, press its first
        letter: c, f, u, o.
      </Quiet>
      <OfferButton data-cell="take-roles" onPress={takeAll}>
        Accept all
      </OfferButton>
    </Inline>
  );
}

function CodeLine({
  course: c,
  detail,
  record,
  scans,
  columns,
  roles,
}: {
  course: Course;
  detail: string | undefined;
  record: Shown;
  scans: Shown['scan'];
  columns: Shown['scan'];
  roles: Roles;
}) {
  const role = roles.given(c.code)?.role ?? '';
  const proposal = roles.proposed(c.code);
  const byKey = (e: KeyboardEvent) => {
    const pressed = ROLE_KEYS[e.key];
    if (!pressed || e.ctrlKey || e.metaKey || e.altKey) return;
    e.preventDefault();
    roles.set(c.code, pressed);
  };
  const dot = (scan: Shown['scan'][number]) => (
    <Dot
      state={c.inScan.get(scan.id)}
      code={record.code.find((x) => x.scanId === scan.id && x.code === c.code)}
    />
  );
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
        {columns.length === 0 && (
          <Strip>
            {scans.map((s, i) => (
              <span key={s.id} title={`S${i + 1}, ${dayTime(s.at)} ${s.phase}`}>
                {dot(s)}
              </span>
            ))}
          </Strip>
        )}
        <CourseWords course={c} record={record} roles={roles} />
      </Text>
      {columns.map((s) => (
        <td key={s.id} className="dot">
          {dot(s)}
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
function CourseWords({ course: c, record, roles }: { course: Course; record: Shown; roles: Roles }) {
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
