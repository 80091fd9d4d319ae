import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createCase } from '../cases/cases';
import { findWithBeside } from './find';
import { setOn, testShop } from '../testing/test-shop';

let end: () => Promise<void>;
async function takeIn(vehicle: Record<string, unknown>, own: Record<string, unknown>): Promise<number> {
  const { id, number } = await createCase('desk');
  await setOn(id, 'vehicle', vehicle);
  await setOn(id, 'case', own);
  return number;
}
let petrov: number;
let oduya: number;
beforeAll(async () => {
  end = await testShop();
  petrov = await takeIn(
    { make: 'Corvane', model: 'Tessa', plate: 'KV 442-LM' },
    { customer: 'Mrs. Ana Petrov', phone: '+44 1632 960112', orderNumber: 'A-26/118' },
  );
  oduya = await takeIn(
    { make: 'Haldric', model: 'Lugger', plate: 'WL 17 PAR' },
    { customer: 'Parish council, Mr Oduya', phone: '01632 (960) 177' },
  );
});
afterAll(() => end());

const found = async (line: string) =>
  (await findWithBeside(line, 10, {})).customers.map((c) => [c.number, c.by]);

describe('the front desk finds', () => {
  it('by plate, however it is written', async () => {
    for (const line of ['KV 442 LM', 'kv442lm', 'kv-442-lm', 'KV.442.LM'])
      expect(await found(line)).toEqual([[petrov, 'plate']]);
  });
  it('by the customer’s name, its beginning, or two of its words, beside other words of the line', async () => {
    expect(await found('petrov')).toEqual([[petrov, 'customer']]);
    expect(await found('Oduya')).toEqual([[oduya, 'customer']]);
    expect(await found('petr ana')).toEqual([[petrov, 'customer']]);
    expect(await found('Tessa petrov P0171')).toEqual([[petrov, 'customer']]);
  });
  it('by telephone in any grouping, with or without the country', async () => {
    for (const line of ['01632 960112', '+44 1632 960 112', '960112'])
      expect(await found(line)).toEqual([[petrov, 'telephone']]);
    expect(await found('01632 960 177')).toEqual([[oduya, 'telephone']]);
  });
  it('by the order number', async () => {
    expect(await found('a-26/118')).toEqual([[petrov, 'order number']]);
  });
  it('nobody by what is no name: a code, a symptom, letters inside a name, nothing', async () => {
    for (const line of ['', 'P0171', 'rough idle when hot', 'rov', '42', 'council tax'])
      expect(await found(line)).toEqual([]);
  });
});
