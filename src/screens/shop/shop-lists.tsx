'use client';

import { Download, Upload } from 'lucide-react';
import { useState } from 'react';
import { ShopTaken } from '@/core/api';
import { DownloadLink } from '@/ui/download-link';
import { FileButton } from '@/ui/file-button';
import { ask } from '../send';
import { RefusedLines } from './refused-lines';

/** Gives out what the shop has beside its cases, and takes over the lists of another. */
export function ShopLists() {
  const [taken, setTaken] = useState<ShopTaken>();
  const [message, setMessage] = useState('');
  const take = async (file: File) => {
    setMessage(`Importing “${file.name}” …`);
    setTaken(undefined);
    const { answer, problem } = await ask('/api/v1/shop', ShopTaken, { method: 'POST', body: file });
    setTaken(answer);
    setMessage(
      answer
        ? `${answer.added} added, ${answer.unchanged} here already, ${answer.refused.length} refused${answer.leftOut ? `; ${answer.leftOut} lines of people and history left out` : ''}.`
        : problem,
    );
  };
  return (
    <>
      <DownloadLink href="/api/v1/shop">
        <Download aria-hidden="true" /> Download lists and history
      </DownloadLink>
      <FileButton label="Shop file" accept=".ndjson,.jsonl" onFile={(file) => void take(file)}>
        <Upload aria-hidden="true" /> Import lists …
      </FileButton>
      <p role="status">{message}</p>
      {taken && taken.refused.length > 0 && <RefusedLines lines={taken.refused} />}
    </>
  );
}
