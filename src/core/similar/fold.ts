/** Plain lower-case words of a name, for comparing: "1.6 Petrol" and "1.6-petrol" are one. */
export const fold = (s: string): string =>
  s
    .toLowerCase()
    .normalize('NFKC')
    .replace(/[^\p{L}\p{N}.]+/gu, ' ')
    .trim();

/** The year of a moment: `yearOf('2026-03-01T08:00:00Z')` is `2026`. */
export const yearOf = (iso: string): string => iso.slice(0, 4);
