'use client';

import { ScanBarcode } from 'lucide-react';
import { useRef, useState } from 'react';
import { vinsIn, type FoundVin } from '@/core/vehicle';
import { Button, Quiet } from '@/ui/controls';
import { FileButton } from '@/ui/file-button';
import { Inline, Problem } from '@/ui/layout';
import { OfferButton } from '../guidance/offer';
import type { PhotoReading } from '../scans/read-photo';

/** Kinds of code that labels on vehicles have. */
const FORMATS = {
  Code39: 'Code 39',
  Code128: 'Code 128',
  DataMatrix: 'Data Matrix',
  QRCode: 'QR code',
} as const;

async function ofBarcode(file: File): Promise<{ found: FoundVin[]; from: string }> {
  const { prepareZXingModule, readBarcodes } = await import('zxing-wasm/reader');
  prepareZXingModule({ overrides: { locateFile: () => '/ocr/zxing_reader.wasm' } });
  const read = await readBarcodes(file, {
    formats: Object.keys(FORMATS) as (keyof typeof FORMATS)[],
    tryHarder: true,
    tryInvert: true,
    tryRotate: true,
    maxNumberOfSymbols: 8,
  });
  for (const r of read) {
    const found = vinsIn(r.text);
    if (found.length) return { found, from: FORMATS[r.format as keyof typeof FORMATS] ?? r.format };
  }
  return { found: [], from: '' };
}

/** Takes the VIN off a photo of the label: its barcode, else its printed letters. */
export function VinLabel({ onVin }: { onVin: (vin: string) => void }) {
  const running = useRef<PhotoReading>(undefined);
  const [state, setState] = useState<{ busy?: string; problem?: string; said?: string; offers?: FoundVin[] }>(
    {},
  );
  const read = async (file: File) => {
    setState({ busy: 'Looking for a barcode' });
    try {
      let { found, from } = await ofBarcode(file);
      if (found.length === 0) {
        setState({ busy: 'No barcode with a VIN; reading the letters' });
        const { readPhoto } = await import('../scans/read-photo');
        running.current = readPhoto(file, () => undefined);
        found = vinsIn((await running.current.text).text);
        from = 'printed letters';
      }
      const [first] = found;
      if (!first)
        setState({
          problem:
            'No VIN was found on that picture. Take the label alone, sharp and from the front, or type it.',
        });
      else if (found.length === 1 && first.checked) {
        onVin(first.vin);
        setState({ said: `${first.vin} read from ${from}; its check digit is right.` });
      } else setState({ said: `Read from ${from}. Compare it with the plate:`, offers: found });
    } catch (e) {
      const said = e instanceof Error ? e.message : '';
      setState(said === 'stopped' ? {} : { problem: said || 'That picture could not be read.' });
    }
  };
  return (
    <Inline $gap={8} $align="center" $indent>
      <FileButton
        label="Photo of the label"
        accept="image/*"
        $kind="quiet"
        isDisabled={state.busy !== undefined}
        onFile={(file) => void read(file)}
      >
        <ScanBarcode aria-hidden="true" /> VIN from a photo of the label
      </FileButton>
      {state.busy && (
        <>
          <Quiet role="status">{state.busy} …</Quiet>
          <Button
            $kind="quiet"
            onPress={() => {
              running.current?.stop();
              setState({});
            }}
          >
            Stop
          </Button>
        </>
      )}
      {state.said && <Quiet role="status">{state.said}</Quiet>}
      {state.offers?.map((o) => (
        <OfferButton
          key={o.vin}
          onPress={() => {
            onVin(o.vin);
            setState({});
          }}
        >
          Use {o.vin}
          {o.checked ? ', check digit right' : ''}
        </OfferButton>
      ))}
      {state.problem && <Problem>{state.problem}</Problem>}
    </Inline>
  );
}
