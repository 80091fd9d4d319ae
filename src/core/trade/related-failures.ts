/**
 * Failures that show alike, so that what the trade knows of one speaks for another of the same part. By judgement.
 */
const RELATED_FAILURES: readonly (readonly string[])[] = [
  ['open circuit', 'no signal', 'burnt', 'broken', 'intermittent contact', 'internal fault', 'discharged'],
  ['wrong reading', 'slow to respond', 'aged', 'contaminated', 'noisy', 'internal fault', 'worn'],
  ['leaking', 'cracked', 'loose', 'not latched', 'leaking internally', 'broken', 'corroded'],
  ['blocked', 'contaminated', 'sticking', 'stuck closed'],
  ['sticking', 'stuck open', 'seized', 'bent', 'worn'],
  ['worn', 'stretched', 'low output', 'internal fault', 'broken', 'aged', 'cracked'],
  ['low level', 'leaking', 'discharged', 'overfilled'],
  ['short to ground', 'short to supply', 'short between wires', 'chafed', 'water inside', 'corroded'],
  [
    'corroded',
    'high resistance',
    'intermittent contact',
    'spread or pushed back',
    'not latched',
    'open circuit',
  ],
  ['out of time', 'stretched', 'fitted wrongly', 'out of adjustment', 'not relearned', 'not configured'],
  ['wrong part fitted', 'faulty new part', 'fitted wrongly'],
];

/**
 * Whether two failures show alike.
 *
 * @example failuresRelated('cracked', 'leaking') // true
 */
export const failuresRelated = (a: string, b: string): boolean =>
  a === b || RELATED_FAILURES.some((group) => group.includes(a) && group.includes(b));
