import type { CaseFile } from '../../src/core/exchange';
import { FAULTS, type Fault } from './faults';
import { chance, normal, pick, random, weighted, type Random } from '@/sim/random';
import { WORLD_TESTS, type WorldTest } from './tests';
import { scanHistoryOf, PLAIN, type Ways } from './scan-history';
import { WHEN, WORDING } from './wording';

/**
 * A world of made-up vehicles and faults in which everything is known: what is behind each case, how
 * often each cause shows which symptom, code and test result. It writes cases as files, as a shop
 * would have them, with all that spoils them: noise codes, symptoms not noticed, causes wrongly named.
 */

interface Build {
  make: string;
  model: string;
  engine: string;
  fuel: 'p' | 'd';
}

const BUILDS: readonly Build[] = [
  { make: 'Corvane', model: 'Tessa', engine: '1.6 petrol', fuel: 'p' },
  { make: 'Corvane', model: 'Marlo', engine: '2.0 diesel', fuel: 'd' },
  { make: 'Corvane', model: 'Brisk', engine: '1.2 turbo', fuel: 'p' },
  { make: 'Pellar', model: 'Nib', engine: '1.0 petrol', fuel: 'p' },
  { make: 'Pellar', model: 'Dray', engine: '2.3 diesel', fuel: 'd' },
  { make: 'Ostrind', model: 'Fell', engine: '2.0 turbo petrol', fuel: 'p' },
  { make: 'Ostrind', model: 'Fell', engine: '2.2 diesel', fuel: 'd' },
  { make: 'Ostrind', model: 'Carrick', engine: '3.0 diesel', fuel: 'd' },
  { make: 'Velmaro', model: 'Lune', engine: '1.4 petrol', fuel: 'p' },
  { make: 'Velmaro', model: 'Sabot', engine: '1.5 diesel', fuel: 'd' },
  { make: 'Tarnell', model: 'Quill', engine: '1.8 petrol', fuel: 'p' },
  { make: 'Tarnell', model: 'Hewer', engine: '2.5 petrol', fuel: 'p' },
];

/** Codes that come with anything: flat batteries, unplugged parts, other people's work. */
const NOISE = ['P0562', 'U0100', 'U0140', 'B1325', 'C1225', 'P0463', 'B2799', 'U0155', 'P0532', 'C1A20'];
const NOISE_CHANCE = 0.06;
const STRAY_SYMPTOM = 0.012;
const STRAY_FAIL = 0.04;
/** Share of past cases whose cause was named wrongly. */
const WRONGLY_NAMED = 0.07;

/** What shows on a vehicle with a fault. */
export interface Showing {
  fault: number;
  build: number;
  symptoms: string[];
  codes: string[];
  when: string[];
}

export interface PastCase extends Showing {
  file: CaseFile;
  /** What the shop wrote down as the cause; mostly, but not always, the fault. */
  named: number;
  grade: 'claimed' | 'checked' | 'proven' | 'held';
  /** Another fault behind some of what it shows; its cause is on the case too. */
  second?: number;
}

/** One question put to the world: what is asked, and what each test would answer on that vehicle. */
export interface Question extends Showing {
  line: string;
  answer: (test: WorldTest) => { fails: boolean; reads: number | undefined };
}

export class World {
  readonly faults: readonly Fault[];
  /** How likely each fault is on each build. */
  private readonly prior: number[][];
  readonly builds = BUILDS;

  constructor(
    readonly seed: number,
    readonly ways: Ways = PLAIN,
  ) {
    const r = random(seed);
    const wobble = (p: number) => {
      const odds = (p / (1 - p)) * Math.exp(0.3 * normal(r));
      return odds / (1 + odds);
    };
    const shaken = (chances: Record<string, number>) =>
      Object.fromEntries(Object.entries(chances).map(([k, p]) => [k, wobble(p)]));
    this.faults = FAULTS.map((f) => ({
      ...f,
      symptoms: shaken(f.symptoms),
      codes: shaken(f.codes),
      when: shaken(f.when),
    }));
    this.prior = BUILDS.map((b) => {
      const weights = this.faults.map((f) =>
        f.fuel !== 'a' && f.fuel !== b.fuel ? 0 : f.weight * Math.exp(0.8 * normal(r)),
      );
      const sum = weights.reduce((x, y) => x + y, 0);
      return weights.map((w) => w / sum);
    });
  }

  /** Chance of each fault before anything is seen, on a build. */
  priorOf(build: number): readonly number[] {
    return this.prior[build]!;
  }
  chanceOfSymptom(fault: number, symptom: string): number {
    return 1 - (1 - (this.faults[fault]!.symptoms[symptom] ?? 0)) * (1 - STRAY_SYMPTOM);
  }
  chanceOfCode(fault: number, code: string): number {
    const noise = NOISE.includes(code) ? NOISE_CHANCE : 0;
    return 1 - (1 - (this.faults[fault]!.codes[code] ?? 0)) * (1 - noise);
  }
  chanceOfWhen(fault: number, when: string): number {
    return this.faults[fault]!.when[when] ?? 0;
  }
  chanceOfFail(fault: number, test: WorldTest): number {
    return this.faults[fault]!.tests[test.id]?.fails ?? STRAY_FAIL;
  }
  /** What a test reads on average, where it fails or passes. */
  reads(fault: number, test: WorldTest, fails: boolean): number | undefined {
    if (!test.reading) return undefined;
    return fails ? (this.faults[fault]!.tests[test.id]?.reads ?? test.reading.bad) : test.reading.good;
  }

  readonly allSymptoms = [...new Set(FAULTS.flatMap((f) => Object.keys(f.symptoms)))];
  readonly allCodes = [...new Set([...FAULTS.flatMap((f) => Object.keys(f.codes)), ...NOISE])];
  readonly allWhen = Object.keys(WHEN);

  private show(r: Random, without: ReadonlySet<number>): Showing {
    const build = Math.floor(r() * BUILDS.length);
    const fault = weighted(
      r,
      this.prior[build]!.map((p, i) => (without.has(i) ? 0 : p)),
    );
    return { fault, build, ...this.signs(r, fault) };
  }

  private signs(r: Random, fault: number): Pick<Showing, 'symptoms' | 'codes' | 'when'> {
    for (;;) {
      const symptoms = this.allSymptoms.filter((s) => chance(r, this.chanceOfSymptom(fault, s)));
      const codes = this.allCodes.filter((c) => chance(r, this.chanceOfCode(fault, c)));
      const when = this.allWhen.filter((w) => chance(r, this.chanceOfWhen(fault, w)));
      // Nobody brings a vehicle that shows nothing.
      if (symptoms.length) return { symptoms, codes, when };
    }
  }

  /**
   * Past cases as files.
   *
   * @param count how many
   * @param without faults that this shop has never met
   */
  pastCases(count: number, without: ReadonlySet<number> = new Set()): PastCase[] {
    const r = random(this.seed * 7919 + 1);
    return Array.from({ length: count }, (_, i) => this.pastCase(r, i + 1, without));
  }

  pastCase(r: Random, number: number, without: ReadonlySet<number> = new Set()): PastCase {
    const shown = this.show(r, without);
    const grade = pick(r, ['held', 'held', 'held', 'proven', 'proven', 'checked', 'claimed'] as const);
    const wrong = chance(
      r,
      grade === 'claimed' || grade === 'checked' ? 2 * WRONGLY_NAMED : WRONGLY_NAMED / 2,
    );
    const named = wrong ? this.mistakenFor(r, shown) : shown.fault;
    const second = chance(r, this.ways.second) ? this.secondFault(r, shown) : undefined;
    const both = second === undefined ? shown : this.together(r, shown, second);
    return {
      ...both,
      named,
      grade,
      ...(second === undefined ? {} : { second }),
      file: this.file(r, number, both, named, grade, second),
    };
  }

  /** Another fault that shows one of the same codes or symptoms. */
  private mistakenFor(r: Random, s: Showing): number {
    const alike = this.faults.flatMap((f, i) =>
      i !== s.fault && (s.codes.some((c) => f.codes[c]) || s.symptoms.some((x) => (f.symptoms[x] ?? 0) > 0.4))
        ? [i]
        : [],
    );
    return alike.length ? pick(r, alike) : s.fault;
  }

  private secondFault(r: Random, s: Showing): number {
    return weighted(
      r,
      this.prior[s.build]!.map((p, i) => (i === s.fault ? 0 : p)),
    );
  }

  private together(r: Random, s: Showing, second: number): Showing {
    const also = this.signs(r, second);
    const union = (a: string[], b: string[]) => [...new Set([...a, ...b])];
    return {
      ...s,
      symptoms: union(s.symptoms, also.symptoms),
      codes: union(s.codes, also.codes),
      when: union(s.when, also.when),
    };
  }

  private file(
    r: Random,
    number: number,
    s: Showing,
    named: number,
    grade: PastCase['grade'],
    second: number | undefined,
  ): CaseFile {
    const build = BUILDS[s.build]!;
    const day = 20_000 + number;
    const at = (minute: number) => new Date(day * 86_400_000 + minute * 60_000 + 8 * 3_600_000).toISOString();
    const symptoms = s.symptoms.map((x, i) => ({
      words: [
        pick(r, WORDING[x]!.onCase),
        ...(i === 0 ? s.when.map((w) => pick(r, WHEN[w]!.onCase)) : []),
      ].join(' '),
    }));
    const fault = this.faults[s.fault]!;
    const cause = this.faults[named]!;
    const done = new Set([
      ...Object.entries(fault.tests).flatMap(([id, t]) =>
        chance(r, t.fails > 0.5 ? 0.8 : 0.35) ? [id] : [],
      ),
      ...this.faults
        .filter((f) => s.codes.some((c) => (f.codes[c] ?? 0) > 0.3))
        .flatMap((f) => Object.keys(f.tests))
        .filter(() => chance(r, 0.12)),
    ]);
    const faults = [s.fault, ...(second === undefined ? [] : [second])].map((i) => this.faults[i]!);
    const isReal = (c: string) => faults.some((f) => (f.codes[c] ?? 0) > 0);
    const real = s.codes.filter(isReal);
    const noise = s.codes.filter((c) => !isReal(c));
    const tests = WORLD_TESTS.filter((t) => done.has(t.id)).map((t, i) => {
      const fails = chance(r, this.chanceOfFail(s.fault, t));
      const reads = this.draw(r, s.fault, t, fails);
      const base = { ref: t.id, at: at(20 + i * 10), question: t.question, minutes: t.minutes };
      if (!t.reading || reads === undefined)
        return { ...base, overrule: fails ? ('fail' as const) : ('pass' as const), overruleWhy: 'seen' };
      const { label, unit, good, bad } = t.reading;
      const half = Math.abs(bad - good) / 2;
      const limit = `${(good - half).toFixed(2)} … ${(good + half).toFixed(2)} ${unit}`;
      return { ...base, readings: [{ label, entered: `${reads.toFixed(2)} ${unit}`, limit }] };
    });
    return {
      format: 'vantle-case/1',
      id: `w${this.seed}-${number}`,
      number,
      openedAt: at(0),
      closedAt: at(600),
      odometer: `${Math.floor(20_000 + r() * 180_000)} km`,
      vehicle: {
        ...{ make: build.make, model: build.model, engine: build.engine },
        year: 2008 + Math.floor(r() * 15),
        kind: 'car',
        fuel: build.fuel === 'p' ? 'petrol' : 'diesel',
      },
      said: symptoms.map((x) => x.words).join('. '),
      symptoms,
      ...scanHistoryOf(r, this.ways, real, noise, at),
      tests,
      causes: [cause, ...(second === undefined ? [] : [this.faults[second]!])].map((f) => ({
        part: f.part,
        failure: f.failure,
        state: 'repaired' as const,
      })),
      repairs: [{ action: 'replaced', what: cause.part, at: at(400) }],
      proof: [
        { kind: 'record and clear', state: 'passed', at: at(420) },
        ...(grade === 'claimed'
          ? []
          : [{ kind: 'road test' as const, state: 'passed' as const, at: at(480) }]),
      ],
    };
  }

  private draw(r: Random, fault: number, t: WorldTest, fails: boolean): number | undefined {
    const mean = this.reads(fault, t, fails);
    return mean === undefined ? undefined : mean + t.reading!.spread * normal(r);
  }

  /**
   * Questions whose answer is known.
   *
   * @param count how many
   * @param wording which ways of asking: the first half of each list, or the second
   * @param only faults asked about; all, if not given
   */
  questions(count: number, wording: 'choosing' | 'reported', only?: ReadonlySet<number>): Question[] {
    const r = random(this.seed * 104_729 + 2);
    const without = only
      ? new Set(this.faults.map((_, i) => i).filter((i) => !only.has(i)))
      : new Set<number>();
    const half = (asked: string[]) => (wording === 'choosing' ? asked.slice(0, 2) : asked.slice(2));
    return Array.from({ length: count }, () => {
      const shown = this.show(r, without);
      const build = BUILDS[shown.build]!;
      const words = shown.symptoms.map((s) => pick(r, half(WORDING[s]!.asked)));
      const when = shown.when.map((w) => pick(r, half(WHEN[w]!.asked)));
      const seed = Math.floor(r() * 1e9);
      return {
        ...shown,
        line: [`${build.make} ${build.model} ${build.engine}`, ...shown.codes, ...words, ...when].join(', '),
        answer: (t: WorldTest) => {
          // The same vehicle answers the same question the same way, whoever asks.
          const own = random(seed + 31 * WORLD_TESTS.indexOf(t));
          const fails = chance(own, this.chanceOfFail(shown.fault, t));
          return { fails, reads: this.draw(own, shown.fault, t, fails) };
        },
      };
    });
  }
}
