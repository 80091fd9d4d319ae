import { readCode } from './code';
import type { CodeKind } from './code-kinds';
import { failureMode, failureType } from './failure-types';

export { CODE_KINDS, type CodeKind } from './code-kinds';

/** The wording decides, most telling words first. Common practice, no source. */
const WORDING: readonly [RegExp, CodeKind][] = [
  [/kind not told/, 'unknown'],
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
  [/too (lean|rich)|\blean\b|\brich\b|fuel trim|air-fuel ratio/i, 'mixture'],
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
  [/\bpulses\b|\bfuse\b|negative voltage/i, 'circuit'],
  [
    /restricted|blockage|charge loss|level (too )?low|pressure (low|high|erratic)|lost pressure/i,
    'leak or flow',
  ],
  [/cannot be engaged/i, 'mechanical limit'],
  [/(learning|upper|lower|adaptation at its) limit|beyond/i, 'range or performance'],
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
  const failure = failureType(read?.failureType ?? '');
  if (failure && failure.kind !== 'unknown') return failure.kind;
  if (read?.fmi !== undefined) return failureMode(read.fmi)?.kind ?? 'unknown';
  if (/system voltage|supply voltage|battery voltage/i.test(wording)) return 'voltage';
  // "Short to battery or open" names two faults of a circuit, and so neither.
  if (/\bopen\b/i.test(wording) && /\bshort(ed)?\b/i.test(wording)) return 'circuit';
  if (/short(ed)? to (ground|earth)\b.*\bor\b.*(battery|plus|supply|power)/i.test(wording)) return 'circuit';
  for (const [pattern, kind] of WORDING) if (pattern.test(wording)) return kind;
  if (read?.system === 'U') return 'communication';
  if (/^P03(0\d|1[0-2])/.test(code)) return 'misfire';
  return 'unknown';
}
