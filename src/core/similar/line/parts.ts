import { writtenOut, type Catalogue } from '@/core/cause';
import { isOtherPart } from '@/core/cause/part-names';
import { isDevice, SHIPPED, type Vocabulary } from '@/core/symptoms';
import type { Chip } from '../chips';
import type { LineReader, LineText } from './contract';

/** What is said of a part and a failure at once, or of one in words that no list has. Common practice, no source. */
const SAYINGS: readonly [said: RegExp, part: string, failure: string][] = [
  [/(?<= )boost leaks?(?= )/i, 'charge-air hose', 'leaking'],
  [/(?<= )vacuum leaks?(?= )/i, 'vacuum hose', 'leaking'],
  [/(?<= )(?:bad|poor|missing) (?:ground|earth)(?= )/i, 'ground point', ''],
  [/(?<= )(?:diff|difference|differential) pressure(?: sensor)?(?= )/i, 'differential pressure sensor', ''],
  [/(?<= )(?:jumped timing|timing jumped|jumped (?:a )?(?:tooth|teeth))(?= )/i, '', 'out of time'],
  [/(?<= )(?:rodent|mouse|mice|marten|rat) (?:damage|bite|bites)(?= )/i, '', 'chafed'],
  // Water in the car, in the oil or in the fuel is another thing.
  [
    /(?<= )(?:water|moisture) in(?= (?:the |a )?(?:connector|plug|lamp|headlamp|fuse|module|sensor|socket|harness|loom|ecu|switch))/i,
    '',
    'water inside',
  ],
];
const LONGEST = 5;

/** Whether a symptom was said in these words and more: "wheel bearing noise" is the noise. */
const saidMore = (name: string, symptoms: readonly string[][]): boolean => {
  const words = name.toLowerCase().split(' ');
  return symptoms.some((s) => s.length > words.length && words.every((w) => s.includes(w)));
};

/** Parts, and how they fail, by the names and synonyms of the shop's list. */
export const readParts: LineReader = (text, known, catalogue) => {
  const vocabulary = known.vocabulary ?? SHIPPED;
  for (const [said, part, failure] of SAYINGS) {
    const m = said.exec(text.rest);
    const [p, f] = [part && catalogue.find('part', part), failure && catalogue.find('failure', failure)];
    if (!m || (part && !p) || (failure && !f)) continue;
    if (p && denied(text, m[0], true)) text.take(m[0], { kind: 'without', label: p.name, value: p.id }, true);
    else if (p) {
      text.take(m[0], { kind: 'cause part', label: p.name, value: p.id }, true);
      if (f) text.chips.push({ kind: 'failure', label: f.name, value: f.id, words: m[0] });
    } else if (f) text.take(m[0], { kind: 'failure', label: f.name, value: f.id }, true);
  }
  takeNamed(text, catalogue, 'part', vocabulary);
  takeNamed(text, catalogue, 'failure', vocabulary);
};

/** Last words of a part's name that say what it is, and leave what stands before them to say where. */
const HEADS = /^(?:pump|motor|fan|cap|harness|loom|wiring|seal|bearing|belt)$/i;
const isHead = (word: string): boolean => isDevice(word) || HEADS.test(word);

/** Words that make a reading of a part's name. */
const QUANTITY = /^(?:temp|temperature|pressure|level|position|speed|flow)$/i;

/**
 * The coolant of a "coolant temp sensor" or of "coolant temp 140" is not the part that was meant, nor is the key of
 * "key off", nor the inverter of an "inverter coolant pump": of names in a row the last one says what it is.
 */
const isOfAnother = (
  name: string,
  [next = '', then = '']: readonly string[],
  isPart: (words: string) => boolean,
): boolean =>
  (name.toLowerCase() === 'key' && /^(?:on|off|out|in)$/i.test(next)) ||
  isDevice(next) ||
  QUANTITY.test(next) ||
  (isHead(then) && isPart(`${next} ${then}`));

/** "Not the alternator", "no vacuum leak"; but "no starter" is a starter that does nothing. */
const denied = (text: LineText, words: string, fault = false): boolean =>
  (fault ? / (?:no|not|without) $/i : / (?:not|without)(?: the| a)? $/i).test(
    text.rest.slice(0, text.rest.indexOf(` ${words} `) + 1),
  );

function takeNamed(
  text: LineText,
  catalogue: Catalogue,
  kind: 'part' | 'failure',
  vocabulary: Vocabulary,
): void {
  const symptoms = spoken(text, vocabulary).filter((words) => !isPartThatFails(words, catalogue));
  const isPart = (words: string) => catalogue.find('part', words) !== undefined;
  // "Starter motor bolt" is no starter either.
  const others: string[] = [];
  const isOther = (name: string, words: readonly string[]) =>
    others.some((o) => ` ${o} `.includes(` ${name} `)) || namesAnother(text, name, words, isPart);
  for (let size = LONGEST; size >= 1; size--)
    for (const clause of text.rest.split(',')) {
      const words = clause.split(' ').filter(Boolean);
      for (let i = 0; i + size <= words.length; i++) {
        const name = words.slice(i, i + size).join(' ');
        const found =
          name.length >= 3
            ? (catalogue.find(kind, name) ?? (size > 1 ? catalogue.find(kind, writtenOut(name)) : undefined))
            : undefined;
        if (found && kind === 'part' && isOther(name, words)) {
          others.push(name);
          continue;
        }
        if (found && saidMore(name, symptoms) && !(kind === 'failure' && size === 1)) {
          const other = kind === 'part' ? ('cause part' as const) : kind;
          text.within.push({ kind: other, label: found.name, value: found.id, words: name });
        }
        if (!found || saidMore(name, symptoms)) continue;
        if (kind === 'failure' && !isFailure(text, name, vocabulary)) continue;
        const chip = {
          kind: kind === 'part' ? ('cause part' as const) : kind,
          label: found.name,
          value: found.id,
        };
        if (text.take(name, denied(text, name) ? { ...chip, kind: 'without' } : chip, true)) i += size - 1;
      }
    }
}

/** Whether a name is part of another part's, by the words beside it in the line as it was typed. */
function namesAnother(
  text: LineText,
  name: string,
  left: readonly string[],
  isPart: (words: string) => boolean,
): boolean {
  const behind = wordsBehind(text, name);
  const before = wordBefore(text, name);
  // A word before it that was understood already, as of a vehicle or a symptom, is none of its name.
  const own = left.includes(before) ? before : '';
  if (isPlace(text, name)) return true;
  return isOfAnother(name, behind, isPart) || isOtherPart(name, own, behind, isPart);
}

/** "Short behind the radio" is no short of the radio. */
const isPlace = (text: LineText, name: string): boolean =>
  PLACE.test(` ${clauseBefore(text, name).join(' ')} `);
const PLACE = / (?:behind|under|underneath|beneath|near|beside|above|below|next to)(?: the| a| its| my)? $/;

/** The word that stands before a name in the line as it was typed, from the last comma on. */
const wordBefore = (text: LineText, name: string): string => clauseBefore(text, name).at(-1) ?? '';

/** The words that stand before a name in the line as it was typed, from the last comma on. */
function clauseBefore(text: LineText, name: string): string[] {
  const line = ` ${text.line.replace(/\s+/gu, ' ')} `.toLowerCase();
  const at = line.indexOf(` ${name.toLowerCase()} `);
  return at < 0 ? [] : line.slice(0, at).split(',').at(-1)!.split(' ').filter(Boolean);
}

/** The two words that stand behind a name in the line as it was typed, up to a comma. */
function wordsBehind(text: LineText, name: string): string[] {
  const line = ` ${text.line.replace(/\s+/gu, ' ')}`.toLowerCase();
  const at = line.indexOf(` ${name.toLowerCase()} `);
  if (at < 0) return [];
  const behind = line.slice(at + name.length + 2).split(',')[0]!;
  return behind.split(' ').filter(Boolean).slice(0, 2);
}

/** The words of each symptom in what is left, denied ones too. */
const spoken = (text: LineText, vocabulary: Vocabulary): string[][] =>
  vocabulary.read(text.rest).symptoms.flatMap((s) => (s.byWords ? [] : [s.words.toLowerCase().split(' ')]));

/**
 * "Water pump leaking" is a part and how it fails, which says more than the leak it makes. Of one word ("horn dead",
 * "wipers stuck") it is what the driver sees.
 */
const isPartThatFails = (words: readonly string[], catalogue: Catalogue): boolean =>
  words.some(
    (_, i) =>
      i >= 2 &&
      catalogue.find('part', words.slice(0, i).join(' ')) !== undefined &&
      catalogue.find('failure', words.slice(i).join(' ')) !== undefined,
  );

/**
 * One word may be many things ("open", "dead", "dirty"), and some are what the vehicle does ("overheats", "cuts out"): a
 * failure is meant where they follow a part.
 */
const isFailure = (text: LineText, name: string, vocabulary: Vocabulary): boolean =>
  (name.includes(' ') || (name.length >= 6 && !/^(?:leak|leaks)$/i.test(name))) &&
  !vocabulary.read(name).symptoms.some((s) => !s.byWords)
    ? true
    : followsPart(text, name);

/** Whether a word stands right behind a part that was named, "is" and the like aside. */
export const followsPart = (text: LineText, word: string): boolean => partBefore(text, word) !== undefined;

/** The part that a word stands right behind, "is" and the like aside. */
export function partBefore(text: LineText, word: string): Chip | undefined {
  const line = ` ${text.line
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, ' ')
    .trim()} `;
  const before = line
    .slice(0, line.indexOf(` ${word.toLowerCase()} `))
    .replace(/ (?:is|was|looks|very|all|still)$/, '');
  return text.chips.find(
    (c) =>
      c.kind === 'cause part' &&
      before.endsWith(
        ` ${c.words
          .toLowerCase()
          .replace(/[^\p{L}\p{N}]+/gu, ' ')
          .trim()}`,
      ),
  );
}
