import type { Catalogue } from '@/core/cause';
import { readDone } from '@/core/exchange/old-records';
import type { DoneSentence } from './done-sentences';

export interface Tally {
  right: number;
  wrong: number;
  unread: number;
}
export const tally = (): Tally => ({ right: 0, wrong: 0, unread: 0 });

/** Counts one thing: what is true, and what was read; nothing read where something stands is unread, not wrong. */
export function count(t: Tally, truth: string | null, read: string | null): keyof Tally {
  const how = truth === read ? 'right' : read === null ? 'unread' : 'wrong';
  t[how]++;
  return how;
}

export interface DoneScore {
  part: Tally;
  failure: Tally;
  action: Tally;
  /** What was not right, for mending; only of the half that may be looked at. */
  missed: string[];
}

/** Reads sentences of what was done and holds them against their truth. */
export function scoreDone(sentences: readonly DoneSentence[], catalogue: Catalogue): DoneScore {
  const score: DoneScore = { part: tally(), failure: tally(), action: tally(), missed: [] };
  for (const s of sentences) {
    const read = readDone(s.text, catalogue);
    const part = read.part?.name ?? null;
    const failure = read.failure?.name ?? null;
    const how = [
      count(score.part, s.part, part),
      // A failure may be left unsaid, and said where the truth names no part is no harm either way.
      count(score.failure, s.failure, failure),
      count(score.action, s.action || null, read.action || null),
    ];
    if (how.some((h) => h !== 'right'))
      score.missed.push(
        `${how.join('/')}: ${s.text}\n    is ${s.action} ${s.part} ${s.failure}; read ${read.action} ${part} ${failure}`,
      );
  }
  return score;
}
