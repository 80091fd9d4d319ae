'use client';

import { Trash2, Upload } from 'lucide-react';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import styled from 'styled-components';
import type { z } from 'zod';
import { BulletinsAnswer } from '@/core/api';
import { Button, Empty, Figure, IconButton, Quiet } from '@/ui/controls';
import { FileButton } from '@/ui/file-button';
import { Inline, PageTitle, Text } from '@/ui/layout';
import { post } from '../send';
import { ShopShelf } from './sections';

interface Bulletin {
  id: string;
  number: string;
  title: string;
  issuedBy: string;
  codes: string[];
  symptoms: string[];
  build: string;
  yearFrom: number;
  yearTo: number;
  body: string;
}

const Item = styled.li`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  padding: 8px 0;
  border-top: 1px solid var(--rule);
  & summary {
    cursor: pointer;
    min-height: 28px;
  }
  & p {
    white-space: pre-line;
    max-width: 70ch;
    padding: 6px 0;
  }
`;
type Loaded = z.infer<typeof BulletinsAnswer>;

/** The shelf of bulletins: what outside sources know, loaded from files in an open format. */
export function BulletinsScreen({ shelf }: { shelf: Bulletin[] }) {
  const router = useRouter();
  const [message, setMessage] = useState('');
  const send = async (body: object, done: (d: Loaded) => string) => {
    const { answer, problem } = await post('/api/bulletins', body, BulletinsAnswer);
    setMessage(answer ? done(answer) : problem);
    router.refresh();
  };
  const loaded = (d: Loaded) => `${d.added} new, ${d.replaced} replaced.`;
  const load = async (chosen: File) => {
    let content: unknown;
    try {
      content = JSON.parse(await chosen.text());
    } catch {
      setMessage(`“${chosen.name}” is not JSON. A shelf begins with { "format": "vantle-bulletins/1", … }.`);
      return;
    }
    await send({ do: 'load', file: content }, loaded);
  };
  return (
    <ShopShelf>
      <PageTitle>Bulletins</PageTitle>
      <Text $tone="ink-2" $measure={66} $margin="4px 0 12px">
        They appear beside a case and a search by build, code and symptom, each with why. Load your own from a
        file (format in <Figure>docs/formats</Figure>); the shelf that ships is made up.
      </Text>
      <Inline $gap={10}>
        <FileButton
          label="Bulletin file"
          accept=".json,application/json"
          $kind="main"
          onFile={(chosen) => void load(chosen)}
        >
          <Upload aria-hidden="true" /> Load a file
        </FileButton>
        <Button onPress={() => void send({ do: 'shipped' }, loaded)}>Put the made-up shelf here</Button>
      </Inline>
      <Text role="status" $room={24} $pad="6px 0 0">
        {message}
      </Text>
      {shelf.length === 0 ? (
        <Empty>The shelf is empty.</Empty>
      ) : (
        <ul>
          {shelf.map((b) => (
            <Item key={b.id}>
              <details>
                <summary>
                  <Figure>{b.number}</Figure> <b>{b.title}</b>{' '}
                  <Quiet>
                    {[
                      b.build,
                      b.yearFrom || b.yearTo ? `${b.yearFrom || '…'}–${b.yearTo || '…'}` : '',
                      b.codes.join(' '),
                      b.symptoms.join(', '),
                    ]
                      .filter(Boolean)
                      .join(' · ')}
                  </Quiet>
                </summary>
                <p>{b.body}</p>
                <Quiet>{b.issuedBy}</Quiet>
              </details>
              <IconButton
                aria-label={`Take ${b.number} off the shelf`}
                onPress={() => void send({ do: 'remove', id: b.id }, () => `${b.number} is off the shelf.`)}
              >
                <Trash2 aria-hidden="true" />
              </IconButton>
            </Item>
          ))}
        </ul>
      )}
    </ShopShelf>
  );
}
