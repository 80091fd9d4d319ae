import type { CodeKind } from './code-kinds';

/** What a failure type byte or a failure mode says, and the kind of fault it stands for. */
export interface Failure {
  says: string;
  kind: CodeKind;
}

/** One a line: number, kind, wording. */
const table = (text: string, radix: 10 | 16): Map<number, Failure> =>
  new Map(
    text
      .trim()
      .split('\n')
      .map((row) => {
        const [number, kind, says] = row.split('|').map((p) => p.trim()) as [string, CodeKind, string];
        return [parseInt(number, radix), { says, kind }];
      }),
  );

/** Failure type bytes. SAE J2012-DA / ISO 15031-6 annex, as ISO 14229-1 carries them; from memory, in our own words. */
const TYPES = table(
  `
01 | circuit | electrical failure
02 | range or performance | signal failure
03 | circuit | frequency or pulse width failure
04 | internal failure | system internal failure
05 | configuration | programming failure
06 | range or performance | failure found by a calculation
07 | mechanical limit | mechanical failure
08 | communication | bus signal or message failure
09 | internal failure | component failure
11 | circuit low | circuit shorted to ground
12 | circuit high | circuit shorted to battery
13 | circuit open | circuit open
14 | circuit | circuit shorted to ground or open
15 | circuit | circuit shorted to battery or open
16 | circuit low | circuit voltage below limit
17 | circuit high | circuit voltage above limit
18 | circuit open | circuit current below limit
19 | circuit | circuit current above limit
1A | circuit low | circuit resistance below limit
1B | circuit open | circuit resistance above limit
1C | circuit | circuit voltage out of range
1D | circuit | circuit current out of range
1E | circuit | circuit resistance out of range
1F | intermittent | circuit intermittent
21 | range or performance | signal amplitude too small
22 | range or performance | signal amplitude too large
23 | circuit low | signal stuck low
24 | circuit high | signal stuck high
25 | range or performance | signal shape wrong
26 | range or performance | signal changes too slowly
27 | range or performance | signal changes too fast
28 | range or performance | signal zero point out of range
29 | data invalid | signal invalid
2A | range or performance | signal stuck in range
2B | circuit | signals crossed
2F | intermittent | signal erratic
31 | circuit open | no signal
32 | circuit | signal low time too short
33 | circuit | signal low time too long
34 | circuit | signal high time too short
35 | circuit | signal high time too long
36 | circuit | signal frequency too low
37 | circuit | signal frequency too high
38 | circuit | signal frequency wrong
39 | circuit | signal has too few pulses
3A | circuit | signal has too many pulses
41 | internal failure | checksum failure
42 | internal failure | memory failure
43 | internal failure | special memory failure
44 | internal failure | data memory failure
45 | internal failure | program memory failure
46 | internal failure | calibration memory failure
47 | internal failure | watchdog failure
48 | internal failure | supervision software failure
49 | internal failure | internal electronic failure
4A | configuration | wrong component installed
4B | internal failure | over temperature
51 | configuration | not programmed
52 | configuration | not activated
53 | configuration | deactivated
54 | configuration | calibration missing
55 | configuration | not configured
56 | configuration | configuration invalid or incompatible
57 | configuration | software invalid or incompatible
61 | range or performance | signal calculation failure
62 | range or performance | signal comparison failure
63 | range or performance | protection time-out
64 | range or performance | signal implausible
65 | range or performance | signal has too few changes
66 | range or performance | signal has too many changes
67 | range or performance | signal wrong after an event
68 | unknown | event information
71 | mechanical limit | actuator stuck
72 | mechanical limit | actuator stuck open
73 | mechanical limit | actuator stuck closed
74 | mechanical limit | actuator slipping
75 | mechanical limit | emergency position not reached
76 | mechanical limit | wrong mounting position
77 | mechanical limit | commanded position not reached
78 | mechanical limit | alignment or adjustment wrong
79 | mechanical limit | mechanical linkage failure
7A | leak or flow | fluid leak or seal failure
7B | leak or flow | fluid level low
81 | data invalid | invalid data received
82 | data invalid | message counter wrong or not updated
83 | data invalid | message protection value wrong
84 | data invalid | signal below its allowed range
85 | data invalid | signal above its allowed range
86 | data invalid | signal invalid
87 | communication | message missing
88 | communication | bus off
8F | data invalid | erratic
91 | range or performance | out of its parameters
92 | range or performance | performance or operation wrong
93 | mechanical limit | does not operate
94 | range or performance | operates unexpectedly
95 | configuration | wrongly assembled
96 | internal failure | component internal failure
97 | leak or flow | operation obstructed or blocked
98 | range or performance | over temperature
9A | range or performance | operating conditions not met
`,
  16,
);

/** Failure mode identifiers. SAE J1939-73 appendix A, from memory, in our own words; 22 to 30 are reserved. */
const MODES = table(
  `
0 | range or performance | above normal range, most severe
1 | range or performance | below normal range, most severe
2 | data invalid | erratic, intermittent or incorrect
3 | circuit high | voltage above normal or shorted high
4 | circuit low | voltage below normal or shorted low
5 | circuit open | current below normal or open circuit
6 | circuit low | current above normal or grounded circuit
7 | mechanical limit | mechanical system not responding or out of adjustment
8 | circuit | abnormal frequency, pulse width or period
9 | communication | abnormal update rate
10 | range or performance | abnormal rate of change
11 | unknown | root cause not known
12 | internal failure | bad device or component
13 | configuration | out of calibration
14 | unknown | special instructions
15 | range or performance | above normal range, least severe
16 | range or performance | above normal range, moderately severe
17 | range or performance | below normal range, least severe
18 | range or performance | below normal range, moderately severe
19 | data invalid | network data received in error
20 | range or performance | drifted high
21 | range or performance | drifted low
31 | unknown | condition exists
`,
  10,
);

/** Kinds of the failure types that are not in the table, by their first digit: the standard groups them so. */
const GROUPS: Record<string, CodeKind> = {
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

/**
 * What a failure type byte says.
 *
 * @param byte two hexadecimal digits
 * @returns undefined for 00 (no further information) and for bytes outside the standard's groups; a byte not
 *   in the table has its group's kind and no wording
 * @example failureType('13') // { says: 'circuit open', kind: 'circuit open' }
 */
export function failureType(byte: string): Failure | undefined {
  const known = TYPES.get(parseInt(byte, 16));
  if (known) return known;
  const kind = byte === '00' ? undefined : GROUPS[byte[0]!];
  return kind && { says: '', kind };
}

/**
 * What a failure mode identifier says.
 *
 * @param fmi 0 to 31
 * @returns undefined for the reserved ones
 * @example failureMode(3) // { says: 'voltage above normal or shorted high', kind: 'circuit high' }
 */
export function failureMode(fmi: number): Failure | undefined {
  return MODES.get(fmi);
}
