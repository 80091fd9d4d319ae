import type { CaseFile } from '@/core/exchange';
import { chance, pick, random, weighted, type Random } from '@/sim/random';
import { builds, clock, type At } from '../write';
import { BESIDE, FAULTS, TESTS, WHEN, WORDS } from './table';

/**
 * The demo shop's five years before its written cases: made up from the table of faults, the same every time, with
 * the gaps that records have. Not every test is written down, some causes are only claimed, one in twelve is wrong.
 */

const CASES = 400;
const FIRST_NUMBER = 101;
const YEARS = 5;
/** The written cases begin here. */
const LATEST_DAY = 700;
const WRONGLY_NAMED = 0.05;
const CAME_BACK = 0.04;

type BuildName = keyof typeof builds;
interface Sign {
  id: string;
  when: string;
  often: number;
}
interface Fault {
  part: string;
  failure: string;
  on: BuildName[];
  weight: number;
  symptoms: Sign[];
  codes: Sign[];
  shown: string[];
  vain: string[];
}
interface Test {
  key: string;
  question: string;
  label: string;
  good: string;
  bad: string;
  limit: string;
  minutes: number;
}

const rows = (table: string): string[][] =>
  table
    .trim()
    .split('\n')
    .map((row) => row.split('|').map((cell) => cell.trim()));
const words = (cell = ''): string[] => cell.split(' ').filter(Boolean);
const signs = (cell = ''): Sign[] =>
  words(cell).map((w) => {
    const [what = '', often = '0'] = w.split(':');
    const [id = '', when = ''] = what.split('@');
    return { id, when, often: Number(often) };
  });

const faults: readonly Fault[] = rows(FAULTS).map(([name = '', on, weight, symptoms, codes, shown, vain]) => {
  const [part = '', failure = ''] = name.split(', ');
  return {
    part,
    failure,
    on: words(on) as BuildName[],
    weight: Number(weight),
    symptoms: signs(symptoms),
    codes: signs(codes),
    shown: words(shown),
    vain: words(vain),
  };
});
const tests = new Map<string, Test>(
  rows(TESTS).map(([key = '', question = '', label = '', good = '', bad = '', limit = '', minutes]) => [
    key,
    { key, question, label, good, bad, limit, minutes: Number(minutes) },
  ]),
);

const PEOPLE = ['Mara Voss', 'Mara Voss', 'Tomasz Bielak', 'Tomasz Bielak', 'Aoife Kerr'] as const;
const SURNAMES =
  'Pruett Hale Osgood Lindqvist Marsh Tully Behar Quill Ferris Nowak Adeyemi Crane Holt Iversen Doyle'.split(
    ' ',
  );

/** A value within a range as a gauge shows it, or the word there is. */
function read(r: Random, range: string): string {
  const m = /^([\d.]+)\.\.([\d.]+)(.*)$/.exec(range);
  if (!m) return range;
  const [lo, hi] = [Number(m[1]), Number(m[2])];
  const decimals = Math.max(...[m[1]!, m[2]!].map((x) => x.split('.')[1]?.length ?? 0));
  return `${(lo + r() * (hi - lo)).toFixed(decimals)}${m[3]}`;
}

interface Car {
  build: BuildName;
  year: number;
  vin: string;
  plate: string;
  customer: string;
  km: number;
}

const vinOf = (r: Random): string =>
  `VZ9${Array.from({ length: 8 }, () => pick(r, [...'ABCDEFGHJKLMNPRSTUVWXYZ0123456789'])).join('')}${String(
    100_000 + Math.floor(r() * 900_000),
  )}`;

/** The town's cars: some come once, some again and again. */
function carsOf(r: Random): Car[] {
  const names = (Object.keys(builds) as BuildName[]).filter((n) => faults.some((f) => f.on.includes(n)));
  const share: Partial<Record<BuildName, number>> = {
    tessa16: 6,
    marlo20d: 4,
    nib10: 4,
    lugger22d: 4,
    brisk12t: 3,
  };
  return Array.from({ length: 260 }, () => {
    const build =
      names[
        weighted(
          r,
          names.map((n) => share[n] ?? 1.5),
        )
      ]!;
    const year = 2005 + Math.floor(r() * 13);
    const letters = Array.from({ length: 3 }, () => pick(r, [...'ABDEGHKLNPRTVWY'])).join('');
    return {
      build,
      year,
      vin: chance(r, 0.8) ? vinOf(r) : '',
      plate: `W${pick(r, [...'AEKLNRTY'])} ${String(year).slice(2)} ${letters}`,
      customer: `${pick(r, [...'ABCDEGHJKLMNPRST'])}. ${pick(r, SURNAMES)}`,
      km: 30_000 + Math.floor(r() * 160_000),
    };
  });
}

/** What the car shows of a fault, at least one sign of it. */
function shownBy(r: Random, f: Fault) {
  const some = f.symptoms.filter((s) => chance(r, s.often));
  const symptoms = (some.length ? some : [f.symptoms[0]!]).map((s) => {
    const when = s.when && chance(r, 0.65) ? s.when : '';
    const said = pick(r, WORDS[s.id]!);
    return { id: s.id, when, words: when ? `${said} ${pick(r, WHEN[when]!)}` : said };
  });
  return { symptoms, codes: f.codes.filter((c) => chance(r, c.often)).map((c) => c.id) };
}

function proofOf(
  r: Random,
  at: At,
  day: number,
  shown: Test | undefined,
): Pick<CaseFile, 'proof' | 'followUps'> {
  const kind = weighted(r, [0.12, 0.2, 0.3, 0.38]);
  if (kind === 0) return {};
  const again = shown && chance(r, 0.85);
  return {
    proof: [
      { kind: 'record and clear', what: 'Scan, then clear', state: 'passed', at: at(day, '14:00') },
      ...(kind >= 2 && again
        ? [{ kind: 'failing test again' as const, state: 'passed' as const, test: `${shown.key}-again` }]
        : []),
      {
        kind: 'complaint conditions',
        what: 'As the customer told it',
        state: 'passed',
        result: 'did not show again',
        at: at(day, '15:10'),
      },
    ],
    ...(kind === 3
      ? {
          followUps: [
            { dueAt: at(day - 30, '09:00'), state: 'held' as const, doneAt: at(day - 31, '10:00') },
          ],
        }
      : {}),
  };
}

const MODULE: Record<string, string> = { P: 'Engine', C: 'ABS', U: 'Gateway', B: 'Body' };

/** A report of the modules that had codes, and of the engine in any case. */
function reportOf(codes: readonly string[], gone: boolean): string {
  const modules = [...new Set(['Engine', ...codes.map((c) => MODULE[c[0]!]!)])];
  return modules
    .map((m) => {
      const own = gone ? [] : codes.filter((c) => MODULE[c[0]!] === m);
      return own.length ? `${m}\n${own.map((c) => `${c} stored`).join('\n')}` : `${m}: no codes found`;
    })
    .join('\n');
}

interface Made {
  file: CaseFile;
  car: Car;
  day: number;
}

function oneCase(r: Random, at: At, number: number, day: number, car: Car, cameBackFrom?: Made): Made {
  const possible = faults.filter((f) => f.on.includes(car.build));
  const fault =
    possible[
      weighted(
        r,
        possible.map((f) => f.weight),
      )
    ]!;
  const wrong = possible.filter(
    (f) => f !== fault && f.codes.some((c) => fault.codes.some((x) => x.id === c.id)),
  );
  const named = wrong.length > 0 && chance(r, WRONGLY_NAMED) ? pick(r, wrong) : fault;
  const { symptoms, codes } = shownBy(r, fault);
  const by = pick(r, PEOPLE);
  const done = [
    ...fault.vain.filter(() => chance(r, 0.45)).map((key) => ({ key, fails: false })),
    ...fault.shown
      .filter((_, i) => chance(r, i === 0 ? 0.85 : 0.4))
      .map((key) => ({ key, fails: chance(r, 0.94) })),
  ];
  const failed = done.filter((d) => d.fails).map((d) => tests.get(d.key)!);
  const proof = proofOf(r, at, day, failed[0]);
  const again = proof.proof?.some((p) => p.kind === 'failing test again') ? failed[0] : undefined;
  const test = (t: Test, ref: string, time: string, fails: boolean, repeatOf?: string) => ({
    ref,
    at: at(day, time),
    by,
    question: t.question,
    readings: [{ label: t.label, entered: read(r, fails ? t.bad : t.good), limit: t.limit }],
    ...(chance(r, 0.7) ? { minutes: t.minutes } : {}),
    ...(repeatOf ? { repeatOf } : {}),
  });
  const rescanned = codes.length > 0 && chance(r, 0.8);
  const file: CaseFile = {
    format: 'vantle-case/1',
    id: `demo-past-${number}`,
    number,
    lead: by,
    openedAt: at(day, '08:10'),
    closedAt: at(day, '16:00'),
    customer: car.customer,
    odometer: `${Math.round(car.km + (YEARS * 365 - day) * 38)} km`,
    vehicle: { ...builds[car.build], year: car.year, vin: car.vin, plate: car.plate },
    said: [...symptoms.map((s) => s.words), ...(chance(r, 0.75) ? [pick(r, BESIDE)] : [])].join(', '),
    symptoms: symptoms.map((s) => ({ words: s.words, concept: s.id, conditions: s.when ? [s.when] : [] })),
    ...(codes.length
      ? {
          scans: [
            {
              at: at(day, '08:30'),
              phase: 'first' as const,
              text: reportOf(codes, false),
            },
            ...(rescanned
              ? [{ at: at(day, '14:30'), phase: 'after repair' as const, text: reportOf(codes, true) }]
              : []),
          ],
          ...(rescanned ? { clears: [{ at: at(day, '14:00') }] } : {}),
        }
      : {}),
    tests: [
      ...done.map((d, i) =>
        test(tests.get(d.key)!, d.key, `${9 + Math.floor(i / 2)}:${i % 2 ? '40' : '05'}`, d.fails),
      ),
      ...(again ? [test(again, `${again.key}-again`, '14:40', false, again.key)] : []),
    ],
    causes: [
      {
        part: named.part,
        failure: named.failure,
        state: 'repaired',
        ...(named === fault && failed.length && chance(r, 0.75)
          ? { explains: { codes, symptoms: symptoms.map((_, i) => i + 1), tests: failed.map((t) => t.key) } }
          : {}),
      },
    ],
    repairs: [
      { at: at(day, '13:00'), by, action: 'replaced', what: named.part, authorisation: 'authorised' },
    ],
    ...proof,
    ...(cameBackFrom
      ? {
          comebackOf: {
            number: cameBackFrom.file.number!,
            state: 'confirmed' as const,
            why: 'the same complaint again',
          },
        }
      : {}),
  };
  return { file, car, day };
}

/**
 * The older cases, with dates counted back from `now`, oldest first.
 *
 * @param now the day the demo shop is loaded
 * @returns 400 case files numbered from 101 on, the same for the same day
 */
export function pastCases(now: Date): CaseFile[] {
  const r = random(20_261_128);
  const at = clock(now);
  const cars = carsOf(r);
  const days = Array.from({ length: CASES }, () => LATEST_DAY + Math.floor(r() * YEARS * 365)).sort(
    (a, b) => b - a,
  );
  const made: Made[] = [];
  for (const [i, day] of days.entries()) {
    const earlier = made.find(
      (m) => m.day - day > 5 && m.day - day < 60 && !made.some((x) => x.car === m.car && x.day < m.day),
    );
    const back = earlier && chance(r, CAME_BACK) ? earlier : undefined;
    made.push(oneCase(r, at, FIRST_NUMBER + i, day, back?.car ?? pick(r, cars), back));
  }
  return made.map((m) => m.file);
}
