import { circuitOf, dictionaryEntries, kindOf, type CodeKind } from '@/core/codes';
import { namedIn, wordsIn } from '@/core/cause/parts-in-text';
import type { Catalogue } from '@/core/cause/catalogue';
import { codeKin } from './code-kin';
import type { TradeFault } from './contract';
import { isSilence } from './no-supply';

/** Failures that a code of a kind speaks of, each with the chance that such a failure sets one. By judgement. */
const SPEAKS: Partial<Record<CodeKind, Record<string, number>>> = {
  circuit: {
    'open circuit': 0.5,
    'no signal': 0.4,
    'internal fault': 0.4,
    'wrong reading': 0.25,
    'short to ground': 0.4,
  },
  'circuit open': { 'open circuit': 0.6, 'no signal': 0.3, 'internal fault': 0.25 },
  'circuit low': {
    'wrong reading': 0.3,
    'no signal': 0.35,
    'short to ground': 0.5,
    'internal fault': 0.3,
    'open circuit': 0.3,
  },
  'circuit high': { 'wrong reading': 0.3, 'no signal': 0.3, 'open circuit': 0.5, 'internal fault': 0.3 },
  'range or performance': {
    'wrong reading': 0.5,
    worn: 0.3,
    contaminated: 0.3,
    sticking: 0.35,
    'internal fault': 0.2,
    blocked: 0.2,
    aged: 0.25,
  },
  intermittent: { 'no signal': 0.25, 'intermittent contact': 0.3, 'internal fault': 0.2 },
  'mechanical limit': {
    sticking: 0.5,
    'stuck open': 0.4,
    'stuck closed': 0.4,
    seized: 0.4,
    worn: 0.2,
    broken: 0.3,
  },
  'leak or flow': { leaking: 0.4, blocked: 0.35, 'stuck open': 0.3, 'stuck closed': 0.3 },
  configuration: { 'not configured': 0.5, 'not relearned': 0.5 },
  'internal failure': { 'internal fault': 0.5 },
  communication: { 'internal fault': 0.3, 'no signal': 0.3 },
};
/** For faults of the part that the code names, but of a kind it does not speak of. */
const SOMETIMES = 0.05;

/** Of what a table says of a code, as much holds for one that is like it. By judgement. */
const AS_KIN = 0.5;

/**
 * What leaves a module silent beside the module itself: its feed, its ground, its plug and the bus to it, each with the
 * chance that a code of a silent module is set. By judgement; a module's own electronics are the rarer cause.
 */
const SILENT: Record<string, number> = {
  'fuse, open circuit': 0.12,
  'ground point, corroded': 0.12,
  'connector, corroded': 0.08,
  'connector pin, spread or pushed back': 0.08,
  'wiring harness, open circuit': 0.08,
  'wiring harness, chafed': 0.05,
  'data bus, open circuit': 0.25,
};

/** How common a fault is that no table lists: a part that codes name, out of order. */
const UNLISTED_WEIGHT = 1;

const OF_SENSORS = /sensor|sender|meter|switch|mat$/;

interface Naming {
  part: string;
  kind: CodeKind;
}

/** The part that each code of the dictionary names and the kind of fault it speaks of, by code. */
export function partsOfCodes(list: Catalogue): Map<string, Naming> {
  const out = new Map<string, Naming>();
  for (const [code, meaning] of dictionaryEntries()) {
    const text = circuitOf(code)?.part ?? meaning;
    const named = namedIn(wordsIn(text), list, 'part');
    const best = named.reduce<(typeof named)[number] | undefined>(
      (a, b) => (a === undefined || b.to - b.from > a.to - a.from ? b : a),
      undefined,
    );
    if (best) out.set(code, { part: best.item.name, kind: kindOf(code, meaning) });
  }
  return out;
}

/**
 * Adds to each fault the codes that the dictionary gives its part and those that are like the ones it sets, to what
 * leaves a module silent the codes of silent modules, and faults for parts that codes name and no table lists. Codes
 * that a table gives stay as they are. General practice, no source.
 *
 * @param faults as the tables give them
 * @param list the starter list of parts, by which the wordings are read
 */
export function withDictionary(faults: readonly TradeFault[], list: Catalogue): TradeFault[] {
  const naming = partsOfCodes(list);
  const tabled = new Set(faults.flatMap((f) => [...f.codes.keys()]));
  const kin = [...codeKin()].filter(([code]) => !tabled.has(code));
  const silentModules = [...dictionaryEntries()].map(([code]) => code).filter(isSilence);
  const byPart = new Map<string, string[]>();
  for (const [code, n] of naming) byPart.set(n.part, [...(byPart.get(n.part) ?? []), code]);
  const listed = new Set(faults.map((f) => f.part));
  const full = faults.map((f) => {
    const rarely = new Map<string, number>();
    for (const code of byPart.get(f.part) ?? []) {
      if (f.codes.has(code)) continue;
      const speaks = SPEAKS[naming.get(code)!.kind]?.[f.failure];
      rarely.set(code, speaks === undefined ? SOMETIMES / 4 : speaks / 3);
    }
    for (const [code, bases] of kin) {
      // What its like are set for, it is set for as well; which of them it is, a table would say.
      const like = Math.max(...bases.map((base) => f.codes.get(base) ?? 0));
      if (like > 0) rarely.set(code, Math.max(rarely.get(code) ?? 0, like * AS_KIN));
    }
    const silent = SILENT[`${f.part}, ${f.failure}`];
    if (silent !== undefined)
      for (const code of silentModules) if (!f.codes.has(code)) rarely.set(code, silent);
    return { ...f, rarely };
  });
  const more = [...byPart].flatMap(([part, codes]): TradeFault[] => {
    if (listed.has(part) || codes.length < 2) return [];
    const failure = OF_SENSORS.test(part) ? 'wrong reading' : 'internal fault';
    const each = 0.85 / Math.sqrt(codes.length);
    return [
      {
        part,
        failure,
        where: [],
        notOn: [],
        weight: UNLISTED_WEIGHT,
        signs: [],
        codes: new Map(),
        expected: new Map(),
        rarely: new Map(codes.map((c) => [c, each])),
        after: new Map(),
        tests: new Map([
          ['part-feed', 0.2],
          ['wire-through', 0.2],
          ['pins-look', 0.15],
          ['part-resist', 0.5],
        ]),
        mistaken: [],
      },
    ];
  });
  return [...full, ...more];
}
