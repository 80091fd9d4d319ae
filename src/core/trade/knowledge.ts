import type { Catalogue } from '@/core/cause/catalogue';
import { foldQuestion } from '@/core/guide/facts';
import type { VehicleFacts } from '@/core/vehicle';
import type { TradeFault, TradeTest } from './contract';
import { canOccur, fuelsOf } from './places';

/** What shows on a vehicle that has nothing to do with its fault. By judgement. */
export const STRAY = { code: 0.004, symptom: 0.012, condition: 0.04, event: 0.06, test: 0.06 } as const;
/** Chance of a condition that a sign of the fault mostly shows under. */
const UNDER_CONDITION = 0.65;

/** How often a sign beside the main one is told where it shows, and how many of them at most. By judgement. */
const ALSO_TOLD = 0.65;
const MOST_TOLD = 0.9;

/** A fault of the trade as a cause of a shop: its key is made of the shop's own list. */
export interface TradeCause {
  key: string;
  name: string;
  partId: string | null;
  failureId: string | null;
  fault: TradeFault;
}

/** For one term: the causes that have it, and how likely each shows it. */
export interface TradeRow {
  causes: Int32Array;
  chances: Float64Array;
}

/** What the trade knows, in the words and keys of one shop. */
export interface TradeKnowledge {
  causes: readonly TradeCause[];
  at: ReadonlyMap<string, number>;
  /** By term of the index: `c|P0171`, `s|stall`, `t|hot`, `e|repair`. */
  terms: ReadonlyMap<string, TradeRow>;
  /** The same for what is not there: without what a fault shows but rarely, and of a group each a part. */
  expected: ReadonlyMap<string, TradeRow>;
  /** By folded question: the test, and how likely it fails with each cause. */
  tests: ReadonlyMap<string, { test: TradeTest; fails: ReadonlyMap<number, number> }>;
}

/** A key that no shop's list can have: the trade's own words. */
export const ownKey = (part: string, failure: string): string => `~${part}/~${failure}`;

/**
 * The faults of the trade by the keys of a shop's list; what the list does not have keeps the trade's own words.
 *
 * @param faults of the trade, each once
 * @param tests of the trade by id
 * @param catalogue the shop's list of parts and failures
 */
export function knowledgeOf(
  faults: readonly TradeFault[],
  tests: ReadonlyMap<string, TradeTest>,
  catalogue: Catalogue,
): TradeKnowledge {
  const causes: TradeCause[] = [];
  const at = new Map<string, number>();
  const termsOf: Map<string, number>[] = [];
  const byTest = new Map<string, { test: TradeTest; fails: Map<number, number> }>();
  for (const fault of faults) {
    const part = catalogue.find('part', fault.part);
    const failure = catalogue.find('failure', fault.failure);
    const key = part ? `${part.id}/${failure?.id ?? ''}` : ownKey(fault.part, fault.failure);
    if (at.has(key)) continue;
    const i = causes.length;
    at.set(key, i);
    causes.push({
      key,
      name: [part?.name ?? fault.part, failure?.name ?? fault.failure].filter(Boolean).join(', '),
      partId: part?.id ?? null,
      failureId: failure?.id ?? null,
      fault,
    });
    termsOf.push(signsOf(fault));
    for (const [id, chance] of fault.tests) {
      const test = tests.get(id);
      if (!test) continue;
      const question = foldQuestion(test.question);
      const known = byTest.get(question) ?? { test, fails: new Map<number, number>() };
      known.fails.set(i, chance);
      byTest.set(question, known);
    }
  }
  const withCodes = (codes: (f: TradeFault) => [string, number][]) =>
    rowsOf(termsOf.map((signs, i) => new Map([...codes(causes[i]!.fault), ...signs])));
  const expected = withCodes((f) => codeTerms(f.expected));
  const terms = withCodes((f) => [...codeTerms(f.rarely), ...codeTerms(f.codes)]);
  return { causes, at, terms, expected, tests: byTest };
}

/** For each term the causes that have it. */
function rowsOf(termsOf: readonly ReadonlyMap<string, number>[]): Map<string, TradeRow> {
  const rows = new Map<string, [number, number][]>();
  termsOf.forEach((terms, i) => {
    for (const [term, chance] of terms) {
      const row = rows.get(term);
      if (row) row.push([i, chance]);
      else rows.set(term, [[i, chance]]);
    }
  });
  return new Map(
    [...rows].map(([term, row]) => [
      term,
      { causes: Int32Array.from(row, (r) => r[0]), chances: Float64Array.from(row, (r) => r[1]) },
    ]),
  );
}

const codeTerms = (codes: ReadonlyMap<string, number>): [string, number][] =>
  [...codes].map(([code, chance]) => [`c|${code}`, either(chance, STRAY.code)]);

const either = (a: number, b: number): number => 1 - (1 - a) * (1 - b);

/** Terms of a fault beside its codes. */
function signsOf(f: TradeFault): Map<string, number> {
  const out = new Map<string, number>();
  const main = Math.max(0, ...f.signs.map((s) => s.chance));
  const others = f.signs.reduce((sum, s) => sum + s.chance, 0) - main;
  const alsoTold = Math.min(ALSO_TOLD, MOST_TOLD / Math.max(others, 1e-9));
  for (const s of f.signs) {
    // What shows is not all told: people name what bothers them most.
    const told = s.chance * (s.chance === main ? 1 : alsoTold);
    out.set(`s|${s.symptom}`, either(told, STRAY.symptom));
    for (const w of s.when)
      out.set(`t|${w}`, Math.max(out.get(`t|${w}`) ?? 0, either(UNDER_CONDITION * told, STRAY.condition)));
  }
  for (const [event, chance] of f.after) out.set(`e|${event}`, either(chance, STRAY.event));
  return out;
}

/** The chance of a term of which a fault says nothing, by its kind. */
export const strayOf = (term: string): number => {
  if (term.startsWith('c')) return STRAY.code;
  if (term.startsWith('s|')) return STRAY.symptom;
  if (term.startsWith('t|')) return STRAY.condition;
  return STRAY.event;
};

/**
 * How common each cause is on a vehicle, before anything is seen.
 *
 * @param knowledge of a shop
 * @param v the vehicle, or null where it is not known
 * @returns shares by cause that add up to 1
 */
export function commonness(knowledge: TradeKnowledge, v: VehicleFacts | null): Float64Array {
  const fuels = v ? fuelsOf(v) : [];
  const out = Float64Array.from(knowledge.causes, (c) => c.fault.weight * canOccur(c.fault, v, fuels));
  const sum = out.reduce((a, b) => a + b, 0);
  return sum > 0 ? out.map((x) => x / sum) : out;
}
