import type { CylinderResult, Picture } from './picture';

interface Area {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** Pixels that a band needs for its number, and for its figure. */
const FOR_NUMBER = 16;
const FOR_FIGURE = 44;
/** Narrower bands only blur the picture. */
const NARROWEST = 5;

/**
 * The strokes along the crank: around each firing one band, half way to its neighbours, every second one shaded,
 * numbered at the top with the cylinder that fires, and coloured with what was found of it.
 */
export function bandsOf(g: CanvasRenderingContext2D, p: Picture, x: (t: number) => number, area: Area): void {
  const { firings } = p;
  if (firings.length < 2) return;
  const inside = firings.filter((f) => f.at >= p.span.from && f.at <= p.span.to).length;
  if ((area.right - area.left) / Math.max(1, inside) < NARROWEST) return;
  g.textAlign = 'center';
  firings.forEach((f, i) => {
    const before = firings[i - 1];
    const next = firings[i + 1];
    const half = ((next ?? f).at - (before ?? f).at) / (before && next ? 4 : 2);
    const [from, to] = [f.at - half, f.at + half];
    if (to < p.span.from || from > p.span.to) return;
    const [a, b] = [Math.max(area.left, x(from)), Math.min(area.right, x(to))];
    if (b <= a) return;
    const found = p.cylinders.get(f.cylinder);
    const ink = { fail: '--fail', unsure: '--unsure' }[found?.verdict ?? ''] ?? '--accent';
    if (i % 2 === 0 || ink !== '--accent') {
      g.globalAlpha = ink === '--accent' ? 0.06 : 0.13;
      g.fillStyle = p.ink(ink);
      g.fillRect(a, area.top, b - a, area.bottom - area.top);
      g.globalAlpha = 1;
    }
    g.fillStyle = p.ink(ink);
    if (b - a > FOR_NUMBER) g.fillText(String(f.cylinder), (a + b) / 2, 13);
    if (found && b - a > FOR_FIGURE) g.fillText(found.figure, (a + b) / 2, 26);
  });
  g.textAlign = 'right';
  g.fillStyle = p.ink('--accent');
  g.fillText('cylinder', area.left - 8, 13);
}

/** Where a like recording goes otherwise: its stretches hatched in the lane of their channel. */
export function differences(
  g: CanvasRenderingContext2D,
  p: Picture,
  x: (t: number) => number,
  lanes: readonly { top: number; bottom: number }[],
  area: Area,
): void {
  for (const d of p.differs) {
    if (d.to < p.span.from || d.from > p.span.to) continue;
    const k = p.shown.findIndex((i) => p.loaded.channels[i]!.name === d.channel);
    const lane = lanes[k];
    if (!lane) continue;
    const [a, b] = [Math.max(area.left, x(d.from)), Math.min(area.right, x(d.to))];
    g.save();
    g.beginPath();
    g.rect(a, lane.top, b - a, lane.bottom - lane.top);
    g.clip();
    g.strokeStyle = p.ink('--unsure');
    g.globalAlpha = 0.45;
    g.lineWidth = 1;
    g.beginPath();
    for (let s = a - (lane.bottom - lane.top); s < b; s += 9) {
      g.moveTo(s, lane.bottom);
      g.lineTo(s + lane.bottom - lane.top, lane.top);
    }
    g.stroke();
    g.restore();
  }
}

/** What findings say of cylinders, by their number: "cylinder 3" with its verdict and figure. */
export function cylinderResults(
  findings: readonly { about?: string; verdict: string; figure?: string }[],
): Map<number, CylinderResult> {
  const out = new Map<number, CylinderResult>();
  for (const f of findings) {
    const n = /^(?:cylinder|injector) (\d+)$/.exec(f.about ?? '')?.[1];
    if (!n || f.verdict === '') continue;
    const known = out.get(Number(n));
    // Of several findings the worst colours the band.
    if (!known || known.verdict !== 'fail')
      out.set(Number(n), { verdict: f.verdict, figure: f.figure ?? '' });
  }
  return out;
}
