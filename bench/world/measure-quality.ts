import { createClient, type Client } from '@libsql/client';
import MiniSearch from 'minisearch';
import { factsOf, nextTests, oddsOf, type Facts, type GuideCase, type Prior } from '../../src/core/guide';
import {
  profileOf,
  rank,
  readQuery,
  readsReadings,
  strongestCasesPerCause,
  criteriaOf,
  type Ranking,
} from '../../src/core/similar';
import { foldQuestion } from '../../src/core/guide/facts';
import { posterior, testsNeeded } from './ceiling';
import { mean, ndcg, reciprocalRank } from './metrics';
import type { WorldShop } from './shop';
import { WORLD_TESTS } from './tests';
import type { Question } from './world';

/** What a way of searching gives for one line: cases by rank, and causes by rank. */
interface Answered {
  cases: string[];
  causes: string[];
}
type Searcher = (q: Question) => Promise<Answered> | Answered;

export interface Quality {
  ndcg: number;
  mrr: number;
  first: number;
  three: number;
}

/** Whether a case is about the fault asked for: its true cause, whatever the shop wrote down. */
export async function measure(shop: WorldShop, questions: Question[], search: Searcher): Promise<Quality> {
  const faultsOf = new Map(shop.cases.map((c) => [c.file.id!, [c.fault, c.second]]));
  const relevant = new Map<number, number>();
  for (const faults of faultsOf.values())
    for (const f of faults) if (f !== undefined) relevant.set(f, (relevant.get(f) ?? 0) + 1);
  const rows = [];
  for (const q of questions) {
    const { cases, causes } = await search(q);
    const gains = cases.map((id) => (faultsOf.get(id)!.includes(q.fault) ? 1 : 0));
    const at = causes.indexOf(shop.keyOf[q.fault]!);
    rows.push({
      ndcg: ndcg(gains, relevant.get(q.fault) ?? 0),
      mrr: reciprocalRank(gains),
      first: at === 0 ? 1 : 0,
      three: at >= 0 && at < 3 ? 1 : 0,
    });
  }
  return {
    ndcg: mean(rows.map((r) => r.ndcg)),
    mrr: mean(rows.map((r) => r.mrr)),
    first: mean(rows.map((r) => r.first)),
    three: mean(rows.map((r) => r.three)),
  };
}

const RANKED = 30;

/** How Vantle reads and ranks a line. */
function rankLine(shop: WorldShop, line: string): Ranking {
  const known = knownOf(shop);
  return rank(shop.index, criteriaOf(readQuery(line, known, shop.catalogue)), shop.catalogue, RANKED);
}

const knowns = new WeakMap<WorldShop, ReturnType<typeof makeKnown>>();
const makeKnown = (shop: WorldShop) => ({
  makes: shop.index.values('mk'),
  models: shop.index.values('md'),
  engines: shop.index.values('en'),
  vins: [] as string[],
  readings: readsReadings(shop.index),
});
function knownOf(shop: WorldShop) {
  let known = knowns.get(shop);
  if (!known) knowns.set(shop, (known = makeKnown(shop)));
  return known;
}

const bySharesOf = (shares: Iterable<readonly [string, number]>): string[] =>
  [...shares].sort((a, b) => b[1] - a[1]).map(([key]) => key);

export const vantle =
  (shop: WorldShop): Searcher =>
  (q) => {
    const ranking = rankLine(shop, q.line);
    return {
      cases: ranking.ranked.map((r) => r.id),
      causes: bySharesOf([...ranking.fit.shares].map(([k, s]) => [k, s.share] as const)),
    };
  };

/** The ceiling: cases by the posterior of the cause they are filed under, then by how well it is proven. */
export const ceiling =
  (shop: WorldShop): Searcher =>
  (q) => {
    const p = posterior(shop.world, q);
    const grade = { held: 3, proven: 2, checked: 1, claimed: 0 };
    const cases = [...shop.cases].sort(
      (a, b) => p[b.named]! - p[a.named]! || grade[b.grade] - grade[a.grade],
    );
    return {
      cases: cases.slice(0, RANKED).map((c) => c.file.id!),
      causes: bySharesOf(p.map((x, f) => [shop.keyOf[f]!, x] as const)),
    };
  };

/** Causes as a text search leaves them to its reader: those of the best hits, by their scores. */
function causesOfHits(shop: WorldShop, hits: { id: string; score: number }[]): string[] {
  const named = new Map(shop.cases.map((c) => [c.file.id!, shop.keyOf[c.named]!]));
  const sums = new Map<string, number>();
  for (const h of hits.slice(0, 20)) sums.set(named.get(h.id)!, (sums.get(named.get(h.id)!) ?? 0) + h.score);
  return bySharesOf(sums);
}

export function miniSearch(shop: WorldShop): Searcher {
  const mini = new MiniSearch({ fields: ['text'], idField: 'id' });
  mini.addAll(shop.texts);
  return (q) => {
    const hits = mini.search(q.line, { combineWith: 'OR', prefix: false, fuzzy: 0.1 });
    return {
      cases: hits.slice(0, RANKED).map((h) => h.id as string),
      causes: causesOfHits(shop, hits as unknown as { id: string; score: number }[]),
    };
  };
}

/** A line as an OR query of FTS5: every word quoted. */
export const ftsQuery = (line: string): string =>
  [...new Set(line.toLowerCase().match(/[\p{L}\p{N}]+/gu) ?? [])].map((w) => `"${w}"`).join(' OR ');

export async function ftsOf(texts: { id: string; text: string }[], url: string): Promise<Client> {
  const client = createClient({ url });
  await client.execute(
    "create virtual table cases using fts5(id unindexed, text, tokenize = 'porter unicode61')",
  );
  for (let i = 0; i < texts.length; i += 500)
    await client.batch(
      texts.slice(i, i + 500).map((t) => ({ sql: 'insert into cases values (?, ?)', args: [t.id, t.text] })),
    );
  return client;
}

export const fts =
  (shop: WorldShop, client: Client): Searcher =>
  async (q) => {
    const { rows } = await client.execute({
      sql: 'select id, -bm25(cases) as score from cases where cases match ? order by bm25(cases) limit ?',
      args: [ftsQuery(q.line), RANKED],
    });
    const hits = rows.map((r) => ({ id: r.id as string, score: r.score as number }));
    return { cases: hits.map((h) => h.id), causes: causesOfHits(shop, hits) };
  };

/** What the guide has to go by for a question: prior shares and the cases that speak. */
function guideInput(shop: WorldShop, q: Question): { prior: Prior; cases: GuideCase[] } {
  const ranking = rankLine(shop, q.line);
  const cases = strongestCasesPerCause(shop.index, ranking, shop.catalogue).flatMap(({ id, weight }) => {
    const p = profileOf(shop.digests.get(id)!, shop.catalogue);
    const facts = factsOf(p);
    return p.causes.map((cause) => ({ id, number: p.number, cause, grade: p.grade, weight, ...facts }));
  });
  return {
    prior: {
      shares: new Map([...ranking.prior.shares].map(([k, s]) => [k, s.share])),
      unseen: ranking.prior.unseen,
    },
    cases,
  };
}

/** Tests Vantle's guide needs until the true cause stands above a share. */
export function vantleTests(shop: WorldShop, q: Question, share: number, most: number): number {
  const { prior, cases } = guideInput(shop, q);
  const outcomes = new Map<string, { question: string; verdict: string; minutes: number | null }>();
  const readings = new Map<string, Facts['readings'] extends ReadonlyMap<string, infer V> ? V : never>();
  const here: Facts = { outcomes, readings };
  for (let n = 0; ; n++) {
    const odds = oddsOf(cases, here, prior);
    if ((odds.causes.find((c) => c.key === shop.keyOf[q.fault])?.share ?? 0) > share || n === most) return n;
    const [next] = nextTests(cases, here, prior, undefined, 1);
    if (!next) return most;
    const test = WORLD_TESTS.find((t) => foldQuestion(t.question) === next.key)!;
    const answer = q.answer(test);
    outcomes.set(next.key, {
      question: test.question,
      verdict: answer.fails ? 'fail' : 'pass',
      minutes: test.minutes,
    });
    if (test.reading && answer.reads !== undefined)
      readings.set(`${next.key}/${foldQuestion(test.reading.label)}`, {
        question: test.question,
        label: test.reading.label,
        quantity: { value: answer.reads, unit: test.reading.unit },
        decimals: 2,
      });
  }
}
export { testsNeeded };

/** Shares of all causes and of the unseen, before any test, as the odds give them. */
export function vantleShares(shop: WorldShop, q: Question): { shares: Map<string, number>; unseen: number } {
  const ranking = rankLine(shop, q.line);
  return {
    shares: new Map([...ranking.fit.shares].map(([k, s]) => [k, s.share])),
    unseen: ranking.fit.unseen,
  };
}
