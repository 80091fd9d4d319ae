'use client';

import styled from 'styled-components';
import { Quiet } from '@/ui/controls';
import { dayTime } from '@/ui/dates';
import { Inline } from '@/ui/layout';
import { PlainTable } from '@/ui/plain-table';
import { NOT_THERE } from './code-dot';
import { CodeLine } from './code-line';
import { OpeningMoves } from '../guidance/opening-moves';
import { useConclusions } from '../conclusion/conclusions';
import { OfferButton } from '../guidance/offer';
import { useAcceptRoles, useCodeRoles } from './roles';
import { useRecord } from '../saving/store';

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

/** What deserves the next hour first. */
const RANK = ['chase', 'unsorted', 'knock-on', 'aside', 'leftover'];

const MOST_COLUMNS = 6;

/** All codes of the case: in which scans each stood, its course, and its role, proposed or given. */
export function CodesOverScans() {
  const record = useRecord();
  const roles = useCodeRoles(record);
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
