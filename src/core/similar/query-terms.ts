import type { Catalogue } from '@/core/cause';
import { codeRelation } from '@/core/codes';
import { conditionLabel, symptomById } from '@/core/symptoms';
import type { CaseIndex } from './case-index';
import { fold } from './fold';
import { isBuilt } from './line/builds';
import { familyLabel, inFamily } from './line/code-families';
import { tradeOf } from '@/core/trade/shop';
import { codeMatches } from './query';
import type { SearchCriteria } from './criteria';
import type { WEIGHTS } from './weights';
import { FIT, RELATED_CODE_WEIGHT } from './weights';
import type { VehicleFacts } from '@/core/vehicle';

/** One thing asked for, as terms of the index: the first that a case has counts. */
export interface QueryTerm {
  part: keyof typeof WEIGHTS;
  /** In words, for the reasons of a cause. */
  label: string;
  ladder: { term: string; share: number }[];
  /** How much it counts among what is asked of its part. */
  value: number;
  /** How much it weighs as evidence for a cause; 0 for what is no evidence. */
  evidence: number;
  /**
   * Terms that each hold the next, widest first, whose last is the evidence: how often a cause has the
   * narrow one leans on how often it has the wide one. Without it the ladder is the evidence.
   */
  nested?: string[];
  /** Cases that could have shown it, where not all could: the rest say nothing either way. */
  among?: ReadonlySet<string>;
}

/** Inverse document frequency, smoothed so that it stays positive (Robertson & Zaragoza 2009, eq. 3.2 with +1). */
function inverseDocumentFrequency(count: number, cases: number): number {
  return Math.log(1 + (cases - count + 0.5) / (count + 0.5));
}

/**
 * What is looked for as single asks over the terms of an index.
 *
 * @param wanted a query or an open case
 * @param index the index it is put to, for what is rare and for codes akin
 * @param catalogue the shop's list, so that merged parts are met too
 */
export function queryTermsOf(wanted: SearchCriteria, index: CaseIndex, catalogue: Catalogue): QueryTerm[] {
  const rarity = (term: string) => inverseDocumentFrequency(index.count(term), index.size);
  const asks: QueryTerm[] = vehicleAsks(wanted, index);
  for (const w of wanted.codes) {
    const { matching, kin } = codesLike(w.code, index, catalogue);
    // A wildcard is as rare as all codes it stands for together.
    const count = matching.reduce((n, c) => n + index.count(`c|${c}`), 0);
    asks.push({
      part: 'codes',
      label: w.code,
      ladder: [
        ...(w.types ?? []).map((t) => ({ term: `ct|${w.code}-${t}`, share: 1 })),
        ...matching.map((c) => ({
          term: `c|${c}`,
          share: w.types?.length ? RELATED_CODE_WEIGHT.otherType : 1,
        })),
        ...kin.map((c) => ({ term: `c|${c}`, share: RELATED_CODE_WEIGHT.sibling })),
      ],
      value: w.weight * inverseDocumentFrequency(Math.min(count, index.size), index.size),
      evidence: FIT.codes * w.weight,
    });
  }
  for (const id of wanted.codeFamilies) {
    const codes = knownCodes(index, catalogue).filter((c) => inFamily(id, c));
    const count = codes.reduce((n, c) => n + index.count(`c|${c}`), 0);
    asks.push({
      part: 'codes',
      label: familyLabel(id),
      ladder: codes.map((c) => ({ term: `c|${c}`, share: 1 })),
      value: inverseDocumentFrequency(Math.min(count, index.size), index.size),
      evidence: FIT.codes,
    });
  }
  for (const id of wanted.symptoms)
    asks.push({
      part: 'symptoms',
      label: symptomById(id)?.label ?? id,
      ladder: [{ term: `s|${id}`, share: 1 }],
      value: rarity(`s|${id}`),
      evidence: FIT.symptoms,
    });
  for (const id of wanted.conditions)
    asks.push({
      part: 'conditions',
      label: conditionLabel(id),
      ladder: [{ term: `t|${id}`, share: 1 }],
      value: 1,
      evidence: FIT.conditions,
    });
  for (const kind of wanted.events)
    asks.push({
      part: 'events',
      label: `before: ${kind}`,
      ladder: [{ term: `e|${kind}`, share: 1 }],
      value: 1,
      evidence: FIT.events,
    });
  for (const o of wanted.outcomes)
    asks.push({
      part: 'tests',
      label: `${o.words}: ${o.verdict}`,
      ladder: [{ term: `o|${o.question}|${o.verdict}`, share: 1 }],
      value: 1,
      evidence: FIT.tests,
    });
  for (const id of wanted.parts) {
    const same = catalogue.items.filter((i) => i.id === id || catalogue.resolve(i.id)?.id === id);
    asks.push({
      part: 'parts',
      label: catalogue.resolve(id)?.name ?? id,
      ladder: same.flatMap((i) => [
        { term: `p|${i.id}`, share: 1 },
        { term: `f|${i.id}`, share: 1 },
      ]),
      value: 1,
      evidence: 0,
    });
  }
  for (const w of wanted.words)
    asks.push({
      part: 'words',
      label: w,
      ladder: [{ term: `w|${w}`, share: 1 }],
      value: rarity(`w|${w}`),
      evidence: FIT.words,
    });
  return asks;
}

interface Like {
  matching: string[];
  kin: string[];
}
const kept = new WeakMap<CaseIndex, { changes: number; like: Map<string, Like>; codes: string[] }>();
/** More are not kept: a shop's codes come again and again, a stranger's wildcards do not. */
const MOST_KEPT = 5000;

/** The codes that some case has or the trade knows, with what each one asked for means among them. */
function heldCodes(index: CaseIndex, catalogue: Catalogue) {
  let held = kept.get(index);
  if (!held || held.changes !== index.changes) {
    const trade = [...tradeOf(catalogue).terms.keys()].filter((t) => t.startsWith('c|'));
    const codes = [...new Set([...index.values('c'), ...trade.map((t) => t.slice(2))])];
    const same = held && held.codes.length === codes.length && held.codes.every((c, i) => c === codes[i]);
    held = { changes: index.changes, codes, like: same ? held!.like : new Map() };
    kept.set(index, held);
  }
  return held;
}

const knownCodes = (index: CaseIndex, catalogue: Catalogue): string[] => heldCodes(index, catalogue).codes;

/** The codes that a code means, and those akin to it. */
function codesLike(code: string, index: CaseIndex, catalogue: Catalogue): Like {
  const held = heldCodes(index, catalogue);
  let like = held.like.get(code);
  if (!like) {
    const matching = held.codes.filter((c) => codeMatches(code, c));
    const set = new Set(matching);
    like = { matching, kin: held.codes.filter((c) => !set.has(c) && codeRelation(code, c) !== '') };
    if (held.like.size < MOST_KEPT) held.like.set(code, like);
  }
  return like;
}

/** The vehicle as the steps of `vehicleNearness`, or as the single words of it that were given. */
function vehicleAsks(wanted: SearchCriteria, index: CaseIndex): QueryTerm[] {
  const ask = (label: string, ladder: QueryTerm['ladder'], value = 1): QueryTerm => ({
    part: 'vehicle',
    label,
    ladder,
    value,
    evidence: FIT.vehicle,
  });
  const spans = [
    ...wanted.builds.map((build) =>
      ask(
        build,
        index
          .values('en')
          .filter((e) => isBuilt(e, build))
          .map((e) => ({ term: `ve|${fold(e)}`, share: 1 })),
      ),
    ),
    ...(wanted.years ? [ask(yearWords(wanted.years), yearLadder(index, wanted.years), 0.5)] : []),
  ];
  const v = wanted.vehicle;
  if (!v) return spans;
  const [make, model, engine] = [fold(v.make), fold(v.model), fold(v.engine)];
  const fuel = v.kind && v.fuel ? `kf|${v.kind}/${v.fuel}` : fuelOf(index, `ve|${engine}`);
  if (make && model) {
    const build = `vb|${make}/${model}/${engine}`;
    const whole = ask('such a vehicle', [
      ...(v.id ? [{ term: `id|${v.id}`, share: 1 }] : []),
      ...(engine ? [{ term: `vb|${make}/${model}/${engine}`, share: 0.7 }] : []),
      ...(engine.length >= 5 ? [{ term: `ve|${engine}`, share: 0.5 }] : []),
      { term: `vd|${make}/${model}`, share: 0.45 },
      { term: `vm|${make}`, share: 0.2 },
      ...(fuel ? [{ term: fuel, share: 0.08 }] : []),
    ]);
    // Each step only where some case is on it: by fuel, by engine, by build.
    const nested = [fuel, ...[`ve|${engine}`, build].filter((t) => index.count(t) > 0)].filter(Boolean);
    return [nested.length ? { ...whole, nested } : whole, ...spans];
  }
  return [
    ...spans,
    ...(v.id && v.vin ? [ask('this vehicle', [{ term: `id|${v.id}`, share: 1 }])] : []),
    ...(make ? [ask(v.make, [{ term: `vm|${make}`, share: 1 }])] : []),
    ...(model ? [ask(v.model, [{ term: `md|${v.model}`, share: 1 }])] : []),
    ...(engine ? [ask(v.engine, [{ term: `ve|${engine}`, share: 1 }])] : []),
    ...(v.fuel || v.kind
      ? [
          ask(
            [v.fuel, v.kind].filter(Boolean).join(' '),
            likeKinds(index, v).map((k) => ({ term: `kf|${k}`, share: 1 })),
            0.5,
          ),
        ]
      : []),
    ...(v.year !== null
      ? [
          ask(
            String(v.year),
            [0, -1, 1, -2, 2].map((d) => ({ term: `yr|${v.year! + d}`, share: d === 0 ? 1 : 0.6 })),
            0.5,
          ),
        ]
      : []),
  ];
}

const yearWords = ({ from, until }: NonNullable<SearchCriteria['years']>): string => {
  if (from === null) return `up to ${until}`;
  if (until === null) return `from ${from} on`;
  return `${from} to ${until}`;
};

const yearLadder = (
  index: CaseIndex,
  { from, until }: NonNullable<SearchCriteria['years']>,
): QueryTerm['ladder'] =>
  index
    .values('yr')
    .filter((y) => (from === null || Number(y) >= from) && (until === null || Number(y) <= until))
    .map((y) => ({ term: `yr|${y}`, share: 1 }));

/** Kinds and fuels of the shop's vehicles that meet what was said of either. */
const likeKinds = (index: CaseIndex, v: VehicleFacts): string[] =>
  index.values('kf').filter((value) => {
    const [kind = '', fuel = ''] = value.split('/');
    return (!v.kind || kind === v.kind) && (!v.fuel || fuel.toLowerCase() === v.fuel);
  });

/** What the vehicles with an engine are: kind and fuel of the first one met. */
function fuelOf(index: CaseIndex, engine: string): string {
  const postings = index.postings(engine);
  for (let i = 0; i < (postings?.length ?? 0); i++) {
    const doc = postings!.docs[i]!;
    const value = index.standing.values[doc] === 1 ? index.valueAt(doc, 'kf') : '';
    if (value) return `kf|${value}`;
  }
  return '';
}
