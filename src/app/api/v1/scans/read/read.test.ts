import { readFileSync } from 'node:fs';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { ScanReading } from '@/core/api';
import { changeScanHints } from '@/services/scans/scan-hints';
import { stopLetters } from '@/services/scans/scan-picture';
import { testShop, signedRequest } from '@/services/testing/test-shop';
import { kindOfReport } from '@/core/codes';
import { POST } from './route';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
}, 60_000);
afterAll(async () => {
  await stopLetters();
  await end();
});

const URL = 'http://shop/api/v1/scans/read';
const send = (body: BodyInit, headers: Record<string, string> = {}) =>
  POST(signedRequest(URL, { method: 'POST', body, headers }));
const picture = (bytes: Buffer) => {
  const form = new FormData();
  form.set('picture', new Blob([new Uint8Array(bytes)], { type: 'image/png' }), 'screen.png');
  return send(form);
};

const REPORT = [
  'Scan report 2026-03-14',
  '',
  'PCM - Powertrain control module - 1 DTC',
  '  P0171  System too lean  (not present)',
  'ABS: no response',
  'Coolant temperature: 91 °C',
  'seen by candlelight',
].join('\n');

describe('reading a scan', () => {
  it('gives rows with the lines they came from, and keeps what it did not understand', async () => {
    const response = await send(REPORT, { 'content-type': 'text/plain' });
    const reading = ScanReading.parse(await response.json());
    expect(reading.modules).toEqual([
      { name: 'PCM - Powertrain control module', answered: true, read: true, lines: [3], sure: 1 },
      { name: 'ABS', answered: false, read: true, lines: [5], sure: 1 },
    ]);
    expect(reading.codes).toEqual([
      { code: 'P0171', text: 'System too lean', statuses: ['history'], module: 0, lines: [4], sure: 1 },
    ]);
    expect(reading.live).toEqual([{ name: 'Coolant temperature', entered: '91 °C', lines: [6], sure: 1 }]);
    expect(reading.unread).toEqual(['seen by candlelight']);
    expect(reading.made).toBe('2026-03-14');
  });
  it('reads as the shop put it right in reports of this kind', async () => {
    const text = 'Tool protocol\nABS\nC0035 Wheel speed - Merk\nC0040 Other wheel - Merk';
    const before = ScanReading.parse(await (await send(text)).json());
    expect(before.codes.map((c) => c.statuses)).toEqual([[], []]);
    const kind = kindOfReport(text);
    const hints = { kind, statuses: { merk: 'stored' as const }, headings: [], notHeadings: [], columns: {} };
    await changeScanHints({ do: 'keep', hints }, '');
    const after = ScanReading.parse(await (await send(text)).json());
    expect(after.codes.map((c) => [c.text, ...c.statuses])).toEqual([
      ['Wheel speed', 'stored'],
      ['Other wheel', 'stored'],
    ]);
    await changeScanHints({ do: 'forget', kind }, '');
  });
  it.each([
    ['', 400, /no text in it/],
    [' \n ', 400, /no text in it/],
    ['x'.repeat(600_000), 413, /more than 500,000 is not taken/],
    [
      new Uint8Array(readFileSync('node_modules/zxing-wasm/dist/reader/zxing_reader.wasm').subarray(0, 4000)),
      400,
      /no text but a file/,
    ],
  ])('refuses what it cannot read with a sentence', async (body, status, says) => {
    const response = await send(body as BodyInit);
    expect(response.status).toBe(status);
    expect(((await response.json()) as { error: string }).error).toMatch(says);
  });
});

describe('a body without an announced length', () => {
  it('is given up when it is too long', async () => {
    let sent = 0;
    const endless = new ReadableStream<Uint8Array>({
      pull(c) {
        sent += 1_000_000;
        c.enqueue(new Uint8Array(1_000_000).fill(65));
      },
    });
    const response = await POST(
      signedRequest(URL, { method: 'POST', body: endless, duplex: 'half' } as RequestInit),
    );
    expect(response.status).toBe(413);
    expect(sent).toBeLessThan(60_000_000);
  });
});

describe('reading a photo', () => {
  it('reads a clear screen, each row with how sure it is', async () => {
    const svg =
      '<svg xmlns="http://www.w3.org/2000/svg" width="900" height="240"><rect width="900" height="240" fill="#fff"/><g font-family="sans-serif" font-size="28"><text x="30" y="60">P0171</text><text x="160" y="60">System too lean, bank 1</text><text x="30" y="130">P0420</text><text x="160" y="130">Catalyst efficiency below threshold</text></g></svg>';
    const reading = ScanReading.parse(
      await (await picture(await sharp(Buffer.from(svg)).png().toBuffer())).json(),
    );
    expect(reading.form).toBe('picture');
    expect(reading.codes.map((c) => c.code)).toEqual(['P0171', 'P0420']);
    expect(reading.codes.filter((c) => c.sure < 0.8 || c.lines.length === 0)).toEqual([]);
  }, 120_000);
  it.each([
    [
      'a picture without text',
      () =>
        sharp({ create: { width: 300, height: 200, channels: 3, background: '#888' } })
          .png()
          .toBuffer(),
      400,
      /no text on that picture/,
    ],
    [
      'no picture',
      () => Promise.resolve(Buffer.from('GIF of a cat, honestly')),
      400,
      /no picture that can be read/,
    ],
    [
      'a hundred megapixels',
      () =>
        sharp({ create: { width: 10_000, height: 10_000, channels: 3, background: '#fff' } })
          .png()
          .toBuffer(),
      413,
      /more than 80 million pixels/,
    ],
  ])(
    'says what is wrong with %s',
    async (_, make, status, says) => {
      const response = await picture(await make());
      expect(response.status).toBe(status);
      expect(((await response.json()) as { error: string }).error).toMatch(says);
    },
    120_000,
  );
});
