import { mkdtempSync, rmSync } from 'node:fs';
import os from 'node:os';
import path from 'node:path';
import { closeDatabase } from '@/store/database';
import { forgetIndex } from '../find/index-of-cases';
import { setFields, type Kind, type Op } from '@/core/case';
import { openCase } from '../cases/cases';
import { applyChanges } from '../cases/save';
import { prepare } from '../running/setup';

/** For tests: a shop in a database of its own that is thrown away afterwards. */
export async function testShop(): Promise<() => Promise<void>> {
  const folder = mkdtempSync(path.join(os.tmpdir(), 'vantle-unit-'));
  process.env.VANTLE_DATABASE_URL = `file:${path.join(folder, 'shop.db')}`;
  process.env.VANTLE_FILES = path.join(folder, 'files');
  process.env.VANTLE_LOG = 'silent';
  forgetIndex();
  await prepare('own');
  return async () => {
    await closeDatabase();
    rmSync(folder, { recursive: true, force: true });
  };
}

let written = 0;

/** For tests: writes operations on a case as one change, and fails where they are refused. */
export async function writeOn(caseId: string, who: string, ...ops: Op[]): Promise<void> {
  const [result] = await applyChanges(caseId, [{ id: `test-${++written}`, ops }], who);
  if (!result?.ok) throw new Error(`refused: ${JSON.stringify(result)}`);
}

/** For tests: sets fields of a case or its vehicle, as somebody who sees how they stand. */
export async function setOn(
  caseId: string,
  kind: Extract<Kind, 'case' | 'vehicle'>,
  fields: Record<string, unknown>,
): Promise<void> {
  const { record } = (await openCase(caseId))!;
  await writeOn(caseId, 'lead', ...setFields(kind, record[kind], fields));
}

const TOKEN = 'the-token-of-these-tests';

/** For tests: a request with a lead's rights. */
export function signedRequest(url: string, init?: RequestInit): Request {
  process.env.VANTLE_TOKEN = TOKEN;
  const request = new Request(url, init);
  request.headers.set('authorization', `Bearer ${TOKEN}`);
  return request;
}
