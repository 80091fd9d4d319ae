'use client';

import { useId, type ClipboardEvent } from 'react';
import { FieldLabel, Input } from './controls';

/** A labelled line of text that is not bound to a case. */
export function LineInput({
  label,
  hideLabel,
  value,
  onChange,
  onEnter,
  onPaste,
  placeholder,
  figure,
  most = 400,
  autoFocus,
}: {
  label: string;
  hideLabel?: boolean;
  value: string;
  onChange: (value: string) => void;
  onEnter?: (() => void) | undefined;
  onPaste?: ((e: ClipboardEvent<HTMLInputElement>) => void) | undefined;
  placeholder?: string;
  figure?: boolean;
  most?: number;
  autoFocus?: boolean;
}) {
  const id = useId();
  return (
    <div>
      <FieldLabel htmlFor={id} className={hideLabel ? 'visually-hidden' : undefined}>
        {label}
      </FieldLabel>
      <Input
        id={id}
        $figure={figure}
        maxLength={most}
        autoComplete="off"
        autoFocus={autoFocus}
        value={value}
        placeholder={placeholder}
        onChange={(e) => onChange(e.target.value)}
        onPaste={onPaste}
        onKeyDown={(e) => {
          if (e.key !== 'Enter' || e.nativeEvent.isComposing || !onEnter) return;
          e.preventDefault();
          onEnter();
        }}
      />
    </div>
  );
}
