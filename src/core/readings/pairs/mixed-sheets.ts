/**
 * Two of five sheets of pairs (the others: `dictated-sheets.ts`), written one after the other without a look at the
 * parser, and each measured before anything was mended for it: 76 right, 1 wrong, 28 not read; then 100, 0, 9. Each was
 * then looked at and mended by kind. Form: see `looked-at.ts`. A reading on the edge counts as within it.
 */
export const MIXED_SHEETS = `
11.8 V cranking | not below 9.6 V | pass
9.2V during crank | min 9.6 V while cranking | fail
0.02 V | ≤ 0,1 V | pass
230 mV drop | 0.2 V max drop | fail
180mV | max 0.2V | pass
12V2 | 12.4 V or above | fail
14,2 V | 13.8–14.6 V | pass
4.98V | 5 V ± 0.1 V | pass
4.7 V | 5V±2% | fail
2K2 | 2.0–2.5 kΩ | pass
1M2 | > 1 MΩ | pass
850 k | at least 1 Mohm | fail
0R4 | below 1 ohm | pass
infinite | OL | pass
open circuit | 0.5–1.0 Ω | fail
dead short | not less than 10 kΩ | fail
3.9 bar | 4 bar (+0.2 −0.3) | pass
3.6 bar | 4 bar (+0.2 −0.3) | fail
58psi | 4.0 bar ± 0.2 | pass
50 psi | 4.0 bar ± 0.2 | fail
-0.65bar | between -0.6 and -0.7 bar | pass
-0.55 bar | -0.6...-0.7 bar | fail
98 kPa abs | atmospheric, 96–103 kPa abs | pass
1,850 rpm | no more than 2,000 rpm | pass
2.100 rpm | max. 2.000 rpm | fail
780 ± 20 rpm | 750–850 rpm | pass
45 °C | < 60 °C | pass
194 °F | 85–95 °C | pass
88 °C after 10 min | opens at 88 ± 2 °C | pass
12.0:1 | ≥ 11:1 | pass
175 psi | 150 psi min, 25 % max variation | pass
140 psi | 150 psi min | fail
12.5bar | 10 to 13 bar | pass
9.5 kg/cm2 | min 10 bar | fail
0.35 mm | 0.30–0.40 mm | pass
0.012 in | 0.25 - 0.35 mm | pass
0.45mm | 0.3–0.4 | fail
7.8 mm | wear limit 7 mm | ask
6.2 mm | minimum thickness 7.0 mm | fail
22.6 mm | min. th. 22.0 mm | pass
22 ft-lb | 30 Nm ± 3 | pass
45 Nm | 50–60 Nm | fail
110 Nm | 80 lb-ft ± 5 | pass
1.2 l/min | at least 1 L per minute | pass
0.9 L/min | ≥ 60 l/h | fail
35 ml | less than 20 ml in 1 min | fail
12 ml | ≤ 20 mL | pass
4 drips | none | fail
no leak | no leaks | pass
leaks | no leakage | fail
3 % | -5 … +5 % | pass
-12% | within ±10 % | fail
+4.7 | ±8 % | pass
0.5 % CO | < 0.5 % | pass
0.3 vol% | 0.5 % vol max | pass
185 ppm | below 200 ppm HC | pass
1,250ppm | ≤ 200 ppm | fail
1.01 | 0.97–1.03 lambda | pass
1.08 | lambda 1.00 ± 0.03 | fail
15° BTDC | 12–16 ° BTDC | pass
3° ATDC | 10° BTDC ± 2° | fail
2.4 ms | 2.0–3.0 ms | pass
850 µs | 0.8–1.2 ms | pass
1.9ms | max 1.5 ms | fail
15 kHz | 10–20 kHz | pass
148 Hz | 140 Hz ± 5 % | fail
155 Hz | 140 Hz ± 5 % | fail
50 % duty | 40 – 60 % | pass
92% DC | 30 to 70 % | fail
61.2 ohm | 60 ohm | ask
59 Ω | 54 Ω … 66 Ω | pass
121 ohms | approx. 60 ohms | fail
2.63 V | 2.5–3.5 V | pass
1.1V | 1.5 – 2.5 V | fail
35 mA | under 50 mA | pass
0.35 A | ≤ 50 mA | fail
50 mA | max. 50 mA | pass
400 CCA | 640 A EN | ask
6 cycles | no fewer than 5 | pass
3 | at least 5 pulses | fail
1.26 | 1.25–1.28 SG | pass
-32 °C | protects to -30 °C or lower | pass
-18°C | at least −25 °C | pass
25 sec | 20 s or less | fail
0:45 min | < 1 min | pass
3 min 10 s | max 3 min | fail
1/2 turn | 1/2 to 3/4 turn | pass
5/8 in | min 1/2 in | pass
15 mm free play | 10–20mm | pass
+0°30' | 0° ± 0°30' | pass
-1°10' | 0° ± 45' | fail
1.5 deg | 1°15' – 1°45' | pass
32 | 30-35 psi | pass
2.3 | 2.2–2.4 bar cold | pass
27 | 30-35 psi | fail
8.9 A | 5 to 7 amps | fail
95 Ω at 20 °C | 80–110 Ω @ 20 °C | pass
17.5 bar hot | ≥ 15 bar (80 °C) | pass
0 km/h | same as wheels | ask
yes | yes | pass
not ok | ok | fail
B- | ground | ask
12.3 V | battery voltage | ask
0 V | 12 V | fail
12 V | 0 V | fail
# Trucks, brakes, limits in two units.
28.1 V | 27.2 – 28.8 V | pass
23.4 V | 24 V nominal, min 23.8 V | fail
0.15 volt drop | max 0.5 V drop | pass
0.7 V drop | max 0.5 V drop | fail
10.4 V (cranking) | 9.6 V minimum | pass
4.6 mV/A | 4 to 5 mV/A | pass
3.28V key on | 3.3 V ± 5 % | pass
2.9V | 3.3V ± 5% | fail
5.02 | 4.75–5.25 V | pass
540 ohm | 500 – 600 Ω (20 °C) | pass
0.02 MΩ | ≥ 1 MΩ | fail
18 kOhm | 15k - 20k | pass
1,1 kΩ | 950–1050 Ω | fail
850Ω | 0.9–1.1kΩ | fail
OL | 400-600 Ω | fail
0.00 Ω | less than 0.5 Ω | pass
60 Ω | 60 Ω ± 5 | pass
6.2 bar (90 psi) | 6–8 bar | pass
75 PSI | 6-8 bar | fail
30 Nm | 30 N·m (22 lb·ft) | pass
20 Nm | 30 ± 3 N·m (22 ± 2 lb·ft) | fail
22 lb-ft | 30 N·m ± 10 % | pass
-14 inHg | better than -18 inHg | ask
20 inHg | 18–22 in. Hg at idle | pass
15 inHg | 18–22 in. Hg | fail
102 kPa | 100 ± 5 kPa | pass
350 mbar | 0.3–0.4 bar | pass
0.9 bar boost | 0.8–1.0 bar | pass
1.95 bar absolute | 1.8–2.0 bar abs | pass
8 psi | 5 psi minimum at 3000 rpm | pass
3 psi | 5 psi minimum at 3000 rpm | fail
78 dB | 80 dB max | pass
2.3 L | 2.5 L ± 0.3 | pass
5.1 qts | 4.8 L | ask
15 cc in 30 s | 12–18 cc | pass
0.2 mm | not more than 0.15 mm | fail
0.008" | 0.006–0.010 in | pass
0.20mm | 0.006–0.010 in | pass
0.30mm | 0.006–0.010 in | fail
1.1 mm gap | 1.0–1.1 mm | pass
3 mm toe in | 2 mm ± 1 mm | pass
5 mm | 2 mm ± 1 mm | fail
12.5 mm | ≥ 10 mm pad | pass
1.5 mm pad left | min 2 mm | fail
tread 4 mm | min 1.6 mm | pass
1.2mm tread | 1.6 mm legal limit | fail
82 °C | 80–90°C | pass
75°C | thermostat 80–90 °C | fail
105 °C | not over 100 °C | fail
-5 °C | below 0 °C | pass
2 °C | 4 °C or colder | pass
10 °C | max. 8 °C at the vent | fail
700 rpm | 650 rpm +50/-0 | pass
640 rpm | 650 rpm +50/-0 | fail
2,950 rpm | about 3000 rpm | ask
6000 rpm | rev limit 5,800 rpm max | fail
1200rpm | 1.100–1.300 rpm | pass
4.2 g/s | 3–5 g/s warm idle | pass
1.9 g/s | 3–5 g/s warm idle | fail
98.5% | >= 95 % | pass
72 % SOH | at least 80 % | fail
45 % duty cycle | 40-50 % | pass
+2.3% | ±5% | pass
-15.6 % | ±10 % | fail
0.85 | 0.9–1.1 λ | fail
0.1 % | CO max 0.3 % | pass
340ppm | HC < 300 ppm | fail
14.7:1 | 14.7:1 ± 0.3 | pass
9.5:1 | 10:1 to 11:1 | fail
0.25s | < 0.5 s | pass
800 ms | less than 0.5 sec | fail
12 min | 10–15 minutes | pass
1 h 20 min | under 2 h | pass
3h | max 2 h | fail
18° | 16-20° | pass
5° BTDC | 10° BTDC ± 1° | fail
2° ATDC | 0–5° ATDC | pass
31° dwell | 28–32° | pass
12.2 A | 10 A fuse rating, max 9 A | fail
7A | 6-8A | pass
32mA | <50mA after 30 min | pass
120 mA after 45 min | < 50 mA | fail
0.02A | max. 50 mA | pass
700 A | 680 A (EN) | ask
1 kHz | 950–1050 Hz | pass
440Hz | 400 Hz ± 20 | fail
58 teeth | 58 | pass
57 teeth | 58 | fail
5 blinks | 4 blinks | fail
2 of 6 | 6 of 6 | fail
on | on | pass
off | on | fail
lamp on | lamp goes out | ask
dry | dry | pass
wet | dry | fail
no play | no play | pass
slight play | no play | ask
holds pressure | holds | ask
drops 0.5 bar in 10 min | max 0.3 bar in 10 min | ask
0.2 bar in 10 min | max 0.3 bar in 10 min | pass
cracked | no cracks | fail
ok | ok | pass
n.i.o. | i.o. | ask
not tested | ok | ask
N/A | 5 V | ask
- | 5 V | ask
12.6 ? | 12.4 V min | ask
approx 13 V | 12.4 V min | ask
~ 14 V | 13.5–14.8 V | ask
`;
