/**
 * Pairs of a value and a limit as technicians write them, each with the verdict that is meant, written before the
 * reader. One in a line: `value | limit | verdict`. Verdicts: pass, fail, ask (two readings of a figure remain, or
 * a tolerance is missing). From common practice, no source. This half may be looked at while mending the reader.
 */
export const LOOKED_AT = `
# thousands and decimals
850 rpm | ≥ 1,500 rpm | fail
1,650 rpm | ≥ 1,500 rpm | pass
1650 rpm | ≥ 1,500 rpm | pass
12,500 ppm | ≤ 200 ppm | fail
12.500 ppm | ≤ 200 ppm | fail
1 500 rpm | ≥ 1.200 rpm | pass
1.500,5 mV | ≥ 1500 mV | pass
1,500.5 mV | ≥ 1500 mV | pass
24,1 inHg | 18–22 inHg | fail
24,1 inHg | 18..26 inHg | pass
0,500 V | ≥ 0.4 V | pass
0.125 V | < 0,1 V | fail
3,9 bar | 3,5–4,1 bar | pass
3,9 bar | 3.5-4.1 bar | pass
1,234,567 Ω | ≥ 1 MΩ | pass
98,500 mi | ≤ 100,000 mi | pass
1,450 psi | 1,300 to 1,600 psi | pass
2.300 rpm | 2000–2500 rpm | pass
5.002 V | 4.9–5.1 V | pass
5,002 V | 4.9–5.1 V | pass
1,013 mbar | 950–1050 mbar | pass
1'500 rpm | ≥ 1'200 rpm | pass
.8 V | 0.7–0.9 V | pass
,8 V | 0.7–0.9 V | pass
# limits in words
4.1 bar | less than 4 bar | fail
3.9 bar | less than 4 bar | pass
190 mV | not more than 200 mV | pass
210 mV | not more than 200 mV | fail
199 mV | no more than 200 mV | pass
0.3 A | up to 50 mA | fail
30 mA | up to 50 mA | pass
30 mA | under 50 mA | pass
60 mA | under 50 mA | fail
60 mA | below 50 mA | fail
11.9 V | at least 12 V | fail
12.6 V | at least 12 V | pass
12.6 V | more than 12 V | pass
11 V | more than 12 V | fail
11 V | not less than 12 V | fail
12.1 V | no less than 12 V | pass
12.1 V | greater than 12 V | pass
11.9 V | greater than 12 V | fail
93 °C | above 85 °C | pass
80 °C | above 85 °C | fail
80 °C | over 85 °C | fail
12 V | 12 V or more | pass
11 V | 12 V or more | fail
11 V | 12 V or less | pass
13 V | 12 V or less | fail
13 V | 12 V or above | pass
11 V | 12 V or below | pass
11 V | minimum 12 V | fail
13 V | minimum 12 V | pass
13 V | max 12 V | fail
13 V | max. 12 V | fail
13 V | maximum 12 V | fail
11 V | 12 V max | pass
13 V | 12 V max | fail
13 V | =< 12 V | fail
11 V | =< 12 V | pass
13 V | => 12 V | pass
11 V | => 12 V | fail
11 V | min: 12 V | fail
13 V | min: 12 V | pass
13 V | 12 V minimum | pass
11 V | 12 V minimum | fail
12.4 V | 12 V min | pass
0.2 V | max: 0.1 V | fail
3 bar | between 2.5 and 3.5 bar | pass
4 bar | between 2.5 and 3.5 bar | fail
3 bar | from 2.5 to 3.5 bar | pass
3 bar | 2.5 to 3.5 bar | pass
2 bar | 2.5 to 3.5 bar | fail
3 bar | 2.5−3.5 bar | pass
4 bar | 2.5−3.5 bar | fail
3 bar | 2.5 bar - 3.5 bar | pass
-7 °C | -10 to -5 °C | pass
-3 °C | -10 to -5 °C | fail
-7 °C | −10…−5 °C | pass
-12 °C | -10 - -5 °C | fail
0.83 V | 0.8 V ± 50 mV | pass
0.86 V | 0.8 V ± 50 mV | fail
0.86 V | 0.8 V +/- 0.1 | pass
5.05 V | 5 V +0.1/-0.2 | pass
5.15 V | 5 V +0.1/-0.2 | fail
4.85 V | 5 V +0.1/-0.2 | pass
4.75 V | 5 V +0.1/-0.2 | fail
4.85 V | 5 V -0.2/+0.1 | pass
2.2 V | = 1.9 V ± 0.5 | pass
2.6 V | = 1.9 V ± 0.5 | fail
4 bar | min 3 max 5 | ask
4 bar | min 3 max 5 bar | pass
6 bar | min 3 bar max 5 bar | fail
6 bar | min 3 bar, max 5 bar | fail
4.9 V | ~5 V | ask
4.9 V | about 5 V | ask
4.9 V | approx. 5 V | ask
0.02 V | 0 V | ask
12 V | 12 V | pass
103 bar | 100 bar ± 5 % | pass
106 bar | 100 bar ± 5 % | fail
103 bar | 100 bar +/-5% | pass
101 °C | 100 °C ± 5 % | ask
6 | 6 | pass
5 | 6 | fail
6 | = 6 | pass
OL | 1–6 kΩ | fail
OL | open | pass
open | OL | pass
120 Ω | open | fail
OL | > 1 MΩ | pass
2.2 kΩ | 1–6 kohm | pass
2k2 | 1–6 kΩ | pass
2.2 K | 1–6 kΩ | pass
on | on | pass
off | on | fail
yes | = no | fail
no | = no | pass
lit | on | lit | pass
# units
29.5 psia | ≤ 30 psi abs | pass
58 psig | 50–60 psi | pass
10 inH2O | ≤ 12 inH2O | pass
10 in H2O | ≤ 12 inH2O | pass
10 "H2O | ≤ 12 inH2O | pass
25 cmH2O | ≤ 10 inH2O | pass
18 in.Hg | 17–21 inHg | pass
18" Hg | 17–21 inHg | pass
18 "Hg | 17–21 inHg | pass
25 lb ft | 20–30 lb·ft | pass
25 ft-lbs | 20–30 lb·ft | pass
120 in-lb | 100–140 in-lb | pass
12.3 V DC | 12–13 V | pass
12.3 VDC | 12–13 V | pass
12.3 V dc | 12–13 V | pass
0.6 VAC | ≥ 0.5 V | pass
470 µF | ≥ 400 µF | pass
470 uF | ≥ 400 µF | pass
350 µA | ≤ 0.5 mA | pass
350 uA | ≤ 0.5 mA | pass
2 MOHM | ≥ 1 MΩ | pass
2 MOhm | ≥ 1 MΩ | pass
0.4 mOhm | ≤ 1 mΩ | pass
8 °BTDC | 5 to 12 ° | pass
8° BTDC | 5 to 12 °BTDC | pass
820 1/min | 750–850 rpm | pass
820 min-1 | 750–850 rpm | pass
820 RPM | 750–850 1/min | pass
55 mph | 80–95 km/h | pass
12 gal | ≥ 40 L | pass
4.7 kOhm | 4–5 kΩ | pass
4.7 KOHM | 4–5 kΩ | pass
4.7 k-ohm | 4–5 kΩ | pass
4.7 kilohms | 4–5 kΩ | pass
4.7k | 4–5 kΩ | pass
4,700 ohms | 4–5 kΩ | pass
350 kPa | 3–4 bar | pass
0.35 MPa | 3–4 bar | pass
50.8 psi | 3–4 bar | pass
185 F | 80–90 °C | pass
185 deg F | 80–90 °C | pass
85 C | 80–90 °C | pass
85 grd C | 80–90 °C | ask
5 V | 3 bar | ask
# names, brackets, deviations, and what must not be taken for them
12.6 V | Ubat > 12.4 V | pass
12.1 V | U bat. ≥ 12.4 V | fail
5.1 V | not > 5 V | ask
5.1 V | never > 5 V | ask
5.1 V | fail if > 5 V | ask
2.4 mm | replace if > 2 mm | ask
2.4 bar | leaks if < 3 bar | ask
5.1 V | bad > 5 V | ask
-0.7 bar | -0.6 to -0.8 bar | pass
-0.9 bar | −0.6…−0.8 bar | fail
4 V | 5 to 3 V | ask
+8 % | ± 10 % | pass
-14 % | within 10 % | fail
95 % | ± 10 % | ask
5.1 V | ± 0.2 V | ask
3 °C | ±5 °C | ask
750 rpm | 700-800 | pass
850 rpm | 700-800 | fail
750 mV | 0.7-0.8 | ask
85 °C | 176-203 | ask
55 mph | 88-92 | ask
50 psi | 3.3-3.7 | ask
61 Ω | about 60 Ω (55-65) | pass
70 Ω | about 60 Ω (55-65 Ω) | fail
61 Ω | about 60 Ω (see note) | ask
`;
