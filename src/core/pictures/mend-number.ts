import type { Figures } from './figures';

/** A number as it was read, once or several times. */
export interface NumberReading {
  text: string;
  /** 0 to 1; under 0.8 a person has to look. */
  sure: number;
}

/** A number as a tool shows it; what else was read is no reading of it. */
const NUMBER = /^([-−–—~+]?)(\d+(?:[.,]\d+)*)$/u;
/** To be looked at. */
const DOUBTFUL = 0.6;
const SURE = 0.95;

/**
 * What a number on a picture is: its figures by several readings that agree with each other and with how many
 * figures stand there, its point and its sign by what is seen.
 *
 * @param readings of the same place
 * @param seen the shapes there; undefined where they tell nothing
 * @returns undefined where no reading is a number
 * @example mendNumber(['129', '129', '12.9'], { count: 3, decimals: 1, minus: false }) // { text: '12.9', sure: 0.95 }
 * @example mendNumber(['4', '44', '44'], { count: 2, decimals: 0, minus: false }) // { text: '44', sure: 0.95 }
 */
export function mendNumber(
  readings: readonly string[],
  seen: Figures | undefined,
): NumberReading | undefined {
  const all = readings.flatMap((r) => {
    const m = NUMBER.exec(r.trim());
    return m ? [{ minus: /[-−–—~]/u.test(m[1]!), body: m[2]!, digits: m[2]!.replace(/\D/g, '') }] : [];
  });
  if (all.length === 0) return undefined;
  const fitting = all.filter((r) => seen?.count === undefined || r.digits.length === seen.count);
  const groups = groupsOf(fitting.length ? fitting : all);
  const [best, other] = groups;
  const rivals = other?.length ?? 0;
  // Where it is not seen how many figures there are, nobody may have read others.
  const enough =
    seen?.count === undefined
      ? best!.length >= 3 && rivals === 0
      : best!.length >= 2 && best!.length >= 4 * rivals;
  let sure = fitting.length > 0 && enough;

  const digits = best![0]!.digits;
  const pointed = groupsOfDecimals(best!);
  let decimals = seen?.decimals;
  if (decimals === undefined) {
    decimals = pointed[0]?.decimals ?? 0;
    // A lost point leaves nothing to see in the letters: it has to be read, and by most.
    if (pointed.length !== 1 || pointed[0]!.times * 2 <= best!.length) sure = false;
  } else if (pointed.some((p) => p.decimals !== decimals)) sure = false;
  if (decimals >= digits.length) return { text: digits, sure: DOUBTFUL };

  const minuses = best!.filter((r) => r.minus).length;
  const minus = seen ? seen.minus : minuses * 2 > best!.length;
  // Readers lose a sign, they make none up.
  if (minus ? !seen?.minus && minuses < best!.length : minuses > 0) sure = false;
  const text = decimals ? `${digits.slice(0, -decimals)}.${digits.slice(-decimals)}` : digits;
  return { text: (minus ? '-' : '') + text, sure: sure ? SURE : DOUBTFUL };
}

interface Read {
  minus: boolean;
  body: string;
  digits: string;
}

/** Readings of the same figures together, the most first. */
function groupsOf(all: readonly Read[]): Read[][] {
  const by = new Map<string, Read[]>();
  for (const r of all) by.set(r.digits, [...(by.get(r.digits) ?? []), r]);
  return [...by.values()].sort((a, b) => b.length - a.length);
}

/** How many figures behind a point were read, and how often; those read without a point are not among them. */
function groupsOfDecimals(all: readonly Read[]): { decimals: number; times: number }[] {
  const by = new Map<number, number>();
  for (const { body } of all) {
    const at = Math.max(body.lastIndexOf('.'), body.lastIndexOf(','));
    if (at >= 0) by.set(body.length - at - 1, (by.get(body.length - at - 1) ?? 0) + 1);
  }
  return [...by].map(([decimals, times]) => ({ decimals, times })).sort((a, b) => b.times - a.times);
}
