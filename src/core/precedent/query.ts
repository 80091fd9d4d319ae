import { vehicleWords } from './vehicle-words';
import type { Catalogue } from '@/core/cause';
import { GRADES, type Grade } from '@/core/case';
import { baseCode, readCode } from '@/core/codes';
import { readEntry, type Quantity } from '@/core/readings';
import { SHIPPED, stem, type Vocabulary } from '@/core/symptoms';
import { readDates } from './dates';

export const CHIP_KINDS = [
  'vin',
  'year',
  'make',
  'model',
  'engine',
  'vehicle',
  'fuel',
  'kind of vehicle',
  'code',
  'symptom',
  'condition',
  'cause part',
  'failure',
  'reading',
  'person',
  'date',
  'grade',
  'state',
  'number',
  'text',
] as const;

/** A reading asked for by comparison: its words, and on which side of what. */
export interface ReadingAsked {
  words: string[];
  op: '>' | '<' | '=';
  quantity: Quantity;
}

/** One piece of a query as it was understood; shown as a chip that can be taken off or corrected. */
export interface Chip {
  kind: (typeof CHIP_KINDS)[number];
  /** What the chip says. */
  label: string;
  /** The value searched for: a code, a concept id, a part id … */
  value: string;
  /** The words of the line it came from; taking the chip off takes these words out. */
  words: string;
  /** Not said in words that are known, but likely meant. */
  guess?: boolean;
  /** The comparison, for a reading. */
  reading?: ReadingAsked;
}

/** Names the shop's own vehicles and people go by, so that the line can tell them from plain words. */
export interface KnownWords {
  makes: string[];
  models: string[];
  engines: string[];
  vins: string[];
  /** Words in the labels of readings taken here, stemmed. */
  readings?: ReadonlySet<string>;
  people?: { id: string; name: string }[];
  /** What the shop calls its vehicles: nickname → make/model/engine. */
  nicknames?: { words: string; vehicle: string }[];
  vocabulary?: Vocabulary;
  /** The day it is, for "last month"; without it no dates are read. */
  today?: string;
}

/** A reading that a person put in place of another: these words mean that. */
export interface Correction {
  words: string;
  kind: Chip['kind'];
  value: string;
  label: string;
}

const CODE_WORD = /^[pcbu][0-3][0-9a-fx]{3}(?:-[0-9a-f]{2})?$/i;
const COMPARISON =
  /((?:[\p{L}][\p{L}\p{N}.-]*\s+){1,4}?)(>=|<=|>|<|≥|≤|=|over|above|below|under|more than|less than|at least|at most)\s*([+\-−]?\d+(?:[.,]\d+)?)\s*([^\s\d,;]*)/gu;
const MORE = /^(>|>=|≥|over|above|more than|at least)$/;

/**
 * Reads a search line that holds vehicle, code, symptom, reading, person and time in any order and any words.
 *
 * @param line as typed
 * @param known names of the shop's vehicles, people and readings
 * @param catalogue the shop's list of parts and failures, to know one when it is named
 * @param corrections words whose reading a person has put right
 * @returns chips in the order of their kind; what was not understood becomes text chips
 * @example readQuery('P0301 tessa shakes at idle', …) // model Tessa, code P0301, symptom "rough idle"
 */
export function readQuery(
  line: string,
  known: KnownWords,
  catalogue: Catalogue,
  corrections: readonly Correction[] = [],
): Chip[] {
  const chips: Chip[] = [];
  let rest = ` ${line
    .normalize('NFKC')
    .replace(/[,;]+(?!\d)/g, ' , ')
    .replace(/\s+/g, ' ')} `;
  const take = (words: string, chip: Omit<Chip, 'words'>) => {
    chips.push({ ...chip, words });
    rest = rest.replace(` ${words} `, '  ');
  };
  const takeName = (name: string, kind: Chip['kind'], value = name, label = name) => {
    const at = rest.toLowerCase().indexOf(` ${name.toLowerCase()} `);
    if (name.length >= 2 && at >= 0) take(rest.slice(at + 1, at + 1 + name.length), { kind, label, value });
  };

  for (const c of corrections) takeName(c.words, c.kind, c.value, c.label);
  for (const m of rest.matchAll(/SPN\s*\d{1,6}\s*FMI\s*\d{1,2}/gi)) {
    const code = readCode(m[0])!;
    take(m[0], { kind: 'code', label: code.code, value: code.code });
  }
  for (const m of rest.matchAll(COMPARISON)) {
    const chip = readComparison(m, known.readings);
    if (chip) take(chip.words, chip);
  }
  if (known.today) {
    const span = readDates(rest, known.today);
    if (span) {
      const at = rest.toLowerCase().indexOf(span.words);
      const words = rest.slice(at, at + span.words.length);
      take(words, { kind: 'date', label: words, value: `${span.from}…${span.until}` });
    }
  }
  for (const n of known.nicknames ?? []) takeName(n.words, 'vehicle', n.vehicle, n.words);
  for (const name of byLength(known.engines)) takeName(name, 'engine');
  for (const name of byLength(known.models)) takeName(name, 'model');
  for (const name of byLength(known.makes)) takeName(name, 'make');
  for (const p of known.people ?? [])
    for (const name of [p.name, p.name.split(' ')[0]!])
      if (name.length >= 3) takeName(name, 'person', p.id, p.name);

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
    } else if (lower !== '' && GRADES.includes(lower as Grade)) {
      take(word, { kind: 'grade', label: lower, value: lower });
    } else if (lower === 'open' || lower === 'closed') {
      // "stuck open" is a failure, an "open" alone a state of the case.
      if (!/stuck|circuit|jammed|wide/i.test(line)) take(word, { kind: 'state', label: lower, value: lower });
    }
  }

  const vocabulary = known.vocabulary ?? SHIPPED;
  const sentence = vocabulary.read(rest);
  for (const s of sentence.symptoms) {
    if (s.negated) continue;
    chips.push({ kind: 'symptom', label: s.label, value: s.id, words: s.words });
  }
  for (const c of sentence.conditions)
    chips.push({ kind: 'condition', label: c.label, value: c.id, words: c.words });

  const said = vehicleWords(sentence.rest, line);
  chips.push(...said.chips);
  let words = said.rest;
  for (let size = Math.min(4, words.length); size >= 1; size--) {
    for (let i = 0; i + size <= words.length; i++) {
      const name = words.slice(i, i + size).join(' ');
      if (name.length < 3) continue;
      const part = catalogue.find('part', name);
      const found = part ?? (size > 1 || name.length >= 6 ? catalogue.find('failure', name) : undefined);
      if (!found) continue;
      chips.push({ kind: part ? 'cause part' : 'failure', label: found.name, value: found.id, words: name });
      words = [...words.slice(0, i), ...words.slice(i + size)];
      i--;
    }
  }
  // Words that stood side by side are guessed at together; what they mean is asked for beside them.
  for (const run of runsOf(line, words)) {
    const guess = vocabulary.guess(run.join(' '));
    if (guess && !chips.some((c) => c.kind === 'symptom' && c.value === guess.id))
      chips.push({ kind: 'symptom', label: guess.label, value: guess.id, words: guess.words, guess: true });
  }
  for (const w of words) chips.push({ kind: 'text', label: w, value: w.toLowerCase(), words: w });
  return chips;
}

/** Words in the runs in which they follow each other within one clause of the line. */
function runsOf(line: string, words: readonly string[]): string[][] {
  const left = new Set(words);
  return line.split(/[,;.!?]|\b(?:and|but)\b/).flatMap((clause) => {
    const run = (clause.match(/[\p{L}\p{N}'’-]+/gu) ?? []).filter((w) => left.has(w));
    return run.length ? [run] : [];
  });
}

/** "trim > 20 %": the words before it that name a reading taken here, the last one in any case. */
function readComparison(
  m: RegExpMatchArray,
  readings: ReadonlySet<string> | undefined,
): (Chip & { reading: ReadingAsked }) | undefined {
  const op = m[2]!;
  const entry = readEntry(`${m[3]} ${m[4]}`.trim());
  const plain = entry.kind === 'quantity' ? entry : readEntry(m[3]!);
  if (plain.kind !== 'quantity') return undefined;
  const all = m[1]!.trim().split(/\s+/);
  const taken = (word: string) => readings?.has(stem(word.toLowerCase())) ?? false;
  let from = all.length - 1;
  // "will not rev over 3000" compares nothing that was ever read here.
  if (readings && !taken(all[from]!)) return undefined;
  while (from > 0 && taken(all[from - 1]!)) from--;
  const words = all.slice(from);
  const tail = m[0].slice(m[1]!.length);
  const said =
    `${words.join(' ')} ${entry.kind === 'quantity' ? tail : tail.slice(0, tail.length - m[4]!.length)}`.trim();
  const sign = MORE.test(op) ? '>' : op === '=' ? '=' : '<';
  const { quantity } = plain;
  return {
    kind: 'reading',
    label: `${words.join(' ')} ${sign} ${m[3]}${quantity.unit ? ` ${quantity.unit}` : ''}`,
    value: `${words.join(' ').toLowerCase()}${sign}${quantity.value}${quantity.unit}`,
    words: said,
    reading: { words, op: sign, quantity },
  };
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
