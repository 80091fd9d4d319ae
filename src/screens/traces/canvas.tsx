'use client';

import { useGesture } from '@use-gesture/react';
import { nanoid } from 'nanoid';
import { useCallback, useEffect, useMemo, useRef, type KeyboardEvent } from 'react';
import styled from 'styled-components';
import type { FiringPlan } from '@/core/traces';
import { draw, GUTTER } from './draw';
import { cylinderResults } from './draw-bands';
import type { Firing } from './picture';
import { useSheet, useTrace, useTraceStore } from './open-trace';
import { clampSpan, moved, zoomed, type Span } from './view';

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

/** Firing moments within the cycles that are known. */
export function firingsOf(
  cycles: readonly number[],
  plan: FiringPlan | undefined,
  known: number,
  advance: number,
): Firing[] {
  if (!plan || cycles.length < 2 || plan.order.indexOf(known) < 0) return [];
  const from = plan.angles[plan.order.indexOf(known)]!;
  return cycles.slice(0, -1).flatMap((t, k) => {
    const length = cycles[k + 1]! - t;
    return plan.order.map((cylinder, i) => ({
      cylinder,
      at:
        t +
        ((((plan.angles[i]! - from + advance) % plan.cycle) + plan.cycle) % plan.cycle) *
          (length / plan.cycle),
    }));
  });
}

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
  const { sheet, write } = useSheet();
  const canvas = useRef<HTMLCanvasElement>(null);
  const frame = useRef<HTMLDivElement>(null);
  const loaded = useTrace((s) => s.loaded);
  const touch = useTrace((s) => s.touch);
  const shown = useMemo(
    () => loaded.channels.flatMap((c, i) => (sheet.hidden.includes(c.name) ? [] : [i])),
    [loaded, sheet.hidden],
  );
  const live = useRef({ sheet, shown, firings });
  useEffect(() => {
    live.current = { sheet, shown, firings };
  });

  const paint = useCallback(() => {
    const el = canvas.current;
    const g = el?.getContext('2d');
    if (!el || !g) return;
    const s = store.getState();
    const scale = window.devicePixelRatio || 1;
    const { width, height } = el.getBoundingClientRect();
    if (el.width !== Math.round(width * scale) || el.height !== Math.round(height * scale)) {
      el.width = Math.round(width * scale);
      el.height = Math.round(height * scale);
    }
    g.setTransform(scale, 0, 0, scale, 0, 0);
    const css = getComputedStyle(el);
    const inks = new Map<string, string>();
    const now = live.current;
    draw(g, {
      width,
      height,
      span: s.span,
      loaded: s.loaded,
      answer: s.answer,
      shown: now.shown,
      sheet: now.sheet,
      found: s.found,
      firings: now.firings,
      cycles: s.cycles,
      every: now.sheet.crank?.every ?? 720,
      differs: s.differs,
      cylinders: cylinderResults(s.result?.findings ?? []),
      overlay: s.over && {
        loaded: s.over.loaded,
        answer: s.overAnswer,
        match: s.loaded.channels.map((c, i) => {
          const same = s.over!.loaded.channels.findIndex((o) => o.name === c.name);
          return same >= 0
            ? same
            : i < s.over!.loaded.channels.length && s.over!.loaded.channels[i]!.unit === c.unit
              ? i
              : -1;
        }),
      },
      ink: (name) => {
        const kept = inks.get(name) ?? css.getPropertyValue(name).trim();
        inks.set(name, kept);
        return kept;
      },
    });
  }, [store]);

  // One question at a time; when its answer comes and the span has moved on, the next is asked.
  const asking = useRef(false);
  const ask = useCallback(async () => {
    if (asking.current) return;
    asking.current = true;
    try {
      for (;;) {
        const { span, worker, over } = store.getState();
        const which = live.current.shown;
        const width = Math.max(
          100,
          Math.round((canvas.current?.getBoundingClientRect().width ?? 1000) - GUTTER),
        );
        const length = span.to - span.from;
        const [from, to] = [span.from - length / 2, span.to + length / 2];
        const answer = await worker.api.view([...which], from, to, 2 * width);
        let overAnswer;
        if (over) {
          const back = (t: number) => (t - over.shift) / over.stretch;
          const raw = await over.worker.api.view(
            over.loaded.channels.map((_, i) => i),
            back(from),
            back(to),
            2 * width,
          );
          overAnswer = { ...raw, from, to };
        }
        store.setState({ answer, overAnswer });
        if (store.getState().span === span && live.current.shown === which) break;
      }
    } catch {
      // The worker was ended while it was asked.
    } finally {
      asking.current = false;
    }
  }, [store]);

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

  const timeOf = (clientX: number): number => {
    const box = canvas.current!.getBoundingClientRect();
    const { span } = store.getState();
    return span.from + ((clientX - box.left - GUTTER) / (box.width - GUTTER)) * (span.to - span.from);
  };
  const show = (span: Span) => store.setState({ span: clampSpan(span, loaded) });
  const perPixel = () => {
    const { span } = store.getState();
    return (span.to - span.from) / Math.max(1, canvas.current!.getBoundingClientRect().width - GUTTER);
  };
  const place = (t: number, how: 'first' | 'second' | 'pin') => {
    if (how === 'pin') {
      write({ pins: [...sheet.pins, { id: nanoid(8), at: t, channel: '', words: 'note' }] });
      onMoment('Note added; write it in the list below.');
    } else {
      write({ marks: how === 'first' ? [t, sheet.marks[1]] : [sheet.marks[0], t] });
      onMoment(`${how === 'first' ? 'First' : 'Second'} mark placed.`);
    }
  };

  useGesture(
    {
      onDrag: ({ delta: [dx], tap, event, pinching, cancel }) => {
        if (pinching) return cancel();
        const x = (event as PointerEvent).clientX;
        if (tap) {
          if ((event as PointerEvent).shiftKey) place(timeOf(x), 'second');
          else if (touch !== 'move' && touch !== 'over') place(timeOf(x), touch);
          else if ((event as PointerEvent).pointerType === 'mouse') place(timeOf(x), 'first');
          return;
        }
        if (touch === 'over') moveOver(dx * perPixel());
        else show(moved(store.getState().span, -dx * perPixel()));
      },
      onWheel: ({ event, delta: [dx, dy] }) => {
        event.preventDefault();
        if (event.shiftKey || Math.abs(dx) > Math.abs(dy))
          show(moved(store.getState().span, (dx || dy) * perPixel()));
        else show(zoomed(store.getState().span, timeOf(event.clientX), Math.exp(dy * 0.0016)));
      },
      onPinch: ({ origin: [x], delta: [d], event, memo }) => {
        event.preventDefault();
        void memo;
        show(zoomed(store.getState().span, timeOf(x), Math.exp(-d)));
      },
    },
    {
      target: canvas,
      eventOptions: { passive: false },
      drag: { filterTaps: true, pointer: { touch: true } },
    },
  );

  /** Moves the trace that lies over this one, in seconds. */
  const moveOver = (by: number) => {
    const { over } = store.getState();
    if (over) store.setState({ over: { ...over, shift: over.shift + by } });
  };

  const keys = (e: KeyboardEvent) => {
    const { span } = store.getState();
    const length = span.to - span.from;
    const middle = (span.from + span.to) / 2;
    const step = e.shiftKey ? 0.02 : 0.15;
    const nudge = (k: 0 | 1) => {
      const t = sheet.marks[k];
      if (t === null) return;
      const by = (e.key === 'ArrowLeft' ? -1 : 1) * perPixel();
      write({ marks: k === 0 ? [t + by, sheet.marks[1]] : [sheet.marks[0], t + by] });
    };
    const done = {
      ArrowLeft: () => (e.altKey ? nudge(0) : e.ctrlKey ? nudge(1) : show(moved(span, -step * length))),
      ArrowRight: () => (e.altKey ? nudge(0) : e.ctrlKey ? nudge(1) : show(moved(span, step * length))),
      ArrowUp: () => show(zoomed(span, middle, 0.7)),
      ArrowDown: () => show(zoomed(span, middle, 1 / 0.7)),
      Home: () => show(moved(span, loaded.from - span.from)),
      End: () => show(moved(span, loaded.to - span.to)),
      w: () => show({ from: loaded.from, to: loaded.to }),
      f: () => place(middle, 'first'),
      g: () => place(middle, 'second'),
      p: () => place(middle, 'pin'),
      b: () => {
        const [a, b] = sheet.marks;
        if (a !== null && b !== null && a !== b)
          show({ from: Math.min(a, b) - 0.1 * Math.abs(b - a), to: Math.max(a, b) + 0.1 * Math.abs(b - a) });
      },
      ',': () => moveOver(-perPixel() * (e.shiftKey ? 10 : 1)),
      '.': () => moveOver(perPixel() * (e.shiftKey ? 10 : 1)),
      u: () => write({ layout: sheet.layout === 'under' ? 'over' : 'under' }),
    }[e.key];
    if (!done) return;
    e.preventDefault();
    done();
  };

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
