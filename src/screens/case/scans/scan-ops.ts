import { nanoid } from 'nanoid';
import type { Op } from '@/core/case';
import type { ScanReport } from '@/core/codes';
import { reportRows } from '@/core/exchange';

/** The longest list of lines not understood that is kept with a scan. */
const MOST_LEFT = 5000;

/**
 * The changes that put a report on the case as a scan.
 *
 * @param scanId of the scan
 * @param report as read and put right
 * @param own what the report does not say itself
 */
export const scanOps = (
  scanId: string,
  report: ScanReport,
  own: { text: string; at: string; scope: string; position: number },
): Op[] => [
  {
    op: 'add',
    kind: 'scan',
    id: scanId,
    row: {
      ...own,
      leftover: report.leftover.slice(0, MOST_LEFT),
      battery: report.battery,
      odometer: report.odometer,
      tool: report.tool,
      key: report.key,
      engine: report.engine,
    },
  },
  ...reportRows(scanId, report, () => nanoid(14)).map(({ kind, row: { id, ...row } }): Op => ({
    op: 'add',
    kind,
    id,
    row,
  })),
];
