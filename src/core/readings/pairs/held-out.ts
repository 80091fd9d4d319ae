/** The other half of the pairs: read only by the count, not looked at while mending. Form: see `looked-at.ts`. */
export const HELD_OUT = `
# thousands and decimals
1,150 rpm | ≥ 1,200 rpm | fail
1,250 rpm | ≥ 1.200 rpm | pass
780 rpm | above 1,000 rpm | fail
10,500 ppm | < 10,000 ppm | fail
9,800 ppm | < 10,000 ppm | pass
180 ppm | ≤ 1,200 ppm | pass
2.750 rpm | ≥ 2,500 rpm | pass
142,300 km | ≤ 150 000 km | pass
1.250,75 mbar | ≤ 1260 mbar | pass
1,250.75 mbar | ≤ 1240 mbar | fail
19,4 inHg | 17 – 21 inHg | pass
0,045 V | ≤ 0.1 V | pass
0,250 V | ≤ 0.2 V | fail
14,2 V | 13,8-14,8 V | pass
13.2 V | 13,8-14,8 V | fail
1,800 psi | min 2,000 psi | fail
2,150 psi | 2,000 psi min | pass
4.998 V | 4.75 - 5.25 V | pass
4,998 V | 4,75 - 5,25 V | pass
1 050 mbar | 900 to 1100 mbar | pass
1,200,000 Ω | > 500 kΩ | pass
.45 V | .1 to .9 V | pass
2,400 Ω | 2.2–2.6 kΩ | pass
2,4 kΩ | 2200–2600 Ω | pass
# limits in words
55 psi | less than 50 psi | fail
45 psi | less than 50 psi | pass
2.1 V | no more than 2 V | fail
1.9 V | not more than 2 V | pass
0.09 V | up to 0.1 V | pass
0.19 V | up to 0.1 V | fail
45 s | under 60 s | pass
75 s | under 60 s | fail
75 s | below 60 s | fail
3.9 bar | at least 4 bar | fail
4.2 bar | at least 4 bar | pass
4.2 bar | at most 4 bar | fail
80 % | more than 75 % | pass
70 % | more than 75 % | fail
70 % | not less than 75 % | fail
9.8 V | no less than 9.6 V | pass
9.4 V | not below 9.6 V | fail
9.4 V | not above 9.6 V | pass
0.3 mm | greater than 0.2 mm | pass
0.3 mm | larger than 0.4 mm | fail
0.3 mm | smaller than 0.4 mm | pass
95 °C | over 90 °C | pass
2.0 bar | 2.1 bar or more | fail
2.2 bar | 2.1 bar or greater | pass
2.2 bar | 2.1 bar or less | fail
2.0 bar | 2.1 bar or under | pass
10 kV | minimum 8 kV | pass
7 kV | minimum 8 kV | fail
55 mA | max 50 mA | fail
45 mA | max. 50 mA | pass
45 mA | maximum 50 mA | pass
45 mA | 50 mA max | pass
55 mA | 50 mA max. | fail
55 mA | 50 mA maximum | fail
9.9 V | => 9.6 V | pass
9.5 V | => 9.6 V | fail
9.5 V | =< 9.6 V | pass
9.5 V | ≧ 9.6 V | fail
9.5 V | min : 9.6 V | fail
9.7 V | min. 9.6 V | pass
0.35 V | max : 0.3 V | fail
0.45 V | between 0.1 and 0.9 V | pass
0.95 V | between 0.1 V and 0.9 V | fail
0.95 V | from 0.1 to 0.9 V | fail
0.45 V | 0.1 V to 0.9 V | pass
0.45 V | 0.1 - 0.9 V | pass
0.95 V | 0.1−0.9 V | fail
0.45 V | 0.1 … 0.9 V | pass
0.45 V | 0.1...0.9 V | pass
0.45 V | 0.1V-0.9V | pass
-8 % | -10 to +10 % | pass
-12 % | -10 to +10 % | fail
12 % | -10..10 % | fail
-18 °C | -20 to -15 °C | pass
-12 °C | −20 to −15 °C | fail
-18 °C | between -20 and -15 °C | pass
2.54 V | 2.5 V ± 50 mV | pass
2.56 V | 2.5 V ± 50 mV | fail
2.56 V | 2.5 ± 0.1 V | pass
2.65 V | 2.5V±0.1V | fail
10.2 mm | 10 mm +0.3/-0.1 | pass
10.4 mm | 10 mm +0.3/-0.1 | fail
9.95 mm | 10 mm +0.3/-0.1 | pass
9.85 mm | 10 mm +0.3 -0.1 | fail
9.95 mm | 10 +0.3/-0.1 mm | pass
1.2 V | = 1.0 V ± 0.3 | pass
1.4 V | = 1.0 V ± 0.3 | fail
45 psi | min 40 max 50 psi | pass
55 psi | min 40 max 50 psi | fail
35 psi | min. 40 psi / max. 50 psi | fail
45 psi | min: 40 psi max: 50 psi | pass
11.8 V | ~12 V | ask
11.8 V | approximately 12 V | ask
11.8 V | around 12 V | ask
11.8 V | ca. 12 V | ask
5 V | 5 V | pass
3 V | 5 V | fail
0 V | 0 V | pass
52 g/s | 50 g/s ± 10 % | pass
56 g/s | 50 g/s ± 10 % | fail
44 g/s | 50 g/s +/- 10% | fail
52 g/s | 50 g/s +-10 % | pass
4 | 4 | pass
3 | 4 | fail
4 | = 4 | pass
O.L | 0.4–1.2 Ω | fail
O/L | 0.4–1.2 Ω | fail
infinite | 0.4–1.2 Ω | fail
∞ | open | pass
open circuit | open | pass
0.5 Ω | open | fail
open | 0.4–1.2 Ω | fail
OL | ≥ 10 MΩ | pass
1k5 | 1.4–1.6 kΩ | pass
4R7 | 4–5 Ω | pass
4R7 | 5–6 Ω | fail
clicks | = clicks | pass
no click | = clicks | fail
lights | lights | glows | pass
dark | lights | glows | fail
steady | steady | pass
# units
14.7 psia | 14–15 psi abs | pass
44 psi g | 40–50 psi | pass
8 inH₂O | ≤ 10 inH2O | pass
8 in. H2O | ≤ 10 inH2O | pass
30 cm H2O | ≤ 10 inH2O | fail
1.5 mH2O | ≤ 200 mbar | pass
20 inHg | 600–700 mbar | pass
20 in Hg | 600–700 mbar | pass
20 inches Hg | 600–700 mbar | pass
89 lb-ft | 115–125 N·m | pass
89 ft·lb | 115–125 Nm | pass
120 Nm | 115–125 N·m | pass
120 N m | 110–118 N·m | fail
90 in·lb | 8–12 N·m | pass
24 Vdc | 23–28 V | pass
24 volts | 23–28 V | pass
24 volts DC | 23–28 V | pass
1.2 V AC | ≥ 1 V | pass
100 nF | 80–120 nF | pass
0.1 µF | 80–120 nF | pass
800 µA | ≤ 1 mA | pass
800 μA | ≤ 0.5 mA | fail
5 Mohm | ≥ 1 MΩ | pass
5 M | ≥ 1 MΩ | pass
5 megohms | ≥ 1 MΩ | pass
500 mohm | ≤ 1 Ω | pass
12 deg BTDC | 8–14 ° | pass
5 °ATDC | 3–8 °ATDC | pass
790 U/min | 750–850 rpm | pass
790 r/min | 750–850 rpm | pass
790 rev/min | 800–850 rpm | fail
60 miles/h | 90–100 km/h | pass
60 MPH | 100–110 km/h | fail
1.5 gal | 5–6 L | pass
4 qt | 3.5–4 L | pass
3.3 kΩ | 3000–3600 Ω | pass
3.3 KΩ | 3000–3600 Ω | pass
3.3 k ohm | 3000–3600 Ω | pass
3.3 kohms | 3000–3600 Ω | pass
3300 R | 3–3.6 kΩ | pass
275 kPa | 2.5–3 bar | pass
275 kpa | 2.5–3 bar | pass
0.275 Mpa | 2.5–3 bar | pass
40 PSI | 2.5–3 bar | pass
2.75 Bar | 38–42 psi | pass
2.75 BAR | 42–45 psi | fail
200 °F | 85–95 °C | pass
200 degrees F | 85–95 °C | pass
200 F | 95–105 °C | fail
90 celsius | 85–95 °C | pass
90 deg C | 85–95 °C | pass
90 ℃ | 85–95 °C | pass
3.2 ms | 2–4 ms | pass
3.2 msec | 2–4 ms | pass
12 V | 50 Ω | ask
2 A | ≤ 20 V | ask
`;
