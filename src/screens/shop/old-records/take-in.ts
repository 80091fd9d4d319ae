import { MOST_CELL, MOST_RECORDS, RecordsTaken, type RecordSettings } from '@/core/api/old-records';
import { post } from '../../send';

/** How far a table has come. */
export interface Taken {
  done: number;
  of: number;
  created: number;
  unchanged: number;
  /** Lines without a job: sums, heads that are repeated. */
  passed: number;
  refused: { row: number; reason: string }[];
  /** Why it stopped before its end; empty while all is well. */
  stopped: string;
}

/** Cells sent at once, so that a piece stays far below what the server takes. */
const MOST_CHARACTERS = 1_000_000;

/** Jobs in pieces that may be sent at once. */
export function piecesOf<T extends { cells: readonly string[] }>(jobs: readonly T[]): T[][] {
  const pieces: T[][] = [];
  let size = 0;
  for (const job of jobs) {
    const long = job.cells.reduce((s, c) => s + c.length, 0);
    const piece = pieces.at(-1);
    if (piece && piece.length < MOST_RECORDS && size + long <= MOST_CHARACTERS) {
      piece.push(job);
      size += long;
    } else {
      pieces.push([job]);
      size = long;
    }
  }
  return pieces;
}

/**
 * Sends jobs to the server piece by piece, telling how far it has come. What is in stays in: after a break or a stop
 * the same table goes on where it was, since what is here already adds nothing.
 *
 * @param jobs of the table, and how it is read
 * @param tell called after every piece
 * @param signal stops it between two pieces
 */
export async function takeIn(
  jobs: readonly { row: number; cells: string[] }[],
  settings: RecordSettings,
  heads: string[],
  tell: (t: Taken) => void,
  signal: AbortSignal,
): Promise<void> {
  // One cell too long must not hold up the jobs around it.
  const tooLong = (job: { cells: string[] }) => job.cells.some((c) => c.length > MOST_CELL);
  const refused = jobs
    .filter(tooLong)
    .map(({ row }) => ({ row, reason: 'A cell of it is longer than 60,000 characters; shorten it.' }));
  let now: Taken = {
    done: refused.length,
    of: jobs.length,
    created: 0,
    unchanged: 0,
    passed: 0,
    refused,
    stopped: '',
  };
  tell(now);
  for (const [i, piece] of piecesOf(jobs.filter((j) => !tooLong(j))).entries()) {
    if (signal.aborted) {
      tell({ ...now, stopped: 'Stopped. What had gone in stays; the same table goes on from here.' });
      return;
    }
    const body = { settings, jobs: piece, heads: i === 0 ? heads : [] };
    const { answer, problem } = await post('/api/v1/records', body, RecordsTaken);
    if (!answer) {
      tell({ ...now, stopped: `${problem} What had gone in stays; the same table goes on from here.` });
      return;
    }
    const count = (state: string) => answer.jobs.filter((j) => j.state === state).length;
    now = {
      ...now,
      done: now.done + piece.length,
      created: now.created + count('created'),
      unchanged: now.unchanged + count('unchanged'),
      passed: now.passed + count('no job'),
      refused: [
        ...now.refused,
        ...answer.jobs.flatMap((j) =>
          j.state === 'refused' ? [{ row: j.row, reason: j.reason ?? '' }] : [],
        ),
      ],
    };
    tell(now);
  }
}
