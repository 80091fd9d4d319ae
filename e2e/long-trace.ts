import { expect, type Page } from '@playwright/test';
import { part } from './help';

const SAMPLES = 10_000_000;
const HERTZ = 48_000;

/** A sine as WAV, 16 bits, one channel: ten million samples, three and a half minutes. */
function longWav(): Buffer {
  const wav = Buffer.alloc(44 + 2 * SAMPLES);
  wav.write('RIFF', 0);
  wav.writeUInt32LE(36 + 2 * SAMPLES, 4);
  wav.write('WAVEfmt ', 8);
  wav.writeUInt32LE(16, 16);
  wav.writeUInt16LE(1, 20);
  wav.writeUInt16LE(1, 22);
  wav.writeUInt32LE(HERTZ, 24);
  wav.writeUInt32LE(2 * HERTZ, 28);
  wav.writeUInt16LE(2, 32);
  wav.writeUInt16LE(16, 34);
  wav.write('data', 36);
  wav.writeUInt32LE(2 * SAMPLES, 40);
  for (let i = 0; i < SAMPLES; i++) wav.writeInt16LE(Math.round(9000 * Math.sin(i / 50)), 44 + 2 * i);
  return wav;
}

/** Puts the long recording on the open case and waits for its sheet. */
export async function openLongTrace(page: Page) {
  await part(page, 'Evidence').getByRole('button', { name: 'Trace', exact: true }).click();
  await page
    .getByLabel('Recording')
    .setInputFiles({ name: 'long.wav', mimeType: 'audio/wav', buffer: longWav() });
  await page.getByRole('button', { name: 'Read it' }).click();
  await expect(page.getByTestId('trace')).toBeVisible({ timeout: 60_000 });
}
