import { readSentence } from '@/core/symptoms';
import { readingHead, readingRow, type Count } from '../reading-row';
import { AT_THE_COUNTER } from './at-the-counter';
import { BY_MESSAGE } from './by-message';
import { circumstances } from './circumstances';
import { BY_TELEPHONE } from './by-telephone';
import { HANDED_OVER } from './handed-over';
import { IN_LONG } from './in-long';
import { labelled, type Labelled } from './labelled';
import { ON_THE_FORECOURT } from './on-the-forecourt';
import { ON_THE_JOB_CARD } from './on-the-job-card';
import { ON_THE_ROAD } from './on-the-road';
import { ON_THE_WORK_ORDER } from './on-the-work-order';
import { SELDOM_SAID } from './seldom-said';
import { TABLE } from './sentences';

/** Symptoms: each meant one is read or not; each one read that was not meant, or was denied, is wrong. */
export function judgeSentence({ text, symptoms, optional }: Labelled): Count {
  const reading = readSentence(text);
  const read = [...new Set(reading.symptoms.flatMap((s) => (s.negated ? [] : [s.id])))];
  const unread = symptoms.filter((s) => !read.includes(s));
  return {
    right: symptoms.length - unread.length,
    wrong: read.filter((s) => !symptoms.includes(s) && !optional.includes(s)),
    unread,
    // What may be meant as well is not asked in vain.
    asked: reading.perhaps.map((p) => p.id).filter((id) => !optional.includes(id) && !read.includes(id)),
  };
}

/** The sets by the day they were written, each with every second line held back. */
const SETS: readonly [name: string, table: string][] = [
  ['the first set', TABLE],
  ['at the counter', AT_THE_COUNTER],
  ['on the road', ON_THE_ROAD],
  ['on the job card', ON_THE_JOB_CARD],
  ['by message', BY_MESSAGE],
  ['told at length', IN_LONG],
  ['seldom said', SELDOM_SAID],
  ['on the forecourt', ON_THE_FORECOURT],
  ['on the work order', ON_THE_WORK_ORDER],
  ['handed over', HANDED_OVER],
];
const half = (rest: number) =>
  SETS.map(([name, table]) => ({ name, sentences: labelled(table).filter((_, i) => i % 2 === rest) }));
export const LOOKED_AT = half(0);
export const HELD_OUT = [...half(1), { name: 'by telephone', sentences: labelled(BY_TELEPHONE) }];

/** Sentences read into symptoms, of all symptoms meant. */
export function words(): string {
  const rows = (which: string, sets: typeof LOOKED_AT) => [
    ...sets.map(({ name, sentences }) => readingRow(`${which}: ${name}`, sentences.map(judgeSentence))),
    readingRow(
      `${which}: all`,
      sets.flatMap((s) => s.sentences.map(judgeSentence)),
    ),
  ];
  return [
    ...readingHead('Sentences', true),
    ...rows('looked at while mending', LOOKED_AT),
    ...rows('not looked at', HELD_OUT),
    ...circumstances(),
  ].join('\n');
}
