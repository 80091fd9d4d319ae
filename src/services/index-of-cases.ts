import { Catalogue } from '@/core/cause';
import { CaseIndex, profileOf } from '@/core/precedent';
import { db } from '@/store/database';
import { loadCases } from '@/store/rows';
import { changedSince, confirmedComebacks, historySince, lastHistorySeq, listCatalogue } from '@/store/shop';

/**
 * The search index of this process, kept from the database: every look first takes in what was
 * written since the last one, by this process or another.
 */
interface Held {
  index: CaseIndex;
  catalogue: Catalogue;
  caseSeq: number;
  historySeq: number;
}

const shared = globalThis as typeof globalThis & {
  vantleIndex?: Promise<Held>;
  vantleRefresh?: Promise<Held>;
};

async function build(): Promise<Held> {
  const historySeq = await lastHistorySeq(db());
  const held: Held = {
    index: new CaseIndex(),
    catalogue: new Catalogue(await listCatalogue(db())),
    caseSeq: -1,
    historySeq,
  };
  // Read before the cases are: what is written meanwhile is then taken in once more, never missed.
  held.caseSeq = (await changedSince(db(), -1)).seq;
  await takeIn(held, 'all');
  return held;
}

async function takeIn(held: Held, ids: string[] | 'all'): Promise<void> {
  const comebacks = await confirmedComebacks(db());
  const found = await loadCases(db(), ids);
  for (const record of found) {
    held.index.put(
      profileOf(
        record,
        held.catalogue,
        (comebacks.get(record.case.id) ?? []).map((c) => c.number),
      ),
    );
  }
}

async function refresh(held: Held): Promise<Held> {
  // The cases first: every entry of the history up to their number is then there to be read.
  const changed = await changedSince(db(), held.caseSeq);
  const news = await historySince(db(), held.historySeq, ['catalogue', 'case']);
  if (news.some((n) => n.kind === 'catalogue')) {
    held.catalogue = new Catalogue(await listCatalogue(db()));
    await takeIn(held, 'all');
  } else if (changed.ids.length) {
    await takeIn(held, changed.ids);
  }
  for (const n of news) if (n.kind === 'case' && n.op === 'remove') held.index.remove(n.rowId);
  held.historySeq = Math.max(held.historySeq, news.at(-1)?.seq ?? 0, changed.seq);
  held.caseSeq = Math.max(held.caseSeq, changed.seq);
  return held;
}

/** The index and the catalogue, up to date with the database. */
export async function caseIndex(): Promise<{ index: CaseIndex; catalogue: Catalogue }> {
  shared.vantleIndex ??= build().catch((e: unknown) => {
    shared.vantleIndex = undefined;
    throw e;
  });
  const held = await shared.vantleIndex;
  // Looks that arrive together share one refresh.
  shared.vantleRefresh ??= refresh(held).finally(() => (shared.vantleRefresh = undefined));
  return shared.vantleRefresh;
}

/** Forgets the index, for tests that swap the database. */
export function forgetIndex(): void {
  shared.vantleIndex = undefined;
}
