/**
 * Pairs as they stand on job sheets and in messages between shops, written after `bay-notes.ts` was mended for, in one
 * go: 57 right, none wrong, 31 not read. Three quarters were looked at then, and their kinds mended; every fourth line
 * is read only by the count (it was 18 of 22 after that, none wrong). Form: see `looked-at.ts`.
 */
export const JOB_SHEETS = `
12.62V key off | 12.4 V or above | pass
9.9 v while cranking | min 9.6 v cranking | pass
9.1 v while cranking | min 9.6 v cranking | fail
14.31 V @ idle | 13.8 to 14.7 V | pass
14.31 V idle, lights on | 13.8 to 14.7 V | pass
0.18V across ground side | max 0.2V | pass
0.42 V on feed side | should not exceed 0.3 V | fail
88 °C at stat housing | 85 - 95 °C | pass
65C after 30 min | > 80C | fail
2.05 bar hot idle | 1.0 bar min hot idle | pass
0.6 bar hot idle | 1.0 bar min hot idle | fail
3.9 bar, engine off | spec: 3.8 - 4.2 bar | pass
51psi | spec 48 to 54 psi | pass
61psi | spec 48 to 54 psi | fail
18 inHg steady | 17 to 21 inHg | pass
12 inHg | 17 to 21 inHg steady | fail
165 psi dry | 140 psi or more | pass
110 psi dry | 140 psi or more | fail
8% leakage | below 20% | pass
35% leakage | less than 20% leakage | fail
215 ohm cold | 180–250 Ω | pass
1.9 kΩ | 2.2 kΩ ±10% | fail
2.3k | 2.2 kΩ ±10% | pass
0.3Ω loom side | < 0.5 Ω | pass
OL loom side | < 0.5 Ω | fail
59.8 Ω between 6 and 14 | 54-66 Ω | pass
119 Ω between 6 and 14 | 54-66 Ω | fail
short to ground | no continuity to ground | fail
no short | no short | pass
780 ± 20 rpm | 700 - 850 rpm | pass
720–760 rpm | 700–800 rpm | pass
720–860 rpm | 700–800 rpm | fail
2,480 rpm | 2,500 rpm ± 50 | pass
2,400 rpm | 2,500 rpm ± 50 | fail
620 mbar MAP | 300-400 mbar abs at idle | ask
34 kPa | 28 to 38 kPa | pass
102 kPa KOEO | 95 - 105 kPa | pass
3.2 g/s at idle | 2.5–4.5 g/s | pass
7.8 g/s | 2.5–4.5 g/s at idle | fail
-4 % | ± 8 % | pass
+22 % | ± 8 % | fail
LTFT 22 % | within ±10% | fail
4.62V | 4.75-5.25V | fail
4.98 volt ref | 4.9 to 5.1 volts | pass
0.1-0.9 V switching | 0.1 to 0.9 V | pass
0.45 V fixed | 0.1 to 0.9 V switching | pass
28 Nm | 25 N·m + 90° | ask
110 Nm | 100-120 Nm | pass
85 ft-lb | 80 ft-lb min | pass
5/32 left | min 3/32 | pass
2/32 | 4/32 or more | fail
1.2 mm left | wear limit 2 mm | ask
26.8mm | min thickness 26.0 mm | pass
25.7mm | min thickness 26.0 mm | fail
0.09 mm | max run-out 0.05 mm | fail
22 mm play | max. 15 mm | fail
3° toe | 0°10' ± 10' | fail
0.8 L/h return | < 1.2 L/h | pass
45 ml in 30 s | 40 ml min in 30 s | pass
12 s | max 15 s | pass
18 seconds | within 15 seconds | fail
0.35 A parked | 50 mA max after 30 min | fail
28 mA after 40 min | less than 50 mA | pass
3.4 ms | 3 - 4 ms | pass
1.1 V p-p | 1 V p-p or more | pass
0.4 Vpp | > 1 Vpp | fail
500 kbit | 500 kbit | pass
2.52 V | 2.5 V ± 0.1 V | pass
3.60 / 1.40 V | 3.5 / 1.5 V | ask
63 kmh | 60–65 km/h | pass
1010 hPa | 1000 to 1020 mbar | pass
6.1 bar | 85 psi min | pass
4.9 bar | 85 psi min | fail
200°F | 195°F thermostat ± 5 | pass
-34 °C | -30 °C or lower | pass
-18 °C | -30 °C or lower | fail
1.28 SG | 1.265 or higher | pass
pH 7.5 | 7 - 9 | pass
1.1 % CO | 0.3 % max | fail
980 ppm HC | under 220 ppm | fail
96 dB | max 98 dB | pass
all four | 4 | ask
four | 4 | ask
6 of 6 clicks | 6 of 6 clicks | pass
solid | solid | pass
flashing | solid | fail
seized | free | fail
free | moves freely | pass
`;
