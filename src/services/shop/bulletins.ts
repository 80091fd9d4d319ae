import { Problem } from '@/core/problem';
import { Bulletin, type CaseRecord } from '@/core/case';
import { BulletinFile } from '@/core/exchange';
import { matchBulletins, type BulletinHit, type MatchSubject } from '@/core/guide';
import shipped from '@/sim/bulletins/shelf.json';
import { deleteBulletin, listBulletins, putBulletin } from '@/store/bulletins';
import { db, write } from '@/store/database';
import { appendHistory } from '@/store/rows';
import { readable } from '../running/set-aside';
import { shopVocabulary } from '../find/words';

/** The shelf of bulletins: what outside sources know, loaded from files. */

export async function shelf(): Promise<Bulletin[]> {
  return readable('bulletin', await listBulletins(db()), Bulletin);
}

/**
 * Loads a shelf file: each bulletin in the place of the one with its id, or new.
 *
 * @param input the file's JSON
 * @param who id of the person, or empty
 * @returns how many are new and how many were replaced
 * @throws Error with a sentence naming the bulletin and what is wrong with it; then nothing is loaded
 */
export async function loadBulletins(
  input: unknown,
  who: string,
): Promise<{ added: number; replaced: number }> {
  const parsed = BulletinFile.safeParse(input);
  if (!parsed.success) {
    const issue = parsed.error.issues[0];
    const n = typeof issue?.path[1] === 'number' ? ` (bulletin ${issue.path[1] + 1})` : '';
    throw new Problem(
      `Not a shelf of bulletins: ${issue?.path.join('.') || 'the top'}${n} — ${issue?.message}. Nothing was loaded.`,
    );
  }
  return write(async (tx) => {
    const here = new Set((await listBulletins(tx)).map((b) => b.id));
    const at = new Date().toISOString();
    let added = 0;
    for (const { years, ...b } of parsed.data.bulletins) {
      const row = { ...b, yearFrom: years?.[0] ?? 0, yearTo: years?.[1] ?? 0 };
      await putBulletin(tx, row);
      if (!here.has(b.id)) added++;
      here.add(b.id);
      await appendHistory(tx, {
        at,
        who,
        caseId: null,
        kind: 'bulletin',
        rowId: b.id,
        op: 'add',
        before: null,
        after: { title: b.title },
      });
    }
    return { added, replaced: parsed.data.bulletins.length - added };
  });
}

/** The made-up shelf that ships, as the stand-in for an outside source. */
export const loadShippedBulletins = (who: string) => loadBulletins(shipped, who);

export async function removeBulletin(id: string, who: string): Promise<void> {
  await write(async (tx) => {
    const before = (await listBulletins(tx)).find((b) => b.id === id);
    if (!before) return;
    await deleteBulletin(tx, id);
    await appendHistory(tx, {
      at: new Date().toISOString(),
      who,
      caseId: null,
      kind: 'bulletin',
      rowId: id,
      op: 'remove',
      before: { title: before.title },
      after: null,
    });
  });
}

const SHOWN = 6;

/** Bulletins for a vehicle, codes and symptoms, best first. */
export async function bulletinsFor(looked: MatchSubject): Promise<BulletinHit[]> {
  const [all, vocabulary] = await Promise.all([shelf(), shopVocabulary()]);
  return matchBulletins(all, looked, vocabulary).slice(0, SHOWN);
}

/** Bulletins for a case, those already consulted on it among them. */
export async function bulletinsOfCase(
  record: Pick<CaseRecord, 'vehicle' | 'code' | 'symptom' | 'bulletinUse'>,
): Promise<BulletinHit[]> {
  const hits = await bulletinsFor({
    vehicle: record.vehicle,
    codes: [...new Set(record.code.map((c) => c.code))],
    symptoms: record.symptom.map((s) => s.concept).filter(Boolean),
  });
  const missing = record.bulletinUse
    .map((u) => u.bulletinId)
    .filter((id) => !hits.some((h) => h.bulletin.id === id));
  const all = missing.length ? await shelf() : [];
  return [
    ...hits,
    ...all
      .filter((b) => missing.includes(b.id))
      .map((bulletin) => ({ bulletin, score: 0, because: ['consulted on this case'] })),
  ];
}
