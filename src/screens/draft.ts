'use client';

import { useEffect, useState } from 'react';

/** Text on its way to becoming rows, kept in the browser until then so that a reload does not lose it. */
export function useDraft(name: string): [string, (text: string) => void] {
  const key = `vantle:draft:${name}`;
  const [text, setText] = useState('');
  useEffect(() => {
    // Only the browser knows; the first render must equal the server's.
    // eslint-disable-next-line react-hooks/set-state-in-effect
    setText(localStorage.getItem(key) ?? '');
  }, [key]);
  return [
    text,
    (next) => {
      setText(next);
      try {
        if (next === '') localStorage.removeItem(key);
        else localStorage.setItem(key, next);
      } catch {
        // Storage full or forbidden: the text is still in the field.
      }
    },
  ];
}
