import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { SymptomsReading } from '@/core/api';
import { testShop, signedRequest } from '@/services/testing/test-shop';
import { changeWord } from '@/services/find/words';
import { POST } from './route';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
}, 60_000);
afterAll(() => end());

const send = (text: string) =>
  POST(signedRequest('http://shop/api/v1/symptoms/read', { method: 'POST', body: text }));
const read = async (text: string) => SymptomsReading.parse(await (await send(text)).json());

describe('reading a complaint', () => {
  it('gives each symptom with what its own clause says of it, and what was denied', async () => {
    const reading = await read('It stalls sometimes when hot, no misfire. Whines when steering, zorblat too');
    expect(reading.symptoms).toMatchObject([
      { id: 'stall', conditions: [{ id: 'hot', label: 'hot' }], frequency: 'intermittent' },
      { id: 'steer-noise', frequency: '' },
    ]);
    expect(reading.denied.map((s) => s.id)).toEqual(['misfire']);
    expect(reading.unread).toContain('zorblat');
  });
  it('asks what the words as a whole do not bear out, and says how far they do', async () => {
    const reading = await read('Since the chip tuning it goes into emergency programme at full throttle');
    expect(reading.symptoms).toEqual([]);
    expect(reading.perhaps.map((p) => p.id)).toEqual(['limp']);
    expect(reading.perhaps[0]).toMatchObject({ label: 'in limp mode' });
    expect(reading.perhaps[0]!.share).toBeGreaterThan(0.35);
    expect((await read('stalls when hot')).perhaps).toEqual([]);
  });
  it('knows the words the shop taught', async () => {
    expect((await read('it flumbers')).symptoms).toEqual([]);
    await changeWord({ do: 'teach', words: 'flumbers', of: 'symptom', concept: 'stall' }, 'lead');
    expect((await read('it flumbers')).symptoms).toMatchObject([{ id: 'stall' }]);
  });
  it('says what is wrong with a body that is none', async () => {
    const empty = await send('  ');
    expect(empty.status).toBe(400);
    expect(JSON.stringify(await empty.json())).toContain('as text in the body');
    const long = await send('stalls '.repeat(3000));
    expect(long.status).toBe(413);
  });
});
