import { readCode } from './code';

/** What sort of fault a code speaks of; it decides which test is worth doing. */
export const CODE_KINDS = [
  'circuit',
  'circuit open',
  'circuit low',
  'circuit high',
  'range or performance',
  'intermittent',
  'mechanical limit',
  'misfire',
  'mixture',
  'leak or flow',
  'efficiency',
  'communication',
  'data invalid',
  'configuration',
  'internal failure',
  'voltage',
  'unknown',
] as const;
export type CodeKind = (typeof CODE_KINDS)[number];

/** Failure type bytes by their first digit or whole. SAE J2012-DA / ISO 15031-6 annex, from memory. */
const FAILURE_TYPES: Record<string, CodeKind> = {
  '11': 'circuit low',
  '12': 'circuit high',
  '13': 'circuit open',
  '14': 'circuit open',
  '15': 'circuit open',
  '16': 'circuit low',
  '17': 'circuit high',
  '18': 'circuit open',
  '1F': 'intermittent',
  '23': 'circuit low',
  '24': 'circuit high',
  '2F': 'intermittent',
  '4A': 'configuration',
  '62': 'range or performance',
  '81': 'data invalid',
  '82': 'data invalid',
  '83': 'data invalid',
  '86': 'data invalid',
  '87': 'communication',
  '88': 'communication',
  '97': 'leak or flow',
};
const FAILURE_GROUPS: Record<string, CodeKind> = {
  '1': 'circuit',
  '2': 'range or performance',
  '3': 'circuit',
  '4': 'internal failure',
  '5': 'configuration',
  '6': 'range or performance',
  '7': 'mechanical limit',
  '8': 'data invalid',
  '9': 'range or performance',
};

/** Failure mode identifiers. SAE J1939-73 appendix A, from memory. */
const FMI: readonly CodeKind[] = [
  'range or performance', // 0 above normal, most severe
  'range or performance', // 1 below normal, most severe
  'data invalid', // 2 erratic
  'circuit high', // 3 voltage above normal
  'circuit low', // 4 voltage below normal
  'circuit open', // 5 current below normal
  'circuit low', // 6 current above normal or grounded
  'mechanical limit', // 7 not responding
  'circuit', // 8 abnormal frequency
  'communication', // 9 abnormal update rate
  'range or performance', // 10 abnormal rate of change
  'unknown', // 11
  'internal failure', // 12 bad device
  'configuration', // 13 out of calibration
  'unknown', // 14
  'range or performance', // 15
  'range or performance', // 16
  'range or performance', // 17
  'range or performance', // 18
  'data invalid', // 19 network data in error
];

/** The wording decides, most telling words first. Common practice, no source. */
const WORDING: readonly [RegExp, CodeKind][] = [
  [
    /\b(lost|no|missing|loss of) (communication|comm|message|contact)|bus off|\bcommunication\b|keine (verbindung|kommunikation)|\bcan (bus|message)/i,
    'communication',
  ],
  [
    /invalid|implausible data|erroneous|data error|incorrect data|unplausible signal received/i,
    'data invalid',
  ],
  [
    /not (configured|programmed|coded|calibrated|learned|aligned|relearned)|incompatible|mismatch|configuration|coding|calibration (missing|not)|not adapted/i,
    'configuration',
  ],
  [
    /internal (fault|failure|error|circuit|control)|checksum|memory|processor|module performance|ram\b|rom\b/i,
    'internal failure',
  ],
  [/range or performance|range\/performance/i, 'range or performance'],
  [/misfire/i, 'misfire'],
  [/too (lean|rich)|\blean\b|\brich\b|fuel trim/i, 'mixture'],
  [/efficiency|deterioration|conversion|soot accumulation/i, 'efficiency'],
  [
    /stuck|jammed|over[- ]?advanced|over[- ]?retarded|correlation|position (not reached|error)|mechanical|slipp|seized|end stop|incorrect (gear )?ratio/i,
    'mechanical limit',
  ],
  [/intermittent|erratic/i, 'intermittent'],
  [/circuit.*\bopen|\bopen (circuit|load)|no activity|open\b/i, 'circuit open'],
  [
    /(circuit|input|sensor|signal|heater|voltage|control).*\blow\b|short(ed)? to (ground|earth)|below/i,
    'circuit low',
  ],
  [
    /(circuit|input|sensor|signal|heater|voltage|control).*\bhigh\b|short(ed)? to (battery|supply|plus|power)/i,
    'circuit high',
  ],
  [
    /leak|purge flow|incorrect flow|insufficient|flow|underboost|overboost|zu niedrig|pressure too/i,
    'leak or flow',
  ],
  [/range|performance|plausib|slow|rationality|implausible|response|correct/i, 'range or performance'],
  [/system voltage|supply voltage|battery voltage/i, 'voltage'],
  [
    /circuit|stromkreis|schaltkreis|deployment|crash sensor|heater resistance|relay|electrical|power input|swapped|no signal/i,
    'circuit',
  ],
  [/shift|gear|converter clutch|solenoid/i, 'mechanical limit'],
  [
    /too (hot|cold|high|low|long|often)|over ?speed|speed (lower|higher)|contribution|limited|forced|status|composition/i,
    'range or performance',
  ],
];

/**
 * What kind of fault a code speaks of: from its failure type byte or failure mode first, then from
 * its wording, then from its range.
 *
 * @param code as read by `readCode`
 * @param wording the tool's or the dictionary's words
 * @returns one of `CODE_KINDS`; `unknown` when nothing tells
 * @example kindOf('P0113', 'Intake air temperature sensor circuit high') // 'circuit high'
 */
export function kindOf(code: string, wording: string): CodeKind {
  const read = readCode(code);
  if (read?.failureType && read.failureType !== '00') {
    const kind = FAILURE_TYPES[read.failureType] ?? FAILURE_GROUPS[read.failureType[0]!];
    if (kind) return kind;
  }
  if (read?.fmi !== undefined) return FMI[read.fmi] ?? 'unknown';
  if (/system voltage|supply voltage|battery voltage/i.test(wording)) return 'voltage';
  // "Short to battery or open" names two faults of a circuit, and so neither.
  if (/\bopen\b/i.test(wording) && /\bshort(ed)?\b/i.test(wording)) return 'circuit';
  if (/short(ed)? to (ground|earth)\b.*\bor\b.*(battery|plus|supply|power)/i.test(wording)) return 'circuit';
  for (const [pattern, kind] of WORDING) if (pattern.test(wording)) return kind;
  if (read?.system === 'U') return 'communication';
  if (/^P03(0\d|1[0-2])/.test(code)) return 'misfire';
  return 'unknown';
}
