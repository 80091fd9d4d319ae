'use client';

import styled from 'styled-components';
import type { JobShown } from '@/core/api/old-records';
import { Figure, Quiet, Tag } from '@/ui/controls';

const List = styled.ol`
  & > li {
    display: grid;
    grid-template-columns: 92px minmax(0, 1fr) minmax(0, 1.3fr) minmax(0, 1.5fr);
    gap: 2px 14px;
    padding: 7px 0;
    border-top: 1px solid var(--rule);
    @media (max-width: 860px) {
      grid-template-columns: 92px minmax(0, 1fr);
    }
  }
  & p {
    margin: 0;
    overflow-wrap: anywhere;
  }
  & [data-whole] {
    grid-column: 2 / -1;
  }
`;
const Tags = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  padding-top: 3px;
`;

/** The first jobs as they will stand on their cases. */
export function JobsPreview({ jobs }: { jobs: readonly JobShown[] }) {
  return (
    <List aria-label="First jobs as they are read">
      {jobs.map((j) => (
        <li key={j.row} data-state={j.state}>
          {j.state === 'read' ? <Read job={j} /> : <NotRead job={j} />}
        </li>
      ))}
    </List>
  );
}

function NotRead({ job }: { job: JobShown }) {
  return (
    <>
      <Figure>row {job.row + 1}</Figure>
      <p data-whole>
        {job.state === 'no job' ? (
          <Quiet>No job: passed over.</Quiet>
        ) : (
          <>
            <Tag $tone="unsure">not taken in</Tag> {job.reason}
          </>
        )}
      </p>
    </>
  );
}

function Read({ job }: { job: JobShown }) {
  return (
    <>
      <Figure>{job.day}</Figure>
      <p>{job.vehicle || <Quiet>no vehicle named</Quiet>}</p>
      <div>
        <p>{job.said}</p>
        <Tags>
          {job.symptoms.map((s) => (
            <Tag key={s} $tone="accent">
              {s}
            </Tag>
          ))}
          {job.codes.map((c) => (
            <Tag key={c}>
              <Figure>{c}</Figure>
            </Tag>
          ))}
        </Tags>
      </div>
      <div>
        <p>{job.work}</p>
        <Tags>
          {job.cause !== '' && (
            <Tag $tone="accent">
              {job.action}: {job.cause}
            </Tag>
          )}
          {job.cause === '' && job.action !== '' && <Tag>{job.action}</Tag>}
          {job.also.length > 0 && <Tag>also {job.also.join(', ')}</Tag>}
        </Tags>
        {job.cause === '' && <Quiet>{job.reason}</Quiet>}
      </div>
    </>
  );
}
