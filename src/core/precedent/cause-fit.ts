import type { Catalogue } from '@/core/cause';
import type { Ask } from './asks';
import type { CaseIndex } from './case-index';
import { shrinkage } from './shrinkage';
import { FIT, mostShare } from './weights';

/** How well causes go with what is asked, over all cases of each. */
export interface CauseFit {
  /** Share of each cause by key; with `unseen` they add up to 1. */
  shares: Map<string, CauseShare>;
  /** Share of what this shop has not seen. */
  unseen: number;
}

interface CauseShare {
  share: number;
  /** Standing cases with this cause. */
  cases: number;
  /** For each piece of evidence: how many of its cases have it, and how many times likelier that makes it. */
  because: { label: string; part: Ask['part']; cases: number; factor: number }[];
}

/** Kinds of term whose absence tells something, with the part of a question that asks for them. */
const ABSENT = [
  { kind: 'c', part: 'codes', weight: 'codesAbsent' },
  { kind: 's', part: 'symptoms', weight: 'symptomsAbsent' },
  { kind: 't', part: 'conditions', weight: 'conditionsAbsent' },
] as const;

interface AbsentSums {
  /** By term of the kind: log of how much likelier each cause is without it. */
  terms: Map<string, Float64Array>;
  /** By cause: the sum of all of them. */
  all: Float64Array;
}

/** What is known of the shop's causes as a whole; worked out once for each state of the index. */
export class CauseTable {
  readonly keys: string[];
  /** Position of the key of each raw cause. */
  readonly of: Int32Array;
  /** Cases of each cause, weighed by their proof, and as they are. */
  readonly weight: Float64Array;
  readonly cases: Int32Array;
  readonly total: number;
  private readonly absent = new Map<string, AbsentSums>();
  private readonly termHits = new Map<string, Float64Array>();

  constructor(
    readonly index: CaseIndex,
    rawKeys: readonly string[],
  ) {
    this.keys = [...new Set(rawKeys)];
    const at = new Map(this.keys.map((k, i) => [k, i]));
    this.of = Int32Array.from(rawKeys, (k) => at.get(k)!);
    this.weight = new Float64Array(this.keys.length);
    this.cases = new Int32Array(this.keys.length);
    for (let d = 0; d < index.documents; d++) {
      if (index.standing.values[d] !== 1) continue;
      this.each(d, (c) => {
        this.weight[c]! += index.proof.values[d]!;
        this.cases[c]!++;
      });
    }
    this.total = this.weight.reduce((a, b) => a + b, 0);
  }

  /** Each cause of a document, by its position. */
  each(doc: number, work: (cause: number) => void): void {
    const { causeStart, causeList, documents } = this.index;
    const end = doc + 1 < documents ? causeStart.values[doc + 1]! : causeList.length;
    for (let i = causeStart.values[doc]!; i < end; i++) work(this.of[causeList.values[i]!]!);
  }

  /** How much of each cause's weight has a term, each case by the weight of the term on it. */
  hits(term: string): Float64Array {
    const known = this.termHits.get(term);
    if (known) return known;
    const hits = new Float64Array(this.keys.length);
    const postings = this.index.postings(term);
    if (postings) {
      const { causeStart, causeList, documents, proof, standing } = this.index;
      const [starts, list, p, s] = [causeStart.values, causeList.values, proof.values, standing.values];
      const { docs, weights, length } = postings;
      for (let i = 0; i < length; i++) {
        const d = docs[i]!;
        if (s[d] !== 1) continue;
        const w = (weights[i]! / 255) * p[d]!;
        const end = d + 1 < documents ? starts[d + 1]! : causeList.length;
        for (let k = starts[d]!; k < end; k++) hits[this.of[list[k]!]!]! += w;
      }
    }
    this.termHits.set(term, hits);
    return hits;
  }

  /** Logs of how much likelier each cause is by what is not there, for a kind of term. */
  absentSums(kind: string): AbsentSums {
    let sums = this.absent.get(kind);
    if (sums) return sums;
    sums = { terms: new Map(), all: new Float64Array(this.keys.length) };
    for (const value of this.index.values(kind)) {
      const term = `${kind}|${value}`;
      const hits = this.hits(term);
      const usual = (hits.reduce((a, b) => a + b, 0) + 0.5) / (this.total + 1);
      const logs = new Float64Array(this.keys.length);
      const m = FIT.smoothing * shrinkage(hits, this.weight);
      for (let c = 0; c < logs.length; c++) {
        const p = (hits[c]! + m * usual) / (this.weight[c]! + m);
        logs[c] = Math.log((1 - Math.min(p, 0.98)) / (1 - Math.min(usual, 0.98)));
        sums.all[c]! += logs[c]!;
      }
      sums.terms.set(term, logs);
    }
    this.absent.set(kind, sums);
    return sums;
  }
}

const tables = new WeakMap<CaseIndex, { changes: number; keys: readonly string[]; table: CauseTable }>();

/** The table of an index as it stands, kept until it changes. */
export function causeTable(index: CaseIndex, catalogue: Catalogue): CauseTable {
  const keys = index.causeKeys(catalogue);
  let held = tables.get(index);
  if (!held || held.changes !== index.changes || held.keys !== keys) {
    held = { changes: index.changes, keys, table: new CauseTable(index, keys) };
    tables.set(index, held);
  }
  return held.table;
}

/** What is counted of causes while a question is put to the index. */
export class CauseCounts {
  private readonly hits: Float64Array[] = [];
  private readonly counts: Int32Array[] = [];
  private readonly asks: Ask[] = [];

  constructor(
    private readonly table: CauseTable,
    /** A case that is left out, so that it does not speak for itself. */
    private readonly except: number,
  ) {}

  /** Begins a new piece of evidence; gives where its hits and counts by cause are to be added up. */
  begin(ask: Ask): { hits: Float64Array; counts: Int32Array } {
    const hits = new Float64Array(this.table.keys.length);
    const counts = new Int32Array(this.table.keys.length);
    this.asks.push(ask);
    this.hits.push(hits);
    this.counts.push(counts);
    return { hits, counts };
  }

  /**
   * Bayes' rule over the counts, pieces of evidence taken as independent given the cause, each with
   * its weight as exponent. Likelihoods are smoothed towards what is usual over all causes. The share
   * of the unseen is at least that of causes met only once among all cases (Good, "The population
   * frequencies of species and the estimation of population parameters", Biometrika 40, 1953).
   *
   * @param taken which pieces of evidence count; all, if not given
   */
  fit(taken: (ask: Ask) => boolean = () => true): CauseFit {
    const { table } = this;
    const weight = table.weight.slice();
    const cases = table.cases.slice();
    if (this.except >= 0)
      table.each(this.except, (c) => {
        weight[c]! -= table.index.proof.values[this.except]!;
        cases[c]!--;
      });
    const n = weight.reduce((a, b) => a + b, 0);
    if (n <= 1e-9) return { shares: new Map(), unseen: 1 };
    const used = this.asks.flatMap((ask, a) =>
      ask.evidence === 0 || !taken(ask) ? [] : [{ ask, a, ratio: this.ratios(ask, a, weight, n) }],
    );
    const absent = this.absentLogs(used.map(({ ask }) => ask));
    const logs = table.keys.map((_, c) => {
      if (cases[c] === 0) return -Infinity;
      let log = Math.log(Math.max(weight[c]!, 1e-9)) + absent[c]!;
      for (const { ask, ratio } of used) log += ask.evidence * Math.log(ratio[c]!);
      return log;
    });
    const once = cases.reduce((sum, c) => sum + (c === 1 ? 1 : 0), 0);
    const unseenLog = Math.log(Math.max(FIT.unseen, once, FIT.unseenShare * n));
    const most = Math.max(unseenLog, ...logs);
    const masses = logs.map((l) => Math.exp(l - most));
    const unseen = Math.exp(unseenLog - most);
    const total = masses.reduce((a, b) => a + b, 0) + unseen;
    const shares = new Map<string, CauseShare>();
    let seen = 0;
    masses.forEach((mass, c) => {
      if (mass === 0) return;
      const share = (mass / total) * mostShare(cases[c]!);
      seen += share;
      shares.set(table.keys[c]!, {
        share,
        cases: cases[c]!,
        because: used.map(({ ask, a, ratio }) => ({
          label: ask.label,
          part: ask.part,
          cases: this.counts[a]![c]!,
          factor: ratio[c]! ** ask.evidence,
        })),
      });
    });
    return { shares, unseen: Math.max(unseen / total, 1 - seen) };
  }

  /** How many times likelier each cause makes a piece of evidence than it usually is. */
  private ratios(ask: Ask, a: number, weight: Float64Array, n: number): Float64Array {
    const usualOf = (hits: Float64Array) => (hits.reduce((x, y) => x + y, 0) + 0.5) / (n + 1);
    if (ask.among) {
      // Of those that could have shown it: a cause that was never recorded is neither likelier nor less likely.
      const among = this.weightAmong(ask.among);
      const all = among.reduce((x, y) => x + y, 0);
      const usual = (this.hits[a]!.reduce((x, y) => x + y, 0) + 0.5) / (all + 1);
      return this.hits[a]!.map((h, c) => (h + FIT.smoothing * usual) / (among[c]! + FIT.smoothing) / usual);
    }
    if (!ask.nested) {
      const usual = usualOf(this.hits[a]!);
      const m = FIT.smoothing * shrinkage(this.hits[a]!, weight);
      return this.hits[a]!.map((h, c) => (h + m * usual) / (weight[c]! + m) / usual);
    }
    // From the widest to the narrowest, each leaning on the one before: P(build | cause) on P(fuel | cause).
    let share = weight.map(() => 1);
    let wider = 1;
    for (const term of ask.nested) {
      const hits = this.table.hits(term);
      const usual = Math.min(usualOf(hits), wider);
      const before = share;
      const m = FIT.smoothing * shrinkage(hits, weight);
      share = hits.map((h, c) => (h + m * before[c]! * (usual / wider)) / (weight[c]! + m));
      wider = usual;
    }
    return share.map((s) => Math.max(s / wider, 1e-6));
  }

  /** Weight of each cause over some cases alone. */
  private weightAmong(ids: ReadonlySet<string>): Float64Array {
    const out = new Float64Array(this.table.keys.length);
    for (const id of ids) {
      const d = this.table.index.slotOf(id);
      if (d === undefined || d === this.except || this.table.index.standing.values[d] !== 1) continue;
      this.table.each(d, (c) => (out[c]! += this.table.index.proof.values[d]!));
    }
    return out;
  }

  /** What was asked for of a kind, but not this: by cause. */
  private absentLogs(asks: Ask[]): Float64Array {
    const logs = new Float64Array(this.table.keys.length);
    for (const { kind, part, weight: name } of ABSENT) {
      const weight = FIT[name];
      const present = asks.filter((a) => a.part === part);
      if (present.length === 0 || weight === 0) continue;
      const sums = this.table.absentSums(kind);
      for (let c = 0; c < logs.length; c++) logs[c]! += weight * sums.all[c]!;
      // What is there, and what is akin to it, is not absent.
      for (const term of new Set(present.flatMap((a) => a.ladder.map((l) => l.term)))) {
        const own = sums.terms.get(term);
        if (own) for (let c = 0; c < logs.length; c++) logs[c]! -= weight * own[c]!;
      }
    }
    return logs;
  }
}
