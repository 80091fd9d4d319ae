import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { testShop } from '../testing/test-shop';
import { changeShop, decimalSign, money, periods, region, ShopRequest } from './shop';

let end: () => Promise<void>;
beforeAll(async () => void (end = await testShop()));
afterAll(() => end());

const move = (id: 'us' | 'uk' | 'metric') => changeShop({ do: 'region', region: id }, '');

describe('the region of a shop', () => {
  it('is not guessed: until somebody says it, nothing follows from it', async () => {
    expect(await region()).toBeUndefined();
    expect(await decimalSign()).toBe('');
    expect((await money()).currency).toBe('EUR');
    expect((await periods()).comeback.distance).toBe('10 000 km');
  });

  it('gives money, numbers and distances what is usual there, as long as the shop says nothing else', async () => {
    await move('us');
    expect((await region())?.distance).toBe('mi');
    expect(await decimalSign()).toBe('.');
    expect(await money()).toEqual({ currency: 'USD', hourRate: null });
    expect((await periods()).followUp.distance).toBe('600 mi');
    await move('uk');
    expect((await money()).currency).toBe('GBP');
    await move('metric');
    expect(await decimalSign()).toBe('');
    expect((await periods()).followUp.distance).toBe('1 000 km');

    await changeShop({ do: 'money', money: { currency: 'CHF', hourRate: 140 } }, '');
    await changeShop({ do: 'numbers', decimalSign: '' }, '');
    await move('us');
    expect(await money()).toEqual({ currency: 'CHF', hourRate: 140 });
    // "Either way: ask" was chosen; that is not the same as never said.
    expect(await decimalSign()).toBe('');
  });

  it('is one of those there are', () => {
    expect(ShopRequest.safeParse({ do: 'region', region: 'mars' }).success).toBe(false);
  });
});
