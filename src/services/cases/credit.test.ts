import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Op } from '@/core/case';
import { createCase, openCase } from './cases';
import { undoLast } from './history';
import { testShop, writeOn } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

const BEGUN = '2026-01-05T08:00:00.000Z';
let n = 0;
/** A checklist of two steps, put on the case by the lead. */
async function checklist(): Promise<{ id: string; tag: number }> {
  const { id } = await createCase('lead');
  const tag = ++n;
  const step = (i: number): Op[] => [
    {
      op: 'add',
      kind: 'test',
      id: `t${tag}-${i}`,
      row: { runId: `run${tag}`, at: BEGUN, question: `step ${i}` },
    },
    {
      op: 'add',
      kind: 'reading',
      id: `r${tag}-${i}`,
      row: { testId: `t${tag}-${i}`, label: 'x', limit: '≤ 2 V' },
    },
  ];
  await writeOn(
    id,
    'lead',
    { op: 'add', kind: 'run', id: `run${tag}`, row: { title: 'Charging', at: BEGUN } },
    ...step(1),
    ...step(2),
  );
  return { id, tag };
}
const steps = async (id: string) => (await openCase(id))!.record.test.map((t) => [t.question, t.byId]);
const enter = (tag: number, i: number, entered: string, was = '', revision = 1): Op => ({
  op: 'set',
  kind: 'reading',
  id: `r${tag}-${i}`,
  revision,
  set: { entered },
  was: { entered: was },
});

describe('who did a step of a checklist', () => {
  it('is who entered the first reading, at that moment, and not who put it on the case', async () => {
    const { id, tag } = await checklist();
    expect(await steps(id)).toEqual([
      ['step 1', null],
      ['step 2', null],
    ]);
    await writeOn(id, 'joon', enter(tag, 1, '1.2 V'));
    await writeOn(id, 'nils', enter(tag, 2, '2.4 V'));
    // Written over by somebody else: who did it stays.
    await writeOn(id, 'nils', enter(tag, 1, '1.3 V', '1.2 V', 2));
    expect(await steps(id)).toEqual([
      ['step 1', 'joon'],
      ['step 2', 'nils'],
    ]);
    expect((await openCase(id))!.record.test.every((t) => t.at > BEGUN)).toBe(true);
  });

  it('is taken back with the reading', async () => {
    const { id, tag } = await checklist();
    const opened = (await openCase(id))!.record.case.seq;
    await writeOn(id, 'joon', enter(tag, 1, '1.2 V'));
    await undoLast(id, 'joon', opened, []);
    const [first] = (await openCase(id))!.record.test;
    expect([first!.byId, first!.at]).toEqual([null, BEGUN]);
  });

  it('is nobody where nobody is signed in, and never changes when a test was done', async () => {
    const { id, tag } = await checklist();
    await writeOn(id, '', enter(tag, 1, '1.2 V'));
    expect((await steps(id))[0]).toEqual(['step 1', null]);
    const { id: other } = await createCase('lead');
    await writeOn(other, 'joon', { op: 'add', kind: 'test', id: 'own', row: { at: BEGUN, question: 'q' } });
    await writeOn(other, 'joon', {
      op: 'add',
      kind: 'reading',
      id: 'own-r',
      row: { testId: 'own', entered: '3 V' },
    });
    const [own] = (await openCase(other))!.record.test;
    expect([own!.byId, own!.at]).toEqual(['joon', BEGUN]);
  });
});
