import { useGesture } from '@use-gesture/react';
import { nanoid } from 'nanoid';
import type { KeyboardEvent, RefObject } from 'react';
import type { Sheet } from '@/core/traces';
import { GUTTER } from './draw';
import { useSheet, useTrace, useTraceStore, type SheetHandle } from './open-trace';
import { clampSpan, moved, zoomed, type Span } from './view';

/** What can be done to the sheet, whichever way it is asked for. */
interface Moves {
  span: () => Span;
  loaded: { from: number; to: number };
  sheet: Sheet;
  write: SheetHandle['write'];
  show: (span: Span) => void;
  /** The moment under a place on the screen, in seconds. */
  timeOf: (clientX: number) => number;
  /** Seconds in a pixel. */
  perPixel: () => number;
  place: (t: number, how: 'first' | 'second' | 'pin') => void;
  /** Moves the trace that lies over this one, in seconds. */
  moveOver: (by: number) => void;
}

/**
 * Moves the sheet by drag, wheel and pinch.
 *
 * @param canvasRef what it is drawn on
 * @param onMoment gets what was done, to be read out
 * @returns what keys do on the canvas
 */
export function useCanvasMoves(
  canvasRef: RefObject<HTMLCanvasElement | null>,
  onMoment: (words: string) => void,
): (e: KeyboardEvent) => void {
  const { sheet, write } = useSheet();
  const touch = useTrace((s) => s.touch);
  const within = useSpanMoves(canvasRef);
  const moves: Moves = {
    ...within,
    sheet,
    write,
    place(t, how) {
      if (how === 'pin') {
        write({ pins: [...sheet.pins, { id: nanoid(8), at: t, channel: '', words: 'note' }] });
        onMoment('Note added; write it in the list below.');
        return;
      }
      write({ marks: how === 'first' ? [t, sheet.marks[1]] : [sheet.marks[0], t] });
      onMoment(`${how === 'first' ? 'First' : 'Second'} mark placed.`);
    },
  };
  const { show, span, timeOf, perPixel, place, moveOver } = moves;
  const tapped = (event: PointerEvent) => {
    const t = timeOf(event.clientX);
    if (event.shiftKey) place(t, 'second');
    else if (touch !== 'move' && touch !== 'over') place(t, touch);
    else if (event.pointerType === 'mouse') place(t, 'first');
  };
  useGesture(
    {
      onDrag: ({ delta: [dx], tap, event, pinching, cancel }) => {
        if (pinching) return cancel();
        if (tap) return tapped(event as PointerEvent);
        if (touch === 'over') moveOver(dx * perPixel());
        else show(moved(span(), -dx * perPixel()));
      },
      onWheel: ({ event, delta: [dx, dy] }) => {
        event.preventDefault();
        if (event.shiftKey || Math.abs(dx) > Math.abs(dy)) show(moved(span(), (dx || dy) * perPixel()));
        else show(zoomed(span(), timeOf(event.clientX), Math.exp(dy * 0.0016)));
      },
      onPinch: ({ origin: [x], delta: [d], event }) => {
        event.preventDefault();
        show(zoomed(span(), timeOf(x), Math.exp(-d)));
      },
    },
    {
      target: canvasRef,
      eventOptions: { passive: false },
      drag: { filterTaps: true, pointer: { touch: true } },
    },
  );
  return (e) => {
    const done = keyMoves(e, moves)[e.key];
    if (!done) return;
    e.preventDefault();
    done();
  };
}

/** Moves within the recording: what lies under a place, what is shown, and the trace laid over it. */
function useSpanMoves(
  canvasRef: RefObject<HTMLCanvasElement | null>,
): Omit<Moves, 'sheet' | 'write' | 'place'> {
  const store = useTraceStore();
  const loaded = useTrace((s) => s.loaded);
  const span = () => store.getState().span;
  return {
    span,
    loaded,
    show: (next) => store.setState({ span: clampSpan(next, loaded) }),
    timeOf(clientX) {
      const { left, width } = canvasRef.current!.getBoundingClientRect();
      const { from, to } = span();
      return from + ((clientX - left - GUTTER) / (width - GUTTER)) * (to - from);
    },
    perPixel() {
      const { width } = canvasRef.current!.getBoundingClientRect();
      return (span().to - span().from) / Math.max(1, width - GUTTER);
    },
    moveOver(by) {
      const { over } = store.getState();
      if (over) store.setState({ over: { ...over, shift: over.shift + by } });
    },
  };
}

/** What each key does, by its name. */
function keyMoves(e: KeyboardEvent, moves: Moves): Record<string, (() => void) | undefined> {
  const { sheet, write, show, place, perPixel, moveOver, loaded } = moves;
  const span = moves.span();
  const length = span.to - span.from;
  const middle = (span.from + span.to) / 2;
  const step = (e.shiftKey ? 0.02 : 0.15) * length;
  const nudge = (k: 0 | 1, by: number) => {
    const t = sheet.marks[k];
    if (t === null) return;
    write({ marks: k === 0 ? [t + by, sheet.marks[1]] : [sheet.marks[0], t + by] });
  };
  const sideways = (way: -1 | 1) => {
    if (e.altKey) nudge(0, way * perPixel());
    else if (e.ctrlKey) nudge(1, way * perPixel());
    else show(moved(span, way * step));
  };
  return {
    ArrowLeft: () => sideways(-1),
    ArrowRight: () => sideways(1),
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
      if (a === null || b === null || a === b) return;
      const room = 0.1 * Math.abs(b - a);
      show({ from: Math.min(a, b) - room, to: Math.max(a, b) + room });
    },
    ',': () => moveOver(-perPixel() * (e.shiftKey ? 10 : 1)),
    '.': () => moveOver(perPixel() * (e.shiftKey ? 10 : 1)),
    u: () => write({ layout: sheet.layout === 'under' ? 'over' : 'under' }),
  };
}
