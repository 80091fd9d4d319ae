import { nextCode, type Meaning } from './rows';

/**
 * Codes that count on by cylinder, coil, sense line and the like. SAE J2012 / ISO 15031-6 numbering from
 * memory. One row a family: first code, whether it counts in hexadecimal, how many members, and what each
 * member's codes say in their order; `#` is the member's number, `@` its letter.
 */
const FAMILIES: readonly [first: string, hexadecimal: boolean, members: number, says: readonly string[]][] = [
  ['P0201', false, 12, ['injector circuit, cylinder #']],
  ['P020A', true, 6, ['injection timing, cylinder #']],
  [
    'P0261',
    false,
    12,
    [
      'injector circuit low, cylinder #',
      'injector circuit high, cylinder #',
      'contribution or balance, cylinder #',
    ],
  ],
  [
    'P029A',
    true,
    12,
    [
      'fuel trim at its upper limit, cylinder #',
      'fuel trim at its lower limit, cylinder #',
      'injector restricted, cylinder #',
      'injector leaking, cylinder #',
    ],
  ],
  [
    'P02CC',
    true,
    10,
    ['injector learning at its lower limit, cylinder #', 'injector learning at its upper limit, cylinder #'],
  ],
  ['P02EE', true, 12, ['injector circuit range or performance, cylinder #']],
  ['P0301', false, 12, ['misfire, cylinder #']],
  ['P0351', false, 12, ['ignition coil @ circuit (cylinder # on most engines)']],
  ['P0671', false, 12, ['glow plug circuit, cylinder #']],
  ['P066A', true, 3, ['glow plug circuit low, cylinder #', 'glow plug circuit high, cylinder #']],
  ['P06B9', true, 10, ['glow plug circuit range or performance, cylinder #']],
  ['P06C5', true, 10, ['glow plug incorrect, cylinder #']],
  ['P0B3B', true, 12, SENSE()],
  ['P219C', true, 12, ['air-fuel ratio of one cylinder, cylinder #']],
  [
    'P2300',
    false,
    12,
    [
      'ignition coil @ primary circuit low (cylinder # on most engines)',
      'ignition coil @ primary circuit high (cylinder # on most engines)',
      'ignition coil @ secondary circuit (cylinder # on most engines)',
    ],
  ],
  ['P2336', false, 12, ['knock above limit, cylinder #']],
  [
    'P3401',
    false,
    12,
    ['intake', 'exhaust'].flatMap((valve) =>
      ['circuit open', 'performance', 'circuit low', 'circuit high'].map(
        (fault) => `cylinder deactivation ${valve} valve control, cylinder #: ${fault}`,
      ),
    ),
  ],
];

/** Parts of a family whose numbers go on at another place. */
const CONTINUED: readonly [first: string, from: number, members: number, says: readonly string[]][] = [
  ['P021A', 7, 6, ['injection timing, cylinder #']],
  ['P067A', 4, 3, ['glow plug circuit low, cylinder #', 'glow plug circuit high, cylinder #']],
  ['P068C', 7, 2, ['glow plug circuit low, cylinder #', 'glow plug circuit high, cylinder #']],
  ['P069A', 9, 2, ['glow plug circuit low, cylinder #', 'glow plug circuit high, cylinder #']],
];

function SENSE(): string[] {
  return ['circuit', 'range or performance', 'circuit low', 'circuit high', 'circuit intermittent'].map(
    (fault) => `hybrid battery voltage sense @: ${fault}`,
  );
}

/**
 * All codes that count on by member.
 *
 * @returns code and meaning, one each
 * @example P0267 is 'injector circuit low, cylinder 3'
 */
export function countedCodes(): Meaning[] {
  const out: Meaning[] = [];
  const family = (first: string, hex: boolean, from: number, members: number, says: readonly string[]) => {
    let code = '';
    for (let n = from; n < from + members; n++)
      for (const text of says) {
        code = code ? nextCode(code, hex) : first;
        out.push({ code, says: text.replace('#', String(n)).replace('@', String.fromCharCode(64 + n)) });
      }
  };
  for (const [first, hex, members, says] of FAMILIES) family(first, hex, 1, members, says);
  for (const [first, from, members, says] of CONTINUED) family(first, true, from, members, says);
  return out;
}
