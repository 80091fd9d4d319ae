'use client';

import { useEffect, useState } from 'react';

/** The photo that was read, to compare with; a press opens it at its full size. */
export function PhotoBeside({ file }: { file: File }) {
  const [url, setUrl] = useState('');
  useEffect(() => {
    const made = URL.createObjectURL(file);
    // eslint-disable-next-line react-hooks/set-state-in-effect -- the address is the browser's, and has to be given back.
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [file]);
  if (url === '') return null;
  return (
    <a
      href={url}
      target="_blank"
      rel="noreferrer"
      style={{ display: 'block', width: 'fit-content', margin: '4px 0' }}
    >
      <img
        src={url}
        alt="The photo that was read"
        style={{ maxWidth: '100%', maxHeight: 200, display: 'block' }}
      />
    </a>
  );
}
