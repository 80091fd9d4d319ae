import { chance, type Random } from '@/sim/random';
import type { Printed } from './kit';

/** What copying out of a PDF, a narrow printer and a camera do to a report. The truth stays. */
export function spoil(printed: Printed, r: Random): Printed {
  const ways = [wrap, narrow, confuse, blanks, marks, footer];
  let text = printed.text;
  for (const way of ways) if (chance(r, 0.35)) text = way(text, r);
  return { ...printed, text };
}

/** Long lines go on in the next one. */
const wrap = (text: string): string =>
  text
    .split('\n')
    .flatMap((line) => {
      if (line.length < 62 || /[\t;|]/.test(line)) return [line];
      const at = line.lastIndexOf(' ', 58);
      return at < 24 ? [line] : [line.slice(0, at), line.slice(at + 1).trimStart()];
    })
    .join('\n');

/** Runs of blanks become one: columns are lost. */
const narrow = (text: string): string => text.replace(/([^\n ]) {2,}/g, '$1 ');

/** In codes a nought is read as the letter. */
const confuse = (text: string, r: Random): string =>
  text.replace(/\b([PCBU])0(?=[0-9A-F]{3}\b)/g, (whole, letter: string) =>
    chance(r, 0.5) ? `${letter}O` : whole,
  );

const blanks = (text: string): string => text.split('\n').join('\n\n');

/** Bullets and no-break spaces. */
const marks = (text: string): string =>
  text.includes('\t') ? text : text.replace(/^(?=\S)/gm, ' ').replace(/: /g, ':\u00a0');

const footer = (text: string): string =>
  `${text}\n\nPrinted by R. Haller, page 1 of 1\nReadings without warranty`;
