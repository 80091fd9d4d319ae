import { baseCode, readCode } from '@/core/codes';
import { foldQuestion } from '@/core/guide/facts';
import { tokens } from '@/core/symptoms';
import type { VehicleFacts } from '@/core/vehicle';
import { yearSpan } from './line/years';
import type { CaseDigest } from './profile';
import type { Chip, ReadingAsked } from './query';

/** A narrowing that a case has to meet, as the facets offer them. */
export interface FacetFilter {
  by: 'grade' | 'state' | 'make' | 'condition' | 'year';
  value: string;
}

/** What is looked for: a query's chips or an open case, in one shape. */
export interface SearchCriteria {
  vehicle: VehicleFacts | null;
  vinPart: string;
  /** Without failure type; the type where one was named. */
  codes: { code: string; weight: number; types?: string[] }[];
  symptoms: string[];
  conditions: string[];
  /** Groups of codes by the trade's word for them: any of the group is one. */
  codeFamilies: string[];
  /** Engines by how they are built: V8, 3.8. */
  builds: string[];
  /** Model years, both counted; null where open. */
  years: { from: number | null; until: number | null } | null;
  /** Numbers of cases of which what is like them is wanted. */
  like: number[];
  /** Earlier repairs and events, by kind. */
  events: string[];
  /** Parts that were changed before and did not help, as written. */
  changed: string[];
  /** Parts and failures of a cause, by id. */
  parts: string[];
  words: string[];
  /** What the open case was asked and answered. */
  outcomes: { question: string; verdict: string; words: string }[];
  grade: string;
  state: '' | 'open' | 'closed';
  number: number | null;
  people: string[];
  /** Opened on or after, and before, in days since 1970. */
  from: number | null;
  until: number | null;
  readings: ReadingAsked[];
  /** Values as they were read, which narrow nothing while anything else is asked. */
  values: ReadingAsked[];
  only: FacetFilter[];
}

/** Nothing wanted yet. */
const NO_CRITERIA: SearchCriteria = {
  vehicle: null,
  vinPart: '',
  codes: [],
  symptoms: [],
  conditions: [],
  codeFamilies: [],
  builds: [],
  years: null,
  like: [],
  events: [],
  changed: [],
  parts: [],
  words: [],
  outcomes: [],
  grade: '',
  state: '',
  number: null,
  people: [],
  from: null,
  until: null,
  readings: [],
  values: [],
  only: [],
};

/** Turns a query's chips, and the narrowings on it, into what is looked for. */
export function criteriaOf(chips: Chip[], only: FacetFilter[] = []): SearchCriteria {
  const of = (kind: Chip['kind']) => chips.filter((c) => c.kind === kind).map((c) => c.value);
  const [nickname] = of('vehicle').map((v) => v.split('/'));
  const make = of('make')[0] ?? nickname?.[0];
  const model = of('model')[0] ?? nickname?.[1];
  const engine = of('engine')[0] ?? nickname?.[2];
  const span = of('year')[0];
  const years = span === undefined ? null : yearSpan(span);
  const year = years && years.from === years.until ? years.from : undefined;
  const [fuel] = of('fuel');
  const [kind] = of('kind of vehicle');
  const anyVehicle = make ?? model ?? engine ?? year ?? fuel ?? kind;
  const [from, until] = of('date')[0]?.split('…') ?? ['', ''];
  const asked = chips.flatMap((c) => (c.kind === 'reading' && c.reading ? [c.reading] : []));
  return {
    ...NO_CRITERIA,
    vehicle:
      anyVehicle === undefined
        ? null
        : {
            vin: '',
            make: make ?? '',
            model: model ?? '',
            engine: engine ?? '',
            year: year ?? null,
            kind: (kind ?? '') as VehicleFacts['kind'],
            fuel: fuel ?? '',
          },
    vinPart: of('vin')[0] ?? '',
    codes: of('code').map((code) => {
      const type = readCode(code)?.failureType;
      return { code: baseCode(code), weight: 1, ...(type ? { types: [type] } : {}) };
    }),
    codeFamilies: of('code family'),
    builds: of('engine build'),
    years: year === undefined ? years : null,
    like: of('like').map(Number),
    symptoms: of('symptom'),
    conditions: of('condition'),
    parts: [...of('cause part'), ...of('failure')],
    words: [
      ...new Set(
        of('text')
          .flatMap((w) => tokens(w).map((t) => t.token))
          .filter(Boolean),
      ),
    ],
    grade: of('grade')[0] ?? '',
    state: (of('state')[0] ?? '') as SearchCriteria['state'],
    number: of('number')[0] ? Number(of('number')[0]) : null,
    people: of('person'),
    from: from ? Date.parse(from) / 86_400_000 : null,
    until: until ? Date.parse(until) / 86_400_000 : null,
    readings: asked.filter((r) => r.op !== '≈'),
    values: asked.filter((r) => r.op === '≈'),
    only,
  };
}

/** Turns an open case into what is looked for, so that its precedents can be found. */
export function criteriaOfCase(
  digest: Pick<CaseDigest, 'vehicle' | 'codes' | 'symptoms' | 'conditions' | 'events' | 'vain' | 'outcomes'>,
): SearchCriteria {
  const { vehicle } = digest;
  const named = vehicle.make !== '' || vehicle.vin !== '';
  return {
    ...NO_CRITERIA,
    vehicle: named ? vehicle : null,
    codes: digest.codes,
    symptoms: digest.symptoms.map((s) => s.id),
    conditions: digest.conditions,
    events: digest.events,
    changed: digest.vain,
    outcomes: digest.outcomes
      .filter((o) => o.verdict === 'pass' || o.verdict === 'fail')
      .map((o) => ({ question: foldQuestion(o.question), verdict: o.verdict, words: o.question })),
  };
}

/** What a line asks beside what a case is like: the line's own words first, the case's after them. */
export function withLikes(wanted: SearchCriteria, of: readonly SearchCriteria[]): SearchCriteria {
  const all = [wanted, ...of];
  const both = <T>(get: (w: SearchCriteria) => readonly T[]): T[] => [...new Set(all.flatMap(get))];
  return {
    ...wanted,
    vehicle: all.find((w) => w.vehicle)?.vehicle ?? null,
    codes: [...new Map(all.flatMap((w) => w.codes).map((c) => [c.code, c])).values()],
    symptoms: both((w) => w.symptoms),
    conditions: both((w) => w.conditions),
    events: both((w) => w.events),
    outcomes: both((w) => w.outcomes),
  };
}
