import type { Catalogue } from '@/core/cause';
import { commonness, strayOf, type TradeKnowledge, type TradeRow } from '@/core/trade/knowledge';
import { failuresRelated } from '@/core/trade/related-failures';
import { tradeOf } from '@/core/trade/shop';
import type { VehicleFacts } from '@/core/vehicle';
import type { CaseIndex } from './case-index';
import { shrinkage } from './shrinkage';
import { FIT, TRADE } from './weights';

/** Log of how much likelier each cause is without a term: one figure for most, and those that differ from it. */
interface AbsentLog {
  most: number;
  others: ReadonlyMap<number, number>;
}

interface AbsentSums {
  /** By term of the kind that some case has. */
  terms: Map<string, Float64Array>;
  /** By term that only general practice knows. */
  unmet: Map<string, AbsentLog>;
  /** By cause: the sum of all of them. */
  all: Float64Array;
}

/**
 * The causes of a shop together with those the trade knows, and how often each shows a sign: counted over the shop's
 * cases, leaning on general practice where that knows the cause. Worked out once for each state of the index.
 */
export class CauseTable {
  readonly keys: string[];
  /** Position of the key of each raw cause of the index. */
  readonly of: Int32Array;
  /** Cases of each cause, weighed by their proof, and as they are. */
  readonly weight: Float64Array;
  readonly cases: Int32Array;
  readonly total: number;
  readonly trade: TradeKnowledge;
  /** For each fault of the trade the causes that are read by it, and how much of what they are read by it is. */
  private readonly readersOfFault: { cause: number; share: number }[][];
  /** Position of each cause of the trade. */
  private readonly ofTrade: Int32Array;
  /** For each position the faults of the trade it is read by: its own, or those of the same part. */
  private readonly readBy: Int32Array[];
  /** Pseudo-cases of general practice behind each rate; 0 where it does not know the cause. */
  readonly strength: Float64Array;
  private readonly absent = new Map<string, AbsentSums>();
  private readonly termHits = new Map<string, Float64Array>();
  private readonly termMeans = new Map<string, Float64Array>();
  private readonly usualMix: Float64Array;

  constructor(
    readonly index: CaseIndex,
    rawKeys: readonly string[],
    catalogue: Catalogue,
  ) {
    this.trade = tradeOf(catalogue);
    this.keys = [...new Set([...rawKeys, ...this.trade.causes.map((c) => c.key)])];
    const at = new Map(this.keys.map((k, i) => [k, i]));
    this.of = Int32Array.from(rawKeys, (k) => at.get(k)!);
    this.ofTrade = Int32Array.from(this.trade.causes, (c) => at.get(c.key)!);
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
    this.readBy = this.readers(catalogue);
    this.readersOfFault = this.trade.causes.map(() => []);
    this.readBy.forEach((list, cause) => {
      const of = list.reduce((sum, i) => sum + this.trade.causes[i]!.fault.weight, 0);
      for (const i of list)
        this.readersOfFault[i]!.push({ cause, share: this.trade.causes[i]!.fault.weight / of });
    });
    this.strength = Float64Array.from(this.keys, (k, c) => {
      if (this.readBy[c]!.length === 0) return 0;
      if (this.trade.at.has(k)) return TRADE.strength;
      return TRADE.strength / 2;
    });
    this.usualMix = commonness(this.trade, null);
  }

  /** A cause is read by its own fault of the trade, else by those of its part that fail alike, else by all of its part. */
  private readers(catalogue: Catalogue): Int32Array[] {
    const byPart = new Map<string, number[]>();
    this.trade.causes.forEach((c, i) => {
      const part = c.key.split('/')[0]!;
      byPart.set(part, [...(byPart.get(part) ?? []), i]);
    });
    return this.keys.map((k) => {
      const own = this.trade.at.get(k);
      if (own !== undefined) return Int32Array.of(own);
      const [part = '', failureId = ''] = k.split('/');
      const all = byPart.get(part) ?? [];
      const failure = catalogue.resolve(failureId || null)?.name ?? '';
      const akin = all.filter((i) => failuresRelated(this.trade.causes[i]!.fault.failure, failure));
      return Int32Array.from(akin.length > 0 ? akin : all);
    });
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
      const { docs, length } = postings;
      for (let i = 0; i < length; i++) {
        const d = docs[i]!;
        if (s[d] !== 1) continue;
        const w = p[d]!;
        const end = d + 1 < documents ? starts[d + 1]! : causeList.length;
        for (let k = starts[d]!; k < end; k++) hits[this.of[list[k]!]!]! += w;
      }
    }
    this.termHits.set(term, hits);
    return hits;
  }

  /**
   * How common causes are on such a vehicle by general practice. What the shop calls by a name of its own takes the
   * share of the faults it is read by.
   *
   * @param v the vehicle, or null where it is not known
   * @param cases how many cases of each the shop has
   * @returns for causes that the shop has met, and for those it has not; the second adds up to 1
   */
  practice(v: VehicleFacts | null, cases: Int32Array): { met: Float64Array; unmet: Float64Array } {
    const common = commonness(this.trade, v);
    const met = new Float64Array(this.keys.length);
    const unmet = new Float64Array(this.keys.length);
    let sum = 0;
    for (let c = 0; c < met.length; c++) {
      let share = 0;
      for (const i of this.readBy[c]!) share += common[i]! / this.readersOfFault[i]!.length;
      if (cases[c] !== 0) met[c] = share;
      else sum += unmet[c] = share;
    }
    return { met, unmet: sum > 0 ? unmet.map((x) => x / sum) : unmet };
  }

  /** The chance of a term by general practice, by cause; 0 where that does not say that the cause shows it. */
  means(term: string): Float64Array {
    let means = this.termMeans.get(term);
    if (!means) this.termMeans.set(term, (means = this.meansOf(this.trade.terms.get(term))));
    return means;
  }

  private meansOf(row: TradeRow | undefined): Float64Array {
    const own = new Float64Array(row ? this.trade.causes.length : 0);
    row?.causes.forEach((c, i) => (own[c] = row.chances[i]!));
    return Float64Array.from(this.readBy, (readers) => {
      if (!row || readers.length === 0) return 0;
      let [sum, of] = [0, 0];
      for (const i of readers) {
        const w = this.trade.causes[i]!.fault.weight;
        sum += w * own[i]!;
        of += w;
      }
      return sum / of;
    });
  }

  /**
   * How often each cause shows something, and how often it shows over all. A cause that general practice says
   * shows it leans on that; any other on how often it shows where nobody expects it.
   *
   * @param hits weight of each cause's cases that show it
   * @param weight weight of each cause's cases
   * @param means chance by general practice, by cause; 0 where that does not say so
   * @param stray chance of it where nothing is known
   */
  rates(
    hits: Float64Array,
    weight: Float64Array,
    means: Float64Array,
    stray: number,
  ): { rates: Float64Array; usual: number } {
    let [n, h, otherN, otherH, general] = [0, 0, TRADE.background, TRADE.background * stray, 0];
    for (let c = 0; c < hits.length; c++) {
      n += weight[c]!;
      h += hits[c]!;
      if (means[c] === 0) {
        otherN += weight[c]!;
        otherH += hits[c]!;
      }
    }
    for (let i = 0; i < this.ofTrade.length; i++)
      general += this.usualMix[i]! * (means[this.ofTrade[i]!]! || stray);
    const usual = (h + (TRADE.cases + 1) * general) / (n + TRADE.cases + 1);
    const other = otherH / otherN;
    const shrink = FIT.smoothing * shrinkage(hits, weight);
    const rates = hits.map((x, c) => {
      const [m, mean] = means[c]! > 0 ? [this.strength[c]!, means[c]!] : [shrink, other];
      return (x + m * mean) / (weight[c]! + m);
    });
    return { rates, usual };
  }

  /** Logs of how much likelier each cause is by what is not there, for a kind of term. */
  absentSums(kind: string): AbsentSums {
    let sums = this.absent.get(kind);
    if (sums) return sums;
    const all = new Float64Array(this.keys.length);
    sums = { terms: new Map(), unmet: new Map(), all };
    for (const value of this.index.values(kind)) {
      const term = `${kind}|${value}`;
      const { rates, usual } = this.rates(
        this.hits(term),
        this.weight,
        this.meansOf(this.trade.expected.get(term)),
        strayOf(term),
      );
      const none = Math.log(1 - Math.min(usual, 0.98));
      const logs = rates.map((p) => Math.log(1 - Math.min(p, 0.98)) - none);
      for (let c = 0; c < logs.length; c++) all[c]! += logs[c]!;
      sums.terms.set(term, logs);
    }
    let most = 0;
    for (const [term, row] of this.trade.expected) {
      if (!term.startsWith(`${kind}|`) || sums.terms.has(term)) continue;
      const log = this.absentOfUnmet(row, strayOf(term));
      most += log.most;
      for (const [c, x] of log.others) all[c]! += x - log.most;
      sums.unmet.set(term, log);
    }
    for (let c = 0; c < all.length; c++) all[c]! += most;
    this.absent.set(kind, sums);
    return sums;
  }

  /** The same for a term that no case has: only the causes that general practice says it of differ. */
  private absentOfUnmet(row: TradeRow, stray: number): AbsentLog {
    let general = stray;
    const means = new Map<number, number>();
    row.causes.forEach((i, at) => {
      const chance = row.chances[at]!;
      general += this.usualMix[i]! * (chance - stray);
      for (const { cause, share } of this.readersOfFault[i]!)
        means.set(cause, (means.get(cause) ?? 0) + share * chance);
    });
    const usual = ((TRADE.cases + 1) * general) / (this.total + TRADE.cases + 1);
    const none = Math.log(1 - usual);
    const rate = (c: number, mean: number) => {
      const m = this.strength[c]!;
      return (m * mean) / (this.weight[c]! + m);
    };
    return {
      most: -none,
      others: new Map([...means].map(([c, mean]) => [c, Math.log(1 - Math.min(rate(c, mean), 0.98)) - none])),
    };
  }
}

const tables = new WeakMap<CaseIndex, { changes: number; keys: readonly string[]; table: CauseTable }>();

/** The table of an index as it stands, kept until it changes. */
export function causeTable(index: CaseIndex, catalogue: Catalogue): CauseTable {
  const keys = index.causeKeys(catalogue);
  let held = tables.get(index);
  if (
    !held ||
    held.changes !== index.changes ||
    held.keys !== keys ||
    held.table.trade !== tradeOf(catalogue)
  ) {
    held = { changes: index.changes, keys, table: new CauseTable(index, keys, catalogue) };
    tables.set(index, held);
  }
  return held.table;
}
