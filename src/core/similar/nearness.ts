import { codeRelation } from '@/core/codes';
import { foldQuestion } from '@/core/guide/facts';
import { comparable, convert, writeQuantity } from '@/core/readings';
import { conditionLabel, stem } from '@/core/symptoms';
import { vehicleNearness, type VehicleFacts } from '@/core/vehicle';
import type { CauseFit } from './cause-fit';
import { fold } from './fold';
import { isBuilt } from './line/builds';
import { familyLabel, inFamily } from './line/code-families';
import { NEAR_VALUE } from './line/readings';
import type { CaseProfile } from './profile';
import { codeMatches, type ReadingAsked } from './query';
import type { AlikeTraces, Ranked } from './search';
import type { SearchCriteria } from './criteria';

/** One reason for a rank, as data: what is shared and how much of the asked it is. */
export interface Reason {
  of:
    | 'vehicle'
    | 'codes'
    | 'symptoms'
    | 'conditions'
    | 'tests'
    | 'traces'
    | 'cause'
    | 'words'
    | 'proof'
    | 'fit';
  text: string;
  /** 0 … 1 within its part. */
  points: number;
}

export interface Near {
  profile: CaseProfile;
  /** 0 … 1 of what was asked for, after the weight of its proof. */
  score: number;
  reasons: Reason[];
  /** What was asked for and this case does not have. */
  lacks: string[];
}

const PROOF_WORDS: Record<string, string> = {
  claimed: 'its repair is only claimed',
  '': 'not proven yet',
};

/**
 * Why a case stands where it does: what it shares with what is looked for, part by part, what it has
 * not, what is held against it, and how its cause goes with the rest.
 *
 * @param wanted a query or an open case
 * @param p the case's profile
 * @param ranked its rank
 * @param fit how causes go with what is asked, for the reason that rests on other cases
 * @param alike recordings of other cases that are like its own
 */
export function explain(
  wanted: SearchCriteria,
  p: CaseProfile,
  ranked: Ranked,
  fit: CauseFit,
  alike?: AlikeTraces,
): Near {
  const reasons: Reason[] = [];
  const lacks: string[] = [];
  const say = (of: Reason['of'], text: string, points: number) => {
    if (points > 0 && text !== '') reasons.push({ of, text, points });
  };

  if (wanted.vinPart !== '') say('vehicle', `VIN contains ${wanted.vinPart}`, 1);
  if (wanted.number !== null) say('words', `case ${p.number}`, 1);
  const near = wanted.vehicle ? partialVehicle(wanted.vehicle, p.vehicle) : { score: 0, reason: '' };
  const { engine, year } = p.vehicle;
  const built = wanted.builds.some((b) => isBuilt(engine, b));
  const ofYears = wanted.years !== null && year !== null && within(wanted.years, year);
  say(
    'vehicle',
    [near.reason, built ? engine : '', ofYears ? year : ''].filter(Boolean).join(' '),
    Math.max(near.score, built ? 1 : 0, ofYears ? 0.5 : 0),
  );
  shareCodes(wanted, p, say, lacks);
  say('traces', 'a recording of the same shape', alike?.cases.get(p.id) ?? 0);
  const symptoms = p.symptoms.filter((s) => wanted.symptoms.includes(s.id));
  say(
    'symptoms',
    [...new Set(symptoms.map((s) => s.label))].join(', '),
    share(symptoms.length, wanted.symptoms.length),
  );
  const conditions = wanted.conditions.filter((c) => p.conditions.includes(c));
  say(
    'conditions',
    conditions.map(conditionLabel).join(', '),
    share(conditions.length, wanted.conditions.length),
  );
  shareTests(wanted, p, say, lacks);
  if (wanted.parts.length) say('cause', `cause: ${p.causes.map((c) => c.name).join('; ')}`, 1);
  const words = wanted.words.filter((w) => p.words.includes(w));
  say('words', `mentions ${words.join(', ')}`, share(words.length, wanted.words.length));
  for (const r of [...wanted.readings, ...wanted.values]) {
    const hit =
      p.readings.find((x) => meets(r, x, x.label)) ??
      p.readings.find((x) => meets(r, x, `${x.label} ${x.question}`));
    if (hit)
      say('tests', `${hit.label} ${writeQuantity({ value: hit.value, unit: hit.unit }, hit.decimals)}`, 1);
  }
  const fits = ranked.fit > 0 ? fitWords(p, fit) : '';
  say('fit', fits, ranked.fit / 2);
  if (p.comebacks.length)
    reasons.push({ of: 'proof', text: `came back as case ${p.comebacks.join(', ')}`, points: 0 });
  else if (p.cameBack) reasons.push({ of: 'proof', text: 'came back at its follow-up', points: 0 });
  else if (!p.open && PROOF_WORDS[p.grade] !== undefined)
    reasons.push({ of: 'proof', text: PROOF_WORDS[p.grade]!, points: 0 });
  if (p.fromOldRecords) reasons.push({ of: 'proof', text: 'from old records', points: 0 });
  reasons.sort((a, b) => b.points - a.points);
  return { profile: p, score: ranked.score, reasons, lacks };
}

/** Whether a reading has the words that were asked for and lies on the side that was. */
function meets(asked: ReadingAsked, x: CaseProfile['readings'][number], name: string): boolean {
  const words = new Set(fold(name).split(' ').map(stem));
  if (!asked.words.every((w) => words.has(stem(w.toLowerCase())))) return false;
  const { unit } = asked.quantity;
  if (unit !== x.unit && !comparable(unit, x.unit)) return false;
  const limit = unit === x.unit ? asked.quantity.value : convert(asked.quantity, x.unit).value;
  if (asked.op === '>') return x.value > limit;
  if (asked.op === '<') return x.value < limit;
  return Math.abs(x.value - limit) <= (asked.op === '≈' ? NEAR_VALUE * Math.abs(limit) : 0) + 1e-9;
}

const within = ({ from, until }: NonNullable<SearchCriteria['years']>, year: number): boolean =>
  (from === null || year >= from) && (until === null || year <= until);

const share = (n: number, of: number): number => (of === 0 ? 0 : Math.min(1, n / of));

type Say = (of: Reason['of'], text: string, points: number) => void;

function shareCodes(wanted: SearchCriteria, p: CaseProfile, say: Say, lacks: string[]): void {
  const exact: string[] = [];
  const related: string[] = [];
  let points = 0;
  for (const w of wanted.codes) {
    const same = p.codes.filter((c) => codeMatches(w.code, c.code));
    const sibling = same.length ? undefined : p.codes.find((c) => codeRelation(w.code, c.code) !== '');
    if (same.length) {
      exact.push(...same.map((c) => codeWords(c, w.types)));
      points += w.weight * Math.max(...same.map((c) => c.weight));
    } else if (sibling) {
      related.push(`${sibling.code} (${codeRelation(w.code, sibling.code)} as ${w.code})`);
      points += 0.35 * w.weight * sibling.weight;
    } else if (w.weight >= 0.5) lacks.push(w.code);
  }
  for (const id of wanted.codeFamilies) {
    const same = p.codes.filter((c) => inFamily(id, c.code));
    exact.push(...same.map((c) => codeWords(c, undefined)));
    if (same.length) points += Math.max(...same.map((c) => c.weight));
    else lacks.push(familyLabel(id));
  }
  const text = [[...new Set(exact)].join(', '), [...new Set(related)].join(', ')].filter(Boolean).join('; ');
  say(
    'codes',
    text,
    share(
      points,
      wanted.codes.reduce((s, c) => s + c.weight, wanted.codeFamilies.length),
    ),
  );
}

/** The code shared, with what is not the same about it. */
function codeWords(c: CaseProfile['codes'][number], asked: readonly string[] | undefined): string {
  if (c.weight < 0.3) return `${c.code} (set aside there)`;
  const same = asked?.find((t) => c.types?.includes(t));
  if (same) return `${c.code}-${same}`;
  return asked?.length && c.types?.length ? `${c.code} (other failure type, ${c.types.join(', ')})` : c.code;
}

function shareTests(wanted: SearchCriteria, p: CaseProfile, say: Say, lacks: string[]): void {
  const there = new Map(p.outcomes.map((o) => [foldQuestion(o.question), o.verdict]));
  const agree = wanted.outcomes.filter((o) => there.get(o.question) === o.verdict);
  const differ = wanted.outcomes.filter((o) => {
    const v = there.get(o.question);
    return (v === 'pass' || v === 'fail') && v !== o.verdict;
  });
  say(
    'tests',
    agree.map((o) => `${o.words}: ${o.verdict}`).join('; '),
    share(agree.length, wanted.outcomes.length),
  );
  for (const o of differ) lacks.push(`${o.words}: ${there.get(o.question)} there`);
}

/** "9 of 13 cases of this cause had P0171": the best pieces of evidence its cause has elsewhere. */
function fitWords(p: CaseProfile, fit: CauseFit): string {
  const best = p.causes
    .map((c) => fit.shares.get(c.key))
    .reduce((a, b) => ((b?.share ?? 0) > (a?.share ?? 0) ? b : a), undefined);
  if (!best || best.cases < 2) return '';
  const telling = best.because
    .filter((b) => b.part !== 'vehicle' && b.factor > 1.2 && b.cases > 1)
    .sort((a, b) => b.factor - a.factor)
    .slice(0, 2);
  if (telling.length === 0) return '';
  return `of ${best.cases} cases of this cause ${telling.map((t) => `${t.cases} had ${t.label}`).join(', ')}`;
}

/** Nearness of a vehicle of which perhaps only some words were given. */
function partialVehicle(wanted: VehicleFacts, v: VehicleFacts): { score: number; reason: string } {
  const full = wanted.make !== '' && wanted.model !== '';
  if (full) return vehicleNearness(wanted, v);
  const eq = (a: string, b: string) => a !== '' && a.toLowerCase() === b.toLowerCase();
  const got: string[] = [];
  let n = 0;
  let of = 0;
  for (const [a, b] of [
    [wanted.make, v.make],
    [wanted.model, v.model],
    [wanted.engine, v.engine],
  ] as const) {
    if (a === '') continue;
    of++;
    if (eq(a, b)) {
      n++;
      got.push(b);
    }
  }
  for (const [a, b] of [
    [wanted.fuel, v.fuel],
    [wanted.kind, v.kind],
  ] as const) {
    if (a === '') continue;
    of += 0.5;
    if (eq(a, b)) {
      n += 0.5;
      got.push(b);
    }
  }
  if (wanted.year !== null) {
    of += 0.5;
    const apart = v.year === null ? 99 : Math.abs(v.year - wanted.year);
    if (apart <= 2) {
      n += apart === 0 ? 0.5 : 0.3;
      got.push(String(v.year));
    }
  }
  return { score: of === 0 ? 0 : n / of, reason: got.join(' ') };
}
