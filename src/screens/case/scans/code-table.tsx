'use client';

import type { KeyboardEvent } from 'react';
import styled from 'styled-components';
import { ROLES, type RowOf } from '@/core/case';
import { displayWord } from '@/core/case/display-words';
import { proposalsOf, type Recurrence, type InScan } from '@/core/codes';
import { Figure, Quiet, Segments, Tag } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { PlainTable } from '@/ui/plain-table';
import { useMeanings, Wording } from './meanings';
import { OpeningMoves } from '../guidance/opening-moves';
import { useConclusions } from '../conclusion/conclusions';
import { OfferButton } from '../guidance/offer';
import { useAcceptRoles } from './roles';
import { useCase, useRecord } from '../saving/store';

const Table = styled(PlainTable)`
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

/** All codes of the case: in which scans each stood, its course, and its role, proposed or given. */
export function CodesOverScans() {
  const record = useRecord();
  // What a hand changes here shows at once.
  const roles = useCase((s) => s.record.role);
  const add = useCase((s) => s.add);
  const edit = useCase((s) => s.edit);
  const { own } = useMeanings();
  const { codes: courses } = useConclusions();
  const takeAll = useAcceptRoles();
  if (courses.length === 0) return null;
  const scans = [...record.scan].sort((a, b) => a.at.localeCompare(b.at));
  // A column for each of many scans leaves no room for words; they stand in a row under them then.
  const columns = scans.length > MOST_COLUMNS ? [] : scans;
  const proposals = proposalsOf(record, own);
  const given = new Map(roles.filter((r) => r.role !== '').map((r) => [r.code, r.role]));
  const open = courses.filter(
    (c) => !given.has(c.code) && (proposals.get(c.code)?.role ?? 'unsorted') !== 'unsorted',
  );
  // What deserves the next hour stands on top, by what is proposed: a row does not jump when it is overruled.
  const rank = (code: string) => RANK.indexOf(proposals.get(code)?.role ?? 'unsorted');
  const inRank = [...courses].sort((a, b) => rank(a.code) - rank(b.code));
  const setRole = (code: string, role: string) => {
    const row = roles.find((r) => r.code === code);
    if (row) edit('role', row.id, 'role', role);
    else add('role', { code, role, why: '', position: roles.length });
  };
  const byKey = (e: KeyboardEvent, code: string) => {
    const role = ROLE_KEYS[e.key];
    if (!role || e.ctrlKey || e.metaKey || e.altKey) return;
    e.preventDefault();
    setRole(code, role);
  };
  const used = new Set(courses.flatMap((c) => [...c.inScan.values()]));
  const marks = (['not read', 'not told'] as const).filter((m) => used.has(m));
  // What the tool says of when and how often, of the last scan that says it.
  const seen = new Map(
    scans.flatMap((s) =>
      record.code.filter((x) => x.scanId === s.id && x.detail !== '').map((x) => [x.code, x.detail] as const),
    ),
  );
  const explained = (code: string) => record.explains.some((e) => e.of === 'code' && e.what === code);
  return (
    <>
      {open.length > 0 && (
        <p style={{ display: 'flex', gap: 10, alignItems: 'center', flexWrap: 'wrap', paddingLeft: 8 }}>
          <Quiet>
            {open.length} role{open.length === 1 ? ' is' : 's are'} proposed (dashed). To choose another,
            press its first letter: c, f, u, o.
          </Quiet>
          <OfferButton data-cell="take-roles" onPress={takeAll}>
            Accept all
          </OfferButton>
        </p>
      )}
      <Table aria-label="Codes over the scans">
        <thead>
          <tr>
            <th scope="col">Code</th>
            <th scope="col">Wording</th>
            {columns.map((s, i) => (
              <th
                key={s.id}
                scope="col"
                className="dot"
                title={`${dayTime(s.at)} ${s.phase}`}
                style={{ textAlign: 'center', padding: '2px 3px' }}
              >
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
          {inRank.map((c) => {
            const role = given.get(c.code) ?? '';
            const proposal = proposals.get(c.code);
            const why = role === '' ? proposal?.because : roles.find((r) => r.code === c.code)?.why;
            return (
              <tr key={c.code} id={`code-${c.code}`} onKeyDown={(e) => byKey(e, c.code)}>
                <td>
                  <Figure style={{ fontWeight: 650, whiteSpace: 'nowrap' }}>{c.code}</Figure>
                </td>
                <td style={{ minWidth: 130 }}>
                  <Wording code={c.code} toolText={c.text} />
                  {seen.get(c.code) && <Quiet as="div">{seen.get(c.code)}</Quiet>}
                  {columns.length === 0 && (
                    <Strip>
                      {scans.map((s, i) => (
                        <span key={s.id} title={`S${i + 1}, ${dayTime(s.at)} ${s.phase}`}>
                          <Dot
                            state={c.inScan.get(s.id)}
                            code={record.code.find((x) => x.scanId === s.id && x.code === c.code)}
                          />
                        </span>
                      ))}
                    </Strip>
                  )}
                  <span className="beneath">
                    <Tag $tone={COURSE_TONE[c.course]}>{c.course}</Tag>
                  </span>
                  {(role || proposal?.role) === 'chase' && !explained(c.code) && record.cause.length > 0 && (
                    <>
                      {' '}
                      <Tag $tone="unsure">not explained</Tag>
                    </>
                  )}
                  {why && why !== c.course && (
                    <Quiet style={{ display: 'block' }}>
                      {role === '' ? `${displayWord(proposal!.role)}: ` : ''}
                      {why}
                    </Quiet>
                  )}
                  {ASKS.has(c.course) && !why?.includes(c.because) && (
                    <Quiet style={{ display: 'block' }}>{c.because}</Quiet>
                  )}
                </td>
                {columns.map((s) => (
                  <td key={s.id} className="dot">
                    <Dot
                      state={c.inScan.get(s.id)}
                      code={record.code.find((x) => x.scanId === s.id && x.code === c.code)}
                    />
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
                    onChange={(r) => setRole(c.code, r)}
                  />
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {marks.length > 0 && (
        <Quiet as="p" style={{ paddingLeft: 8 }}>
          {marks.map((m) => `${NOT_THERE[m]![0]} ${NOT_THERE[m]![1]}`).join(' · ')}
        </Quiet>
      )}
      <OpeningMoves />
    </>
  );
}

/** One key a role, while the cursor is in the code's row. */
const ROLE_KEYS: Record<string, string> = { c: 'chase', f: 'knock-on', u: 'aside', o: 'leftover' };

/** What a scan says of a code that is not in it. */
const NOT_THERE: Partial<Record<InScan, [mark: string, says: string]>> = {
  absent: ['·', 'not there: its module was read'],
  'not read': ['n/r', 'not read: this scan did not read its module'],
  'not told': ['?', 'not told: this scan does not say what it read'],
};

/** Stood in that scan: full when stored or active, a ring when only pending; else whether it could have been seen. */
function Dot({ code, state }: { code: RowOf<'code'> | undefined; state: InScan | undefined }) {
  if (!code) {
    const [mark, says] = NOT_THERE[state ?? 'not told'] ?? ['?', 'not told'];
    return (
      <Quiet
        role="img"
        aria-label={says}
        title={says}
        style={{ fontSize: mark === '·' ? undefined : '0.75rem' }}
      >
        {mark}
      </Quiet>
    );
  }
  const words = code.statuses.join(', ') || 'there';
  const pending =
    code.statuses.length > 0 &&
    code.statuses.every((s) => s === 'pending' || s === 'history' || s === 'not run');
  return (
    <svg width="12" height="12" viewBox="0 0 12 12" role="img" aria-label={words}>
      <title>{words}</title>
      <circle
        cx="6"
        cy="6"
        r="4.5"
        fill={pending ? 'none' : 'var(--ink-2)'}
        stroke="var(--ink-2)"
        strokeWidth="1.5"
      />
    </svg>
  );
}
