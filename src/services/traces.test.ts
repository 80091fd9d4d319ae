import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createCase, openCase } from './cases';
import { takeFile } from './files';
import { applyChanges } from './save';
import { testShop } from './test-shop';
import { tracesToLayOver } from './traces';

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
