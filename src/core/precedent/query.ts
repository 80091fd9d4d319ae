import type { Catalogue } from '@/core/cause';
import type { Grade } from '@/core/case';
import { baseCode, readCode } from '@/core/codes';
import { readSentence } from '@/core/symptoms';

/** One piece of a query as it was understood; shown as a chip that can be taken off. */
export interface Chip {
  kind:
    | 'vin'
    | 'year'
    | 'make'
    | 'model'
    | 'engine'
    | 'code'
    | 'symptom'
    | 'condition'
    | 'cause part'
    | 'grade'
    | 'state'
    | 'number'
    | 'text';
  /** What the chip says. */
  label: string;
  /** The value searched for: a code, a concept id, a part id … */
  value: string;
  /** The words of the line it came from; taking the chip off takes these words out. */
  words: string;
}

/** Names the shop's own vehicles go by, so that the line can tell a model from a plain word. */
export interface VehicleWords {
  makes: string[];
  models: string[];
  engines: string[];
  vins: string[];
}

const CODE_WORD = /^[pcbu][0-3][0-9a-fx]{3}(?:-[0-9a-f]{2})?$/i;
const GRADES: Grade[] = ['claimed', 'checked', 'proven', 'held'];

/**
 * Reads a search line that holds vehicle, code and symptom in any order and any words.
 *
 * @param line as typed
 * @param known names of the shop's vehicles
 * @param catalogue the shop's list of parts, to know a part when it is named
 * @returns chips in the order of their kind; what was not understood becomes text chips
 * @example readQuery('P0301 tessa shakes at idle', …) // model Tessa, code P0301, symptom "rough idle"
 */
export function readQuery(line: string, known: VehicleWords, catalogue: Catalogue): Chip[] {
  const chips: Chip[] = [];
  let rest = ` ${line.normalize('NFKC').replace(/[,;]+/g, ' ').replace(/\s+/g, ' ')} `;
  const take = (words: string, chip: Omit<Chip, 'words'>) => {
    chips.push({ ...chip, words });
    rest = rest.replace(` ${words} `, '  ');
  };

  for (const m of line.matchAll(/SPN\s*\d{1,6}\s*FMI\s*\d{1,2}/gi)) {
    const code = readCode(m[0])!;
    take(m[0], { kind: 'code', label: code.code, value: code.code });
  }
  for (const name of byLength(known.engines)) takeName(name, 'engine');
  for (const name of byLength(known.models)) takeName(name, 'model');
  for (const name of byLength(known.makes)) takeName(name, 'make');
  function takeName(name: string, kind: 'engine' | 'model' | 'make') {
    const at = rest.toLowerCase().indexOf(` ${name.toLowerCase()} `);
    if (name.length >= 2 && at >= 0)
      take(rest.slice(at + 1, at + 1 + name.length), { kind, label: name, value: name });
  }

  for (const word of rest.split(' ').filter(Boolean)) {
    const lower = word.toLowerCase();
    if (CODE_WORD.test(word)) {
      const code = /x/i.test(word.slice(1)) ? word.toUpperCase().replace(/X/g, 'x') : readCode(word)!.code;
      take(word, { kind: 'code', label: code, value: code });
    } else if (/^(19[0-9]{2}|20[0-4][0-9])$/.test(word)) {
      take(word, { kind: 'year', label: word, value: word });
    } else if (/^#\d+$/.test(word)) {
      take(word, { kind: 'number', label: `case ${word}`, value: word.slice(1) });
    } else if (
      word.length >= 6 &&
      /\d/.test(word) &&
      /[a-z]/i.test(word) &&
      known.vins.some((v) => v.includes(word.toUpperCase()))
    ) {
      take(word, { kind: 'vin', label: `VIN …${word.toUpperCase()}`, value: word.toUpperCase() });
    } else if (GRADES.includes(lower as Grade)) {
      take(word, { kind: 'grade', label: lower, value: lower });
    } else if (lower === 'open' || lower === 'closed') {
      // "stuck open" is a failure, an "open" alone a state of the case.
      if (!/stuck|circuit|jammed|wide/i.test(line)) take(word, { kind: 'state', label: lower, value: lower });
    }
  }

  const sentence = readSentence(rest);
  for (const s of sentence.symptoms) {
    if (s.negated) continue;
    chips.push({ kind: 'symptom', label: s.label, value: s.id, words: s.words });
  }
  for (const c of sentence.conditions)
    chips.push({ kind: 'condition', label: c.label, value: c.id, words: c.words });

  let words = sentence.rest;
  for (let size = Math.min(4, words.length); size >= 1; size--) {
    for (let i = 0; i + size <= words.length; i++) {
      const name = words.slice(i, i + size).join(' ');
      const part = name.length >= 3 ? catalogue.find('part', name) : undefined;
      if (!part) continue;
      chips.push({ kind: 'cause part', label: part.name, value: part.id, words: name });
      words = [...words.slice(0, i), ...words.slice(i + size)];
      i--;
    }
  }
  for (const w of words) chips.push({ kind: 'text', label: w, value: w.toLowerCase(), words: w });
  return chips;
}

function byLength(names: string[]): string[] {
  return [...new Set(names.filter(Boolean))].sort((a, b) => b.length - a.length);
}

/**
 * Whether a code meets one asked for: `x` stands for any digit, the failure type byte is left aside.
 *
 * @example codeMatches('P030x', 'P0304') // true
 */
export function codeMatches(asked: string, code: string): boolean {
  const a = baseCode(asked).toUpperCase();
  const c = baseCode(code).toUpperCase();
  if (!a.includes('X')) return a === c;
  return a.length === c.length && [...a].every((ch, i) => ch === 'X' || ch === c[i]);
}
