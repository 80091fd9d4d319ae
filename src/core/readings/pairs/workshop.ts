/**
 * Pairs as they stand on worksheets, test plans and in messages between technicians, written down before they were
 * run. First run: 58 right, none wrong, 12 not read (names before a limit, vacuum counted away from zero, `± 10 %`
 * of a trim, a range in brackets, a limit without a unit); these kinds were mended since. Form: see `looked-at.ts`.
 */
export const WORKSHOP = `
# from test plans
12.62V | Ubat > 12.4V | pass
12.1V | Ubat > 12.4V | fail
4.98 Volts | 4.9 to 5.1 Volts | pass
0.2 volt | max 0.1 volt | fail
3.1 bars | 3.0 bar +/- 0.2 | pass
3.4 bars | 3.0 bar +/- 0.2 | fail
350 kPa | 3.3-3.7 bar | pass
48 psi | 3.3-3.7 bar | pass
51 psi | 3.3-3.7 bar | pass
-0.62 bar | -0.6 to -0.8 bar | pass
-0.45 bar | -0.6 to -0.8 bar | fail
18 inHg | min. 17 inHg | pass
14 in Hg | min. 17 inHg | fail
2.3 k | 2.0 - 2.7 kΩ | pass
2,3 kOhm | 2.0 - 2.7 kohm | pass
3.1 kohms | 2.0 - 2.7 kΩ | fail
820 ohm | 0.8 - 1.2 kΩ | pass
0.9 ohms | 0.5 ohm max | fail
OL | > 1 MΩ | pass
O.L | < 5 Ω | fail
OL | 120 Ω ± 10 % | fail
118 Ohm | 120 Ω ± 10 % | pass
62 ohms | approx 60 ohms (55-65) | pass
0.03A | less than 50 mA | pass
0.35 A | less than 50 mA | fail
48mA | 50 mA or less | pass
85°C | 80 - 95 °C | pass
176 F | 80 - 95 °C | pass
104 C | not above 95 °C | fail
-3 % | +/- 10 % | pass
+14% | +/- 10 % | fail
-12.5 % | within ±10% | fail
+6 % | within ±10% | pass
# from messages
11.9 | at least 12 V | fail
750rpm | 700-800 | pass
0.75 v | .6 to .8 v | pass
1.4ms | 1.5ms or more | fail
1.6 msec | 1.5ms or more | pass
2,4 mm | 3 mm minimum | fail
3.2mm | no less than 3 mm | pass
0.08 mm | run-out 0.1 mm max | pass
95 Nm | 90 Nm + 10 | pass
88 ft-lb | 120 Nm ± 5 | pass
75 ft lbs | 120 Nm ± 5 | fail
55 mph | 90 km/h ± 3 | pass
14.1V | 13.8V-14.6V | pass
13.1V | 13.8V-14.6V | fail
27.6 V | 27 to 28.8 V | pass
9.4V cranking | above 9.6 V | fail
yes | yes | pass
no | yes | fail
lamp on | lamp on | pass
off | on | fail
1000 Ohm | 1 kΩ ± 5% | pass
0,95 kOhm | 1 kΩ ± 5% | pass
1.1 kΩ | 1 kΩ ± 5% | fail
6.5 mbar | ≤ 7 hPa | pass
8 mbar | ≤ 7 hPa | fail
24 L/h | 20 to 30 l/h | pass
0.5 L/min | 20 to 30 l/h | pass
1.0 L/min | 20 to 30 l/h | fail
110 ppm | 100 ppm max | fail
0.4 % CO | below 0.5 % | pass
lambda 1.01 | 0.97-1.03 | pass
1.01 | 0.97-1.03 | pass
1.05 λ | 0.97-1.03 λ | fail
32.1 % | 31.8 – 33.2 % | pass
30 % | 31.8 – 33.2 % | fail
5 | 4 | fail
4 | 4 | pass
`;
