'use client';

import { Camera } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Button, Quiet } from '@/ui/controls';
import { FileButton } from '@/ui/file-button';
import { Inline, Problem } from '@/ui/layout';
import type { PhotoReading } from './read-photo';

/** What was read of a photo: its text, how sure each line is, and the picture itself. */
export interface PhotoRead {
  file: File;
  text: string;
  sure: number[];
}

/** Reads photos of a tool's screen; one at a time, with its progress, to be broken off at any time. */
export function usePhoto(onRead: (read: PhotoRead) => void) {
  const running = useRef<PhotoReading>(undefined);
  const [share, setShare] = useState<number>();
  const [problem, setProblem] = useState('');
  const stop = () => {
    running.current?.stop();
    running.current = undefined;
    setShare(undefined);
  };
  // A photo under reading ends with its page.
  useEffect(() => () => running.current?.stop(), []);
  const read = async (file: File) => {
    stop();
    setProblem('');
    setShare(0);
    const { readPhoto } = await import('./read-photo');
    const reading = readPhoto(file, setShare);
    running.current = reading;
    try {
      const { text, sure } = await reading.text;
      if (text.trim() === '')
        setProblem(
          'There is no text on that picture. Take the screen from the front, filling the picture, without a lamp in it.',
        );
      else onRead({ file, text, sure });
    } catch (e) {
      const said = e instanceof Error ? e.message : String(e);
      if (said !== 'stopped') setProblem(said);
    } finally {
      if (running.current === reading) stop();
    }
  };
  return { read, stop, share, problem };
}

/** Takes a photo, or one that is there, and says how far its reading has come. */
export function PhotoButton({ photo }: { photo: ReturnType<typeof usePhoto> }) {
  return (
    <Inline $gap={8} $align="center">
      <FileButton
        label="Photo of the screen"
        accept="image/*"
        isDisabled={photo.share !== undefined}
        onFile={(file) => void photo.read(file)}
      >
        <Camera aria-hidden="true" /> Photo of the screen
      </FileButton>
      {photo.share !== undefined && (
        <>
          <progress value={photo.share} max={1} aria-label="Reading the photo" />
          <Quiet role="status">Reading the photo, some ten seconds</Quiet>
          <Button $kind="quiet" onPress={photo.stop}>
            Stop
          </Button>
        </>
      )}
      {photo.problem && <Problem>{photo.problem}</Problem>}
    </Inline>
  );
}
