import { codeRelation } from '@/core/codes';
import { convert, readEntry } from '@/core/readings';

/** What of a case is looked at to tell whether trouble came back. */
export interface ComebackFacts {
  number: number;
  openedAt: string;
  closedAt: string | null;
  /** As typed; without a unit it tells no distance. */
  odometer: string;
  /** Codes that were chased or are not yet sorted. */
  codes: string[];
  symptoms: { id: string; label: string }[];
  /** Something was repaired on it. */
  repaired: boolean;
}

/** Within how many days and how far driven the same trouble counts as come back. */
export interface Period {
  days: number;
  /** As typed, with its unit: `10 000 km`. Empty for any distance. */
  distance: string;
}

export interface ComebackMatch {
  number: number;
  /** What both share: "P0171 again", "P0174: same fault, other bank", "rough idle again". */
  shares: string[];
  days: number;
  /** Kilometres between, where both odometers are known. */
  km?: number;
}

const DAY = 86_400_000;

function km(odometer: string): number | undefined {
  const e = readEntry(odometer);
  if (e.kind !== 'quantity') return undefined;
  try {
    return convert(e.quantity, 'km').value;
  } catch {
    return undefined;
  }
}

/**
 * Whether a new case looks like an earlier one of the same vehicle come back: the same code, circuit
 * family or symptom within the period. Days and distance both have to be within; an unknown
 * distance does not count against it. A person confirms or rejects it.
 *
 * @param now the later case
 * @param earlier a case of the same vehicle
 * @param period the shop's own
 * @returns what they share, or undefined when nothing, nothing was repaired then, or too long ago
 */
export function matchComeback(
  now: ComebackFacts,
  earlier: ComebackFacts,
  period: Period,
): ComebackMatch | undefined {
  if (!earlier.repaired || earlier.closedAt === null || now.openedAt < earlier.closedAt) return undefined;
  const days = Math.floor((Date.parse(now.openedAt) - Date.parse(earlier.closedAt)) / DAY);
  if (days > period.days) return undefined;
  const [from, to] = [km(earlier.odometer), km(now.odometer)];
  const driven = from !== undefined && to !== undefined && to >= from ? to - from : undefined;
  const most = km(period.distance);
  if (driven !== undefined && most !== undefined && driven > most * (1 + 1e-9)) return undefined;
  const shares = new Set<string>();
  for (const a of now.codes)
    for (const b of earlier.codes) {
      const how = codeRelation(a, b);
      if (how !== '') shares.add(how === 'same code' ? `${a} again` : `${a}: ${how} as ${b}`);
    }
  for (const s of now.symptoms)
    if (earlier.symptoms.some((e) => e.id === s.id && s.id !== '')) shares.add(`${s.label} again`);
  if (shares.size === 0) return undefined;
  return {
    number: earlier.number,
    shares: [...shares],
    days,
    ...(driven === undefined ? {} : { km: Math.round(driven) }),
  };
}
