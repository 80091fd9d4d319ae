'use client';

import { useEffect, useState } from 'react';
import { Button, Quiet } from '@/ui/controls';
import { Inline } from '@/ui/layout';

/** An analysis under way: how long it has been, and how it is stopped. */
export function RunningLine({ onStop }: { onStop: () => void }) {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    const tick = setInterval(() => setSeconds((s) => s + 1), 1000);
    return () => clearInterval(tick);
  }, []);
  return (
    <Inline role="status" $gap={10} $align="center" $nowrap>
      <progress aria-label="Analysing" />
      <Quiet>{seconds > 0 ? `${seconds} s` : ''}</Quiet>
      <Button onPress={onStop}>Stop</Button>
    </Inline>
  );
}
