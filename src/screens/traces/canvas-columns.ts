import { useCallback, useRef, type RefObject } from 'react';
import type { ViewAnswer } from '@/workers/trace-api';
import type { CanvasLive } from './canvas-paint';
import { GUTTER } from './draw';
import { useTraceStore, type Over } from './open-trace';

/**
 * Asks the worker for the columns of what is shown and as much on either side. One question at a time; when its answer
 * comes and the span has moved on, the next is asked.
 */
export function useColumns(
  canvasRef: RefObject<HTMLCanvasElement | null>,
  liveRef: RefObject<CanvasLive>,
): () => Promise<void> {
  const store = useTraceStore();
  const asking = useRef(false);
  return useCallback(async () => {
    if (asking.current) return;
    asking.current = true;
    try {
      for (;;) {
        const { span, worker, over } = store.getState();
        const which = liveRef.current.shown;
        const across = (canvasRef.current?.getBoundingClientRect().width ?? 1000) - GUTTER;
        const columns = 2 * Math.max(100, Math.round(across));
        const length = span.to - span.from;
        const [from, to] = [span.from - length / 2, span.to + length / 2];
        const answer = await worker.api.view([...which], from, to, columns);
        const overAnswer = over && (await columnsOver(over, from, to, columns));
        store.setState({ answer, overAnswer });
        if (store.getState().span === span && liveRef.current.shown === which) break;
      }
    } catch {
      // The worker was ended while it was asked.
    } finally {
      asking.current = false;
    }
  }, [store, canvasRef, liveRef]);
}

/** The columns of the trace laid over, in the time of the one below it. */
async function columnsOver(over: Over, from: number, to: number, columns: number): Promise<ViewAnswer> {
  const back = (t: number) => (t - over.shift) / over.stretch;
  const channels = over.loaded.channels.map((_, i) => i);
  const raw = await over.worker.api.view(channels, back(from), back(to), columns);
  return { ...raw, from, to };
}
