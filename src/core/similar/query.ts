import type { Catalogue } from '@/core/cause';
import { baseCode } from '@/core/codes';
import { SHIPPED, symptomById, type Vocabulary } from '@/core/symptoms';
import type { Chip, Correction, KnownWords } from './chips';
import { readWhen } from './dates';
import { readBuilds } from './line/builds';
import { readCaseNumbers } from './line/case-numbers';
import { readCodeFamilies } from './line/code-families';
import { readCodes } from './line/codes';
import { LineText, type LineReader } from './line/contract';
import { nearName, readNames } from './line/names';
import { partBefore, readParts } from './line/parts';
import { readReadings } from './line/readings';
import { readStanding } from './line/standing';
import { vehicleWords } from './line/vehicle-words';
import { readYearAlone, readYears } from './line/years';

export * from './chips';

/** What is read by its shape, then names, then what is read by its words. */
const READERS: readonly LineReader[] = [
  readCaseNumbers,
  readCodes,
  readReadings,
  readYears,
  readWhen,
  readNames,
  readYearAlone,
  readBuilds,
  readCodeFamilies,
  readParts,
  readStanding,
];

/**
 * Reads a search line that holds vehicle, code, symptom, reading, person and time in any order and any words.
 *
 * @param line as typed
 * @param known names of the shop's vehicles, people and readings
 * @param catalogue the shop's list of parts and failures, to know one when it is named
 * @param corrections words whose reading a person has put right
 * @returns chips in the order of the line; what was not understood becomes text chips
 * @example readQuery('P0301 tessa shakes at idle', …) // model Tessa, code P0301, symptom "rough idle"
 */
export function readQuery(
  line: string,
  known: KnownWords,
  catalogue: Catalogue,
  corrections: readonly Correction[] = [],
): Chip[] {
  const text = new LineText(line);
  for (const c of corrections) {
    const at = text.rest.toLowerCase().indexOf(` ${c.words.toLowerCase()} `);
    if (c.words.length >= 2 && at >= 0)
      text.take(text.rest.slice(at + 1, at + 1 + c.words.length), {
        kind: c.kind,
        label: c.label,
        value: c.value,
      });
  }
  for (const read of READERS) read(text, known, catalogue);
  const { chips } = text;

  const vocabulary = known.vocabulary ?? SHIPPED;
  const sentence = vocabulary.read(text.rest);
  const ofParts: string[] = [];
  for (const alone of sentence.symptoms) {
    if (alone.negated || alone.byWords) continue;
    const s = withItsPart(alone, text, vocabulary);
    if (!s) {
      ofParts.push(...alone.words.split(' '));
      continue;
    }
    const said = s.words.toLowerCase().split(' ');
    const or = text.within
      .filter((c) =>
        c.words
          .toLowerCase()
          .split(' ')
          .every((w) => said.includes(w)),
      )
      .map(({ kind, label, value }) => ({ kind, label, value }));
    chips.push({
      kind: 'symptom',
      label: s.label,
      value: s.id,
      words: s.words,
      ...(or.length ? { or: or.slice(0, 1) } : {}),
    });
  }
  for (const p of [...sentence.symptoms.filter((s) => s.byWords), ...sentence.perhaps])
    chips.push({ kind: 'symptom', label: p.label, value: p.id, words: p.words, guess: true });
  for (const c of sentence.conditions.filter((x) => !x.negated))
    chips.push({ kind: 'condition', label: c.label, value: c.id, words: c.words });

  const unknown = [...sentence.rest, ...ofParts].filter((word) => {
    const near = nearName(word, known);
    if (!near || chips.some((c) => c.kind === near.kind)) return true;
    chips.push({ kind: near.kind, label: near.name, value: near.name, words: word, guess: true });
    return false;
  });
  const said = vehicleWords(unknown, line, chips);
  chips.push(...said.chips);
  const words = said.rest;
  for (const w of words.filter((x) => !FILLERS.has(x.toLowerCase())))
    chips.push({ kind: 'text', label: w, value: w.toLowerCase(), words: w });
  const place = (c: Chip) => text.line.toLowerCase().indexOf(c.words.toLowerCase().split(' ')[0]!);
  // What is said twice is asked for once.
  const key = (c: Chip) => `${c.kind}|${c.value}`;
  const once = chips.filter((c, i) => chips.findIndex((x) => key(x) === key(c)) === i);
  return once.sort((a, b) => place(a) - place(b));
}

/**
 * What is said right behind a part is said of it: of a sensor that drifts nothing is said of the steering, and a pump
 * that whines is no engine that does.
 */
function withItsPart<S extends { id: string; label: string; words: string }>(
  alone: S,
  text: LineText,
  vocabulary: Vocabulary,
): S | undefined {
  const part = partBefore(text, alone.words.split(' ')[0]!);
  // "egr stalls" lists what the engine does beside a part.
  if (!part || ENGINE_AREAS.has(symptomById(alone.id)?.area ?? '')) return alone;
  // By its words in the line, which may be short for a name that tells more: a "maf" is a meter.
  const readings = [part.words, part.label].map((name) =>
    vocabulary.read(`${name} ${alone.words}`).symptoms.filter((s) => !s.negated && !s.byWords),
  );
  if (readings.every((r) => r.some((s) => s.id === alone.id))) return alone;
  const other = readings.flat().find((s) => s.id !== alone.id);
  return other && { ...alone, id: other.id, label: other.label };
}

const ENGINE_AREAS = new Set(['starting', 'running', 'smoke']);

/** They say nothing that a case could be found by. */
const FILLERS = new Set('but fine still just also only very really'.split(' '));

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
