'use client';

import { Download } from 'lucide-react';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { ImportAnswer } from '@/core/api';
import { someLines } from '@/core/exchange/lines';
import { Button, Figure, Quiet, Tag, TextArea } from '@/ui/controls';
import { saveFile } from '@/ui/save-file';
import { ask } from '../send';

const List = styled.ul`
  & li {
    padding: 8px 0;
    border-top: 1px solid var(--rule);
    display: grid;
    gap: 6px;
  }
  & textarea {
    font-family: var(--mono);
    font-size: 0.8125rem;
    min-height: 120px;
    max-height: 340px;
    overflow: auto;
    white-space: pre;
  }
`;
/** Longer lines are mended in an editor: they are saved and taken in again as a file. */
const LONGEST_SHOWN = 200_000;

interface Refused {
  line: number;
  reason: string;
}

/** Refused lines with their text: each can be put right and brought again by itself. */
export function MendLines({ file, refused }: { file: File; refused: readonly Refused[] }) {
  const [texts, setTexts] = useState<ReadonlyMap<number, string>>();
  const places = refused.map((r) => r.line).join(' ');
  useEffect(() => {
    let gone = false;
    void someLines(file.stream() as ReadableStream<Uint8Array>, places.split(' ').map(Number)).then(
      (found) => !gone && setTexts(found),
    );
    return () => {
      gone = true;
    };
  }, [file, places]);
  if (!texts) return <Quiet>Looking for them in the file …</Quiet>;
  const saveAll = () =>
    saveFile(
      new Blob([[...texts.values()].map((t) => `${oneLine(t)}\n`).join('')], {
        type: 'application/x-ndjson',
      }),
      'refused.ndjson',
    );
  return (
    <>
      <p>
        Put a line right and bring it again; the others of the file are not touched. Or save them, and take
        the mended file in: nothing comes twice.{' '}
        <Button $kind="quiet" onPress={saveAll}>
          <Download aria-hidden="true" /> Save the refused lines
        </Button>
      </p>
      <List aria-label="Refused lines">
        {refused.map((r) => (
          <Mend key={r.line} refused={r} text={texts.get(r.line)} />
        ))}
      </List>
    </>
  );
}

/** A value over several lines on one, where it is valid. */
function oneLine(text: string): string {
  try {
    return JSON.stringify(JSON.parse(text));
  } catch {
    return text.replace(/\s*\n\s*/g, ' ');
  }
}

/** The same over several lines, to be read. */
function spread(text: string): string {
  try {
    return JSON.stringify(JSON.parse(text), null, 2);
  } catch {
    return text;
  }
}

function Mend({ refused, text }: { refused: Refused; text: string | undefined }) {
  const [draft, setDraft] = useState(() => (text === undefined ? '' : spread(text)));
  const [reason, setReason] = useState(refused.reason);
  const [state, setState] = useState<'' | 'sending' | 'in' | 'here already'>('');
  const bring = async () => {
    setState('sending');
    const { answer, problem } = await ask('/api/v1/import', ImportAnswer, {
      method: 'POST',
      body: `${oneLine(draft)}\n`,
    });
    setReason(answer?.refused[0]?.reason ?? problem);
    const unlessNew = answer?.unchanged ? 'here already' : '';
    setState(answer?.created ? 'in' : unlessNew);
  };
  const done = state === 'in' || state === 'here already';
  return (
    <li>
      <span>
        <Figure>line {refused.line}</Figure>{' '}
        {done ? <Tag $tone="pass">{state}</Tag> : <span role="alert">{reason}</span>}
      </span>
      {!done &&
        (text === undefined || text.length > LONGEST_SHOWN ? (
          <Quiet>Too long to be shown here: save it, mend it in an editor, and take that file in.</Quiet>
        ) : (
          <>
            <TextArea
              aria-label={`Text of line ${refused.line}`}
              spellCheck={false}
              value={draft}
              onChange={(e) => setDraft(e.target.value)}
            />
            <div>
              <Button isDisabled={state === 'sending' || draft.trim() === ''} onPress={() => void bring()}>
                Bring it again
              </Button>
            </div>
          </>
        ))}
    </li>
  );
}
