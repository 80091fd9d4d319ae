import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ambiguousWords, erasing, withoutCustomer } from '@/core/case/erase';
import { isTradeWord } from '@/core/trade/trade-words';
import { connection } from '@/store/database';
import { createCase, openCase } from './cases';
import { customerData, customerExport, eraseCustomer } from './customer-data';
import { historyOf } from './history';
import { setOn, testShop, writeOn } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
}, 30_000);
afterAll(() => end());

async function caseOf(customer: string, plate: string): Promise<string> {
  const { id } = await createCase('lead');
  await setOn(id, 'case', {
    customer,
    phone: '030 / 555 017-6',
    said: `${customer} says it stalls; ring 0305550176`,
  });
  await setOn(id, 'vehicle', { plate, make: 'Corvane' });
  await writeOn(id, 'lead', {
    op: 'add',
    kind: 'symptom',
    id: `s-${id}`,
    row: { words: `stalls, ${customer.split(' ').at(-1)} saw it` },
  });
  return id;
}

describe('a customer', () => {
  it('is shown, exported, and erased from cases and history, which stay useful', async () => {
    const id = await caseOf('Odalys Quennell', 'OQ 17');
    const other = await caseOf('Fenwick Haulage', 'FH 1');
    expect((await customerData('odalys quennell')).cases).toMatchObject([
      { plate: 'OQ 17', phone: '030 / 555 017-6' },
    ]);
    expect(JSON.stringify(await customerExport('Odalys Quennell', 'lead'))).toContain('Quennell');
    await expect(eraseCustomer({ name: 'Odalys Quennell', sure: 'Odalys' }, 'lead')).rejects.toThrow(
      'once more',
    );
    expect(await eraseCustomer({ name: 'Odalys Quennell', sure: 'odalys quennell' }, 'lead')).toEqual({
      erased: 1,
      ambiguous: [],
    });

    const all = JSON.stringify([await openCase(id), await historyOf(id)]);
    for (const word of ['Quennell', 'Odalys', 'OQ 17', '555 017', '0305550176'])
      expect(all, word).not.toContain(word);
    const { record } = (await openCase(id))!;
    expect(record.case.said).toBe('(customer) says it stalls; ring (customer)');
    expect(record.symptom[0]!.words).toContain('stalls');
    expect(record.vehicle.make).toBe('Corvane');
    expect((await openCase(other))!.record.case.customer).toBe('Fenwick Haulage');
    expect((await customerData('Odalys Quennell')).cases).toEqual([]);
    // Not in the file either, once the log is folded in and the free pages are gone.
    const { client, url } = connection();
    await client.execute('VACUUM');
    await client.execute('PRAGMA wal_checkpoint(TRUNCATE)');
    expect(readFileSync(url.replace('file:', '')).includes('Quennell')).toBe(false);
  });

  it('called by words of the trade leaves what was found as it was', async () => {
    const id = await caseOf('Black Diesel', 'BD 4');
    await setOn(id, 'case', { said: 'Black Diesel: black smoke, Diesel knocks. Mrs Black called.' });
    expect(await eraseCustomer({ name: 'Black Diesel', sure: 'Black Diesel' }, 'lead')).toEqual({
      erased: 1,
      ambiguous: ['Black', 'Diesel'],
    });
    const { record } = (await openCase(id))!;
    expect(record.case.said).toBe('(customer): black smoke, Diesel knocks. Mrs (customer) called.');
  });

  it('keeps the guard of the history', async () => {
    await expect(connection().client.execute("update history set who = 'x'")).rejects.toThrow('append-only');
  });
});

describe('erasing', () => {
  it('takes the name and its longer words, whole words only', () => {
    const rid = erasing('Ada Lind-Fenwick', '');
    expect(rid('Mrs lind-fenwick and Ada Lind-Fenwick')).toBe('Mrs (customer) and (customer)');
    expect(rid('the adapter of the Fenwicks')).toBe('the adapter of the Fenwicks');
  });
  it('leaves words of the trade that stand alone, and says which they are', () => {
    const trade = (w: string) => ['black', 'stone'].includes(w);
    const rid = erasing('Ann Black', '', trade);
    expect(ambiguousWords('Ann Black', trade)).toEqual(['Black']);
    expect(rid('Black smoke, says Mr. Black; ann black paid, herr blackwood not')).toBe(
      'Black smoke, says Mr. (customer); (customer) paid, herr blackwood not',
    );
  });
  it('whose name is one word of the trade leaves it, however short, but for a title before it', () => {
    const trade = (w: string) => ['black', 'oil'].includes(w);
    expect(erasing('Black', '', trade)('black smoke, Mr Black says')).toBe('black smoke, Mr (customer) says');
    expect(erasing('Oil', '', trade)('oil leak')).toBe('oil leak');
    expect(ambiguousWords('Oil', trade)).toEqual(['Oil']);
    expect(erasing('Fox', '', trade)('Fox says')).toBe('(customer) says');
  });
  it('knows diesel as a word of the trade, and no surname of the demo', () => {
    expect(['diesel', 'black', 'pump', 'quennell', 'fenwick'].map(isTradeWord)).toEqual([
      true,
      true,
      true,
      false,
      false,
    ]);
  });
  it('leaves nothing of the name in any text, and other texts as they are', () => {
    fc.assert(
      fc.property(
        fc.array(fc.string()),
        fc.constantFrom('Zsófia Brandauer', 'a.b*c (x)', 'O’Neill'),
        (texts, name) => {
          const rid = erasing(name, '');
          const row = { said: `${texts.join(' ')} ${name} .`, list: texts.map((t) => `${t} ${name} `) };
          expect(JSON.stringify(withoutCustomer(row, rid))).not.toContain(name);
          const plain = { said: 'stalls when hot', n: 3, none: null };
          expect(withoutCustomer(plain, rid)).toBe(plain);
        },
      ),
    );
  });
});
