import type { CaseRecord } from '@/core/case';
import { Catalogue } from '@/core/cause';
import {
  CaseIndex,
  DIGEST_VERSION,
  digestOf,
  profileOf,
  type CaseDigest,
  type CaseProfile,
} from '@/core/similar';
import type { Vocabulary } from '@/core/symptoms';
import { db, write } from '@/store/database';
import { digestBodies, freshDigests, putDigests, staleDigestIds, type DigestRow } from '@/store/digests';
import { loadCases } from '@/store/rows';
import { listCatalogue } from '@/store/catalogue';
import { changedSince, confirmedComebacks, historySince, lastCaseSeq, lastHistorySeq } from '@/store/shop';
import { digestsAreStale, forgetStaleDigests, keepDigestsBy } from './keep-digests';

/**
 * The search index of this process, kept from the database: every look first takes in what was
 * written since the last one, by this process or another, and writes nothing. What is kept of a case stands
 * in the database as its digest, put down a while after the case was written, so that a start reads one row a
 * case, and results are shown from there.
 */
export interface IndexState {
  index: CaseIndex;
  catalogue: Catalogue;
  /** Numbers of the later cases in which a case came back, by its id. */
  comebacks: Map<string, number[]>;
  caseSeq: number;
  historySeq: number;
  /** Digests drawn up here and not kept in the database yet, by case. */
  unkept: Map<string, DigestRow>;
  /** Cases whose own follow-up found that they came back. */
  cameBack: Set<string>;
}

const shared = globalThis as typeof globalThis & {
  vantleIndex?: Promise<IndexState>;
  vantleRefresh?: Promise<IndexState>;
};

/** Cases drawn up at once; a page of a hundred keeps memory flat and lets others in between. */
const PAGE = 100;
const DIGEST_PAGE = 5000;

async function build(): Promise<IndexState> {
  const historySeq = await lastHistorySeq(db());
  const held: IndexState = {
    index: new CaseIndex(),
    catalogue: new Catalogue(await listCatalogue(db())),
    comebacks: await comebackNumbers(),
    caseSeq: -1,
    historySeq,
    unkept: new Map(),
    cameBack: new Set(),
  };
  // Read before the cases are: what is written meanwhile is then taken in once more, never missed.
  held.caseSeq = await lastCaseSeq(db());
  for (let after = ''; ;) {
    const page = await freshDigests(db(), DIGEST_VERSION, after, DIGEST_PAGE);
    for (const { body } of page) put(held, JSON.parse(body) as CaseDigest);
    if (page.length < DIGEST_PAGE) break;
    after = page.at(-1)!.caseId;
    await new Promise(setImmediate);
  }
  await drawUp(held, await staleDigestIds(db(), DIGEST_VERSION));
  return held;
}

async function comebackNumbers(): Promise<Map<string, number[]>> {
  return new Map([...(await confirmedComebacks(db()))].map(([id, list]) => [id, list.map((c) => c.number)]));
}

function put(held: IndexState, digest: CaseDigest): void {
  if (digest.cameBack) held.cameBack.add(digest.id);
  else held.cameBack.delete(digest.id);
  held.index.put(digest, held.comebacks.has(digest.id) || digest.cameBack);
}

/** Draws digests of cases up from their rows and takes them in; they are kept later (`keepDigests`). */
async function drawUp(held: IndexState, ids: string[]): Promise<void> {
  for (let i = 0; i < ids.length; i += PAGE) {
    const records = await loadCases(db(), ids.slice(i, i + PAGE));
    for (const r of records) {
      const { digest, row } = digestRow(r, held.catalogue);
      put(held, digest);
      held.unkept.set(digest.id, row);
    }
    if (held.unkept.size) digestsAreStale();
    await new Promise(setImmediate);
  }
}

/** Keeps the digests that were drawn up since the last time, so that the next start reads them. */
export async function keepDigests(): Promise<void> {
  const held = await caseIndex();
  const rows = [...held.unkept.values()];
  for (let i = 0; i < rows.length; i += PAGE) {
    const page = rows.slice(i, i + PAGE);
    await write((tx) => putDigests(tx, page));
    for (const row of page) if (held.unkept.get(row.caseId) === row) held.unkept.delete(row.caseId);
  }
}

keepDigestsBy(keepDigests);

/** The digest of a case with the row it is kept in. */
export function digestRow(
  record: CaseRecord,
  catalogue: Catalogue,
  vocabulary?: Vocabulary,
): { digest: CaseDigest; row: DigestRow } {
  const digest = digestOf(record, catalogue, vocabulary);
  return {
    digest,
    row: {
      caseId: digest.id,
      seq: record.case.seq,
      version: DIGEST_VERSION,
      body: JSON.stringify(digest),
    },
  };
}

async function refresh(held: IndexState): Promise<IndexState> {
  // The cases are asked for first: every entry of the history up to their number is then there to be read.
  const [changed, news] = await Promise.all([
    changedSince(db(), held.caseSeq),
    historySince(db(), held.historySeq, ['catalogue', 'case', 'comeback']),
  ]);
  if (news.some((n) => n.kind === 'catalogue')) held.catalogue = new Catalogue(await listCatalogue(db()));
  if (changed.ids.length) {
    if (news.some((n) => n.kind === 'comeback' || n.kind === 'case')) {
      held.comebacks = await comebackNumbers();
      for (const id of new Set([...held.index.cameBackIds(), ...held.comebacks.keys()]))
        held.index.setCameBack(id, held.comebacks.has(id) || held.cameBack.has(id));
    }
    await takeIn(held, changed.ids);
  }
  for (const n of news)
    if (n.kind === 'case' && n.op === 'remove') {
      held.index.remove(n.rowId);
      held.unkept.delete(n.rowId);
    }
  held.historySeq = Math.max(held.historySeq, news.at(-1)?.seq ?? 0, changed.seq);
  held.caseSeq = Math.max(held.caseSeq, changed.seq);
  return held;
}

/** Takes changed cases in: from their digests where another process has drawn them up already. */
async function takeIn(held: IndexState, ids: string[]): Promise<void> {
  if (ids.length <= PAGE) return drawUp(held, ids);
  const stale = new Set(await staleDigestIds(db(), DIGEST_VERSION));
  const fresh = ids.filter((id) => !stale.has(id));
  for (let i = 0; i < fresh.length; i += DIGEST_PAGE)
    for (const body of (await digestBodies(db(), fresh.slice(i, i + DIGEST_PAGE))).values())
      put(held, JSON.parse(body) as CaseDigest);
  await drawUp(
    held,
    ids.filter((id) => stale.has(id)),
  );
}

/** The index and the catalogue, up to date with the database. */
export async function caseIndex(): Promise<IndexState> {
  shared.vantleIndex ??= build().catch((e: unknown) => {
    shared.vantleIndex = undefined;
    throw e;
  });
  const held = await shared.vantleIndex;
  // Looks that arrive together share one refresh.
  shared.vantleRefresh ??= refresh(held).finally(() => (shared.vantleRefresh = undefined));
  return shared.vantleRefresh;
}

/** Profiles of some cases, by id. */
export async function profilesOf(held: IndexState, ids: string[]): Promise<Map<string, CaseProfile>> {
  const kept = await digestBodies(
    db(),
    ids.filter((id) => !held.unkept.has(id)),
  );
  const bodies = ids.flatMap((id): [string, string][] => {
    const body = held.unkept.get(id)?.body ?? kept.get(id);
    return body === undefined ? [] : [[id, body]];
  });
  return new Map(
    bodies.map(([id, body]) => [
      id,
      profileOf(JSON.parse(body) as CaseDigest, held.catalogue, held.comebacks.get(id)),
    ]),
  );
}

/** Forgets the index, for tests that swap the database. */
export function forgetIndex(): void {
  forgetStaleDigests();
  shared.vantleIndex = undefined;
}
