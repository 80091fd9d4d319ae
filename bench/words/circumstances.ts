import { readSentence } from '@/core/symptoms';
import { readingRow, type Count } from '../reading-row';
import { labelled, type Labelled } from './labelled';
import { WHEN_IT_HAPPENS, WHEN_TOLD_ELSEWHERE } from './when-it-happens';

/** Circumstances: each meant one is read or not; each one read that was not meant is wrong. */
function judge({ text, symptoms: meant, optional }: Labelled): Count {
  const read = [...new Set(readSentence(text).conditions.flatMap((c) => (c.negated ? [] : [c.id])))];
  const unread = meant.filter((c) => !read.includes(c));
  return {
    right: meant.length - unread.length,
    wrong: read.filter((c) => !meant.includes(c) && !optional.includes(c)),
    unread,
    asked: [],
  };
}

/** Rows of a table: how circumstances are read. */
export function circumstances(): string[] {
  const first = labelled(WHEN_IT_HAPPENS);
  const half = (rest: number) => first.filter((_, i) => Math.floor((i % 4) / 2) === rest).map(judge);
  return [
    readingRow('circumstances, looked at while mending', half(0)),
    readingRow('circumstances, not looked at', half(1)),
    readingRow('circumstances, not looked at: told elsewhere', labelled(WHEN_TOLD_ELSEWHERE).map(judge)),
  ];
}
