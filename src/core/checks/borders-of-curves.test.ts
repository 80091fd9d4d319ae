import { describe, expect, it } from 'vitest';
import { checkOf, runCheck, type Typed } from './index';
import { holds } from './test-borders';

/** Borders of checks that hold readings against a curve, from both sides, and what checks say of causes; worked by hand. */

const held = (start: string, end: string, time: string): Typed => ({ what: 'oil', start, end, time });
holds('pressure-hold', [
  [
    'a gauge that has not moved in 12 s shows nothing',
    held('3.8 bar', '3.8 bar', '0.2 min'),
    /unsure.*0 % to 48 % in 5 min.*Wait the 5 min/,
  ],
  ['nor one that has moved by a digit', held('3.8 bar', '3.7 bar', '0.2 min'), /unsure/, /fail/],
  ['a finer one does: 0 to 6 %', held('3.80 bar', '3.80 bar', '0.2 min'), /^\|pass/],
  ['half of it gone in a minute is plain', held('3.8 bar', '1.9 bar', '1 min'), /^\|fail/],
  [
    'after the five minutes it counts as it is read',
    held('3.8 bar', '3.1 bar', '5 min'),
    /^\|pass.*18 % in 5 min, 20 % allowed/,
  ],
  ['20 % and a little more', held('3.8 bar', '3.0 bar', '5 min'), /^\|fail.*21 % in 5 min/],
]);

const air = (metered: string, more: Typed = {}): Typed => ({
  displacement: '2.0 L',
  speed: '3000 rpm',
  strokes: 'four-stroke',
  show: 'm³/h',
  metered,
  ...more,
});
// 2.0 L at 3000 rpm, four-stroke: 3 m³ a minute, 50 L/s; at 1.204 g/L (dry air, 20 °C, 101.325 kPa) 60.2 g/s.
holds('engine-air-flow', [
  ['as much as it pumps', air('60 g/s', { filling: '100 %' }), /pass\|It fits/],
  ['86 % fits', air('52 g/s', { filling: '100 %' }), /pass/],
  ['84 % does not', air('50.5 g/s', { filling: '100 %' }), /fail\|It does not fit: .*Dirty or false meter/],
  [
    'too little where nobody said how far the throttle was open',
    air('8 g/s'),
    /unsure\|It does not fit a throttle wide open: .*13 %.*give the filling or the intake pressure/,
    /fail/,
  ],
  ['with the intake pressure of that moment', air('8 g/s', { pressure: '35 kPa' }), /fail/],
  [
    'too much is too much however far it was open',
    air('75 g/s'),
    /fail\|It does not fit: .*Meter reads high/,
  ],
]);

const battery = (rest: string, measured = '', rated = '', type = 'flooded'): Typed => ({
  type,
  rest,
  measured,
  rated,
});
holds('battery-rest', [
  ['13.1 V is still a charge', battery('13.1 V'), /^Charge\|pass\|13\.1 V is about 100 % full\./, /surface/],
  ['13.2 V is a surface charge', battery('13.2 V'), /^Charge\|unsure\|13\.2 V is surface charge/],
  ['10.5 V is empty', battery('10.5 V'), /^Charge\|fail\|10\.5 V is about 0 % full: charge it/],
  ['10.4 V is below empty', battery('10.4 V'), /^Charge\|fail\|10\.4 V is below empty/],
  [
    '12.45 V is 75 %: enough',
    battery('12.45 V'),
    /^Charge\|pass\|12\.45 V is about 75 % full\.\n/,
    /charge it before/,
  ],
  [
    '12.44 V is a little less',
    battery('12.44 V'),
    /^Charge\|unsure\|12\.44 V is about 74 % full: charge it before/,
  ],
  ['12.24 V is half', battery('12.24 V'), /^Charge\|unsure\|12\.24 V is about 50 % full/],
  ['12.23 V is less than half', battery('12.23 V'), /^Charge\|fail/],
  [
    'AGM stands higher: 12.3 V is half',
    battery('12.3 V', '', '', 'AGM or gel'),
    /^Charge\|unsure\|12\.3 V is about 50 % full/,
  ],
  [
    '80 % of the rating is good',
    battery('12.6 V', '480', '600 CCA'),
    /Plates\|pass\|80 % of the rating is left\.$/,
  ],
  ['79 % is ageing', battery('12.6 V', '474', '600 CCA'), /Plates\|unsure\|79 % of the rating: ageing/],
  [
    '60 % is ageing',
    battery('12.6 V', '360', '600 CCA'),
    /Plates\|unsure\|60 % of the rating: ageing/,
    /worn/,
  ],
  [
    '59 % is worn',
    battery('12.6 V', '354', '600 CCA'),
    /Plates\|fail\|59 % of the rating is left: worn out\./,
  ],
  [
    'worn at half charge still counts',
    battery('12.24 V', '300', '600 CCA'),
    /Plates\|fail\|50 % of the rating is left: worn out/,
  ],
  [
    'below half charge it is not condemned',
    battery('12.2 V', '300', '600 CCA'),
    /Plates\|unsure\|50 % of the rating while nearly empty: charge and test again before condemning it\./,
    /worn/,
  ],
  ['one figure alone says nothing', battery('12.6 V', '300'), /Plates\|unsure\|Both figures are needed/],
  ['nor does the other', battery('12.6 V', '', '600 CCA'), /Plates\|unsure\|Both figures are needed/],
  [
    'voltage says nothing of wear',
    battery('12.6 V'),
    /Plates\|unsure\|Voltage shows its charge, not its wear/,
  ],
]);

const curve = (x: string, y: string, pairs: [number, number][], names = ['flow', 'pressure']) =>
  pairs.map(([a, b]) => ({ [names[0]!]: `${a} ${x}`, [names[1]!]: `${b} ${y}` }));
const filter = (measured: [number, number][], off = '0 mbar'): Typed => ({
  off,
  clean: curve('m³/h', 'mbar', [
    [50, 20],
    [150, 60],
    [300, 150],
  ]),
  measured: curve('m³/h', 'mbar', measured),
});
holds('filter-back-pressure', [
  [
    'within 40 % of clean at half the flow and more',
    filter([
      [50, 22],
      [150, 84],
    ]),
    /Filter\|pass/,
  ],
  [
    '41 % above at both is blocked',
    filter([
      [50, 29],
      [150, 85],
    ]),
    /Filter\|fail.*The filter is blocked\.$/,
  ],
  [
    '40 % below is within',
    filter([
      [150, 36],
      [300, 90],
    ]),
    /Filter\|pass/,
  ],
  [
    'more below is no filter',
    filter([
      [150, 35],
      [300, 89],
    ]),
    /Filter\|fail.*cracked or removed, or a hose off/,
  ],
  [
    'a clean reading at idle acquits nothing',
    filter([[50, 21]]),
    /Filter\|unsure.*Little flowed: .*Read it again at a higher speed, up to about 300 m³\/h/,
    /pass\|.*within/,
  ],
  [
    'nor just under half of the highest flow',
    filter([
      [50, 21],
      [149, 60],
    ]),
    /Filter\|unsure/,
  ],
  // Clean at 50 m³/h is 20 mbar: 50 is 30 above it, no more than ten times what the sensor may be off by.
  ['30 mbar too much at idle alone may be the sensor', filter([[50, 50]]), /Filter\|unsure/, /blocked\./],
  ['31 is plain', filter([[50, 51]]), /Filter\|fail.*The filter is blocked\./],
  ['too little at idle is no cracked filter', filter([[50, 8]]), /Filter\|unsure.*Little flowed/, /cracked/],
  [
    'nor is what differs at one idle speed of two',
    filter([
      [50, 21],
      [60, 40],
    ]),
    /Filter\|unsure.*Little flowed/,
    /fail/,
  ],
  [
    'too little through a sensor that nobody read at rest',
    filter(
      [
        [150, 30],
        [300, 80],
      ],
      '',
    ),
    /Filter\|fail.*or a sensor that reads too low: it was not read/,
  ],
  [
    'nothing within the clean curve is nothing judged',
    filter([[400, 500]]),
    /Filter\|unsure/,
    /Little flowed|blocked/,
  ],
  ['the sensor may be 3 mbar off at rest', filter([[300, 150]], '3 mbar'), /Sensor\|pass.*\nFilter\|pass/s],
  ['either way', filter([[300, 150]], '-3 mbar'), /Sensor\|pass/],
  [
    '4 mbar off, the filter is not judged',
    filter([[300, 150]], '4 mbar'),
    /Sensor\|fail.*\nFilter\|unsure\|Not judged/s,
  ],
  ['nor at −4', filter([[300, 450]], '-4 mbar'), /Sensor\|fail.*\nFilter\|unsure\|Not judged/s],
  [
    'blocked with a sensor that nobody read at rest',
    filter([[300, 450]], ''),
    /^Filter\|fail.*blocked, if the sensor reads 0 with the engine off; that was not read\.$/,
  ],
  [
    'clean with such a sensor',
    filter([[300, 150]], ''),
    /^Filter\|pass.*That holds if the sensor reads 0 with the engine off; that was not read\.$/,
  ],
]);

const reference = (measured: Typed[string], band = ''): Typed => ({
  reference: curve(
    'rpm',
    'bar',
    [
      [1000, 2],
      [2000, 3],
      [4000, 5],
    ],
    ['x', 'y'],
  ),
  measured,
  ...(band ? { band } : {}),
});
const readings = (x: string, y: string, pairs: [number, number][]) => curve(x, y, pairs, ['x', 'y']);
holds('reference-curve', [
  // Half way from 2000 to 4000 the line is at 4 bar.
  ['10 % off the line is within', reference(readings('rpm', 'bar', [[3000, 4.4]])), /pass/],
  ['more is not', reference(readings('rpm', 'bar', [[3000, 4.5]])), /fail/],
  ['in another unit', reference(readings('rpm', 'kPa', [[3000, 440]])), /pass/],
  ['and beyond', reference(readings('rpm', 'kPa', [[3000, 450]])), /fail/],
  ['a stated share', reference(readings('rpm', 'bar', [[3000, 3.8]]), '5 %'), /pass/],
  ['below it', reference(readings('rpm', 'bar', [[3000, 3.7]]), '5 %'), /fail/],
  ['a stated amount', reference(readings('rpm', 'bar', [[1000, 2.5]]), '0.5 bar'), /pass/],
  ['less than it is off by', reference(readings('rpm', 'bar', [[1000, 2.5]]), '0.4 bar'), /fail/],
  ['an amount in another unit', reference(readings('rpm', 'bar', [[1000, 2.5]]), '50 kPa'), /pass/],
  ['a bare amount is in the measured unit', reference(readings('rpm', 'bar', [[1000, 2.5]]), '0.4'), /fail/],
  ['and wide enough', reference(readings('rpm', 'bar', [[1000, 2.5]]), '0.6'), /pass/],
  ['beyond the ends nothing is judged', reference(readings('rpm', 'bar', [[5000, 9]])), /unsure/, /fail/],
  [
    'units that do not compare are refused at their field',
    reference(readings('rpm', 'V', [[1000, 2]])),
    /refused.*"field":"reference".*measures pressure/,
  ],
  [
    'of percentages, percent are points',
    {
      reference: readings('rpm', '%', [
        [1000, 20],
        [2000, 20],
      ]),
      measured: readings('rpm', '%', [[1500, 24]]),
      band: '5 %',
    },
    /pass/,
  ],
]);

describe('what checks say of causes', () => {
  const speaks = (id: string, typed: Typed) => {
    const result = runCheck(checkOf(id)!, typed);
    return result.state === 'done'
      ? result.findings.flatMap((f) => (f.speaks ?? []).map((s) => `${s.says} ${s.part}, ${s.failure}`))
      : result.state;
  };
  it.each<[string, Typed, string[]]>([
    [
      'filter-back-pressure',
      filter([
        [50, 22],
        [300, 160],
      ]),
      ['against particle filter, blocked'],
    ],
    [
      'filter-back-pressure',
      filter([
        [150, 100],
        [300, 400],
      ]),
      ['for particle filter, blocked'],
    ],
    // An unread sensor, a reading at idle, a hose off: nothing is said of a blocked filter.
    ['filter-back-pressure', filter([[300, 160]], ''), []],
    ['filter-back-pressure', filter([[50, 22]]), []],
    [
      'filter-back-pressure',
      filter([
        [150, 20],
        [300, 50],
      ]),
      [],
    ],
    [
      'filter-back-pressure',
      filter([[300, 160]], '20 mbar'),
      ['for differential pressure sensor, wrong reading'],
    ],
    // That the throttle was wide open is a guess, and acquits no meter.
    ['engine-air-flow', air('60 g/s'), []],
    ['engine-air-flow', air('60 g/s', { filling: '100 %' }), ['against air-flow meter, wrong reading']],
    ['engine-air-flow', air('60 g/s', { pressure: '101.3 kPa' }), ['against air-flow meter, wrong reading']],
    ['battery-rest', battery('12.6 V', '480', '600 CCA'), ['against battery, aged']],
    ['battery-rest', battery('12.6 V', '354', '600 CCA'), ['for battery, aged']],
    ['battery-rest', battery('12.6 V', '400', '600 CCA'), []],
    ['battery-rest', battery('12.1 V', '300', '600 CCA'), []],
    ['battery-rest', battery('12.6 V'), []],
  ])('%s %#', (id, typed, said) => expect(speaks(id, typed)).toEqual(said));
});
