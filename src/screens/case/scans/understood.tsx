'use client';

import { Figure } from '@/ui/controls';
import type { ScanReadingState } from './scan-edits';

const FORMS = { text: '', table: ' from a table', frames: ' from a frame log' };

const MOST_CODES = 12;

/** What the report was read as, in a line. */
export function Understood({
  state: { form, report },
  doubtful,
}: {
  state: ScanReadingState;
  doubtful: number;
}) {
  const codes = report.codes.map((c) => c.code);
  const silent = report.modules.filter((m) => !m.answered).map((m) => m.name);
  const answered = report.modules.length - silent.length;
  const rest = [
    report.modules.length > 0 && `${answered} module${answered === 1 ? '' : 's'} answered`,
    silent.length > 0 && `silent: ${silent.join(', ')}`,
    report.battery && `battery ${report.battery}`,
    report.monitors.length > 0 && `${report.monitors.length} monitors`,
    report.freeze.length > 0 && `${report.freeze.length} freeze-frame values`,
    doubtful > 0 && `${doubtful} hard to read, marked`,
    report.live.length > 0 && `${report.live.length} live values`,
    report.leftover.length > 0 &&
      `${report.leftover.length} line${report.leftover.length === 1 ? '' : 's'} not understood; kept with the scan`,
  ].filter(Boolean);
  return (
    <>
      <strong>
        {codes.length} code{codes.length === 1 ? '' : 's'}
        {FORMS[form]}
      </strong>
      {codes.length > 0 && (
        <>
          :{' '}
          <Figure>
            {codes.slice(0, MOST_CODES).join(' ')}
            {codes.length > MOST_CODES ? ' …' : ''}
          </Figure>
        </>
      )}
      {rest.map((words) => ` · ${words}`)}
    </>
  );
}
