import type { VEHICLE_KINDS } from '@/core/case';
import type { Chip } from '../chips';

/** Fuels and kinds of vehicle as a line names them. */
const FUELS: Record<string, string> = {
  petrol: 'petrol',
  gasoline: 'petrol',
  benzin: 'petrol',
  diesel: 'diesel',
  hybrid: 'hybrid',
  electric: 'electric',
  ev: 'electric',
  bev: 'electric',
  lpg: 'lpg',
  cng: 'cng',
};
const KINDS: Record<string, (typeof VEHICLE_KINDS)[number]> = {
  motorcycle: 'motorcycle',
  motorbike: 'motorcycle',
  bike: 'motorcycle',
  scooter: 'motorcycle',
  moped: 'motorcycle',
  truck: 'truck',
  lorry: 'truck',
  bus: 'bus',
  tractor: 'machine',
  boat: 'boat',
};
/** Petrol beside a vehicle; alone it may be a smell, a pedal or a gas. */
const GAS = /^gas(?:ser)?$/;
/** A data bus carries no passengers. */
const OF_A_NETWORK =
  /^(?:can|lin|most|flexray|data|network|serial|signal|comms?|communications?|speed|hs|ms|ls|[bck]|bus)$/i;
const OF_A_BUS =
  /^(?:off|line|wire|wiring|high|low|load|short|resistance|voltage|signal|comms?|communications?|message|terminat|bar)/i;
/** An electric window is no electric vehicle, a diesel pump no diesel engine said. */
const OF_A_PART =
  /^(?:window|motor|fan|pump|steering|parking|seat|mirror|heater|lock|valve|filter|injector|tank|cap|smell|leak|bed|trailer|water|coolant|oil|vacuum|pedal|particulate|particle|station|cylinder|heating|brake)/i;

/**
 * Fuel and kind of vehicle among words that nothing else was read in.
 *
 * @param words what is left of the line, in order
 * @param line the whole line, for the word that follows
 * @param known what was read of the line so far: "gas" is petrol only beside a vehicle
 * @returns chips, one of each kind at most, and the words that are still left
 * @example vehicleWords(['diesel'], 'diesel no power').chips[0].value // 'diesel'
 */
export function vehicleWords(
  words: readonly string[],
  line: string,
  known: readonly Chip[] = [],
): { chips: Chip[]; rest: string[] } {
  const all: string[] = line.match(/[\p{L}\p{N}'’-]+/gu) ?? [];
  const chips: Chip[] = [];
  const rest: string[] = [];
  const take = (word: string, kind: Chip['kind'], value: string | undefined): boolean => {
    const at = all.indexOf(word);
    const after = all[at + 1] ?? '';
    if (value === 'bus' && (OF_A_NETWORK.test(all[at - 1] ?? '') || OF_A_BUS.test(after))) return false;
    if (value === undefined || chips.some((c) => c.kind === kind) || OF_A_PART.test(after)) return false;
    chips.push({ kind, label: value, value, words: word });
    return true;
  };
  const of = (table: Record<string, string>, w: string) => (Object.hasOwn(table, w) ? table[w] : undefined);
  const vehicle = known.some((c) => /^(?:make|model|engine|engine build|year|vehicle)$/.test(c.kind));
  for (const word of words) {
    const w = GAS.test(word.toLowerCase()) && vehicle ? 'petrol' : word.toLowerCase();
    if (!take(word, 'fuel', of(FUELS, w)) && !take(word, 'kind of vehicle', of(KINDS, w))) rest.push(word);
  }
  return { chips, rest };
}
