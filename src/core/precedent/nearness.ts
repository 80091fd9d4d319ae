import { akin, baseCode } from '@/core/codes';
import { conditionLabel, tokens } from '@/core/symptoms';
import { vehicleNearness, type VehicleFacts } from '@/core/vehicle';
import type { CaseProfile } from './profile';
import { codeMatches, type Chip } from './query';

/** What is looked for: a query's chips or an open case, in one shape. */
export interface Wanted {
  vehicle: VehicleFacts | null;
  vinPart: string;
  codes: { code: string; weight: number }[];
  symptoms: string[];
  conditions: string[];
  parts: string[];
  words: string[];
  grade: string;
  state: '' | 'open' | 'closed';
  number: number | null;
}

/** One reason for a rank, as data: what is shared and how much it counted. */
export interface Reason {
  of: 'vehicle' | 'codes' | 'symptoms' | 'conditions' | 'cause' | 'words' | 'proof';
  text: string;
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

/** How rare things are among the cases; rare ones weigh more. */
export interface Rarity {
  cases: number;
  codes: Map<string, number>;
  symptoms: Map<string, number>;
  words: Map<string, number>;
}

/**
 * Weights of the parts of nearness, in one place. Set by judgement for now: a code says more than a
 * symptom, a symptom more than the make on the badge.
 */
export const WEIGHTS = {
  vehicle: 0.28,
  codes: 0.36,
  symptoms: 0.26,
  conditions: 0.06,
  parts: 0.3,
  words: 0.14,
};
const PROOF_WEIGHT: Record<string, number> = { held: 1, proven: 1, checked: 0.92, claimed: 0.8, '': 0.75 };
const COMEBACK_WEIGHT = 0.6;

/** Inverse document frequency, smoothed so that it stays positive (Robertson & Zaragoza 2009, eq. 3.2 with +1). */
function rare(count: number, cases: number): number {
  return Math.log(1 + (cases - count + 0.5) / (count + 0.5));
}

/** Turns a query's chips into what is looked for. */
export function wantedOf(chips: Chip[]): Wanted {
  const of = (kind: Chip['kind']) => chips.filter((c) => c.kind === kind).map((c) => c.value);
  const [make] = of('make');
  const [model] = of('model');
  const [engine] = of('engine');
  const [year] = of('year');
  const anyVehicle = make ?? model ?? engine ?? year;
  return {
    vehicle:
      anyVehicle === undefined
        ? null
        : {
            vin: '',
            make: make ?? '',
            model: model ?? '',
            engine: engine ?? '',
            year: year ? Number(year) : null,
            kind: '',
            fuel: '',
          },
    vinPart: of('vin')[0] ?? '',
    codes: of('code').map((code) => ({ code: baseCode(code), weight: 1 })),
    symptoms: of('symptom'),
    conditions: of('condition'),
    parts: of('cause part'),
    words: of('text')
      .flatMap((w) => tokens(w).map((t) => t.token))
      .filter(Boolean),
    grade: of('grade')[0] ?? '',
    state: (of('state')[0] ?? '') as Wanted['state'],
    number: of('number')[0] ? Number(of('number')[0]) : null,
  };
}

/** Turns an open case into what is looked for, so that its precedents can be found. */
export function wantedOfCase(profile: CaseProfile): Wanted {
  const named = profile.vehicle.make !== '' || profile.vehicle.vin !== '';
  return {
    vehicle: named ? profile.vehicle : null,
    vinPart: '',
    codes: profile.codes,
    symptoms: profile.symptoms.map((s) => s.id),
    conditions: profile.conditions,
    parts: [],
    words: [],
    grade: '',
    state: '',
    number: null,
  };
}

/**
 * How much of what is looked for a past case has, with the reasons. Each part counts for its
 * weight among the parts asked for; codes and symptoms by their rarity; a cause that is not proven
 * counts less, one that came back less still.
 *
 * @returns undefined when nothing is shared or a filter (grade, state, number, VIN) is not met
 */
export function nearness(wanted: Wanted, p: CaseProfile, rarity: Rarity): Near | undefined {
  if (wanted.grade !== '' && p.grade !== wanted.grade) return undefined;
  if (wanted.state !== '' && p.open !== (wanted.state === 'open')) return undefined;
  if (wanted.number !== null && p.number !== wanted.number) return undefined;
  if (wanted.vinPart !== '' && !p.vehicle.vin.includes(wanted.vinPart)) return undefined;
  const reasons: Reason[] = [];
  const lacks: string[] = [];
  let sum = 0;
  let asked = 0;
  const part = (of: Reason['of'], weight: number, share: number, text: string) => {
    asked += weight;
    const points = weight * share;
    sum += points;
    if (share > 0) reasons.push({ of, text, points });
  };

  if (wanted.vinPart !== '') part('vehicle', WEIGHTS.vehicle, 1, `VIN contains ${wanted.vinPart}`);
  if (wanted.number !== null) part('words', WEIGHTS.words, 1, `case ${p.number}`);
  if (wanted.vehicle) {
    const near = partialVehicle(wanted.vehicle, p.vehicle);
    part('vehicle', WEIGHTS.vehicle, near.score, near.reason);
  }
  if (wanted.codes.length) {
    let got = 0;
    let all = 0;
    const exact: string[] = [];
    const related: string[] = [];
    for (const w of wanted.codes) {
      const value = w.weight * rare(rarity.codes.get(w.code) ?? 0, rarity.cases);
      all += value;
      const same = p.codes.find((c) => codeMatches(w.code, c.code));
      const sibling = same ?? p.codes.find((c) => akin(w.code, c.code) !== '');
      if (same) {
        got += value * (0.4 + 0.6 * same.weight);
        exact.push(same.code);
      } else if (sibling) {
        got += value * 0.35 * sibling.weight;
        related.push(`${sibling.code} (${akin(w.code, sibling.code)})`);
      } else if (w.weight >= 0.5) lacks.push(w.code);
    }
    const text = [exact.join(', '), related.join(', ')].filter(Boolean).join('; ');
    part('codes', WEIGHTS.codes, all > 0 ? got / all : 0, text);
  }
  if (wanted.symptoms.length) {
    let got = 0;
    let all = 0;
    const shared: string[] = [];
    for (const id of wanted.symptoms) {
      const value = rare(rarity.symptoms.get(id) ?? 0, rarity.cases);
      all += value;
      const hit = p.symptoms.find((s) => s.id === id);
      if (hit) {
        got += value;
        shared.push(hit.label);
      }
    }
    part('symptoms', WEIGHTS.symptoms, all > 0 ? got / all : 0, shared.join(', '));
  }
  if (wanted.conditions.length) {
    const shared = wanted.conditions.filter((c) => p.conditions.includes(c));
    part(
      'conditions',
      WEIGHTS.conditions,
      shared.length / wanted.conditions.length,
      shared.map(conditionLabel).join(', '),
    );
  }
  if (wanted.parts.length) {
    const shared = p.causes.filter((c) => wanted.parts.some((id) => c.key.startsWith(`${id}/`)));
    part(
      'cause',
      WEIGHTS.parts,
      Math.min(1, shared.length / wanted.parts.length),
      `cause: ${shared.map((c) => c.name).join('; ')}`,
    );
  }
  if (wanted.words.length) {
    let got = 0;
    let all = 0;
    const shared: string[] = [];
    for (const w of wanted.words) {
      const value = rare(rarity.words.get(w) ?? 0, rarity.cases);
      all += value;
      if (p.words.includes(w)) {
        got += value;
        shared.push(w);
      }
    }
    part('words', WEIGHTS.words, all > 0 ? got / all : 0, `mentions ${shared.join(', ')}`);
  }
  if (asked === 0) {
    // Only filters (open, proven …) were given: everything that meets them, newest first.
    return wanted.grade || wanted.state ? { profile: p, score: 0.5, reasons: [], lacks } : undefined;
  }
  if (sum <= 0) return undefined;
  const proof = p.comebacks.length ? COMEBACK_WEIGHT : (PROOF_WEIGHT[p.grade] ?? 0.75);
  if (p.comebacks.length)
    reasons.push({ of: 'proof', text: `came back as case ${p.comebacks.join(', ')}`, points: 0 });
  reasons.sort((a, b) => b.points - a.points);
  return { profile: p, score: (sum / asked) * proof, reasons, lacks };
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
  if (wanted.year !== null) {
    of += 0.5;
    const apart = v.year === null ? 99 : Math.abs(v.year - wanted.year);
    if (apart === 0) {
      n += 0.5;
      got.push(String(v.year));
    } else if (apart <= 2) n += 0.3;
  }
  return { score: of === 0 ? 0 : n / of, reason: got.join(' ') };
}
