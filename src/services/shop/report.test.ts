import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { demoCases } from '../../../demo/shop';
import { takeFile } from '../files/files';
import { importCase } from '../exchange/import';
import { reportOf } from './report';
import { reportPdf } from './report-pdf';
import { testShop } from '../testing/test-shop';
import sharp from 'sharp';

let end: () => Promise<void>;
beforeEach(async () => {
  end = await testShop();
});
afterEach(() => end());

const cases = demoCases(new Date('2026-06-01T00:00:00Z'));
const latin = (b: Uint8Array) => Buffer.from(b).toString('latin1');
/** Pages by the PDF's own page tree (ISO 32000-1, 7.7.3.2). */
const pages = (pdf: Uint8Array) =>
  Number(/\/Type \/Pages[^>]*\/Count (\d+)/.exec(latin(pdf))?.[1] ?? /\/Count (\d+)/.exec(latin(pdf))?.[1]);

describe('reports as PDF', () => {
  it('the customer’s is one page for every closed case of the demo shop', async () => {
    for (const [i, file] of cases.filter((c) => c.closedAt).entries()) {
      const { comebackOf: _earlier, ...alone } = file;
      const { id } = await importCase({ ...alone, number: i + 1 }, '');
      const pdf = await reportPdf((await reportOf(id, 'customer'))!);
      expect(latin(pdf.subarray(0, 5))).toBe('%PDF-');
      expect([file.number, pages(pdf)]).toEqual([file.number, 1]);
    }
  }, 60_000);

  it('the technician’s takes the pages it needs, and carries the photos', async () => {
    const { id } = await importCase({ ...cases.find((c) => c.number === 13)!, number: 1 }, '');
    const before = await reportPdf((await reportOf(id, 'technician'))!);
    expect(pages(before)).toBeGreaterThan(1);
    const photo = await sharp({ create: { width: 300, height: 200, channels: 3, background: '#555' } })
      .webp()
      .toBuffer();
    await takeFile(
      { caseId: id, id: 'photo-1', name: 'wire.webp', testId: null, partId: null },
      new Blob([new Uint8Array(photo)]).stream(),
      0,
      '',
    );
    const after = await reportPdf((await reportOf(id, 'technician'))!);
    expect(latin(after)).toContain('/Subtype /Image');
    expect(latin(before)).not.toContain('/Subtype /Image');
  });

  it('of a case that is not there is nothing', async () => {
    expect(await reportOf('nowhere', 'customer')).toBeUndefined();
  });
});
