import type { ScanReading } from '@/core/api';
import { kindOfReport, rowsWithLines, sureOfPicture } from '@/core/codes';
import { Problem } from '@/core/problem';
import { hintsFor } from './scan-hints';
import { readScanBeside } from './scan-thread';

/** The longest report that is taken, in characters; a scan on a case holds no more. */
const MOST = 500_000;

/**
 * Reads a scan report without putting it anywhere, with what the shop put right in reports of its kind.
 *
 * @param text of any tool
 * @param sure how sure each line is, where it was read of a picture
 * @throws Problem with a sentence for no text, too much of it, and for what is no text
 */
export async function readScanText(text: string, sure?: readonly number[]): Promise<ScanReading> {
  if (text.trim() === '') throw new Problem('There is no text in it. Send the report of a scan tool.');
  if (text.length > MOST)
    throw new Problem(
      `That is ${(text.length / 1e6).toFixed(1)} million characters; a report of more than 500,000 is not taken. Send the part with the codes.`,
      'too large',
    );
  if ((text.slice(0, 4000).match(/[\x00-\x08\x0e-\x1f\ufffd]/g)?.length ?? 0) > 40)
    throw new Problem(
      'That is no text but a file of another kind. Copy the report out of the tool as text, or photograph its screen.',
    );
  const { form, report } = await readScanBeside(text, await hintsFor(kindOfReport(text)));
  const { scope, made, battery, odometer, tool, key, engine } = report;
  const rows = rowsWithLines(report, sure && sureOfPicture(report, sure));
  return {
    form: sure ? 'picture' : form,
    scope,
    made,
    battery,
    odometer,
    tool,
    key,
    engine,
    ...rows,
    unread: report.leftover,
    text,
  };
}
