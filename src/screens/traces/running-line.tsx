'use client';

import { useEffect, useState } from 'react';
import { Button, Quiet } from '@/ui/controls';

/** An analysis under way: how long it has been, and how it is stopped. */
export function RunningLine({ onStop }: { onStop: () => void }) {
  const [seconds, setSeconds] = useState(0);
  useEffect(() => {
    const tick = setInterval(() => setSeconds((s) => s + 1), 1000);
    return () => clearInterval(tick);
  }, []);
  return (
    <div role="status" style={{ display: 'flex', gap: 10, alignItems: 'center' }}>
      <progress aria-label="Analysing" style={{ accentColor: 'var(--accent)' }} />
      <Quiet>{seconds > 0 ? `${seconds} s` : ''}</Quiet>
      <Button onPress={onStop}>Stop</Button>
    </div>
  );
}
