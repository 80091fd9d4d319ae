import type { Catalogue } from '@/core/cause';
import { GRADES } from '@/core/case';
import { namedIn, wordsIn } from '@/core/cause/parts-in-text';
import { comparable, convert } from '@/core/readings';
import { NEAR_VALUE } from './line/readings';
import { stem } from '@/core/symptoms';
import { queryTermsOf, type QueryTerm } from './query-terms';
import type { CaseIndex } from './case-index';
import { CauseCounts, type CauseFit } from './cause-fit';
import { causeTable, type CauseTable } from './cause-table';
import { fold } from './fold';
import type { SearchCriteria } from './criteria';
import { FIT, RANK, WEIGHTS } from './weights';

/** A document with its rank, before its reasons are drawn up. */
export interface Ranked {
  id: string;
  /** 0 … 1 of what was asked for, before its proof. */
  own: number;
  /** How well its cause goes with all that was asked, beside the best-going one, 0 … 1. */
  fit: number;
  /** What its proof leaves of it. */
  proof: number;
  score: number;
}

export interface FacetCount {
  by: 'grade' | 'state' | 'make' | 'condition';
  value: string;
  cases: number;
}

export interface Ranking {
  ranked: Ranked[];
  /** How a document was ranked, by its number in the index. */
  of: (document: number) => Ranked;
  /** How many cases share anything that was asked for. */
  matching: number;
  asks: QueryTerm[];
  /** How causes go with all that was asked. */
  fit: CauseFit;
  /** The same without the outcomes of tests: where the odds begin. */
  prior: CauseFit;
  /** Score of each document; −1 for the one left out. */
  scores: Float32Array;
  facets: FacetCount[];
}

/** Recordings of other cases that are like those of the one asked about. */
export interface AlikeTraces {
  /** How alike the nearest recording of a case is, 0 … 1, by the case's id. */
  cases: ReadonlyMap<string, number>;
  /** Cases that have a recording of the kind at all. */
  among: ReadonlySet<string>;
}

/** What is left of the best score for a case to count in the facets. */
const NEAR = 0.1;

/**
 * Ranks all cases by what they have in common with what is looked for.
 *
 * @param index all cases
 * @param wanted a query or an open case
 * @param catalogue the shop's list of parts and failures
 * @param limit how many at the most
 * @param except id of a case to leave out (the open one itself)
 * @param alike recordings of other cases that are like its own
 * @returns the nearest cases, ties to the newer one; nothing when nothing is asked for
 */
export function rank(
  index: CaseIndex,
  wanted: SearchCriteria,
  catalogue: Catalogue,
  limit = 30,
  except = '',
  alike?: AlikeTraces,
): Ranking {
  const asks = [...queryTermsOf(wanted, index, catalogue), ...traceAsks(alike)];
  // A value said beside other things narrows nothing; alone it is all there is to go by.
  const narrowed = asks.length > 0 ? wanted : { ...wanted, readings: [...wanted.readings, ...wanted.values] };
  const met = filterOf(index, narrowed, except);
  const n = index.documents;
  const own = new Float32Array(n);
  const exceptDoc = index.slotOf(except) ?? -1;
  const table = causeTable(index, catalogue);
  const counts = new CauseCounts(table, exceptDoc, wanted.vehicle, partIds(wanted.changed, catalogue));
  addUp(index, table, asks, own, counts, exceptDoc, alike);

  const fit = counts.fit();
  // What is asked of the vehicle alone says nothing of a cause.
  const telling = asks.some((a) => a.evidence > 0 && a.part !== 'vehicle');
  // Cases are ranked among each other: what only the trade knows takes nothing from them.
  const best = Math.max(0, ...[...fit.shares.values()].map((s) => (s.cases > 0 ? s.share : 0)));
  const fitOf = Float64Array.from(table.keys, (k) =>
    telling && best > 0 ? (fit.shares.get(k)?.share ?? 0) / best : 0,
  );
  let mostOwn = 0;
  for (let d = 0; d < n; d++) if (met[d] === 1 && own[d]! > mostOwn) mostOwn = own[d]!;
  const filtersOnly = asks.length === 0 && filtered(narrowed);

  const scores = new Float32Array(n);
  const fits = new Float32Array(n);
  let matching = 0;
  const [starts, list, proof] = [index.causeStart.values, index.causeList.values, index.proof.values];
  const share = telling ? RANK.own : 1;
  for (let d = 0; d < n; d++) {
    if (met[d] !== 1 || (own[d]! <= 0 && !filtersOnly)) continue;
    matching++;
    const end = d + 1 < n ? starts[d + 1]! : index.causeList.length;
    let f = 0;
    for (let i = starts[d]!; i < end; i++) f = Math.max(f, fitOf[table.of[list[i]!]!]!);
    fits[d] = f;
    scores[d] = (filtersOnly ? 0.5 : share * own[d]! + (1 - share) * f * mostOwn) * proof[d]!;
  }
  const top = topOf(scores, index, limit);
  const facets = facetsOf(index, scores, (scores[top[0] ?? 0] ?? 0) * (filtersOnly ? 0 : NEAR));
  if (exceptDoc >= 0) scores[exceptDoc] = -1;
  const of = (d: number): Ranked => ({
    id: index.ids[d]!,
    own: own[d]!,
    fit: fits[d]!,
    proof: proof[d]!,
    score: scores[d]!,
  });
  return {
    ranked: top.map(of),
    of,
    matching,
    asks,
    fit,
    prior: asks.some((a) => a.part === 'tests') ? counts.fit((a) => a.part !== 'tests') : fit,
    scores,
    facets,
  };
}

/** Parts of the shop's list by what was written of them: their name, or a text that names them. */
function partIds(texts: readonly string[], catalogue: Catalogue): Set<string> {
  return new Set(
    texts.flatMap((text) => {
      const part = catalogue.find('part', text);
      return part ? [part.id] : namedIn(wordsIn(text), catalogue, 'part').map((n) => n.item.id);
    }),
  );
}

/** What says something of a cause by itself: a vehicle, and what happened before, only shade it. */
const TELLS: ReadonlySet<QueryTerm['part']> = new Set(['codes', 'symptoms', 'tests', 'traces', 'words']);

/** The engine lamp alone says that there are codes to be read, and no more. */
const ENGINE_LAMP = 's|engine-lamp';

/** Whether anything that was asked tells of a cause. */
export const tellsOfCauses = (asks: readonly QueryTerm[]): boolean =>
  asks.some((a) => a.evidence > 0 && TELLS.has(a.part) && a.ladder[0]?.term !== ENGINE_LAMP);

/** A recording of the same shape as one piece of evidence. */
const traceAsks = (alike: AlikeTraces | undefined): QueryTerm[] =>
  alike && alike.cases.size > 0
    ? [
        {
          part: 'traces',
          label: 'a recording of this shape',
          ladder: [],
          value: 1,
          evidence: FIT.traces,
          among: alike.among,
        },
      ]
    : [];

/** Walks the lists of every ask once: points by document, and how often causes have it. */
function addUp(
  index: CaseIndex,
  table: CauseTable,
  asks: readonly QueryTerm[],
  own: Float32Array,
  counts: CauseCounts,
  exceptDoc: number,
  alike: AlikeTraces | undefined,
): void {
  const partSum = new Map<QueryTerm['part'], number>();
  for (const a of asks) partSum.set(a.part, (partSum.get(a.part) ?? 0) + a.value);
  let asked = 0;
  for (const part of partSum.keys()) asked += WEIGHTS[part];
  const seen = new Int32Array(index.documents);
  const { documents, causeList } = index;
  const [starts, list, proof, standing] = [
    index.causeStart.values,
    causeList.values,
    index.proof.values,
    index.standing.values,
  ];
  asks.forEach((ask, a) => {
    const sum = partSum.get(ask.part)!;
    const points = sum > 0 ? (WEIGHTS[ask.part] / asked) * (ask.value / sum) : 0;
    const code = ask.part === 'codes';
    const { hits, counts: cases } = counts.begin(ask);
    if (ask.part === 'traces')
      for (const [id, close] of alike?.cases ?? []) {
        const d = index.slotOf(id);
        if (d === undefined || standing[d] !== 1 || d === exceptDoc) continue;
        own[d]! += points * close;
        const end = d + 1 < documents ? starts[d + 1]! : causeList.length;
        for (let k = starts[d]!; k < end; k++) {
          const c = table.of[list[k]!]!;
          hits[c]! += close * proof[d]!;
          cases[c]!++;
        }
      }
    for (const { term, share } of ask.ladder) {
      const postings = index.postings(term);
      if (!postings) continue;
      const { docs, weights, length } = postings;
      for (let i = 0; i < length; i++) {
        const d = docs[i]!;
        // The first step of a ladder that a case stands on is the one that counts.
        if (seen[d] === a + 1 || standing[d] !== 1 || d === exceptDoc) continue;
        seen[d] = a + 1;
        const w = code ? weights[i]! / 255 : 1;
        own[d]! += points * share * (code ? 0.4 + 0.6 * w : 1);
        const hit = share * proof[d]!;
        const end = d + 1 < documents ? starts[d + 1]! : causeList.length;
        for (let k = starts[d]!; k < end; k++) {
          const c = table.of[list[k]!]!;
          hits[c]! += hit;
          cases[c]!++;
        }
      }
    }
  });
}

const filtered = (w: SearchCriteria): boolean =>
  w.grade !== '' ||
  w.state !== '' ||
  w.number !== null ||
  w.vinPart !== '' ||
  w.people.length > 0 ||
  w.from !== null ||
  w.until !== null ||
  w.readings.length > 0 ||
  w.only.length > 0;

/** 1 for every document that stands and meets every filter. */
function filterOf(index: CaseIndex, wanted: SearchCriteria, except: string): Uint8Array {
  const met = Uint8Array.from(index.standing.values.subarray(0, index.documents));
  const keep = (mask: Uint8Array) => {
    for (let d = 0; d < met.length; d++) if (mask[d] === 0) met[d] = 0;
  };
  const have = (terms: string[]) => {
    const mask = new Uint8Array(index.documents);
    for (const term of terms) {
      const postings = index.postings(term);
      for (let i = 0; i < (postings?.length ?? 0); i++) mask[postings!.docs[i]!] = 1;
    }
    keep(mask);
  };
  if (wanted.grade) have([`g|${wanted.grade}`]);
  if (wanted.state) have([`st|${wanted.state}`]);
  if (wanted.number !== null) have([`no|${wanted.number}`]);
  if (wanted.vinPart)
    have(index.vehicleIds.filter((_, v) => index.vins[v]!.includes(wanted.vinPart)).map((id) => `id|${id}`));
  for (const p of wanted.people) have([`who|${p}`]);
  for (const o of wanted.only)
    have([
      {
        grade: `g|${o.value}`,
        state: `st|${o.value}`,
        make: `mk|${o.value}`,
        condition: `t|${o.value}`,
        year: `in|${o.value}`,
      }[o.by],
    ]);
  for (const r of wanted.readings) keep(withReading(index, r));
  const { from, until } = wanted;
  if (from !== null || until !== null)
    for (let d = 0; d < met.length; d++) {
      const opened = index.opened.values[d]!;
      if ((from !== null && opened < from) || (until !== null && opened >= until)) met[d] = 0;
    }
  const gone = index.slotOf(except);
  if (gone !== undefined) met[gone] = 0;
  return met;
}

function withReading(index: CaseIndex, asked: SearchCriteria['readings'][number]): Uint8Array {
  const mask = new Uint8Array(index.documents);
  const words = asked.words.map((w) => stem(w.toLowerCase()));
  const holds = (text: string) => {
    const stems = new Set(fold(text).split(' ').map(stem));
    return words.every((w) => stems.has(w));
  };
  // A reading of that very name, if there is one; else one whose question helps to name it.
  const named = index.labels.map((l) => holds(l.label));
  const fits = named.some(Boolean) ? named : index.labels.map((l) => holds([...l.words].join(' ')));
  const bound = index.units.map((unit) => {
    if (unit === asked.quantity.unit) return asked.quantity.value;
    if (comparable(asked.quantity.unit, unit)) return convert(asked.quantity, unit).value;
    return undefined;
  });
  const { docs, labels, values, units } = index.readings;
  for (let i = 0; i < docs.length; i++) {
    const limit = bound[units.values[i]!];
    if (!fits[labels.values[i]!] || limit === undefined) continue;
    const v = values.values[i]!;
    const near = (asked.op === '≈' ? NEAR_VALUE * Math.abs(limit) : 0) + 1e-9;
    const about = () => Math.abs(v - limit) <= near;
    const below = () => (asked.op === '<' ? v < limit : about());
    if (asked.op === '>' ? v > limit : below()) mask[docs.values[i]!] = 1;
  }
  return mask;
}

/**
 * Those that were opened last of all cases that share anything with what was asked, however near they are.
 *
 * @param index the index the ranking was made on
 * @param ranking as `rank` gave it
 * @param limit how many at the most
 * @returns the newest first
 */
export const newest = (index: CaseIndex, ranking: Ranking, limit: number): Ranked[] =>
  topOf(
    ranking.scores,
    index,
    limit,
    (a, b) => index.opened.values[a]! - index.opened.values[b]! || ranking.scores[a]! - ranking.scores[b]!,
  ).map(ranking.of);

/** The best documents, best first, of those with a score; a heap of `limit` keeps it to one pass. */
function topOf(
  scores: Float32Array,
  index: CaseIndex,
  limit: number,
  order = (a: number, b: number) =>
    scores[a]! - scores[b]! || index.opened.values[a]! - index.opened.values[b]!,
): number[] {
  const better = (a: number, b: number) => order(a, b) || b - a;
  const heap: number[] = [];
  const down = () => {
    for (let i = 0; ;) {
      let least = i;
      for (const k of [2 * i + 1, 2 * i + 2])
        if (k < heap.length && better(heap[k]!, heap[least]!) < 0) least = k;
      if (least === i) return;
      [heap[i], heap[least]] = [heap[least]!, heap[i]!];
      i = least;
    }
  };
  for (let d = 0; d < scores.length; d++) {
    if (scores[d]! <= 0) continue;
    if (heap.length < limit) {
      heap.push(d);
      for (let i = heap.length - 1; i > 0;) {
        const up = (i - 1) >> 1;
        if (better(heap[i]!, heap[up]!) >= 0) break;
        [heap[i], heap[up]] = [heap[up]!, heap[i]!];
        i = up;
      }
    } else if (better(d, heap[0]!) > 0) {
      heap[0] = d;
      down();
    }
  }
  return heap.sort((a, b) => better(b, a));
}

/** How many of the near cases have each grade, state, make and circumstance. */
function facetsOf(index: CaseIndex, scores: Float32Array, least: number): FacetCount[] {
  const grades = new Int32Array(GRADES.length);
  const states = new Int32Array(2);
  const makes = new Int32Array(index.makeNames.length);
  const conditions = new Int32Array(31);
  const lists = [index.grades, index.isOpen, index.makes, index.conditions].map((l) => l.values);
  for (let d = 0; d < scores.length; d++) {
    const score = scores[d]!;
    if (score <= 0 || score < least) continue;
    grades[lists[0]![d]!]!++;
    states[lists[1]![d]!]!++;
    const make = lists[2]![d]!;
    if (make >= 0) makes[make]!++;
    for (let bits = lists[3]![d]!, at = 0; bits !== 0; bits >>>= 1, at++) if (bits & 1) conditions[at]!++;
  }
  const some = (by: FacetCount['by'], values: readonly string[], counts: Int32Array): FacetCount[] =>
    values.flatMap((value, i) => (value && counts[i]! > 0 ? [{ by, value, cases: counts[i]! }] : []));
  return [
    ...some('grade', GRADES, grades),
    ...some('state', ['closed', 'open'], states),
    ...some('make', index.makeNames, makes),
    ...some('condition', index.conditionNames.slice(0, 31), conditions),
  ];
}

/** Stemmed words in the labels of readings that some case has, for reading "trim > 20 %". */
export function readsReadings(index: CaseIndex): Set<string> {
  return new Set(index.labels.flatMap((l) => fold(l.label).split(' ').map(stem)));
}

/**
 * Cases that speak of the likeliest causes: of each some, the best-ranked first, so that rarer causes
 * are heard beside common ones.
 *
 * @param index the index the ranking was made on
 * @param ranking as `rank` gave it
 * @param catalogue the shop's list of parts and failures
 * @param causes how many causes at the most
 * @param perCause how many cases of each
 * @returns ids of cases with how much they speak by proof and nearness, 0 … 1
 */
export function strongestCasesPerCause(
  index: CaseIndex,
  ranking: Pick<Ranking, 'prior' | 'scores'>,
  catalogue: Catalogue,
  causes = 30,
  perCause = 25,
): { id: string; weight: number }[] {
  const likely = [...ranking.prior.shares]
    .sort((a, b) => b[1].share - a[1].share)
    .slice(0, causes)
    .map(([key]) => key);
  const slot = new Map(likely.map((key, i) => [key, i]));
  const of = index.causeKeys(catalogue).map((key) => slot.get(key) ?? -1);
  const best: { doc: number; score: number }[][] = likely.map(() => []);
  for (let d = 0; d < index.documents; d++) {
    if (index.standing.values[d] !== 1 || ranking.scores[d]! < 0) continue;
    const end = d + 1 < index.documents ? index.causeStart.values[d + 1]! : index.causeList.length;
    for (let i = index.causeStart.values[d]!; i < end; i++) {
      const list = best[of[index.causeList.values[i]!]!];
      if (!list) continue;
      const score = ranking.scores[d]!;
      if (list.length === perCause && score <= list[perCause - 1]!.score) continue;
      if (list.length === perCause) list.pop();
      const at = list.findIndex((x) => x.score < score);
      list.splice(at < 0 ? list.length : at, 0, { doc: d, score });
    }
  }
  const docs = new Set(best.flat().map((x) => x.doc));
  return [...docs].map((d) => ({ id: index.ids[d]!, weight: index.proof.values[d]! }));
}
