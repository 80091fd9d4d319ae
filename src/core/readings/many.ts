import { NUMBER } from './entry';

export interface Labelled {
  at: string;
  entered: string;
}

const pair = new RegExp(
  `([A-Za-z]{0,3}\\d{0,2})\\s*[:=]\\s*((?:${NUMBER})(?:\\s*[^\\s\\d:=,;]+)?)\\s*[,;]?`,
  'gy',
);

/**
 * Reads several readings typed in one line: `1:0.9 2:0.4 3:0.9`, `FL: 24 psi FR: 31 psi`. A unit
 * given once, behind the last, holds for those before it that have none.
 *
 * @param text as typed
 * @returns the readings with their labels in order, or undefined when it is not such a line
 */
export function readMany(text: string): Labelled[] | undefined {
  const t = text.trim();
  const found: Labelled[] = [];
  pair.lastIndex = 0;
  let end = 0;
  for (;;) {
    while (t[end] === ' ') end++;
    pair.lastIndex = end;
    const m = pair.exec(t);
    if (!m || (m[1] ?? '') === '') break;
    found.push({ at: m[1]!, entered: m[2]!.trim() });
    end = pair.lastIndex;
  }
  if (end < t.length || found.length < 2) return undefined;
  const bare = new RegExp(`^(?:${NUMBER})$`);
  const unit = /[^\d.,+\-−–\s][^\d]*$/.exec(found.at(-1)!.entered)?.[0].trim() ?? '';
  return found.map((f) => (unit && bare.test(f.entered) ? { ...f, entered: `${f.entered} ${unit}` } : f));
}
