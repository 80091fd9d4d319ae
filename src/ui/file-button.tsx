'use client';

import { useRef, type ComponentProps, type ReactNode } from 'react';
import { Button } from './controls';

/** A button that lets one file be chosen; on a tablet, for pictures, the camera is among the choices. */
export function FileButton({
  label,
  accept,
  onFile,
  children,
  ...button
}: {
  /** Names the field itself. */
  label: string;
  accept: string;
  onFile: (file: File) => void;
  children: ReactNode;
} & Pick<ComponentProps<typeof Button>, 'isDisabled' | '$kind'>) {
  const input = useRef<HTMLInputElement>(null);
  return (
    <>
      <Button {...button} onPress={() => input.current?.click()}>
        {children}
      </Button>
      <input
        ref={input}
        type="file"
        accept={accept}
        aria-label={label}
        hidden
        onChange={(e) => {
          const file = e.target.files?.[0];
          // The same file can be chosen again.
          e.target.value = '';
          if (file) onFile(file);
        }}
      />
    </>
  );
}
