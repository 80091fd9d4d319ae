import { describeExamples, type Examples } from './test-examples';

/** What the checks say and refuse at the sides of the usual way: one case for each sentence. */
const list = (...entered: string[]) => entered.map((e, i) => ({ at: String(i + 1), entered: e }));
const steps = (...rows: [command: string, actual: string][]) => ({
  steps: rows.map(([command, actual]) => ({ command, actual })),
});
const truth = (...rows: [truth: string, shown: string][]) => ({
  steps: rows.map(([t, shown]) => ({ truth: t, shown })),
});
const curve = (...rows: [flow: string, pressure: string][]) =>
  rows.map(([flow, pressure]) => ({ flow, pressure }));
const line = (...rows: [x: string, y: string][]) => rows.map(([x, y]) => ({ x, y }));
const CLEAN = curve(['55 m³/h', '28 mbar'], ['140', '66'], ['310', '152']);
const NTC = [
  { temperature: '0 °C', resistance: '5.6 kΩ' },
  { temperature: '20', resistance: '2.4 kΩ' },
  { temperature: '80', resistance: '310 Ω' },
];
const corners = (...entered: string[]) =>
  ['FL', 'FR', 'RL', 'RR'].map((at, k) => ({ at, entered: entered[k]! }));
const LEVEL = corners('402', '399', '411', '408 mm');

const EXAMPLES: Examples = {
  'applied-truth': [
    [truth(['0 bar', '0 V'], ['1', '1'], ['2', '2'], ['3', '3']), /^refused .*give both in one/],
  ],
  'cam-crank': [
    // 360/80 = 4.5°: within the harmless 5°, and just one tooth.
    [
      { wanted: '0°', measured: '4.5°', teeth: '80' },
      /^unsure .*1\.00 of a tooth.*just one tooth\. Look at the marks/,
    ],
    [
      { wanted: '0°', measured: '9°', teeth: '80', free: '10°' },
      /^unsure .*2\.00 of a tooth.*just 2 teeth\. Look at the marks/,
    ],
  ],
  'chain-search': [
    [
      {
        path: [
          { place: 'fuse', found: '' },
          { place: 'plug', found: '' },
        ],
      },
      /Between the source and plug\. Probe fuse next: 5 min/,
    ],
  ],
  'command-actual': [
    [steps(['10 %', '1 V'], ['20', '2'], ['30', '3']), /^refused .*read both in one/],
    [
      steps(['20 %', '20 %'], ['50', '20'], ['80', '50'], ['50', '80'], ['20', '50']),
      /It comes one step late/,
    ],
    [
      steps(['20 %', '80 %'], ['50', '50'], ['80', '20'], ['50', '50'], ['20', '80']),
      /It goes the other way/,
    ],
    [
      steps(['80 %', '80 %'], ['60', '60'], ['40', '45'], ['20', '45'], ['80', '80']),
      /It follows up to 45 %? ?and no lower|no lower, though 20/,
    ],
  ],
  'compression-spread': [
    [{ cylinders: '3', dry: list('0 bar', '0', '0') }, /^unsure No cylinder shows anything/],
    [{ cylinders: '1', dry: list('12 bar') }, /^unsure A single cylinder has no siblings/],
    [{ cylinders: '1', dry: list('12 bar'), least: '10 bar' }, /^pass The lowest is 100.% of the highest\.$/],
    [
      { cylinders: '3', dry: list('12 bar', '11.8', '11.4') },
      /Without the maker’s least, all could be equally low/,
    ],
    [
      { cylinders: '4', dry: list('12 bar', '7.1', '7.4', '12'), wet: list('12', '7.2') },
      /With oil no better \(7\.2.bar\): valves or head gasket.*2 and 3 are low.*head gasket between them/,
    ],
  ],
  'engine-air-flow': [
    // 2 L, 3000 rpm, 20 °C, 100 kPa: 3 m³/min · 1.188 kg/m³ = 59.4 g/s; 80 are 135 %, 40 are 67 %.
    [
      {
        displacement: '2 L',
        speed: '3000 rpm',
        filling: '100 %',
        pressure: '100 kPa',
        temperature: '20 °C',
        metered: '80 g/s',
      },
      /fail It does not fit: the meter shows 80.g\/s, 135.% of what the engine pumps\. Meter reads high/,
    ],
  ],
  'filter-back-pressure': [
    [
      {
        off: '0 mbar',
        clean: CLEAN,
        measured: curve(['58', '9'], ['139', '20'], ['300', '44']),
        band: '40 %',
      },
      /fail Below at every point.*Filter cracked or removed, or a hose off/,
    ],
    [
      { clean: CLEAN, measured: curve(['58', '61'], ['139', '138'], ['300', '402']), band: '40 %' },
      /The filter is blocked, if the sensor reads 0 with the engine off; that was not read/,
    ],
  ],
  'injector-balance': [
    [
      { rest: '4 bar', cylinders: '2', given: 'pressure left', each: list('4.5', '3') },
      /^refused Injector 1: after the pulse there is more pressure/,
    ],
    [
      { rest: '4 bar', cylinders: '2', given: 'drop', each: list('4.5', '3') },
      /^refused Injector 1: it cannot drop by more than was there/,
    ],
    [
      { rest: '4 bar', cylinders: '4', given: 'pressure left', each: list('3') },
      /^refused 1 of 4 injectors were measured/,
    ],
    // 0.05 of 1.1 bar: under 15 %.
    [
      { rest: '4 bar', cylinders: '4', given: 'drop', each: list('1.1', '1.1', '0.05', '1.1') },
      /3: fail Drops only 0\.05.bar: it hardly opens/,
    ],
  ],
  'must-change': [[{ before: '4.5 V', after: '3 bar', want: 'has to fall' }, /^refused /]],
  'nox-conversion': [
    [{ before: '40 ppm', after: '10 ppm' }, /^unsure .*too little comes in to judge by/],
    [{ before: '200 ppm', after: '260 ppm' }, /^unsure More comes out than goes in/],
  ],
  'odd-one-out': [[{ each: list('0.42 Ω', '0.43', '0.43', '0.42'), band: '10 %' }, /^pass/]],
  'parasitic-current': [
    [
      { size: 'mini blade', fuses: [{ name: 'F1', rating: '60', drop: '0.1 mV' }] },
      /^refused There is no mini blade fuse of 60.A in the table/,
    ],
  ],
  'plausible-value': [
    [{ kind: 'manifold pressure, engine off', value: '99 kPa' }, /^refused Give the barometer/],
    [
      { kind: 'manifold pressure, engine off', value: '104 kPa', barometer: '99 kPa' },
      /^fail .*5\.0.kPa above the barometer/,
    ],
    [
      { kind: 'other', value: '3 bar', low: '5 bar', high: '1 bar' },
      /^refused The lower end has to be below/,
    ],
    [{ kind: 'other', value: '3 bar', previous: '1 bar' }, /^refused To judge a jump/],
    [
      { kind: 'other', value: '3 bar', previous: '100 kPa', apart: '2 s', fastest: '50 kPa' },
      /jumped by 2\.?0?.bar in 2.s; no more than 1\.?0?.bar/,
    ],
    [{ kind: 'temperature', value: '3 bar' }, /^refused A temperature needs/],
    [{ kind: '5 V signal', value: '3 bar' }, /^refused /],
    [{ kind: 'share of a range', value: '0.2 %' }, /^fail 0\.2.% is an end of the range/],
  ],
  'power-balance': [
    [{ cylinders: '4', falls: list('0 rpm', '-5', '0', '-2') }, /^unsure Speed falls with none of them/],
    [
      { cylinders: '4', falls: list('40 rpm', '42', '160', '41') },
      /^unsure .*One that is missed more than the others is not weak itself/,
    ],
    [
      { cylinders: '4', falls: list('90 rpm', '18', '88', '92') },
      /2: fail Hardly missed: it gives about 20.% of what/,
    ],
  ],
  'reference-curve': [
    [
      {
        reference: line(['1000 rpm', '2 bar'], ['2000', '3']),
        measured: line(['1000 rpm', '2 V'], ['2000', '3']),
      },
      /^refused /,
    ],
    [
      {
        reference: line(['1000 rpm', '2 bar'], ['2000', '3']),
        measured: line(['3000 rpm', '2 bar'], ['4000', '3']),
      },
      /^unsure No point lies where/,
    ],
    [
      {
        reference: line(['1000 rpm', '2 bar'], ['2000', '3'], ['3000', '4']),
        measured: line(['1000 rpm', '1 bar'], ['2000', '3'], ['3000', '4']),
      },
      /Off at 1 of 3 points/,
    ],
    [
      { reference: line(['1000 rpm', '2 bar'], ['2000', '3']), measured: line(['1500 rpm', '2.5 bar']) },
      /^pass Inside the band at the one point judged/,
    ],
  ],
  'ride-height': [
    // FL + RR = 16.4, FR + RL = 16.4.
    [
      { heights: LEVEL, pressures: corners('8.1 bar', '8.2', '8.2', '8.3') },
      /Diagonals: pass The two diagonals carry alike \(0.% apart\)/,
    ],
    // 18 against 14: 4/16 = 25 %.
    [
      { heights: LEVEL, pressures: corners('9 bar', '7', '7', '9') },
      /Diagonals: fail FL and RR carry 25.% more/,
    ],
    [
      { heights: LEVEL, pressures: corners('7 bar', '9', '9', '7') },
      /Diagonals: fail FR and RL carry 25.% more/,
    ],
    [
      { heights: LEVEL, pressures: [{ at: 'FL', entered: '8 bar' }] },
      /Diagonals: unsure All four pressures are needed/,
    ],
    [{ heights: [{ at: 'FL', entered: '402 mm' }] }, /Front: unsure Only one side was measured/],
    [{ heights: [{ at: 'roof', entered: '402 mm' }] }, /^refused "roof" is no corner/],
  ],
  'sensor-divider': [
    [{ points: NTC, supply: '5 V' }, /^refused Give the sensor’s resistance or the signal voltage/],
    [{ points: NTC, supply: '5 V', voltage: '3 V' }, /^refused .*the resistor in the controller is needed/],
    [{ points: NTC, supply: '5 V', resistance: '2.4 kΩ' }, /Sensor: +2\.4.kΩ stands for 20\.0.°C\.$/],
    [{ points: NTC, supply: '5 V', resistance: '0 Ω' }, /Sensor: fail 0 Ω: shorted inside/],
    [
      { points: NTC, supply: '5 V', pullup: '2.2 kΩ', voltage: '0.05 V' },
      /Signal: fail 0\.05.V: the signal is shorted to ground/,
    ],
    [
      { points: NTC, supply: '5 V', pullup: '2.2 kΩ', voltage: '4.95 V' },
      /Signal: fail 4\.95.V is the supply itself/,
    ],
    // ln(2400/900)/ln(2400/310) = 0.479 of the way from 20 to 80 °C in a table of four: 900 Ω is a point of it.
    [
      { points: [...NTC, { temperature: '50', resistance: '900 Ω' }], supply: '5 V', resistance: '900 Ω' },
      /stands for 50\.0.°C/,
    ],
    [
      {
        points: [...NTC.slice(0, 2), { temperature: '80', resistance: '3 kΩ' }],
        supply: '5 V',
        resistance: '900 Ω',
      },
      /^refused .*two of them contradict each other/,
    ],
  ],
  'two-sensors': [
    [
      {
        purpose: 'they have to agree',
        run: [0, 1, 2, 3, 4].map((t) => ({ time: `${t} s`, first: `${t} °C`, second: `${t} bar` })),
      },
      /^refused /,
    ],
  ],
  'voltage-drop': [
    [
      { drops: [{ at: 'cable', entered: '20 mV' }] },
      /cable: unsure 20.mV\. .*In all: unsure .*small drops prove nothing unless the load was on/,
    ],
    [{ drops: [{ at: 'cable', entered: '620 mV' }] }, /cable: fail 620.mV, more than/],
    // 20 mV/100 A = 0.2 mΩ.
    [{ drops: [{ at: 'cable', entered: '20 mV' }], current: '100 A' }, /cable: pass 20.mV, 0\.2.mΩ/],
  ],
  'switched-feed': [
    [{ supply: '12.6 V' }, /^unsure Nothing measured yet: begin with the feed/],
    [
      { supply: '12.6 V', in_on: '12.6 V', feed_on: '0 V', substitute: 'never works' },
      /^fail .*open feed wire/,
    ],
    [
      { supply: '12.6 V', feed_off: '12.6 V', substitute: 'works all the time' },
      /^fail .*switch or driver stuck on/,
    ],
    [
      { supply: '12.6 V', in_on: '12.6 V', out_on: '0 V', feed_on: '12.6 V', return_on: '12 V' },
      /^unsure .*No single fault explains it all/,
    ],
  ],
};

describeExamples(EXAMPLES);
