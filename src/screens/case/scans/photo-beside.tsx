'use client';

import styled from 'styled-components';
import { useEffect, useState } from 'react';
import { Text } from '@/ui/layout';

const Picture = styled.img`
  display: block;
  max-width: 100%;
  max-height: 200px;
`;

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
    <Text as="a" href={url} target="_blank" rel="noreferrer" $block $width="fit-content" $margin="4px 0">
      <Picture src={url} alt="The photo that was read" />
    </Text>
  );
}
