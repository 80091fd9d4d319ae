import { ticks } from 'd3-array';
import type { Sheet } from '@/core/traces';
import { bandsOf, differences } from './draw-bands';
import type { Picture } from './picture';
import type { Loaded, ViewAnswer } from '@/workers/trace-api';
import { timeLabel, type Span } from './view';

export const GUTTER = 84;
const TOP = 30;
const BOTTOM = 42;

/** Where each lane lies, in pixels. */
function lanesOf(p: {
  height: number;
  shown: readonly number[];
  layout: Sheet['layout'];
}): { top: number; bottom: number }[] {
  const room = p.height - TOP - BOTTOM;
  if (p.layout === 'over' || p.shown.length === 0)
    return p.shown.map(() => ({ top: TOP, bottom: TOP + room }));
  const each = room / p.shown.length;
  return p.shown.map((_, k) => ({ top: TOP + k * each + 3, bottom: TOP + (k + 1) * each - 3 }));
}

/** The colour of a channel’s line by its place, as a CSS property. */
export const lineInk = (k: number): string => `--line-${(k % 8) + 1}`;

/** Draws the whole sheet: a few thousand strokes at most, whatever the length of the trace. */
export function draw(g: CanvasRenderingContext2D, p: Picture): void {
  g.clearRect(0, 0, p.width, p.height);
  const x = (t: number) => GUTTER + ((t - p.span.from) / (p.span.to - p.span.from)) * (p.width - GUTTER);
  g.font = '12px "Atkinson Hyperlegible Mono Variable", monospace';
  const lanes = lanesOf({ height: p.height, shown: p.shown, layout: p.sheet.layout });
  const area = { left: GUTTER, right: p.width, top: TOP, bottom: p.height - BOTTOM };
  bandsOf(g, p, x, area);
  differences(g, p, x, lanes, area);
  timeAxis(g, p, x);
  p.shown.forEach((i, k) => {
    const c = p.loaded.channels[i]!;
    const lane = lanes[k]!;
    const air = 0.06 * (c.high - c.low || 1);
    const y = (v: number) =>
      lane.bottom - ((v - c.low + air) / (c.high - c.low + 2 * air)) * (lane.bottom - lane.top);
    if (p.sheet.layout === 'under' || k === 0) scale(g, p, lane, c, y);
    g.save();
    g.beginPath();
    g.rect(GUTTER, lane.top - 2, p.width - GUTTER, lane.bottom - lane.top + 4);
    g.clip();
    if (p.overlay?.answer && p.overlay.match[i]! >= 0) {
      g.globalAlpha = 0.55;
      signal(g, p.overlay.answer, p.overlay.match[i]!, p.span, x, y, p.ink('--ink-3'));
      g.globalAlpha = 1;
    }
    if (p.answer) signal(g, p.answer, k, p.span, x, y, p.ink(lineInk(i)));
    g.restore();
    if (p.sheet.layout === 'over') named(g, p, i, k);
    else labelled(g, p, lane, c, k);
  });
  angleAxis(g, p, x);
  found(g, p, x, lanes);
  marks(g, p, x);
}

function timeAxis(g: CanvasRenderingContext2D, p: Picture, x: (t: number) => number): void {
  g.strokeStyle = p.ink('--rule');
  g.fillStyle = p.ink('--ink-3');
  g.textAlign = 'center';
  g.lineWidth = 1;
  for (const t of ticks(p.span.from, p.span.to, Math.max(2, Math.floor((p.width - GUTTER) / 120)))) {
    const px = Math.round(x(t)) + 0.5;
    if (px < GUTTER) continue;
    g.beginPath();
    g.moveTo(px, TOP);
    g.lineTo(px, p.height - BOTTOM);
    g.stroke();
    if (px > GUTTER + 30 && px < p.width - 30) g.fillText(timeLabel(t, p.span), px, p.height - 26);
  }
}

function scale(
  g: CanvasRenderingContext2D,
  p: Picture,
  lane: { top: number; bottom: number },
  c: Loaded['channels'][number],
  y: (v: number) => number,
): void {
  g.textAlign = 'right';
  g.fillStyle = p.ink('--ink-3');
  g.strokeStyle = p.ink('--rule');
  for (const v of ticks(c.low, c.high, Math.max(2, Math.floor((lane.bottom - lane.top) / 34)))) {
    const py = Math.round(y(v)) + 0.5;
    if (py < lane.top + 16 && p.sheet.layout === 'under') continue;
    g.fillText(String(Number(v.toPrecision(5))), GUTTER - 8, py + 4);
    g.beginPath();
    g.moveTo(GUTTER, py);
    g.lineTo(p.width, py);
    g.stroke();
  }
  if (p.sheet.layout === 'over') return;
  g.strokeStyle = p.ink('--rule-2');
  g.beginPath();
  g.moveTo(0, lane.bottom + 3.5);
  g.lineTo(p.width, lane.bottom + 3.5);
  g.stroke();
}

/** Name and unit of a lane, over its signal. */
function labelled(
  g: CanvasRenderingContext2D,
  p: Picture,
  lane: { top: number; bottom: number },
  c: Loaded['channels'][number],
  k: number,
): void {
  g.textAlign = 'left';
  g.fillStyle = p.ink(lineInk(p.shown[k]!));
  g.font = '600 13px "Atkinson Hyperlegible Next Variable", sans-serif';
  const label = `${c.name}${c.unit ? `, ${c.unit}` : ''}`;
  const wide = g.measureText(label).width;
  g.save();
  g.fillStyle = p.ink('--sheet');
  g.globalAlpha = 0.85;
  g.fillRect(GUTTER + 4, lane.top + 1, wide + 8, 17);
  g.restore();
  g.fillStyle = p.ink(lineInk(p.shown[k]!));
  g.fillText(label, GUTTER + 8, lane.top + 14);
  g.font = '12px "Atkinson Hyperlegible Mono Variable", monospace';
}

function named(g: CanvasRenderingContext2D, p: Picture, i: number, k: number): void {
  const c = p.loaded.channels[i]!;
  g.textAlign = 'left';
  g.fillStyle = p.ink(lineInk(i));
  g.font = '600 13px "Atkinson Hyperlegible Next Variable", sans-serif';
  g.fillText(
    `${c.name} ${Number(c.low.toPrecision(3))} … ${Number(c.high.toPrecision(3))} ${c.unit}`,
    GUTTER + 8,
    TOP + 14 + k * 17,
  );
  g.font = '12px "Atkinson Hyperlegible Mono Variable", monospace';
}

/** Degrees a tick may be apart. */
const DEGREES = [720, 360, 180, 90, 45, 15, 5, 1];

/** Crank degrees along the bottom, as far as marks tell where the crank stands. */
function angleAxis(g: CanvasRenderingContext2D, p: Picture, x: (t: number) => number): void {
  const first = Math.max(
    0,
    p.cycles.findIndex((_, k) => (p.cycles[k + 1] ?? -Infinity) > p.span.from),
  );
  const perCycle = p.cycles.length > first + 1 ? x(p.cycles[first + 1]!) - x(p.cycles[first]!) : 0;
  if (perCycle < 12) return;
  const step = DEGREES.findLast((d) => (d / p.every) * perCycle > 52) ?? p.every;
  g.fillStyle = p.ink('--accent');
  g.strokeStyle = p.ink('--accent');
  g.textAlign = 'center';
  let last = -Infinity;
  for (let k = first; k + 1 < p.cycles.length && p.cycles[k]! < p.span.to; k++) {
    const length = p.cycles[k + 1]! - p.cycles[k]!;
    for (let d = 0; d < p.every; d += step) {
      const px = Math.round(x(p.cycles[k]! + (d / p.every) * length)) + 0.5;
      if (px < GUTTER || px > p.width - 14 || px - last < 46) continue;
      last = px;
      g.beginPath();
      g.moveTo(px, p.height - 20);
      g.lineTo(px, p.height - 15);
      g.stroke();
      g.fillText(`${d}°`, px, p.height - 4);
    }
  }
  g.textAlign = 'right';
  g.fillText('crank', GUTTER - 8, p.height - 4);
}

/** The line of one channel from its columns; columns of another span are laid where they belong. */
function signal(
  g: CanvasRenderingContext2D,
  a: ViewAnswer,
  k: number,
  span: Span,
  x: (t: number) => number,
  y: (v: number) => number,
  ink: string,
): void {
  const col = a.columns[k];
  if (!col) return;
  g.strokeStyle = ink;
  g.lineWidth = 1.4;
  g.lineJoin = 'round';
  g.beginPath();
  const step = (a.to - a.from) / a.width;
  let pen = false;
  for (let i = 0; i < a.width; i++) {
    const low = col[2 * i]!;
    if (low !== low) {
      pen = false;
      continue;
    }
    const t = a.from + (i + 0.5) * step;
    if (t < span.from - step || t > span.to + step) continue;
    const px = x(t);
    const [top, bottom] = [y(col[2 * i + 1]!), y(low)];
    if (pen) g.lineTo(px, top);
    else g.moveTo(px, top);
    if (bottom - top > 0.5) g.lineTo(px, bottom);
    pen = true;
  }
  g.stroke();
}

/** Where an analysis found something. */
function found(
  g: CanvasRenderingContext2D,
  p: Picture,
  x: (t: number) => number,
  lanes: { top: number; bottom: number }[],
): void {
  let lastPx = -Infinity;
  for (const m of p.found) {
    if (m.at < p.span.from || m.at > p.span.to) continue;
    const px = x(m.at);
    if (px < GUTTER || px - lastPx < 3) continue;
    const k = p.shown.findIndex((i) => p.loaded.channels[i]!.name === m.channel);
    const lane = lanes[k < 0 ? 0 : k];
    if (!lane) continue;
    g.fillStyle = p.ink(m.verdict ? `--${m.verdict}` : '--ink-2');
    g.beginPath();
    g.moveTo(px, lane.bottom - 8);
    g.lineTo(px - 4, lane.bottom - 1);
    g.lineTo(px + 4, lane.bottom - 1);
    g.fill();
    if (px - lastPx > 16 + 7 * m.words.length) {
      g.textAlign = 'center';
      g.fillText(m.words, px, lane.bottom - 11);
      lastPx = px;
    }
  }
}

function marks(g: CanvasRenderingContext2D, p: Picture, x: (t: number) => number): void {
  const flag = (t: number, words: string, ink: string, dash: number[]) => {
    if (t < p.span.from || t > p.span.to) return;
    const px = Math.round(x(t)) + 0.5;
    if (px < GUTTER) return;
    g.strokeStyle = ink;
    g.lineWidth = 1.5;
    g.setLineDash(dash);
    g.beginPath();
    g.moveTo(px, TOP - 10);
    g.lineTo(px, p.height - BOTTOM);
    g.stroke();
    g.setLineDash([]);
    g.font = '600 12px "Atkinson Hyperlegible Next Variable", sans-serif';
    const wide = g.measureText(words).width + 10;
    const left = Math.min(px, p.width - wide);
    g.fillStyle = ink;
    g.fillRect(left, TOP - 14, wide, 17);
    g.fillStyle = p.ink('--sheet');
    g.textAlign = 'left';
    g.fillText(words, left + 5, TOP - 1);
    g.font = '12px "Atkinson Hyperlegible Mono Variable", monospace';
  };
  for (const pin of p.sheet.pins)
    flag(pin.at, pin.words.length > 28 ? `${pin.words.slice(0, 27)}…` : pin.words, p.ink('--unsure'), [2, 3]);
  p.sheet.marks.forEach((t, i) => {
    if (t !== null) flag(t, i === 0 ? 'first' : 'second', p.ink('--ink'), i === 0 ? [] : [6, 3]);
  });
}
