import type { Catalogue } from '@/core/cause';
import { meaningOf } from '@/core/codes';
import { CONDITIONS, SYMPTOMS } from '@/core/symptoms';
import type { CaseIndex } from './case-index';
import { fold } from './fold';
import type { Chip, KnownWords } from './query';

/** One way to go on with a line. */
export interface Suggestion {
  kind: Chip['kind'];
  /** What is put in the place of the words that were begun. */
  text: string;
  /** What it means, or of what kind it is. */
  says: string;
  /** How many cases have it. */
  cases: number;
  /** The whole line with it put in. */
  line: string;
}

const MOST = 8;

/**
 * What the words at the end of a line may become: vehicles, codes, symptoms, circumstances, parts and
 * people that begin so. What more cases have stands first.
 *
 * @param line as typed so far
 * @param index all cases, for how many have each
 * @param known names of the shop's vehicles and people
 * @param catalogue the shop's list of parts
 * @returns at the most eight, none for a line that ends in a blank
 * @example suggest('tessa rough i', …)[0].line // 'tessa rough idle'
 */
export function suggest(
  line: string,
  index: CaseIndex,
  known: KnownWords,
  catalogue: Catalogue,
): Suggestion[] {
  if (line.trim() === '' || /\s$/.test(line)) return [];
  const found = new Map<string, Suggestion & { begun: number }>();
  const words = line.trim().split(/\s+/);
  for (let n = Math.min(3, words.length); n >= 1; n--) {
    const begun = fold(words.slice(-n).join(' '));
    if (begun.length < 2) continue;
    const before = words.slice(0, -n).join(' ');
    const offer = (kind: Chip['kind'], text: string, says: string, cases: number) => {
      const f = fold(text);
      if (f === begun || !(f.startsWith(begun) || (n === 1 && f.includes(` ${begun}`)))) return;
      const key = `${kind} ${f}`;
      if (!found.has(key))
        found.set(key, { kind, text, says, cases, line: `${before} ${text}`.trim(), begun: n });
    };
    for (const m of known.models) offer('model', m, 'model', index.count(`md|${m}`));
    for (const m of known.makes) offer('make', m, 'make', index.count(`mk|${m}`));
    for (const e of known.engines) offer('engine', e, 'engine', index.count(`en|${e}`));
    for (const x of known.nicknames ?? [])
      offer('vehicle', x.words, x.vehicle.split('/').join(' ').trim(), 0);
    for (const p of known.people ?? []) offer('person', p.name, 'person', index.count(`who|${p.id}`));
    if (n === 1)
      for (const c of index.values('c')) offer('code', c, meaningOf(c) || 'code', index.count(`c|${c}`));
    for (const s of SYMPTOMS) offer('symptom', s.label, 'symptom', index.count(`s|${s.id}`));
    for (const c of CONDITIONS) offer('condition', c.label, 'when', index.count(`t|${c.id}`));
    for (const i of catalogue.items)
      if (i.kind === 'part' && !i.mergedInto) offer('cause part', i.name, 'part', index.count(`p|${i.id}`));
  }
  return [...found.values()]
    .sort((a, b) => b.begun - a.begun || b.cases - a.cases || a.text.length - b.text.length)
    .slice(0, MOST)
    .map(({ begun: _begun, ...s }) => s);
}
