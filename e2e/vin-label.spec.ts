import { expect, test } from '@playwright/test';
import sharp from 'sharp';
import { readFileSync } from 'node:fs';
import { prepareZXingModule, writeBarcode } from 'zxing-wasm/writer';
import { freshCase, saved } from './help';

// Its own file, so that nothing is fetched.
prepareZXingModule({
  overrides: {
    wasmBinary: new Uint8Array(readFileSync('node_modules/zxing-wasm/dist/writer/zxing_writer.wasm')).buffer,
  },
});

const VIN = '1M8GDM9AXKP042788';

async function label(format: 'Code39' | 'Code128' | 'DataMatrix' | 'QRCode', text: string): Promise<Buffer> {
  const { image, error } = await writeBarcode(text, { format, scale: 3 });
  if (!image) throw new Error(error);
  // On a grey sticker, a little turned.
  return sharp(Buffer.from(await image.arrayBuffer()))
    .extend({ top: 40, bottom: 40, left: 40, right: 40, background: '#fff' })
    .rotate(4, { background: '#ccc' })
    .jpeg({ quality: 80 })
    .toBuffer();
}

test('the VIN comes off a photo of the label, whichever code it has', async ({ page }) => {
  await freshCase(page);
  const chosen = page.locator('input[aria-label="Photo of the label"]');
  const field = page.getByLabel('VIN', { exact: true });
  for (const [format, text] of [
    ['Code39', `I${VIN}`],
    ['Code128', VIN],
    ['DataMatrix', VIN],
    ['QRCode', `https://shop.example/v/${VIN}`],
  ] as const) {
    await field.fill('');
    await chosen.setInputFiles({
      name: 'label.jpg',
      mimeType: 'image/jpeg',
      buffer: await label(format, text),
    });
    await expect(field).toHaveValue(VIN);
  }
  await field.fill('');
  // A barcode that holds something else, and no letters: said, and nothing is written.
  await chosen.setInputFiles({
    name: 'box.jpg',
    mimeType: 'image/jpeg',
    buffer: await label('QRCode', 'part 4711'),
  });
  await expect(page.getByText(/No VIN was found on that picture/)).toBeVisible({ timeout: 60_000 });
  await expect(field).toHaveValue('');
  await saved(page);
});
