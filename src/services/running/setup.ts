import { randomBytes } from 'node:crypto';
import type { Role } from '@/core/access';
import type { TakeRecordsRequest } from '@/core/api';
import { Problem } from '@/core/problem';
import type { KnownGood, Op, Procedure } from '@/core/case';
import { starterItems } from '@/core/cause';
import type { Money } from '@/core/money';
import type { RegionId } from '@/core/region';
import { db, write, closeDatabase } from '@/store/database';
import { migrateDatabase } from '@/store/migrate';
import { loadCase } from '@/store/rows';
import { insertCatalogue, listCatalogue } from '@/store/catalogue';
import {
  caseIdByNumber,
  countCases,
  getSetting,
  insertPerson,
  listPeople,
  putMeaning,
  putSetting,
} from '@/store/shop';
import { insertDevice, insertToken, listDevices, listTokens } from '@/store/access';
import { bringUpToDate } from './bring-up-to-date';
import { repairDatabase } from './repair-database';
import { takeFile } from '../files/files';
import { applyChanges } from '../cases/save';
import { loadShippedBulletins } from '../shop/bulletins';
import { changeKnownGood } from '../shop/known-good';
import { changeProcedure, procedures } from '../shop/procedures';
import { changeWord, taughtWords } from '../find/words';
import { addStarterNames } from './starter-names';

export type ShopKind = 'own' | 'demo';

/**
 * Makes the database ready: migrations, the starter list of parts and failures, a first person.
 * Safe to call at every start.
 *
 * @param kind what a new database is for; one that is already marked keeps its mark
 * @param say told how far cases are brought up to date with newer rules
 * @returns the mark the database has
 */
export async function prepare(kind: ShopKind, say?: (done: number, of: number) => void): Promise<ShopKind> {
  await migrateDatabase();
  for (const repaired of await repairDatabase()) console.log(repaired);
  await bringUpToDate(say);
  return write(async (tx) => {
    const marked = await getSetting<ShopKind>(tx, 'shop.kind');
    if (marked === undefined) await putSetting(tx, 'shop.kind', kind);
    if ((await listCatalogue(tx)).length === 0) await insertCatalogue(tx, starterItems());
    await addStarterNames(tx);
    if (kind === 'own' && (await listPeople(tx)).length === 0) {
      await insertPerson(tx, { id: 'lead', name: 'Diagnostic lead', role: 'lead', active: true });
    }
    return marked ?? kind;
  });
}

export interface DemoContent {
  shopName: string;
  people: { id: string; name: string; role: Role }[];
  region: RegionId;
  money: Money;
  cases: unknown[];
  /** Cases of the years before, as files. */
  past?: unknown[];
  /** The shop's own words for maker-specific codes. */
  meanings: Record<string, string>;
  procedures: Procedure[];
  /** Values read on healthy vehicles on purpose. */
  knownGood: KnownGood[];
  /** Words of the shop's own. */
  words: { words: string; of: 'symptom' | 'condition' | 'vehicle'; concept: string }[];
  /** Devices that were admitted, and programs that have a token; nobody has their secrets. */
  devices: string[];
  tokens: { name: string; scope: 'look' | 'technician' | 'lead' }[];
  /** A table of past jobs from before the shop had Vantle. */
  oldRecords?: TakeRecordsRequest;
  /** Photos and files: on which case, on which of its tests (by its question), and what they hold. */
  files: () => Promise<
    {
      caseNumber: number;
      test?: string;
      name: string;
      content: Uint8Array;
      /** A recording comes with its trace, and what an analysis of it found. */
      trace?: Record<string, unknown>;
      found?: (traceId: string, causeId: string | undefined) => Op[];
    }[]
  >;
}

/**
 * Loads the demo shop into a database of its own, once.
 *
 * @returns whether it was loaded now
 * @throws Error when the database is somebody's own shop
 */
export async function loadDemo(
  content: DemoContent,
  say?: (done: number, of: number) => void,
): Promise<boolean> {
  const mark = await prepare('demo', say);
  if (mark !== 'demo')
    throw new Problem('This database is a shop of its own; the demo shop is never loaded into it.');
  if (await getSetting(db(), 'demo.loaded')) return false;
  if ((await countCases(db())) === 0) {
    await write(async (tx) => {
      await putSetting(tx, 'shop.name', content.shopName);
      await putSetting(tx, 'shop.region', content.region);
      await putSetting(tx, 'shop.money', content.money);
      for (const [code, says] of Object.entries(content.meanings)) await putMeaning(tx, code, says);
      for (const p of content.people)
        if (!(await listPeople(tx)).some((x) => x.id === p.id))
          await insertPerson(tx, { ...p, active: true });
    });
  }
  const { importCase } = await import('../exchange/import');
  // A start that was broken off goes on where it stopped.
  const done = await countCases(db());
  const who = content.people[0]?.id ?? '';
  for (const file of content.cases.slice(done)) await importCase(file, who);
  await takePast(content.past ?? [], who);
  if (content.oldRecords) {
    const { takeRecords } = await import('../exchange/old-records');
    await takeRecords(content.oldRecords, who);
  }
  await addShelves(content);
  await write((tx) => putSetting(tx, 'demo.loaded', true));
  return true;
}

/** Cases of earlier years: many, so they go in together; each only once. */
async function takePast(past: readonly unknown[], who: string): Promise<void> {
  if (past.length === 0) return;
  const { takeIn } = await import('../exchange/import');
  const taken = await takeIn(
    past.map((file, i) => ({ line: i + 1, text: JSON.stringify(file) })),
    who,
  );
  const refused = taken.find((t) => t.state === 'refused');
  if (refused) throw new Problem(`An older case of the demo shop could not be taken in: ${refused.reason}`);
}

/** What stands beside the cases: procedures, known-good values, files. Adding them twice does no harm. */
async function addShelves(content: DemoContent): Promise<void> {
  const who = content.people[0]?.id ?? '';
  const there = new Set((await procedures()).map((p) => p.id));
  for (const procedure of content.procedures)
    if (!there.has(procedure.id)) await changeProcedure({ do: 'save', procedure }, who);
  const taught = new Set((await taughtWords()).map((w) => w.words));
  for (const word of content.words)
    if (!taught.has(word.words)) await changeWord({ do: 'teach', ...word }, who);
  await loadShippedBulletins(who);
  await addAccess(content, who);
  for (const value of content.knownGood) await changeKnownGood({ do: 'save', value }, who);
  for (const [i, file] of (await content.files()).entries()) {
    const caseId = await caseIdByNumber(db(), file.caseNumber);
    const record = caseId && (await loadCase(db(), caseId));
    if (!record) continue;
    const testId = record.test.find((t) => t.question === file.test)?.id ?? null;
    const upload = { caseId, id: `demo-file-${i}`, name: file.name, testId, partId: null };
    await takeFile(upload, new Blob([new Uint8Array(file.content)]).stream(), 0, who);
    if (file.trace)
      await applyChanges(
        caseId,
        [
          {
            id: `demo-trace-${i}`,
            ops: [
              {
                op: 'add',
                kind: 'trace',
                id: `demo-trace-${i}`,
                row: { ...file.trace, attachmentId: upload.id },
              },
              ...(file.found?.(`demo-trace-${i}`, record.cause[0]?.id) ?? []),
            ],
          },
        ],
        who,
      );
  }
}

/** What a lead sees under Access: nobody comes in by it, since the secrets are thrown away. */
async function addAccess(content: DemoContent, who: string): Promise<void> {
  const now = new Date();
  const secret = () => randomBytes(32).toString('hex');
  await write(async (tx) => {
    if ((await listDevices(tx)).length + (await listTokens(tx)).length > 0) return;
    for (const [i, name] of content.devices.entries())
      await insertDevice(tx, {
        id: `demo-device-${i}`,
        name,
        secretHash: secret(),
        idleMinutes: 10,
        admittedAt: now.toISOString(),
        admittedById: who,
        seenAt: null,
        revokedAt: null,
      });
    for (const [i, { name, scope }] of content.tokens.entries())
      await insertToken(tx, {
        id: `demo-token-${i}`,
        name,
        hash: secret(),
        begins: 'vt_',
        scope,
        createdAt: now.toISOString(),
        createdById: who,
        expiresAt: new Date(now.getTime() + 365 * 86_400_000).toISOString(),
        usedAt: null,
        revokedAt: null,
      });
  });
}

export { closeDatabase };
