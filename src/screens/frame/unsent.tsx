'use client';

import Link from '@/ui/link';
import { useEffect, useState } from 'react';
import { Tag } from '@/ui/controls';
import { Inline } from '@/ui/layout';
import { FILES_WAIT, holdTabName, OUTBOX_KEY } from '../tab';
import type { FilesOnTheWay, Unsent } from './send-unsent';

const EVERY = 4000;
/** The first look waits for the page to be there. */
const FIRST = 1500;

/**
 * Sends what was written on cases that are not open any more, also by tabs that are closed, from any page; and says
 * how many are not saved yet. What it takes to send is loaded only where there is something.
 */
export function UnsentCases() {
  const [unsent, setUnsent] = useState<Unsent[]>([]);
  const [files, setFiles] = useState<FilesOnTheWay>({ count: 0, share: 0 });
  useEffect(() => {
    holdTabName();
    let stopped = false;
    let looking = false;
    let endFiles = () => {};
    let filesSeen = false;
    const look = async () => {
      const any = Object.keys(localStorage).some((k) => k.startsWith(OUTBOX_KEY));
      if (looking || stopped) return;
      // Photos and files that were on their way when their page was left.
      if (!filesSeen && localStorage.getItem(FILES_WAIT) !== null) {
        filesSeen = true;
        endFiles = (await import('./send-unsent')).resumeFiles(setFiles);
      }
      if (!any) return setUnsent((now) => (now.length ? [] : now));
      looking = true;
      try {
        const { sendUnsent } = await import('./send-unsent');
        const left = await sendUnsent();
        if (!stopped) setUnsent(left);
      } catch {
        // Without a connection even the code may not come; it is tried again.
      } finally {
        looking = false;
      }
    };
    const now = () => void look();
    const first = setTimeout(now, FIRST);
    const poll = setInterval(now, EVERY);
    window.addEventListener('online', now);
    return () => {
      stopped = true;
      clearTimeout(first);
      endFiles();
      clearInterval(poll);
      window.removeEventListener('online', now);
    };
  }, []);
  if (unsent.length === 0 && files.count === 0) return null;
  return (
    <Inline as="span" role="status" $tight $gap={6}>
      {unsent.length > 0 && (
        <Tag $tone="fail" $wraps>
          Not saved yet:{' '}
          {unsent.map((u, i) => (
            <span key={u.caseId}>
              {i > 0 && ', '}
              <Link href={`/cases/${u.number ?? u.caseId}`}>case {u.number ?? ''}</Link>
            </span>
          ))}
        </Tag>
      )}
      {files.count > 0 && (
        <Tag $tone="unsure">
          {files.count} {files.count === 1 ? 'file' : 'files'} on the way
          {files.share > 0 && ` (${Math.round(files.share * 100)} %)`}
        </Tag>
      )}
    </Inline>
  );
}
