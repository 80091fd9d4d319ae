import type { VehicleFacts } from '@/core/vehicle';
import { strayOf } from '@/core/trade/knowledge';
import type { QueryTerm } from './query-terms';
import type { CauseTable } from './cause-table';
import { shrinkage } from './shrinkage';
import { FIT, mostShare, TRADE } from './weights';

/** How well causes go with what is asked, over all cases of each and what the trade knows of them. */
export interface CauseFit {
  /** Share of each cause by key; with `unseen` they add up to 1. */
  shares: Map<string, CauseShare>;
  /** Share of what neither the shop has seen nor the trade knows. */
  unseen: number;
}

interface CauseShare {
  share: number;
  /** Standing cases with this cause. */
  cases: number;
  /** How much of what it rests on are the shop's own cases, 0 … 1; the rest is general practice. */
  own: number;
  /** For each piece of evidence: how many of its cases have it, and how many times likelier that makes it. */
  because: Because[];
}

/** What one piece of evidence says of a cause. */
export interface Because {
  label: string;
  part: QueryTerm['part'];
  /** Cases of the cause that have it. */
  cases: number;
  factor: number;
  /** How often such a fault shows it by general practice, 0 … 1; null where that does not know the cause. */
  practice: number | null;
}

/** A part that was changed before and did not help speaks against its own causes. */
const CHANGED_IN_VAIN: Because = {
  label: 'changed before, no help',
  part: 'events',
  cases: 0,
  factor: FIT.changedInVain,
  practice: null,
};

/** Kinds of term whose absence tells something, with the part of a question that asks for them. */
const ABSENT = [
  { kind: 'c', part: 'codes', weight: 'codesAbsent' },
  { kind: 's', part: 'symptoms', weight: 'symptomsAbsent' },
  { kind: 't', part: 'conditions', weight: 'conditionsAbsent' },
] as const;

/** Parts of a question of which general practice knows how often a fault shows them. */
const KNOWN_TO_TRADE: ReadonlySet<QueryTerm['part']> = new Set(['codes', 'symptoms', 'conditions', 'events']);

/** What is counted of causes while a question is put to the index. */
export class CauseCounts {
  private readonly hits: Float64Array[] = [];
  private readonly counts: Int32Array[] = [];
  private readonly asks: QueryTerm[] = [];

  constructor(
    private readonly table: CauseTable,
    /** A case that is left out, so that it does not speak for itself. */
    private readonly except: number,
    /** The vehicle asked about, for how common faults are on it. */
    private readonly vehicle: VehicleFacts | null = null,
    /** Ids of parts that were changed before and did not help. */
    private readonly changed: ReadonlySet<string> = new Set(),
  ) {}

  /** Begins a new piece of evidence; gives where its hits and counts by cause are to be added up. */
  begin(ask: QueryTerm): { hits: Float64Array; counts: Int32Array } {
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
  fit(taken: (ask: QueryTerm) => boolean = () => true): CauseFit {
    const { table } = this;
    const weight = table.weight.slice();
    const cases = table.cases.slice();
    if (this.except >= 0)
      table.each(this.except, (c) => {
        weight[c]! -= table.index.proof.values[this.except]!;
        cases[c]!--;
      });
    const n = weight.reduce((a, b) => a + b, 0);
    // What the shop has not met: at least as much as causes met only once (Good 1953). Most of it the trade knows.
    const once = cases.reduce((sum, c) => sum + (c === 1 ? 1 : 0), 0);
    const unmet = Math.max(FIT.unseen, once, FIT.unseenShare * n);
    const known = table.practice(this.vehicle, cases);
    // A shop of few cases has met little of what there is; one of many tells by itself how much it has not.
    const young = TRADE.cases / (1 + n / TRADE.grownUp);
    const practice = known.unmet.map(
      (share, c) => TRADE.share * Math.max(unmet, young) * share + TRADE.cases * known.met[c]!,
    );
    const used = this.asks.flatMap((ask, a) =>
      ask.evidence === 0 || !taken(ask) ? [] : [{ ask, a, ...this.ratios(ask, a, weight, n) }],
    );
    const absent = this.absentLogs(used.map(({ ask }) => ask));
    // How common a cause is on such a vehicle: counted here, and by general practice, in cases.
    const common = weight.slice();
    for (const { ask, ratio } of used)
      if (ask.part === 'vehicle')
        for (let c = 0; c < common.length; c++) common[c]! *= ratio[c]! ** ask.evidence;
    const changed = table.keys.map((key) => this.changed.has(key.slice(0, key.indexOf('/'))));
    const logs = table.keys.map((_, c) => {
      const mass = common[c]! + practice[c]!;
      if (mass <= 1e-12) return -Infinity;
      let log = Math.log(mass) + absent[c]! + (changed[c] ? Math.log(FIT.changedInVain) : 0);
      for (const { ask, ratio } of used)
        if (ask.part !== 'vehicle') log += ask.evidence * Math.log((1 - FIT.noise) * ratio[c]! + FIT.noise);
      return log;
    });
    const unseenLog = Math.log((1 - TRADE.share) * unmet);
    const most = Math.max(unseenLog, ...logs);
    const masses = logs.map((l) => Math.exp(l - most));
    const unseen = Math.exp(unseenLog - most);
    const total = masses.reduce((a, b) => a + b, 0) + unseen;
    const shares = new Map<string, CauseShare>();
    let seen = 0;
    masses.forEach((mass, c) => {
      if (mass / total < FIT.leastShare && cases[c] === 0) return;
      const own = common[c]! / (common[c]! + practice[c]!);
      // General practice bears a single precedent out only as far as it speaks for the cause itself.
      const share = (mass / total) * mostShare(cases[c]! + TRADE.precedents * (1 - own));
      if (share === 0) return;
      seen += share;
      shares.set(table.keys[c]!, {
        share,
        cases: cases[c]!,
        own,
        because: [
          ...used.map(({ ask, a, ratio, means }) => ({
            label: ask.label,
            part: ask.part,
            cases: this.counts[a]![c]!,
            factor: ratio[c]! ** ask.evidence,
            practice: means && means[c]! > 0 ? means[c]! : null,
          })),
          ...(changed[c] ? [CHANGED_IN_VAIN] : []),
        ],
      });
    });
    return { shares, unseen: Math.max(unseen / total, 1 - seen) };
  }

  /** How many times likelier each cause makes a piece of evidence than it usually is. */
  private ratios(
    ask: QueryTerm,
    a: number,
    weight: Float64Array,
    n: number,
  ): { ratio: Float64Array; means?: Float64Array } {
    const usualOf = (hits: Float64Array) => (hits.reduce((x, y) => x + y, 0) + 0.5) / (n + 1);
    if (ask.among) {
      // Of those that could have shown it: a cause that was never recorded is neither likelier nor less likely.
      const among = this.weightAmong(ask.among);
      const all = among.reduce((x, y) => x + y, 0);
      const usual = (this.hits[a]!.reduce((x, y) => x + y, 0) + 0.5) / (all + 1);
      return {
        ratio: this.hits[a]!.map((h, c) => (h + FIT.smoothing * usual) / (among[c]! + FIT.smoothing) / usual),
      };
    }
    if (!ask.nested) {
      if (KNOWN_TO_TRADE.has(ask.part)) {
        const means = this.means(ask);
        const { rates, usual } = this.table.rates(
          this.hits[a]!,
          weight,
          means,
          strayOf(ask.ladder[0]?.term ?? 'c'),
        );
        return { ratio: rates.map((p) => Math.max(p / usual, 1e-6)), means };
      }
      const usual = usualOf(this.hits[a]!);
      const m = FIT.smoothing * shrinkage(this.hits[a]!, weight);
      return { ratio: this.hits[a]!.map((h, c) => (h + m * usual) / (weight[c]! + m) / usual) };
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
    return { ratio: share.map((s) => Math.max(s / wider, 1e-6)) };
  }

  /** How often such faults show what is asked by general practice: of each step of the ladder the likeliest. */
  private means(ask: QueryTerm): Float64Array {
    const out = new Float64Array(this.table.keys.length);
    for (const { term, share } of ask.ladder) {
      const means = this.table.means(term);
      for (let c = 0; c < out.length; c++) out[c] = Math.max(out[c]!, share * means[c]!);
    }
    return out;
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
  private absentLogs(asks: QueryTerm[]): Float64Array {
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
        const unmet = sums.unmet.get(term);
        if (unmet)
          for (let c = 0; c < logs.length; c++) logs[c]! -= weight * (unmet.others.get(c) ?? unmet.most);
      }
    }
    return logs;
  }
}
