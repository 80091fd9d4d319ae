import { statusOf } from './status';

/** `A = active`, `S: stored`: a letter and the status it stands for. */
const PAIR =
  /(?<![\p{L}\p{N}])\[?([A-Z])\]?\s*[=:–-]\s*(\p{L}[\p{L} ]{2,30}?)(?=\s*(?:[,;/|)\]]|$|\s{2,}))/gu;

/**
 * A report that writes its statuses as letters and explains them in one line: each letter that stands in a cell of its
 * own written out. Any other text as it is.
 *
 * @param text of the report
 * @example withLegend('A = active, S = stored\nA  P0113 high') // 'A = active, S = stored\nactive  P0113 high'
 */
export function withLegend(text: string): string {
  const lines = text.split('\n');
  const letters = new Map<string, string>();
  for (const line of lines) {
    if (line.length > 300) continue;
    const pairs = [...line.matchAll(PAIR)].filter(([, , word]) => statusOf(word!) !== undefined);
    // One pair may be anything: "B - active".
    if (pairs.length >= 2) for (const [, letter, word] of pairs) letters.set(letter!, word!);
  }
  if (letters.size === 0) return text;
  return lines
    .map((line) =>
      line
        .replace(/^(\s*)([A-Z])(?=\s{2,}|\t)/u, (all, blank: string, l: string) =>
          letters.has(l) ? `${blank}${letters.get(l)!}` : all,
        )
        .replace(/^(\s*)\[([A-Z])\](?=\s)/u, (all, blank: string, l: string) =>
          letters.has(l) ? `${blank}${letters.get(l)!} ` : all,
        )
        .replace(/(\s{2,}|\t)([A-Z])(?=\s{2,}|\t|\s*$)/gu, (all, blank: string, l: string) =>
          letters.has(l) ? `${blank}${letters.get(l)!}` : all,
        ),
    )
    .join('\n');
}
