import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { repairAct, type RepairAct } from '@/core/case';
import { createCase, openCase } from './cases';
import { undoLast } from './history';
import { setOn, testShop, writeOn } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

let n = 0;
const record = async (id: string) => (await openCase(id))!.record;
const act = async (caseId: string, what: RepairAct) => {
  const r = await record(caseId);
  await writeOn(caseId, 'lead', ...repairAct(r, r.repair[0]!.id, what, 'lead', new Date().toISOString()));
};
const waits = async (id: string) => (await record(id)).case.waitsFor;

async function withRepair(): Promise<string> {
  const { id } = await createCase('lead');
  const tag = `${++n}`;
  await writeOn(
    id,
    'lead',
    { op: 'add', kind: 'cause', id: `c${tag}`, row: {} },
    { op: 'add', kind: 'repair', id: `r${tag}`, row: { causeId: `c${tag}`, what: 'pump' } },
    { op: 'add', kind: 'part', id: `p${tag}`, row: { repairId: `r${tag}`, name: 'pump' } },
  );
  return id;
}
describe('what a case waits for', () => {
  it('a write that was on its way while it followed is no second version, but another person’s is', async () => {
    const id = await withRepair();
    const seen = (await record(id)).case;
    await act(id, 'ask');
    const close = (who: string) =>
      writeOn(id, who, {
        op: 'set',
        kind: 'case',
        id,
        revision: seen.revision,
        set: { waitsFor: '' },
        was: { waitsFor: seen.waitsFor },
      });
    await expect(close('somebody')).rejects.toThrow('conflict');
    await close('lead');
    expect((await openCase(id))!.record.case.waitsFor).not.toBe('diagnosis');
  });

  it('follows from what is written of its repair, step by step, and the note goes with it', async () => {
    const id = await withRepair();
    expect(await waits(id)).toBe('diagnosis');
    await act(id, 'ask');
    expect(await waits(id)).toBe('authorisation');
    await setOn(id, 'case', { waitNote: 'rings back at four' });
    await act(id, 'authorise');
    expect((await record(id)).case).toMatchObject({ waitsFor: 'repair', waitNote: '' });
    await act(id, 'order');
    expect(await waits(id)).toBe('part');
    await act(id, 'arrived');
    await act(id, 'done');
    expect(await waits(id)).toBe('proof');
  });

  it('stands in the history with what brought it about, and is undone with it', async () => {
    const id = await withRepair();
    const opened = (await record(id)).case.seq;
    await act(id, 'ask');
    const undone = await undoLast(id, 'lead', opened, []);
    expect(undone?.lines.join('\n')).toMatch(/waits for changed from diagnosis to authorisation/i);
    const now = await record(id);
    expect([now.case.waitsFor, now.repair[0]!.authorisation]).toEqual(['diagnosis', '']);
  });

  it('notes since when, whoever wrote it', async () => {
    const id = await withRepair();
    const before = (await record(id)).case.waitsSince!;
    await act(id, 'ask');
    const asked = (await record(id)).case.waitsSince!;
    expect(asked > before).toBe(true);
    await setOn(id, 'case', { said: 'it stalls' });
    expect((await record(id)).case.waitsSince).toBe(asked);
    await setOn(id, 'case', { waitsFor: 'customer' });
    expect((await record(id)).case.waitsSince! > asked).toBe(true);
  });

  it('does not write over a person’s word about the customer, but waits for nobody who has answered', async () => {
    const key = await withRepair();
    await act(key, 'authorise');
    await setOn(key, 'case', { waitsFor: 'customer', waitNote: 'brings the second key' });
    await act(key, 'order');
    expect((await record(key)).case).toMatchObject({
      waitsFor: 'customer',
      waitNote: 'brings the second key',
    });
    const asked = await withRepair();
    await act(asked, 'ask');
    await setOn(asked, 'case', { waitsFor: 'customer' });
    await act(asked, 'decline');
    expect(await waits(asked)).toBe('');
  });

  it('is open again where what told it is taken away', async () => {
    const id = await withRepair();
    await act(id, 'authorise');
    const r = await record(id);
    await writeOn(id, 'lead', { op: 'remove', kind: 'repair', id: r.repair[0]!.id });
    expect(await waits(id)).toBe('diagnosis');
  });
});
