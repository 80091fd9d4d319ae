import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createCase, openCase } from '../cases/cases';
import { takeFile } from '../files/files';
import { applyChanges } from '../cases/save';
import { testShop } from '../testing/test-shop';
import { tracesToLayOver } from './traces';
import { alikeTraces, tracesLike } from './traces-like';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

let n = 0;
async function trace(caseId: string, name: string, stands: string) {
  const attachmentId = `recording-${++n}`;
  const content = new TextEncoder().encode(`time,a\n0,${n}\n1,2\n`);
  await takeFile(
    { caseId, id: attachmentId, name: `${name}.csv`, testId: null, partId: null, recording: true },
    new Blob([content]).stream(),
    content.length,
    'lead',
  );
  const row = { name, attachmentId, readAs: '{}', sheet: JSON.stringify({ stands }) };
  const [result] = await applyChanges(
    caseId,
    [{ id: `change-${n}`, ops: [{ op: 'add', kind: 'trace', id: `trace-${n}`, row }] }],
    'lead',
  );
  expect(result!.ok).toBe(true);
}

describe('traces to lay over another', () => {
  it('are the case’s own, then those of healthy vehicles elsewhere, and no others', async () => {
    const [here, there] = [(await createCase('lead')).id, (await createCase('lead')).id];
    await trace(there, 'healthy cranking', 'known-good');
    await trace(there, 'another case’s own', 'before');
    await trace(here, 'first', 'before');
    await trace(here, 'second', '');
    const number = (await openCase(there))!.record.case.number;
    const offered = await tracesToLayOver(here);
    expect(offered.map((t) => t.name)).toEqual([
      'first (before)',
      'second',
      `healthy cranking (known-good), case ${number}`,
    ]);
    expect(offered.every((t) => /^[0-9a-f]{64}$/.test(t.hash))).toBe(true);
  });
  it('keep their recording, how it is read, and what lies on them', async () => {
    const id = (await createCase('lead')).id;
    await trace(id, 'kept', 'after');
    const { record } = (await openCase(id))!;
    expect(record.trace[0]).toMatchObject({ name: 'kept', readAs: '{}', sheet: '{"stands":"after"}' });
    expect(record.attachment.find((a) => a.id === record.trace[0]!.attachmentId)?.mime).toBe('text/csv');
  });
});

describe('traces like one', () => {
  const readAs = {
    format: 'csv',
    separator: ',',
    decimal: '.',
    skip: 1,
    columns: [
      { name: 'time', use: 'time' },
      { name: 'wheel speed', unit: 'V' },
    ],
  };
  async function recorded(caseId: string, name: string, at: (t: number) => number, stands = '') {
    const rows = Array.from({ length: 800 }, (_, i) => `${(i / 200).toFixed(3)},${at(i / 200).toFixed(3)}`);
    const content = new TextEncoder().encode(`time,wheel speed\n${rows.join('\n')}\n`);
    const attachmentId = `like-${++n}`;
    await takeFile(
      { caseId, id: attachmentId, name: `${name}.csv`, testId: null, partId: null, recording: true },
      new Blob([content]).stream(),
      content.length,
      'lead',
    );
    const id = `like-trace-${n}`;
    const row = { name, attachmentId, readAs: JSON.stringify(readAs), sheet: JSON.stringify({ stands }) };
    const [result] = await applyChanges(
      caseId,
      [{ id: `like-change-${n}`, ops: [{ op: 'add', kind: 'trace', id, row }] }],
      'lead',
    );
    expect(result!.ok).toBe(true);
    return id;
  }
  const square = (t: number) => ((t * 8) % 1 < 0.5 ? 0.2 : 4.8);
  const silent = (t: number) => (t < 2.4 ? square(t) : 0.2);
  it('are those of its shape, whatever their size and speed, with what they turned out to be', async () => {
    const [here, there] = [(await createCase('lead')).id, (await createCase('lead')).id];
    await recorded(there, 'goes silent', (t) => 0.5 * silent(t));
    await recorded(there, 'whole', square);
    const asked = await recorded(here, 'asked', (t) => silent(t * 1.05));
    const { like, waiting } = await tracesLike(asked);
    expect(waiting).toBe(0);
    // One that goes on is of another shape, and is not offered.
    expect(like.map((l) => l.name)).toEqual(['goes silent']);
    expect(like[0]).toMatchObject({ cause: '' });
  });
  it('are evidence for the causes of their cases, those after a repair apart', async () => {
    const [here, there, mended] = [
      (await createCase('lead')).id,
      (await createCase('lead')).id,
      (await createCase('lead')).id,
    ];
    await recorded(there, 'its like', (t) => 2 * silent(t), 'before');
    await recorded(mended, 'after', silent, 'after');
    // Nobody found anything in this one: that it is alike accuses no cause.
    const sound = (await createCase('lead')).id;
    await recorded(sound, 'nothing found in it', silent);
    const asked = await recorded(here, 'asked of', silent, 'before');
    await tracesLike(asked);
    const alike = (await alikeTraces(here))!;
    expect(alike.cases.get(there)).toBeGreaterThan(0.8);
    expect(alike.among.has(mended)).toBe(false);
    expect(alike.among.has(sound)).toBe(false);
    expect(await alikeTraces(sound)).toBeUndefined();
    expect(alike.cases.has(here)).toBe(false);
    expect(await alikeTraces((await createCase('lead')).id)).toBeUndefined();
  });
  it('finds a marked stretch again', async () => {
    const here = (await createCase('lead')).id;
    const dip = (from: number) => (t: number) =>
      t > from && t < from + 0.5 ? 1 - Math.sin((t - from) * 6.28) : 1;
    await recorded(here, 'dips late', dip(3));
    const asked = await recorded(here, 'dips early', dip(1));
    const { like } = await tracesLike(asked, { channel: 'wheel speed', from: 0.8, to: 1.7 });
    const found = like.find((l) => l.name === 'dips late')!;
    expect(found.again!.from).toBeGreaterThan(2.7);
    expect(found.again!.from).toBeLessThan(2.9);
  });
  it('says when the recording is not there', async () => {
    await expect(tracesLike('nowhere')).rejects.toThrow('not with the shop');
  });
});
