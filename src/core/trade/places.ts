import type { VehicleFacts } from '@/core/vehicle';
import type { TradeFault } from './contract';

/** How many of the vehicles in a mixed shop each word stands for, where the case does not say. By judgement. */
const SHARES: Record<string, number> = {
  petrol: 0.55,
  diesel: 0.45,
  gas: 0.05,
  hybrid: 0.08,
  electric: 0.03,
  bike: 0.04,
  truck: 0.06,
  old: 0.06,
};
const FUELS = ['petrol', 'diesel', 'gas', 'hybrid', 'electric'] as const;
/** The last year in which vehicles without a standard socket were common. */
const LAST_OLD_YEAR = 1997;

/**
 * The fuel of a vehicle in the words of `where`, from its field or the words of its engine; none where neither says.
 *
 * @example fuelsOf({ fuel: '', engine: '2.0 diesel' }) // ['diesel']
 */
export function fuelsOf(v: Pick<VehicleFacts, 'fuel' | 'engine'>): string[] {
  const text = `${v.fuel} ${v.engine}`.toLowerCase();
  const out: string[] = [];
  if (/hybrid/.test(text)) out.push('hybrid');
  if (/diesel|\b(?:tdi|cdi|hdi|dci)\b/.test(text)) out.push('diesel');
  if (
    /petrol|gasoline|benzin|\bgas\b|spark/.test(text) ||
    (out.includes('hybrid') && !out.includes('diesel'))
  )
    out.push('petrol');
  if (/\b(?:lpg|cng|autogas|natural gas)\b/.test(text)) out.push('gas');
  if (/electric|\bbev\b|\bev\b/.test(text) && !out.includes('hybrid')) out.push('electric');
  return out;
}

/**
 * How far a fault can occur on a vehicle: 1 where all it needs is there, 0 where it cannot be, a share of vehicles
 * where the case does not say.
 *
 * @param fault its `where`: any of its fuels, and each other word
 * @param v the vehicle, or nothing known of it
 * @param here its fuels, where they were read already
 * @returns a factor on how common the fault is, 0 … 1
 */
export function canOccur(
  fault: Pick<TradeFault, 'where'> & Partial<Pick<TradeFault, 'notOn'>>,
  v: VehicleFacts | null,
  here: readonly string[] = v ? fuelsOf(v) : [],
): number {
  const missing = fault.notOn ?? [];
  if (missing.includes('bike') && v?.kind === 'motorcycle') return 0;
  if (missing.includes('electric') && here.length === 1 && here[0] === 'electric') return 0;
  const words = new Set(fault.where);
  let factor = 1;
  const fuels = FUELS.filter((f) => words.has(f));
  if (fuels.length > 0 && !words.has('bike') && !words.has('old') && !words.has('truck'))
    factor *= fuelFactor(fuels, here);
  else if (fuels.length > 0 && here.length > 0) factor *= fuelFactor(fuels, here);
  if (words.has('old')) factor *= oldFactor(words, v);
  else if (words.has('bike') || words.has('truck')) factor *= kindFactor(words, fuels.length > 0, v);
  return factor;
}

function fuelFactor(fuels: readonly string[], here: readonly string[]): number {
  if (here.length > 0) return here.some((f) => fuels.includes(f)) ? 1 : 0;
  return Math.min(
    1,
    fuels.reduce((sum, f) => sum + SHARES[f]!, 0),
  );
}

function oldFactor(words: ReadonlySet<string>, v: VehicleFacts | null): number {
  if (words.has('bike') && v?.kind === 'motorcycle') return 1;
  if (words.has('truck') && (v?.kind === 'truck' || v?.kind === 'machine')) return 1;
  if (v?.kind === 'machine' || v?.kind === 'boat') return 0.6;
  if (v?.year === null || v?.year === undefined) return SHARES.old!;
  if (v.year <= LAST_OLD_YEAR) return 1;
  if (v.year <= LAST_OLD_YEAR + 5) return 0.15;
  return 0;
}

/** "bike" or "truck" beside fuels adds those vehicles; alone it means only them. */
function kindFactor(words: ReadonlySet<string>, alsoOthers: boolean, v: VehicleFacts | null): number {
  if (alsoOthers) return 1;
  const kinds = [
    ...(words.has('bike') ? ['motorcycle'] : []),
    ...(words.has('truck') ? ['truck', 'bus', '24 V vehicle', 'machine'] : []),
  ];
  const others = words.has('manual') || words.has('auto');
  if (v?.kind) {
    if (kinds.includes(v.kind)) return 1;
    if (others) return 0.6;
    return 0;
  }
  if (others) return 0.6;
  if (words.has('bike')) return SHARES.bike!;
  return SHARES.truck!;
}
