import { distance } from 'fastest-levenshtein';
import { readCode } from '@/core/codes';
import { CHECKS } from './all';
import type { Check } from './contract';

/** The check of that id, or undefined. */
export const checkOf = (id: string): Check | undefined => CHECKS.find((c) => c.id === id);

/** Whether a code lies in a run such as `P0171-P0175`, or is it. */
export function inRun(run: string, code: string): boolean {
  const [from = '', to = from] = run.split('-');
  const c = code.toUpperCase().slice(0, 5);
  return c.length === 5 && c.charAt(0) === from.charAt(0) && c >= from && c <= to;
}

export interface CheckHit {
  check: Check;
  score: number;
  /** Why it is here: "for P0171", "with a multimeter". */
  because: string[];
}

const FILLER = new Set(['a', 'an', 'the', 'with', 'and', 'of', 'for', 'i', 'have', 'my']);

const fold = (s: string) =>
  s
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim();

/** How well a typed word goes with a word of the check: whole, its beginning, or one letter off. */
function goes(word: string, of: string): number {
  if (word === of) return 1;
  if (word.length >= 3 && of.startsWith(word)) return 0.8;
  if (word.length >= 5 && of.length >= 5 && distance(word, of) <= 1) return 0.6;
  return 0;
}

function best(word: string, texts: string[]): number {
  return Math.max(
    0,
    ...texts.flatMap((t) =>
      fold(t)
        .split(' ')
        .map((of) => goes(word, of)),
    ),
  );
}

/**
 * Finds checks by what one has in hand, by words and by fault codes, mixed in any order.
 *
 * @param text as typed; empty gives all
 * @returns checks that go with every word (or any code), best first, each with its reasons
 * @example searchChecks('P0171 scan tool')[0].check.id // 'fuel-trim'
 */
export function searchChecks(text: string): CheckHit[] {
  const words = fold(text).split(' ').filter(Boolean);
  if (words.length === 0) return CHECKS.map((check) => ({ check, score: 0, because: [] }));
  const codeOf = (w: string) => {
    const code = readCode(w);
    return code?.scheme === 'iso' ? code.code : undefined;
  };
  const codes = words.map(codeOf).filter((c) => c !== undefined);
  const plain = words.filter((w) => codeOf(w) === undefined && !FILLER.has(w));
  const hits: CheckHit[] = [];
  for (const check of CHECKS) {
    const because: string[] = [];
    let score = 0;
    for (const code of codes) {
      const run = check.codes.find((r) => inRun(r, code));
      if (!run) continue;
      // A check for ten codes says more of one of them than a check for a thousand.
      score += 3 + 1 / (1 + check.codes.indexOf(run));
      because.push(`for ${code}`);
    }
    if (codes.length && because.length === 0) continue;
    let missed = false;
    for (const word of plain) {
      const title = best(word, [check.title, check.id]);
      const have = best(word, check.have);
      const other = best(word, [check.question, check.explains]);
      const most = Math.max(title * 3, have * 2, other);
      if (most === 0) missed = true;
      score += most;
      if (have > 0) {
        const tool = check.have.find((h) => best(word, [h]) > 0);
        if (tool && !because.includes(`with ${tool}`)) because.push(`with ${tool}`);
      }
    }
    if (!missed && score > 0) hits.push({ check, score, because });
  }
  return hits.sort((a, b) => b.score - a.score);
}

/** Checks that are good for a code, the most particular first. */
export function checksForCode(code: string): Check[] {
  return CHECKS.flatMap((check) => {
    const place = check.codes.findIndex((r) => inRun(r, code));
    return place === -1 ? [] : [{ check, place }];
  })
    .sort((a, b) => a.place - b.place)
    .map((h) => h.check);
}
