'use client';

import { useEffect, useMemo, useRef } from 'react';
import styled from 'styled-components';
import { usePaint } from './canvas-paint';
import { useColumns } from './canvas-columns';
import { useCanvasMoves } from './canvas-moves';
import type { Firing } from './picture';
import { useSheet, useTrace, useTraceStore } from './open-trace';

const Frame = styled.div`
  position: relative;
  flex: 1;
  min-height: 300px;
  background: var(--sheet);
  touch-action: none;
  user-select: none;
  & canvas {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
    cursor: crosshair;
  }
  & canvas:focus-visible {
    outline-offset: -3px;
  }
`;

/**
 * The sheet itself. Columns come from the worker, wider than what is shown, so that moving never waits;
 * the newest question wins.
 */
export function TraceCanvas({
  firings,
  onMoment,
}: {
  firings: readonly Firing[];
  onMoment: (words: string) => void;
}) {
  const store = useTraceStore();
  const { sheet } = useSheet();
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useRef<HTMLDivElement>(null);
  const loaded = useTrace((s) => s.loaded);
  const shown = useMemo(
    () => loaded.channels.flatMap((c, i) => (sheet.hidden.includes(c.name) ? [] : [i])),
    [loaded, sheet.hidden],
  );
  const live = useRef({ sheet, shown, firings });
  useEffect(() => {
    live.current = { sheet, shown, firings };
  });
  const paint = usePaint(canvas, live);
  const ask = useColumns(canvas, live);
  useEffect(() => {
    let frameId = 0;
    const soon = () => {
      cancelAnimationFrame(frameId);
      frameId = requestAnimationFrame(paint);
    };
    const off = store.subscribe((s, before) => {
      if (s.span !== before.span || s.over !== before.over) void ask();
      soon();
    });
    const size = new ResizeObserver(() => {
      void ask();
      soon();
    });
    if (frame.current) size.observe(frame.current);
    return () => {
      off();
      size.disconnect();
      cancelAnimationFrame(frameId);
    };
  }, [store, paint, ask]);
  useEffect(() => {
    void ask();
    paint();
  }, [sheet, shown, firings, ask, paint]);
  const keys = useCanvasMoves(canvas, onMoment);

  return (
    <Frame ref={frame}>
      {/* A drawing that is moved with the keyboard: what it holds is also in the tables beside and below. */}
      <canvas
        ref={canvas}
        tabIndex={0}
        role="application"
        aria-label="Trace. Arrow keys move and zoom, W shows the whole, F and G place the first and second mark, P pins a note, comma and full stop move the trace that lies over it."
        onKeyDown={keys}
        data-testid="trace"
      />
    </Frame>
  );
}
