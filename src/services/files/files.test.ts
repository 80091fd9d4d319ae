import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import { buffer } from 'node:stream/consumers';
import sharp from 'sharp';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { createCase, openCase } from '../cases/cases';
import { withoutPngText } from '@/core/exchange/png-chunks';
import { MOST_BYTES, storeBrought, storedFile, takeFile } from './files';
import { applyChanges } from '../cases/save';
import { testHeic } from './test-heic';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
let caseId = '';
beforeEach(async () => {
  end = await testShop();
  caseId = (await createCase('')).id;
});
afterEach(() => end());

const stream = (content: Uint8Array) => new Blob([new Uint8Array(content)]).stream();
const upload = (id: string, name: string, more: object = {}) => ({
  caseId,
  id,
  name,
  testId: null,
  partId: null,
  ...more,
});
const take = (id: string, name: string, content: Uint8Array, announced = content.length) =>
  takeFile(upload(id, name), stream(content), announced, '');
const attachments = async () => (await openCase(caseId))!.record.attachment;
/** Everything that lies in the store of files, by its path. */
const stored = () =>
  existsSync(process.env.VANTLE_FILES!)
    ? readdirSync(process.env.VANTLE_FILES!, { recursive: true, withFileTypes: true })
        .filter((e) => e.isFile())
        .map((e) => path.join(e.parentPath, e.name))
    : [];

/** A photo as a tablet takes it: lying on its side, with the place where it was taken. */
const photo = () =>
  sharp({ create: { width: 800, height: 600, channels: 3, background: '#7a4030' } })
    .jpeg()
    .withExif({
      IFD0: { Make: 'Invented' },
      IFD3: {
        GPSLatitudeRef: 'N',
        GPSLatitude: '59/1 19/1 45/1',
        GPSLongitudeRef: 'E',
        GPSLongitude: '18/1 4/1 7/1',
      },
    })
    .withMetadata({ orientation: 6 })
    .toBuffer();

describe('photos', () => {
  it.each(['jpeg', 'png', 'webp', 'gif'] as const)(
    'a %s brought in a case file loses what it says beside its pixels, and stays itself the next time',
    async (format) => {
      const plain = await sharp({ create: { width: 40, height: 30, channels: 3, background: '#7a4030' } })
        .toFormat(format)
        .toBuffer();
      const xmp = '<x:xmpmeta xmlns:x="adobe:ns:meta/"><geo>59.3293N 18.0686E</geo></x:xmpmeta>';
      const spoken =
        format === 'gif'
          ? Buffer.concat([
              plain.subarray(0, -1),
              Buffer.from([0x21, 0xfe, xmp.length]),
              Buffer.from(xmp),
              Buffer.from([0, 0x3b]),
            ])
          : await (
              format === 'png'
                ? sharp(plain).withExif({ IFD0: { ImageDescription: xmp } })
                : sharp(plain).withXmp(xmp)
            )
              .toFormat(format)
              .toBuffer();
      const mark = '59.3293N';
      expect(spoken.includes(mark)).toBe(true);
      const bring = async (content: Buffer) => {
        const files = [{ name: `a.${format}`, data: content.toString('base64') }];
        const file = { files } as unknown as Parameters<typeof storeBrought>[0];
        await storeBrought(file);
        return readFileSync(stored().find((f) => f.endsWith(file.files![0]!.sha256!))!);
      };
      const kept = await bring(spoken);
      expect(kept.includes(mark)).toBe(false);
      expect(await sharp(kept).metadata()).toMatchObject({ width: 40, height: 30 });
      expect((await bring(kept)).equals(kept)).toBe(true);
    },
  );

  it('a moving PNG keeps its pictures and loses its words', async () => {
    const png = await sharp({ create: { width: 8, height: 8, channels: 3, background: '#fff' } })
      .png()
      .toBuffer();
    const chunk = (type: string, data: string) => {
      const length = Buffer.alloc(4);
      length.writeUInt32BE(data.length);
      return Buffer.concat([length, Buffer.from(type + data), Buffer.alloc(4)]);
    };
    const spoken = Buffer.concat([
      png.subarray(0, 33),
      chunk('acTL', '\0\0\0\x01\0\0\0\0'),
      chunk('tEXt', 'GPS\x0059.3293N'),
      png.subarray(33, -12),
      chunk('eXIf', '59.3293N'),
      png.subarray(-12),
    ]);
    const clean = Buffer.from(withoutPngText(spoken));
    expect(clean.includes('59.3293N')).toBe(false);
    expect(clean.includes('acTL')).toBe(true);
    expect(Buffer.concat([clean.subarray(0, 33), clean.subarray(33 + 20)]).equals(png)).toBe(true);
  });

  it('lose their place and other particulars, are turned upright, and get a small picture', async () => {
    const original = await photo();
    const before = await sharp(original).metadata();
    expect([before.orientation, before.exif?.includes(Buffer.from('Invented'))]).toEqual([6, true]);
    const row = await take('photo-1', 'plug.jpg', original);
    expect(row).toMatchObject({ name: 'plug.jpg', mime: 'image/jpeg', caseId });
    const kept = await buffer((await storedFile(row.hash, false))!.stream);
    const meta = await sharp(kept).metadata();
    expect(meta.exif).toBeUndefined();
    expect(kept.includes(Buffer.from('Invented'))).toBe(false);
    expect([meta.width, meta.height]).toEqual([600, 800]);
    const thumb = await storedFile(row.hash, true);
    expect(thumb!.mime).toBe('image/webp');
    expect((await sharp(await buffer(thumb!.stream)).metadata()).height).toBe(360);
  });

  it('films lose the place they were taken at; of what cannot be cleaned the row says so', async () => {
    const el = (id: string, content: Buffer) =>
      Buffer.concat([
        Buffer.from(id, 'hex'),
        Buffer.from([0x40 | (content.length >> 8), content.length & 255]),
        content,
      ]);
    const head = Buffer.concat([Buffer.from('1a45dfa387', 'hex'), Buffer.from('4282847765626d', 'hex')]);
    const film = (...inside: Buffer[]) => Buffer.concat([head, el('18538067', Buffer.concat(inside))]);
    const sound = el('1f43b675', Buffer.from('\xa3\x85sound', 'latin1'));
    const row = await take(
      'webm-1',
      'noise.webm',
      film(el('1254c367', Buffer.from('+59.3293+018.0686/')), sound),
    );
    expect(row).toMatchObject({ mime: 'video/webm', note: '' });
    const kept = await buffer((await storedFile(row.hash, false))!.stream);
    expect([kept.includes('59.3293'), kept.includes('sound')]).toEqual([false, true]);
    const odd = await take('webm-2', 'odd.webm', Buffer.concat([film(sound), Buffer.from([0, 0, 0])]));
    expect(odd.note).toMatch(/^Kept as it came/);
    const avi = Buffer.concat([Buffer.from('RIFF\x24\0\0\0AVI LIST', 'latin1'), Buffer.alloc(40)]);
    expect(await take('avi-1', 'drive.avi', avi)).toMatchObject({
      mime: 'video/vnd.avi',
      note: 'Kept as it came: a place it may carry could not be taken out.',
    });
  });

  it('are stored once by the hash of their content, and under it', async () => {
    const a = await take('photo-1', 'a.jpg', await photo());
    const b = await take('photo-2', 'b.jpg', await photo());
    expect(a.hash).toBe(b.hash);
    expect(stored().filter((f) => !f.endsWith('.thumb'))).toHaveLength(1);
    const kept = await buffer((await storedFile(a.hash, false))!.stream);
    expect(createHash('sha256').update(kept).digest('hex')).toBe(a.hash);
    expect(await attachments()).toHaveLength(2);
  });

  it('that are broken or not what they say are told apart by content', async () => {
    const whole = await photo();
    await expect(take('x-broken', 'x.jpg', whole.subarray(0, 2000))).rejects.toThrow(/broken picture/);
    const png = await sharp({ create: { width: 9, height: 9, channels: 3, background: '#fff' } })
      .png()
      .toBuffer();
    expect((await take('x-named', 'named.jpg', png)).mime).toBe('image/png');
    const program = Buffer.concat([Buffer.from('\x7fELF\x02\x01\x01'), Buffer.alloc(80)]);
    await expect(take('x-prog', 'photo.jpg', program)).rejects.toThrow(/is a program/);
    expect((await attachments()).map((a) => a.name)).toEqual(['named.jpg']);
  });
});

describe('other files', () => {
  it('keep their content; texts never run in the page', async () => {
    const row = await take('csv-file', 'run.csv', Buffer.from('t;v\n0;1\n'));
    expect(row.mime).toBe('text/csv');
    const html = await take('html-file', 'page.html', Buffer.from('<script>alert(1)</script>'));
    const file = await storedFile(html.hash, false);
    expect([file!.mime, file!.inline]).toEqual(['text/plain', false]);
    expect((await buffer(file!.stream)).toString()).toContain('<script>');
  });

  it('hang on the test or part they were taken for, and go with it', async () => {
    await applyChanges(
      caseId,
      [
        {
          id: 'c1',
          ops: [
            { op: 'add', kind: 'test', id: 'test-1', row: { at: '2026-01-01T10:00:00.000Z', question: 'Q' } },
          ],
        },
      ],
      '',
    );
    await takeFile(upload('on-test', 'a.txt', { testId: 'test-1' }), stream(Buffer.from('a')), 1, '');
    expect((await attachments())[0]!.testId).toBe('test-1');
    await applyChanges(caseId, [{ id: 'c2', ops: [{ op: 'remove', kind: 'test', id: 'test-1' }] }], '');
    expect(await attachments()).toHaveLength(0);
    await expect(
      takeFile(upload('no-test', 'b.txt', { testId: 'gone-1' }), stream(Buffer.from('b')), 1, ''),
    ).rejects.toThrow(/not there any more/);
    await expect(
      takeFile(upload('no-part', 'b.txt', { partId: 'gone-1' }), stream(Buffer.from('b')), 1, ''),
    ).rejects.toThrow(/hangs on a part that is not there/);
  });

  it('above 50 MB are refused with a word, announced or not, and nothing is kept', async () => {
    const chunk = new Uint8Array(1024 * 1024);
    let sent = 0;
    const endless = () =>
      new ReadableStream<Uint8Array>({
        pull(c) {
          sent++;
          c.enqueue(chunk);
        },
      });
    await expect(takeFile(upload('big-1', 'film.mp4'), endless(), MOST_BYTES + 1, '')).rejects.toThrow(
      /larger than 50 MB/,
    );
    await expect(takeFile(upload('big-2', 'film.mp4'), endless(), 0, '')).rejects.toThrow(
      /larger than 50 MB/,
    );
    expect(sent).toBeLessThan(60);
    expect(stored()).toEqual([]);
    expect(await attachments()).toEqual([]);
  });

  it('that break off on the way leave nothing, and can be sent again under the same id', async () => {
    const broken = new ReadableStream<Uint8Array>({
      start(c) {
        c.enqueue(new Uint8Array(1000));
        c.error(new Error('connection lost'));
      },
    });
    await expect(takeFile(upload('again-1', 'a.txt'), broken, 5, '')).rejects.toThrow('connection lost');
    await expect(take('again-1', 'a.txt', Buffer.from('half'), 9)).rejects.toThrow(/did not arrive whole/);
    await expect(take('again-1', 'a.txt', Buffer.alloc(0))).rejects.toThrow(/is empty/);
    expect(stored()).toEqual([]);
    await take('again-1', 'a.txt', Buffer.from('whole'));
    await take('again-1', 'a.txt', Buffer.from('whole'));
    expect(await attachments()).toHaveLength(1);
  });

  it('are found by nothing but a hash', async () => {
    expect(await storedFile('../../etc/passwd', false)).toBeUndefined();
    expect(await storedFile('0'.repeat(64), false)).toBeUndefined();
  });
});

describe('recordings', () => {
  const long = (first: Uint8Array) => {
    const content = new Uint8Array(MOST_BYTES + 10).fill(48);
    content.set(first);
    return content;
  };
  it('may be longer than other files, and are kept to the byte', async () => {
    const content = long(new TextEncoder().encode('time,rail\n'));
    await expect(take('long-one', 'run.csv', content)).rejects.toThrow(/larger than 50 MB/);
    const kept = await takeFile(
      upload('long-two', 'run.csv', { recording: true }),
      stream(content),
      content.length,
      '',
    );
    expect(kept).toMatchObject({ mime: 'text/csv', bytes: content.length });
    expect(kept.hash).toBe(createHash('sha256').update(content).digest('hex'));
    const file = await storedFile(kept.hash, false);
    expect((await buffer(file!.stream)).equals(content)).toBe(true);
    // Of the temporary file nothing is left; sent again it is the same file.
    expect(stored()).toHaveLength(1);
    await takeFile(
      upload('long-three', 'again.csv', { recording: true }),
      stream(content),
      content.length,
      '',
    );
    expect(stored()).toHaveLength(1);
  });
  it('that are films or programs are refused, and nothing is kept', async () => {
    for (const first of [
      [0x7f, 0x45, 0x4c, 0x46, 2, 1, 1],
      [0xff, 0xd8, 0xff, 0xe0],
    ]) {
      const content = long(Uint8Array.from(first));
      await expect(
        takeFile(upload('no-recording', 'x.csv', { recording: true }), stream(content), content.length, ''),
      ).rejects.toThrow(/no recording/);
    }
    expect(stored()).toEqual([]);
  });
});

describe('a HEIC picture', () => {
  it('becomes a JPEG of its pixels alone, and is called one', async () => {
    expect(testHeic().includes('Handy')).toBe(true);
    const { hash, mime, name } = await take('h', 'IMG_0042.HEIC', testHeic());
    expect({ mime, name }).toEqual({ mime: 'image/jpeg', name: 'IMG_0042.jpg' });
    const kept = await buffer((await storedFile(hash, false))!.stream);
    expect(kept.includes('Handy')).toBe(false);
    expect(await sharp(kept).metadata()).toMatchObject({ format: 'jpeg', width: 96, height: 64 });
    const at = async (left: number, top: number) => {
      const { data } = await sharp(kept)
        .extract({ left, top, width: 1, height: 1 })
        .raw()
        .toBuffer({ resolveWithObject: true });
      return [...data].map((v) => (v > 128 ? 1 : 0)).join('');
    };
    // Red and green above blue and yellow.
    expect([await at(20, 10), await at(70, 10), await at(20, 50), await at(70, 50)]).toEqual([
      '100',
      '010',
      '001',
      '110',
    ]);
  });
  it('that a case file brings is kept as JPEG too, whatever it is called there', async () => {
    const files = [{ name: 'a.jpg', mime: 'image/heic', data: testHeic().toString('base64') }];
    const file = { files } as unknown as Parameters<typeof storeBrought>[0];
    await storeBrought(file);
    expect(file.files![0]).toMatchObject({ name: 'a.jpg', mime: 'image/jpeg' });
    const kept = readFileSync(stored().find((f) => f.endsWith(file.files![0]!.sha256!))!);
    expect(await sharp(kept).metadata()).toMatchObject({ format: 'jpeg', width: 96 });
  });
  it('that is cut off is refused with what to do, and nothing is kept', async () => {
    await expect(take('h', 'IMG_1.HEIC', testHeic().subarray(0, 500))).rejects.toThrow(/HEIC picture.*JPEG/);
    expect(await attachments()).toEqual([]);
    expect(stored()).toEqual([]);
  });
});
