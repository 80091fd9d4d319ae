import { inverted, type Gray } from './gray';
import { patchesOf } from './patches';
import type { Place } from './ocr';

/** What the shapes of a number on a picture show, whatever they were read as. */
export interface Figures {
  /** How many figures stand there; undefined where some run together. */
  count: number | undefined;
  /** How many of them stand behind the decimal point, 0 without one; undefined where that cannot be seen. */
  decimals: number | undefined;
  minus: boolean;
}

interface Shape {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

/** Of the height of the figures; measured on the usual typefaces of screens. Common practice, no source. */
const TALL = 0.75;
const WIDEST = 0.85;
const POINT = 0.36;
const SPECK_AREA = 0.008;
/** Between two figures the ground is darker at the foot than above it by so much: there may be a point. */
const FOOT_DARKER = 0.1;
/** A point needs so much room between two figures. */
const ROOM = 0.2;
/** Shades at which shapes are looked for: shares of the way from dark to light. */
const LEVELS = [0.5, 0.38, 0.28, 0.2];

/**
 * Looks at the shapes of a number: readers of letters lose the point of "12.9" even on clean pictures, and one of
 * two equal figures. How many figures there are, and whether a point stands between them, is seen without reading.
 *
 * @param picture letters in shades of grey, dark on light or light on dark
 * @param place of the number, in pixels
 * @returns undefined where the shapes are not those of a number
 */
export function figuresAt(picture: Gray, place: Place): Figures | undefined {
  const size = place.bottom - place.top;
  // A minus sign may not have been taken for a part of the number.
  const before = Math.round(size);
  const number = piece(picture, place);
  // There is more ground than letters.
  const turn = isLightOnDark(number) ? inverted : (p: Gray) => p;
  const cut = turn(piece(picture, { ...place, left: place.left - before }));
  const from = Math.min(before, Math.round(place.left)) - 2;
  const levels = otsu(turn(number));
  if (!levels) return undefined;
  const { dark, light } = levels;
  const at = (share: number) => shapesOf(cut, dark + share * (light - dark));
  const [shapes] = LEVELS.map(at);
  const height = Math.max(0, ...shapes!.filter((s) => s.left >= from).map((s) => s.bottom - s.top + 1));
  if (height < 8) return undefined;
  const tallOf = (list: readonly Shape[]) =>
    list
      .filter((s) => s.left >= from && s.bottom - s.top + 1 >= TALL * height)
      .sort((a, b) => a.left - b.left);
  // Figures that touch come apart where only the darkest part of them is looked at.
  const split = LEVELS.map((share) => tallOf(at(share))).find(
    (list) => list.length > 0 && list.every((s) => s.right - s.left + 1 <= WIDEST * height),
  );
  const tall = split ?? tallOf(shapes!);
  const base = median(tall.map((s) => s.bottom));
  const points: Shape[] = [];
  let minus = false;
  for (const s of shapes!) {
    const [w, h] = [s.right - s.left + 1, s.bottom - s.top + 1];
    if (h >= TALL * height || w * h < SPECK_AREA * height * height) continue;
    const middle = (base - (s.top + s.bottom) / 2) / height;
    const dash = w >= 0.2 * height && h <= 0.3 * height && middle > 0.25 && middle < 0.7;
    const first = tall[0]!.left;
    if (dash && s.right < first + 2 && first - s.right < height) minus = true;
    else if (s.left < from) continue;
    else if (w <= POINT * height && h <= 0.5 * height && s.top >= base - 0.42 * height && middle < 0.3)
      points.push(s);
    else return undefined;
  }
  const middleOf = (s: Shape) => (s.left + s.right) / 2;
  const inner = points.filter(
    (p) => middleOf(p) > middleOf(tall[0]!) && middleOf(p) < middleOf(tall.at(-1)!),
  );
  if (inner.length > 1) return undefined;
  const [point] = inner;
  const decimalsOf = () => {
    if (!split) return undefined;
    if (point) return tall.filter((s) => middleOf(s) > middleOf(point)).length;
    return maybePoint(cut, tall, base, height, levels) ? undefined : 0;
  };
  return { count: split?.length, decimals: decimalsOf(), minus };
}

/** Where two figures stand wide enough apart for a point and the ground between is darker at their foot than above. */
function maybePoint(
  g: Gray,
  tall: readonly Shape[],
  base: number,
  height: number,
  { dark, light }: { dark: number; light: number },
): boolean {
  const darkness = (x0: number, x1: number, y0: number, y1: number) => {
    let sum = 0;
    let n = 0;
    for (let y = Math.max(0, Math.round(y0)); y <= Math.min(g.height - 1, Math.round(y1)); y++)
      for (let x = x0; x <= x1; x++, n++) sum += (light - g.data[y * g.width + x]!) / (light - dark);
    return n ? sum / n : 0;
  };
  return tall.slice(1).some((s, i) => {
    const [from, to] = [tall[i]!.right + 1, s.left - 1];
    if (to - from + 1 < ROOM * height) return false;
    const third = Math.floor((to - from + 1) / 3);
    const [x0, x1] = [from + third, to - third];
    const foot = darkness(x0, x1, base - 0.16 * height, base);
    return foot - darkness(x0, x1, base - 0.75 * height, base - 0.35 * height) > FOOT_DARKER;
  });
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** The place with two pixels around it, and a fifth of its height above and below. */
function piece(g: Gray, place: Place): Gray {
  const more = Math.round((place.bottom - place.top) * 0.2);
  const [left, right] = [
    Math.max(0, Math.round(place.left) - 2),
    Math.min(g.width - 1, Math.round(place.right) + 2),
  ];
  const [top, bottom] = [
    Math.max(0, Math.round(place.top) - more),
    Math.min(g.height - 1, Math.round(place.bottom) + more),
  ];
  const [width, height] = [Math.max(1, right - left + 1), Math.max(1, bottom - top + 1)];
  const data = new Uint8Array(width * height);
  for (let y = 0; y < height; y++)
    data.set(g.data.subarray((y + top) * g.width + left, (y + top) * g.width + left + width), y * width);
  return { width, height, data };
}

/**
 * The shade that parts letters from their ground best, and the usual shades of both. Otsu, "A threshold selection
 * method from gray-level histograms", IEEE Trans. SMC 9 (1979) 62–66.
 *
 * @returns undefined where there are no two shades
 */
export function otsu(g: Gray): { threshold: number; dark: number; light: number } | undefined {
  const counts = new Float64Array(256);
  for (const v of g.data) counts[v]!++;
  const n = g.data.length;
  const total = counts.reduce((s, c, v) => s + c * v, 0);
  let [below, sum] = [0, 0];
  let best: { threshold: number; dark: number; light: number; between: number } | undefined;
  for (let v = 0; v < 255; v++) {
    below += counts[v]!;
    sum += counts[v]! * v;
    if (below === 0 || below === n) continue;
    const [dark, light] = [sum / below, (total - sum) / (n - below)];
    const between = below * (n - below) * (light - dark) ** 2;
    if (between > (best?.between ?? 0)) best = { threshold: v + 1, dark, light, between };
  }
  return best && best.light - best.dark >= 40 ? best : undefined;
}

function isLightOnDark(g: Gray): boolean {
  const threshold = otsu(g)?.threshold ?? 128;
  return g.data.reduce((n, v) => n + (v < threshold ? 1 : 0), 0) > g.data.length / 2;
}

/** Connected shapes darker than a shade. */
function shapesOf(g: Gray, threshold: number): Shape[] {
  const bw = { ...g, data: g.data.map((v) => (v < threshold ? 0 : 255)) };
  return [...patchesOf(bw)].map(({ pixels }) => {
    const xs = pixels.map((p) => p % bw.width);
    const ys = pixels.map((p) => Math.floor(p / bw.width));
    return { left: Math.min(...xs), right: Math.max(...xs), top: Math.min(...ys), bottom: Math.max(...ys) };
  });
}
