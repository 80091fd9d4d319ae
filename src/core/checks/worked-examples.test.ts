import { describeExamples, type Examples } from './test-examples';

/**
 * Examples in the middle of each formula's range, worked out on paper: the sum stands beside each. Limits are
 * common practice, no source, unless one is named in the check.
 */

const list = (...entered: string[]) => entered.map((e, i) => ({ at: String(i + 1), entered: e }));
const pairs = <A extends string, B extends string>(a: A, b: B, ...rows: [string, string][]) =>
  rows.map(([x, y]) => ({ [a]: x, [b]: y }) as Record<A | B, string>);

const NTC = [
  { temperature: '0 °C', resistance: '5.6 kΩ' },
  { temperature: '20', resistance: '2.4 kΩ' },
  { temperature: '80', resistance: '310 Ω' },
];
const SOAKED = [
  { at: 'coolant', entered: '21 °C' },
  { at: 'intake air', entered: '22' },
  { at: 'ambient', entered: '20' },
];

/** Check, entries, what its findings must say in one line: about, verdict, sentence. */
const EXAMPLES: Examples = {
  'applied-truth': [
    // Shown 0.1 more everywhere; 3 % of the span of 3 bar are 0.09.
    [
      { steps: pairs('truth', 'shown', ['0 bar', '0.1 bar'], ['1', '1.1'], ['2', '2.1'], ['3', '3.1']) },
      /^fail .*off by 0\.1.*by the same everywhere: offset \(offset 0\.1.bar, gain 1\.000\)|^fail .*offset/,
    ],
    // Shown 0.8 of what is there: at 4 bar 0.8 too little.
    [
      { steps: pairs('truth', 'shown', ['0 bar', '0 bar'], ['2', '1.6'], ['4', '3.2']) },
      /At 4.bar it is off by −0\.8.bar, by gain: it shows 80 %/,
    ],
    // Span 2, band 0.06; the worst is 0.03.
    [
      { steps: pairs('truth', 'shown', ['0 bar', '0.01 bar'], ['1', '1.02'], ['2', '1.97']) },
      /^pass It is never more than 0\.03.bar off/,
    ],
  ],
  'battery-rest': [
    // Half way from 12.06 V (25 %) to 12.24 V (50 %): 37.5 %.
    [{ rest: '12.15 V' }, /Charge: fail 12\.15.V is about 3[78] % full/],
    // 12.24 + 0.126 of 0.21 V: 50 + 25 · 0.6 = 65 %.
    [{ rest: '12.366 V' }, /Charge: unsure 12\.366.V is about 65 % full/],
    // AGM: 12.6 + 0.12 of 0.25 V: 75 + 25 · 0.48 = 87 %; 496 of 620 A are 80 %.
    [
      { type: 'AGM or gel', rest: '12.72 V', measured: '496 CCA', rated: '620 CCA' },
      /Charge: pass .*87 % full.*Plates: pass 80 % of the rating/,
    ],
  ],
  'bus-resistance': [
    // 120/3 = 40 Ω.
    [{ between: '39.2 Ω' }, /fail 39\.2.Ω is about what three terminators give/],
    [
      { between: '57.3 Ω', highGround: '4.7 kΩ', lowGround: '620 Ω' },
      /pass 57\.3.*Low to ground: unsure 620/,
    ],
    // Two of 120 Ω with 27 Ω in one's joint: 1/(1/120 + 1/147) = 66.1 Ω.
    [{ between: '66.1 Ω' }, /unsure 66\.1.Ω is near 60/],
    [{ between: '86 Ω' }, /fail 86.Ω fits no number/],
  ],
  'cam-crank': [
    // 360/22 = 16.36°; from 4° to −12.4° are −16.4°: 1.00 teeth.
    [{ wanted: '4°', measured: '-12.4°', teeth: '22' }, /fail −16\.4.*1\.00 of a tooth.*one tooth/],
    // 360/20 = 18°; 27° are one and a half.
    [{ wanted: '0°', measured: '27°', teeth: '20' }, /fail .*1\.50 of a tooth.*no whole tooth/],
    // Round the circle: from 350° to −362° are 8°.
    [{ wanted: '350°', measured: '-362°', teeth: '20' }, /unsure 8\.0.*0\.44 of a tooth/],
  ],
  'command-actual': [
    // Sweep 60, band 5 % of it: 3. The worst is 3 away, at 50.
    [
      { steps: pairs('command', 'actual', ['20 %', '22 %'], ['50', '53'], ['80', '78'], ['20', '21']) },
      /Sweep: pass It follows, never more than 3.% away.*Rest: pass Back to 21/,
    ],
    [
      {
        steps: pairs(
          'command',
          'actual',
          ['20 %', '21 %'],
          ['50', '51'],
          ['80', '62'],
          ['95', '62'],
          ['20', '22'],
        ),
      },
      /Sweep: fail It follows up to 62.% and no higher/,
    ],
    [
      { steps: pairs('command', 'actual', ['20 %', '40 %'], ['50', '40'], ['80', '40'], ['20', '40']) },
      /Sweep: fail It does not move: 40.% throughout/,
    ],
  ],
  'compression-spread': [
    // 10.2/12 = 85 %.
    [{ cylinders: '3', dry: list('12 bar', '10.2', '11') }, /pass The lowest is 85 % of the highest/],
    // 8.4/12 = 70 %, under 75 %; with oil 10.1, more than a tenth up.
    [
      { cylinders: '3', dry: list('12 bar', '8.4', '11'), wet: [{ at: '2', entered: '10.1' }] },
      /Cylinder 2: fail 8\.4.bar is 70 % of the highest\. With oil 10\.1.bar: the rings/,
    ],
    // 150 psi = 10.34 bar; 118 psi are 78.7 % of it and under the least of 9 bar (130.5 psi).
    [
      { cylinders: '3', dry: list('150 psi', '118', '147'), least: '9 bar' },
      /Cylinder 2: fail 118.psi is 79 % of the highest, and under the least/,
    ],
  ],
  'cranking-voltage': [
    // Half way from 4 °C (9.3 V) to 10 °C (9.4 V): 9.35 V.
    [{ rest: '12.6 V', lowest: '9.4 V', temperature: '7 °C' }, /^pass Lowest 9\.4.V, at least 9\.[34]\d?.V/],
    [{ rest: '12.6 V', lowest: '9.3 V', temperature: '7 °C' }, /^fail Lowest 9\.3.V/],
    // 24 V at 13 °C: 2 · 9.45 = 18.9 V; 25.2 V was charged.
    [
      { system: '24 V', rest: '25.2 V', lowest: '18.7 V', temperature: '13 °C' },
      /^fail Lowest 18\.7.V, under 18\.9.V/,
    ],
    // Under 9.5 V at 16 °C, but it began at 12.2 V.
    [{ rest: '12.2 V', lowest: '9.1 V', temperature: '16 °C' }, /^unsure .*charge it and test again/],
  ],
  'cylinder-leakage': [
    [{ losses: list('9.5 %', '15', '33'), heard: 'exhaust' }, /1: pass 9\.5.*2: unsure 15.*3: fail 33/],
    [{ losses: list('20 %', '20.5') }, /1: unsure 20.*2: fail 20\.5/],
    [{ losses: list('10 %', '10.4') }, /1: pass 10.*2: unsure 10\.4/],
  ],
  'engine-air-flow': [
    // 1.6 · 3000/2 · 0.8 = 1920 L/min = 115.2 m³/h.
    [{ displacement: '1.6 L', speed: '3000 rpm', filling: '80 %', show: 'm³/h' }, /115\.2.m³\/h/],
    // A two-stroke fills at each turn: 0.25 · 4000 · 0.6 = 600 L/min = 36 m³/h.
    [
      { displacement: '250 cc', speed: '4000 rpm', filling: '60 %', strokes: 'two-stroke', show: 'm³/h' },
      // 36 m³/h of 1.204 kg/m³ are 43.3 kg/h, and 3.6 kg/h are 1 g/s: 12.0 g/s.
      /36\.00.m³\/h, about 12\.0.g\/s/,
    ],
    // 2 · 1800/2 · 0.9 = 1620 L/min = 1.62 m³/min.
    [{ displacement: '2 L', speed: '1800 rpm', filling: '90 %', show: 'm³/min' }, /1\.62\d?.m³\/min/],
  ],
  'filter-back-pressure': [
    // Clean at 120 m³/h, half way: 65 mbar. 88 is 35 % above, within 40 %; 95 is 46 % above.
    [
      {
        off: '0 mbar',
        clean: pairs('flow', 'pressure', ['60 m³/h', '30 mbar'], ['180', '100']),
        measured: pairs('flow', 'pressure', ['120 m³/h', '88 mbar']),
      },
      /Filter: pass/,
    ],
    [
      {
        off: '0 mbar',
        clean: pairs('flow', 'pressure', ['60 m³/h', '30 mbar'], ['180', '100']),
        measured: pairs('flow', 'pressure', ['120 m³/h', '95 mbar']),
      },
      /Filter: fail/,
    ],
    [
      {
        off: '22 mbar',
        clean: pairs('flow', 'pressure', ['60 m³/h', '30 mbar'], ['180', '100']),
        measured: pairs('flow', 'pressure', ['120 m³/h', '66 mbar']),
      },
      /Sensor: fail .*22.mbar instead of 0.*Filter: unsure/,
    ],
  ],
  'injector-balance': [
    // 57.2 less what is left: 17, 16, 16, 16, 20, 16.
    [
      {
        rest: '57.2 psi',
        cylinders: '6',
        given: 'pressure left',
        each: list('40.2', '41.2', '41.2', '41.2', '37.2', '41.2'),
      },
      /Injector 5: fail Drops 20\.0.psi against 16\.0.psi of the others: leaks/,
    ],
    // 3.8 bar less 2.7, 2.75, 3.3, 2.7: drops of 1.1, 1.05, 0.5, 1.1.
    [
      { rest: '3.8 bar', cylinders: '4', given: 'pressure left', each: list('2.7', '2.75', '3.3', '2.7') },
      /Injector 3: fail Drops 0\.5.bar against 1\.1.bar.*clogged/,
    ],
    [
      { rest: '52 psi', cylinders: '4', given: 'drop', each: list('15', '15.5', '14.6', '15.1') },
      /^pass They agree \(14\.6.psi to 15\.5.psi\)/,
    ],
  ],
  'must-change': [
    [{ before: '2.0 V', after: '2.6 V', want: 'has to rise', least: '0.5 V' }, /^pass It rose by 0\.6.V/],
    [
      { before: '2.0 V', after: '2.4 V', want: 'has to rise', least: '0.5 V' },
      /^fail It rose by 0\.4.V, less than the 0\.5.V/,
    ],
    // A quarter of 800 mV are 200 mV.
    [{ before: '800 mV', after: '0.55 V', want: 'has to fall', least: '25 %' }, /^pass It fell by/],
  ],
  'nox-conversion': [
    // 1 − 52/260 = 80 %.
    [{ before: '260 ppm', after: '52 ppm' }, /^fail .*80 %/],
    // 1 − 30/240 = 87.5 %.
    [{ before: '240 ppm', after: '30 ppm' }, /^pass .*8[78](\.5)? %/],
    // 1 − 60/240 = 75 %, over the 70 % asked for here.
    [{ before: '240 ppm', after: '60 ppm', limit: '70 %' }, /^pass .*75 %/],
  ],
  'odd-one-out': [
    // The others' middle is 4.5; a tenth of 4.6 are 0.46, and 5.3 is 0.8 away.
    [
      { each: list('4.4 kΩ', '4.6', '4.5', '5.3') },
      /^fail 4: 5\.3.kΩ is 0\.8.kΩ \(18 %\) above the others’ 4\.5/,
    ],
    [{ each: list('4.4 kΩ', '4.6', '4.5', '4.8') }, /^pass They agree \(4\.4.kΩ to 4\.8.kΩ\)/],
    [{ each: list('61 °C', '63', '62', '71') }, /^fail 4: 71.°C is 9.°C above the others’ 62/],
  ],
  'power-balance': [
    // 70 against 98: 71 %; a quarter of 98 are 24.5, and it is 28 less.
    [
      { cylinders: '4', falls: list('100', '70', '96', '98') },
      /Cylinder 2: fail .*71 % of what the others do/,
    ],
    [{ cylinders: '4', falls: list('100', '80', '96', '98') }, /^pass They agree/],
    [{ cylinders: '3', falls: list('-2', '0', '-1') }, /^unsure Speed falls with none/],
  ],
  'reference-curve': [
    // Half way from 2 to 4 bar: 3 bar. 3.15 is 5 % above, 3.4 is 13 % above.
    [
      {
        reference: pairs('x', 'y', ['1000 rpm', '2.0 bar'], ['3000', '4.0']),
        measured: pairs('x', 'y', ['2000 rpm', '3.15 bar']),
      },
      /^pass/,
    ],
    [
      {
        reference: pairs('x', 'y', ['1000 rpm', '2.0 bar'], ['3000', '4.0']),
        measured: pairs('x', 'y', ['2000 rpm', '3.4 bar']),
      },
      /^fail/,
    ],
    [
      {
        reference: pairs('x', 'y', ['1000 rpm', '2.0 bar'], ['3000', '4.0']),
        measured: pairs('x', 'y', ['2000 rpm', '3.4 bar']),
        band: '0.5 bar',
      },
      /^pass/,
    ],
  ],
  'ride-height': [
    // 402 − 391 = 11 mm, one more than allowed.
    [
      {
        heights: [
          { at: 'FL', entered: '402 mm' },
          { at: 'FR', entered: '391' },
        ],
      },
      /Front: fail Right hangs 11.mm lower/,
    ],
    [
      {
        heights: [
          { at: 'FL', entered: '402 mm' },
          { at: 'FR', entered: '393' },
        ],
      },
      /Front: pass Left and right within 9.mm/,
    ],
    // Diagonals 7.2 + 7.0 against 6.0 + 6.2 bar: 14.2 and 12.2, 2/13.2 = 15.2 %.
    [
      {
        heights: [
          { at: 'FL', entered: '400 mm' },
          { at: 'FR', entered: '400' },
          { at: 'RL', entered: '400' },
          { at: 'RR', entered: '400' },
        ],
        pressures: [
          { at: 'FL', entered: '7.2 bar' },
          { at: 'FR', entered: '6.0' },
          { at: 'RL', entered: '6.2' },
          { at: 'RR', entered: '7.0' },
        ],
      },
      /Diagonals: fail FL and RR carry 15 % more/,
    ],
  ],
  'urea-concentration': [
    [{ sample: '32.1 %' }, /Solution: pass 32\.1/],
    [{ sample: '31.5 %' }, /Solution: fail 31\.5.% is too thin/],
    [{ sample: '34.0 %' }, /Solution: fail 34\.0/],
  ],
  'voltage-drop': [
    // 84 mV at 120 A: 0.7 mΩ. In all 84 + 60 = 144 mV of 0.5 V.
    [
      { drops: list('84 mV', '60 mV'), current: '120 A' },
      /1: pass 84.mV, 0\.7.mΩ.*In all: pass 144.mV of 500.mV/,
    ],
    // 0.24 V at 80 A: 3 mΩ.
    [{ drops: list('0.24 V', '0.05 V'), current: '80 A' }, /1: fail 0\.24.V, 3\.0.mΩ, more than 0\.10.V/],
    // Each within its limit, together 0.54 V.
    [
      { drops: list('90 mV', '90 mV', '90 mV', '90 mV', '90 mV', '90 mV'), current: '80 A' },
      /In all: fail 540.mV/,
    ],
  ],
  'wheel-speeds': [
    // 47 against 50: 6 %, twice the 3 % allowed.
    [{ wheels: list('50 km/h', '50', '47', '50') }, /3: fail A few percent: tyre size/],
    [{ wheels: list('50 km/h', '50.6', '49.4', '50') }, /^pass They agree/],
    // 38 against 50: 24 %.
    [{ wheels: list('50 km/h', '50', '38', '50') }, /3: fail Far off: ring teeth missing/],
  ],
  'sensor-divider': [
    // 5 V through 2.2 kΩ: 3.0 V is 2.2 · 3/2 = 3.3 kΩ. 1/T linear in ln R between 5.6 kΩ (273.15 K) and 2.4 kΩ
    // (293.15 K): 0.0034112 + 0.3758 · 0.0002498 = 0.0035051, 285.3 K.
    [
      { points: NTC, supply: '5 V', pullup: '2.2 kΩ', resistance: '3.3 kΩ', voltage: '3.0 V', real: '11 °C' },
      /Sensor: pass 3\.3.kΩ stands for 12\.[0-3].°C.*Signal: pass 3\.0.V stands for 12\.[0-3].°C/,
    ],
    // 1.5 V is 2.2 · 1.5/3.5 = 0.943 kΩ, between 20 and 80 °C: about 44.6 °C by the same line.
    [
      { points: NTC, supply: '5 V', pullup: '2.2 kΩ', voltage: '1.5 V', real: '50 °C' },
      /Signal: \w+ 1\.5.V stands for 4[45]\.\d.°C/,
    ],
    // The wire reads 3.4 V: 2.2 · 3.4/1.6 = 4.675 kΩ, 0.0034112 + 0.787 · 0.0002498 = 0.0036078, 277.2 K, while it
    // is 20 °C and the sensor says so: the wiring lies between.
    [
      { points: NTC, supply: '5 V', pullup: '2.2 kΩ', resistance: '2.4 kΩ', voltage: '3.4 V', real: '20 °C' },
      /Sensor: pass .*Signal: fail 3\.4.V stands for 4\.\d.°C.*apart: resistance in the wiring/,
    ],
    // 4.4 V is 16.1 kΩ, beyond what the points say anything of.
    [
      { points: NTC, supply: '5 V', pullup: '2.2 kΩ', voltage: '4.4 V', real: '20 °C' },
      /Signal: unsure .*beyond the points/,
    ],
  ],
  'pressure-hold': [
    // ln(4.0/3.4)/20 min = 0.8 % a minute; 1 − e^(−5 · 0.00813) = 4 %.
    [
      { what: 'fuel, supply side', start: '4.0 bar', end: '3.4 bar', time: '20 min' },
      /pass It lost 0\.6.bar in 20.min, 0\.8 % a minute: 4 % in 5 min/,
    ],
    // ln(4.0/2.2)/20 = 0.0299: 1 − e^(−0.0299) = 2.9 % a minute; 1 − e^(−0.149) = 14 % in 5 min.
    [
      { what: 'fuel, supply side', start: '4.0 bar', end: '2.2 bar', time: '20 min' },
      /pass It lost 1\.8.bar in 20.min, 2\.9 % a minute: 14 % in 5 min/,
    ],
    // ln(4.0/2.6)/5 = 0.0862: 35 % in 5 min.
    [
      { what: 'fuel, supply side', start: '4.0 bar', end: '2.6 bar', time: '300 s' },
      /fail It lost 1\.4.bar in 300.s, 8\.3 % a minute: 35 % in 5 min/,
    ],
  ],
  'fuel-trim': [
    // 2 + 9 = 11: between 10 and 15.
    [
      { scale: 'percent', short: '2 %', long: '9 %', shortFast: '1 %', longFast: '3 %' },
      /Idle: unsure \+11\.0 %.*2500 rpm: pass \+4\.0 %/,
    ],
    [
      { scale: 'percent', short: '4 %', long: '14 %', shortFast: '2 %', longFast: '3 %' },
      /Idle: fail \+18\.0 %/,
    ],
    // The block scale: (134 − 128) · 100/128 = 4.7 %, (160 − 128) · 100/128 = 25 %.
    [{ scale: 'block 0–255', short: '134', long: '160' }, /Idle: fail \+29\.7 %/],
  ],
  'cold-soak': [
    [
      { sensors: [...SOAKED, { at: 'exhaust 1', entered: '33' }] },
      /fail exhaust 1: 33.°C is 12.°C above the others’ 21/,
    ],
    [{ sensors: [...SOAKED, { at: 'exhaust 1', entered: '23' }] }, /^pass They agree \(20.°C to 23.°C\)/],
    // 70 °F are 21.1 °C.
    [{ sensors: [...SOAKED, { at: 'exhaust 1', entered: '70 °F' }] }, /^pass/],
  ],
  'along-a-pipe': [
    // Half way between its neighbours it would be 550 °C.
    [
      { each: list('600 °C', '560', '450', '540') },
      /3: fail 450.°C between 560.°C and 540.°C: off by 100.°C/,
    ],
    [{ each: list('600 °C', '560', '550', '540') }, /^pass/],
    [
      { each: list('1112 °F', '1040', '842', '1004') },
      /3: fail 842.°F between 1040.°F and 1004.°F: off by 180.°F/,
    ],
  ],
};

describeExamples(EXAMPLES);
