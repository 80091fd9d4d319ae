import { readSentence } from '@/core/symptoms';
import { SENTENCES, type Labelled } from './sentences';

export interface Count {
  right: number;
  wrong: number;
  unread: number;
}

/** Symptoms: each meant one is read or not; each one read that was not meant, or was denied, is wrong. */
export function judgeSentence({ text, symptoms }: Labelled): Count & { read: string[] } {
  const read = [...new Set(readSentence(text).symptoms.flatMap((s) => (s.negated ? [] : [s.id])))];
  const right = symptoms.filter((s) => read.includes(s)).length;
  return {
    right,
    wrong: read.filter((s) => !symptoms.includes(s)).length,
    unread: symptoms.length - right,
    read,
  };
}

export const LOOKED_AT = SENTENCES.filter((_, i) => i % 2 === 0);
export const HELD_OUT = SENTENCES.filter((_, i) => i % 2 === 1);

function row(name: string, sentences: readonly Labelled[]): string {
  const sum: Count = { right: 0, wrong: 0, unread: 0 };
  for (const s of sentences) {
    const j = judgeSentence(s);
    sum.right += j.right;
    sum.wrong += j.wrong;
    sum.unread += j.unread;
  }
  const meant = sum.right + sum.unread;
  const percent = (x: number) => `${((100 * x) / meant).toFixed(1)} %`;
  return `| ${name} | ${sentences.length} | ${percent(sum.right)} | ${percent(sum.wrong)} | ${percent(sum.unread)} |`;
}

/** Sentences read into symptoms, of all symptoms meant. */
export function words(): string {
  return [
    '| Sentences | | right | wrong | unread |',
    '| --- | ---: | ---: | ---: | ---: |',
    row('looked at while mending', LOOKED_AT),
    row('not looked at', HELD_OUT),
  ].join('\n');
}
