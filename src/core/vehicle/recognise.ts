import { readVin } from './vin';

/** What of a vehicle and its case tells it from others. */
export interface Identity {
  vin: string;
  plate: string;
  make: string;
  model: string;
  year: number | null;
  /** Name of the customer, as typed. */
  customer: string;
  phone: string;
}

export interface Recognised {
  /** `certain`: the same VIN; `likely`: what two vehicles hardly share; `perhaps`: one to be asked about. */
  sure: 'certain' | 'likely' | 'perhaps';
  because: string;
}

/** A plate as it is compared: no blanks, dots or dashes, capitals. */
export const plainPlate = (plate: string): string => plate.toUpperCase().replace(/[^\p{L}\p{N}]/gu, '');
/** A telephone number as it is compared: its last nine figures, since country and area code are written or not. */
export const plainPhone = (phone: string): string => phone.replace(/\D/g, '').slice(-9);
/** A name as it is compared: letters alone, its words in order of the alphabet, without titles. */
export const plainName = (name: string): string =>
  name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .split(/[^\p{L}\p{N}]+/u)
    .filter((w) => w !== '' && !TITLES.has(w))
    .sort()
    .join(' ');
const TITLES = new Set(['mr', 'mrs', 'ms', 'miss', 'dr', 'mx', 'sir', 'herr', 'frau', 'the']);

/** What is written where the plate is not known, or goes from one vehicle to the next. */
const NO_PLATE = new Set(
  'NONE NA NOPLATE NOREG UNKNOWN UNREGISTERED TBA TBC TBD TRADE TRADEPLATE NEW EXPORT DEMO TEST XXX'.split(
    ' ',
  ),
);
/** What is written where it is nobody in particular. */
const NOBODY = new Set([
  'in walk',
  'walkin',
  'cash',
  'cash sale',
  'customer',
  'private',
  'unknown',
  'none',
  'stock',
  'car shop',
  'trade',
]);
/** A plate that tells a vehicle, plain; empty where there is none. */
export function plateThatTells(text: string): string {
  const plate = plainPlate(text);
  return plate.length < PLATE_LEAST || NO_PLATE.has(plate) ? '' : plate;
}
const PLATE_LEAST = 3;

const fold = (s: string) => s.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '');
const VIN_LENGTH = 17;
/** So many characters of a VIN are asked about: they name at least the maker and part of the model. */
const VIN_START = 5;
const PHONE_LEAST = 6;

/**
 * Whether two records are of one vehicle, and how surely. Two whole VINs that differ are two vehicles, whatever else
 * they share: plates move. Common practice, no source.
 *
 * @param a what is known of the vehicle at hand
 * @param b a vehicle that was here before, with the customer it belonged to then
 * @returns how sure and why, or undefined
 * @example recognise({ ...a, plate: 'B-KL 442' }, { ...b, plate: 'bkl442' })?.because // 'the same plate'
 */
export function recognise(a: Identity, b: Identity): Recognised | undefined {
  const [va, vb] = [readVin(a.vin).vin, readVin(b.vin).vin];
  // The same sign over and over is written where there is no VIN.
  const whole = (v: string) => v.length === VIN_LENGTH && new Set(v).size > 2;
  if (va !== '' && va === vb && whole(va)) return { sure: 'certain', because: 'the same VIN' };
  if (whole(va) && whole(vb)) return undefined;
  const [short, long] = va.length <= vb.length ? [va, vb] : [vb, va];
  const begins = short.length >= VIN_START && long.startsWith(short);
  // A VIN that is typed so far and already leads elsewhere.
  if (short.length >= VIN_START && !begins) return undefined;
  const [plate, other] = [plateThatTells(a.plate), plateThatTells(b.plate)];
  if (plate !== '' && plate === other) {
    if (otherBuild(a, b))
      return { sure: 'perhaps', because: 'the same plate, on another make, model or year' };
    // Letters alone may be a word for something else.
    return { sure: /\d/.test(plate) ? 'likely' : 'perhaps', because: 'the same plate' };
  }
  // Five alike vans of one customer are told apart by their plates.
  if (plate !== '' && other !== '')
    return begins ? { sure: 'perhaps', because: 'a VIN that begins so' } : undefined;
  const phone = plainPhone(a.phone);
  const samePhone = phone.length >= PHONE_LEAST && new Set(phone).size > 1 && phone === plainPhone(b.phone);
  const name = plainName(a.customer);
  const sameName = name !== '' && !NOBODY.has(name) && name === plainName(b.customer);
  const known = fold(a.make) !== '' && fold(a.model) !== '';
  const sameModel = known && fold(a.make) === fold(b.make) && fold(a.model) === fold(b.model);
  const years = a.year !== null && b.year !== null;
  if (sameModel && (samePhone || sameName) && !(years && a.year !== b.year)) {
    const whose = samePhone ? 'telephone number' : 'customer';
    return {
      // Two customers may share one name; hardly two names, or a telephone.
      sure: years && (samePhone || name.includes(' ')) ? 'likely' : 'perhaps',
      because: `the same make, model${years ? ', year' : ''} and ${whose}`,
    };
  }
  return begins ? { sure: 'perhaps', because: 'a VIN that begins so' } : undefined;
}

/** Make, model or year are said on both, and differ. */
function otherBuild(a: Identity, b: Identity): boolean {
  const differ = (x: string, y: string) => fold(x) !== '' && fold(y) !== '' && fold(x) !== fold(y);
  return (
    differ(a.make, b.make) ||
    differ(a.model, b.model) ||
    (a.year !== null && b.year !== null && a.year !== b.year)
  );
}
