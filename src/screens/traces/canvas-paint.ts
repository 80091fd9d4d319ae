import { useCallback, type RefObject } from 'react';
import type { Sheet } from '@/core/traces';
import { draw } from './draw';
import { cylinderResults } from './draw-bands';
import { useTraceStore, type TraceState } from './open-trace';
import type { Firing, Picture } from './picture';

/** What the canvas shows beside the state of the trace, as it was drawn last. */
export interface CanvasLive {
  sheet: Sheet;
  shown: number[];
  firings: readonly Firing[];
}

/** Draws the sheet as it stands now; the function is the same for as long as the trace is open. */
export function usePaint(
  canvasRef: RefObject<HTMLCanvasElement | null>,
  liveRef: RefObject<CanvasLive>,
): () => void {
  const store = useTraceStore();
  return useCallback(() => {
    const el = canvasRef.current;
    const g = el?.getContext('2d');
    if (!el || !g) return;
    const size = fitPixels(el, g);
    const css = getComputedStyle(el);
    const inks = new Map<string, string>();
    const ink = (name: string) => {
      const kept = inks.get(name) ?? css.getPropertyValue(name).trim();
      inks.set(name, kept);
      return kept;
    };
    draw(g, { ...size, ...pictureOf(store.getState(), liveRef.current), ink });
  }, [store, canvasRef, liveRef]);
}

/** Gives the canvas as many pixels as the screen has for it. */
function fitPixels(el: HTMLCanvasElement, g: CanvasRenderingContext2D): { width: number; height: number } {
  const scale = window.devicePixelRatio || 1;
  const { width, height } = el.getBoundingClientRect();
  const [across, down] = [Math.round(width * scale), Math.round(height * scale)];
  if (el.width !== across || el.height !== down) {
    el.width = across;
    el.height = down;
  }
  g.setTransform(scale, 0, 0, scale, 0, 0);
  return { width, height };
}

const pictureOf = (s: TraceState, now: CanvasLive): Omit<Picture, 'width' | 'height' | 'ink'> => ({
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
  overlay: overlayOf(s),
});

/** The trace laid over, with the channel of it that belongs to each of this one: by name, else by place and unit. */
function overlayOf({ loaded, over, overAnswer }: TraceState): Picture['overlay'] {
  if (!over) return undefined;
  const theirs = over.loaded.channels;
  const match = loaded.channels.map((c, i) => {
    const same = theirs.findIndex((o) => o.name === c.name);
    if (same >= 0) return same;
    return theirs[i]?.unit === c.unit ? i : -1;
  });
  return { loaded: over.loaded, answer: overAnswer, match };
}
