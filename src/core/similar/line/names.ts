import { nearWord } from '@/core/symptoms';
import type { Chip, KnownWords } from '../chips';
import type { LineReader, LineText } from './contract';

/** Too common to stand for a vehicle alone, though one be called so. */
const COMMON = /^(?:city|sport|drive|diesel|petrol|hybrid|electric|power|light|star|bus|van|truck)$/i;

const escape = (s: string) => s.replace(/[.*+?^${}()|[\]\\]/g, '\\$&');

/** A name with a hyphen or blank more or less, also between letters and figures: "Shire 16" is "shire-16" and "shire16". */
const loosely = (name: string): RegExp =>
  new RegExp(
    `(?<= )${name
      .split(/[\s-]+|(?<=\p{L})(?=\d)|(?<=\d)(?=\p{L})/u)
      .map(escape)
      .join('[ -]?')}(?= )`,
    'iu',
  );

function takeName(text: LineText, name: string, kind: Chip['kind'], value = name, label = name): void {
  if (name.length < 2) return;
  const m = (name.length >= 3 ? loosely(name) : new RegExp(`(?<= )${escape(name)}(?= )`, 'iu')).exec(
    text.rest,
  );
  if (m) text.take(m[0], { kind, label, value });
}

const byLength = (names: readonly string[]): string[] =>
  [...new Set(names.filter(Boolean))].sort((a, b) => b.length - a.length);

/** The shop's vehicles and people by their names. */
export const readNames: LineReader = (text, known) => {
  for (const n of known.nicknames ?? []) takeName(text, n.words, 'vehicle', n.vehicle, n.words);
  for (const name of byLength(known.engines)) takeName(text, name, 'engine');
  for (const name of byLength(known.models)) takeName(text, name, 'model');
  for (const name of byLength(known.makes)) takeName(text, name, 'make');
  for (const [kind, names] of [
    ['model', known.models],
    ['make', known.makes],
  ] as const)
    takeOneWord(text, kind, names);
  for (const p of known.people ?? [])
    for (const name of [p.name, p.name.split(' ')[0]!])
      if (name.length >= 3) takeName(text, name, 'person', p.id, p.name);
  text.takeAll(/(?<= )(?=\S*\d)(?=\S*[a-z])\w{6,17}(?= )/gi, (m) => {
    const vin = m[0].toUpperCase();
    return known.vins.some((v) => v.includes(vin))
      ? { kind: 'vin', label: `VIN …${vin}`, value: vin }
      : undefined;
  });
};

/** One word of a name of several, where only one vehicle has it: "shire" for "Shire 16". */
function takeOneWord(text: LineText, kind: 'model' | 'make', names: readonly string[]): void {
  const by = new Map<string, Set<string>>();
  for (const name of new Set(names)) {
    const words = name.toLowerCase().split(/[\s-]+/);
    if (words.length < 2) continue;
    for (const w of words.filter((x) => x.length >= 4 && /\p{L}/u.test(x) && !COMMON.test(x)))
      by.set(w, new Set([...(by.get(w) ?? []), name]));
  }
  for (const word of text.words()) {
    const [name, other] = by.get(word.toLowerCase()) ?? [];
    if (name && !other) text.take(word, { kind, label: name, value: name });
  }
}

/**
 * A make or model that a word is one letter away from, where there is only one.
 *
 * @param word that nothing else was read in
 * @returns the chip's kind and name, or undefined
 * @example nearName('tesa', { models: ['Tessa'], makes: [] }) // { kind: 'model', name: 'Tessa' }
 */
export function nearName(
  word: string,
  known: Pick<KnownWords, 'makes' | 'models'>,
): { kind: 'make' | 'model'; name: string } | undefined {
  const w = word.toLowerCase();
  if (w.length < 4 || /\d/.test(w)) return undefined;
  const near = (['model', 'make'] as const).flatMap((kind) =>
    [...new Set(kind === 'model' ? known.models : known.makes)]
      .filter((n) => n.length >= 5 && n[0]!.toLowerCase() === w[0] && nearWord(w, n.toLowerCase(), 1))
      .map((name) => ({ kind, name })),
  );
  return near.length === 1 ? near[0] : undefined;
}
