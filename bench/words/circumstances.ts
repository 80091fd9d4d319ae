import { readSentence } from '@/core/symptoms';
import { readingRow, type Count } from '../reading-row';
import { labelled, type Labelled } from './labelled';
import { HOW_OFTEN } from './how-often';
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

/** How often it shows: told or not, and rightly. */
function judgeFrequency({ text, symptoms: [meant = ''] }: Labelled): Count {
  const { frequency } = readSentence(text);
  return {
    right: meant !== '' && frequency === meant ? 1 : 0,
    wrong: frequency !== '' && frequency !== meant ? [frequency] : [],
    unread: meant !== '' && frequency !== meant ? [meant] : [],
    asked: [],
  };
}

/** Rows of a table: how circumstances are read. */
export function circumstances(): string[] {
  const first = labelled(WHEN_IT_HAPPENS);
  const ofFour = (all: Labelled[], rest: number) => all.filter((_, i) => Math.floor((i % 4) / 2) === rest);
  const half = (rest: number) => ofFour(first, rest).map(judge);
  const often = (rest: number) => ofFour(labelled(HOW_OFTEN), rest).map(judgeFrequency);
  return [
    readingRow('circumstances, looked at while mending', half(0)),
    readingRow('circumstances, not looked at', half(1)),
    readingRow(
      'circumstances, looked at while mending: told elsewhere',
      labelled(WHEN_TOLD_ELSEWHERE).map(judge),
    ),
    readingRow('how often, looked at while mending', often(0)),
    readingRow('how often, not looked at', often(1)),
  ];
}
