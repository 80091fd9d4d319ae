import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { RULES_VERSION } from '@/core/conclusions';
import { db, write } from '@/store/database';
import { updateRow } from '@/store/rows';
import { getSetting, putSetting } from '@/store/shop';
import { demoCases } from '../../../demo/shop';
import { bringUpToDate } from './bring-up-to-date';
import { openCase } from '../cases/cases';
import { historyOf } from '../cases/history';
import { importCase } from '../exchange/import';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
}, 30_000);
afterAll(() => end());

describe('bringing a shop up to date with newer rules', () => {
  it('does nothing in a shop that is', async () => {
    expect(await getSetting(db(), 'rules.version')).toBe(RULES_VERSION);
    expect(await bringUpToDate()).toBe(0);
  });

  it('draws old conclusions anew, says so in the history, tells how far it is, and does it once', async () => {
    const files = demoCases(new Date('2026-06-01T08:00:00Z')).filter((c) => [1, 2, 30].includes(c.number!));
    const ids: string[] = [];
    for (const f of files) ids.push((await importCase(f, '')).id);
    const [one, two] = [(await openCase(ids[0]!))!.record, (await openCase(ids[1]!))!.record];
    const test = one.test.find((t) => t.verdict === 'fail')!;
    await write(async (tx) => {
      // As an older version left them.
      await updateRow(tx, 'case', one.case.id, { grade: 'claimed', gradeWhy: 'older rules' });
      await updateRow(tx, 'test', test.id, { verdict: 'pass', because: 'older rules' });
      await putSetting(tx, 'rules.version', RULES_VERSION - 1);
    });
    const told: string[] = [];
    expect(await bringUpToDate((done, of) => told.push(`${done} of ${of}`))).toBe(1);
    expect(told).toEqual(['3 of 3']);
    const after = (await openCase(one.case.id))!.record;
    expect(after.case.grade).toBe(one.case.grade);
    expect(after.test.find((t) => t.id === test.id)).toEqual(test);
    expect((await openCase(two.case.id))!.record).toEqual(two);
    const [newest] = (await historyOf(one.case.id))!.changes;
    expect(newest!.lines.join()).toMatch(
      /Updated to newer rules: grade changed from claimed to stayed fixed, 1 verdict/,
    );
    expect(await bringUpToDate()).toBe(0);
  });
});
