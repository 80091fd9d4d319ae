'use client';

import { Download } from 'lucide-react';
import type { Selection } from 'react-aria-components';
import type { CaseListRow } from '@/core/api';
import { Quiet } from '@/ui/controls';
import { DownloadLink } from '@/ui/download-link';

/** Most numbers that fit into an address. */
const MOST_SELECTED = 600;

/** The chosen cases, or all that the filter leaves, as files and as a table. */
export function ExportLinks({
  choice,
  rows,
  selected,
  total,
}: {
  choice: string;
  rows: readonly CaseListRow[];
  selected: Selection;
  total: number;
}) {
  if (total === 0) return null;
  const numbers = selected === 'all' ? [] : rows.filter((r) => selected.has(r.id)).map((r) => r.number);
  const some = numbers.length > 0;
  if (numbers.length > MOST_SELECTED)
    return <Quiet>More than {MOST_SELECTED} chosen: filter the list and export all of it instead.</Quiet>;
  const href = (as: string) =>
    `/api/v1/export?${new URLSearchParams([
      ...(some
        ? [['numbers', numbers.join(',')]]
        : [...new URLSearchParams(choice)].filter(([k]) => k !== 'sort' && k !== 'order')),
      ['as', as],
    ])}`;
  const what = some ? `${numbers.length} selected` : `all ${total.toLocaleString('en')}`;
  return (
    <>
      <DownloadLink href={href('cases')} download>
        <Download aria-hidden="true" /> Export {what}
      </DownloadLink>
      <DownloadLink href={href('cases.csv')} download>
        <Download aria-hidden="true" /> as a table (CSV)
      </DownloadLink>
    </>
  );
}
