import type { Typed } from './index';
import { holds } from './test-borders';

/** Borders of checks of rows in order and of applied values, from both sides; worked by hand from what each check names. */

const pipe = (unit: string, values: number[], band = ''): Typed => ({
  each: values.map((v, i) => ({ at: String(i + 1), entered: `${v} ${unit}` })),
  ...(band ? { band } : {}),
});
const hot = (...values: number[]) => pipe('°C', values);
holds('along-a-pipe', [
  [
    '40 °C above both neighbours is within 40',
    hot(400, 440, 400),
    /^\|pass\|Each agrees with its neighbours within 40 °C/,
  ],
  ['41 is not', hot(400, 441, 400), /^2\|fail\|441 °C between 400 °C and 400 °C: off by 41 °C/],
  ['nor 41 below', hot(400, 359, 400), /^2\|fail\|359 °C between 400 °C and 400 °C: off by 41 °C/],
  [
    'one that lies between its neighbours is on the way up',
    hot(400, 441, 482),
    /unsure\|None lies off/,
    /fail/,
  ],
  ['and on the way down', hot(482, 441, 400), /unsure\|None lies off/, /fail/],
  ['neighbours 40 apart agree: off by 80 from their middle', hot(400, 500, 440), /^2\|fail\|.*off by 80 °C/],
  ['neighbours 41 apart do not', hot(400, 500, 441), /unsure\|None lies off/, /fail/],
  ['far from one neighbour only is no sensor', hot(400, 405, 460), /unsure\|None lies off/, /fail/],
  ['nor from the other', hot(460, 405, 400), /unsure\|None lies off/, /fail/],
  [
    'a step at the end says nothing of a sensor',
    hot(400, 500, 500, 500),
    /^1 to 2\|\|A step of 100 °C at the end of the row.*\n\|unsure\|None lies off two agreeing/,
  ],
  ['nor at the other end', hot(500, 500, 500, 380), /^3 to 4\|\|A step of 120 °C at the end/],
  [
    'a step in between is the place',
    hot(400, 410, 500, 510),
    /^2 to 3\|unsure\|A step of 90 °C in between/,
    /None lies off/,
  ],
  ['one that is off is not a step as well', hot(400, 500, 400, 400), /^2\|fail\|[^\n]*$/],
  [
    'beside it, a step elsewhere is said too',
    hot(400, 500, 400, 400, 300),
    /^2\|fail.*\n4 to 5\|\|A step of 100 °C/,
    /None lies off/,
  ],
  ['a stated band is wider', pipe('°C', [400, 490, 400], '90 °C'), /pass\|.*within 90 °C/],
  ['or narrower', pipe('°C', [400, 421, 400], '20 °C'), /^2\|fail/],
  ['a bare one is in the readings’ unit', pipe('°C', [400, 421, 400], '20'), /^2\|fail/],
  ['and wide enough', pipe('°C', [400, 420, 400], '20'), /pass/],
  // 40 °C apart are 72 °F apart.
  ['in °F a difference of 72 is the usual band', pipe('°F', [750, 822, 750]), /pass/],
  ['73 is above it', pipe('°F', [750, 823, 750]), /^2\|fail/],
  ['a band in °C is a difference in °F', pipe('°F', [750, 787, 750], '20 °C'), /^2\|fail/],
  ['36 °F are 20 °C', pipe('°F', [750, 786, 750], '20 °C'), /pass/],
  ['pressures: a tenth of the largest', pipe('bar', [2, 2.2, 2]), /pass/],
  ['more than a tenth', pipe('bar', [2, 2.3, 2]), /^2\|fail/],
  ['of the largest, not the least', pipe('bar', [2, 2.22, 2, 3]), /3 to 4/, /fail/],
  ['a stated share', pipe('bar', [2, 2.1, 2], '5 %'), /pass/],
  ['just above it', pipe('bar', [2, 2.12, 2], '5 %'), /^2\|fail/],
  ['of percentages, percent are points', pipe('%', [50, 54, 50], '5 %'), /pass/],
  ['six points are more than five', pipe('%', [50, 56, 50], '5 %'), /^2\|fail/],
  ['all at zero agree', pipe('bar', [0, 0, 0]), /pass/],
]);

const applied = (unit: string, pairs: [number, number][], band = ''): Typed => ({
  steps: pairs.map(([truth, shown]) => ({ truth: `${truth} ${unit}`, shown: `${shown} ${unit}` })),
  ...(band ? { band } : {}),
});
holds('applied-truth', [
  [
    '3 % of the span is within it',
    applied('mbar', [
      [0, 0],
      [250, 257.5],
      [500, 515],
    ]),
    /pass\|It is never more than 15\.0 mbar off/,
  ],
  [
    'a little more is not',
    applied('mbar', [
      [0, 0],
      [250, 258],
      [500, 516],
    ]),
    /fail\|At 500 mbar it is off by 16\.0 mbar, by gain: it shows 103 %/,
  ],
  [
    'the span begins at the lowest, not at zero',
    applied('mbar', [
      [400, 400],
      [450, 452],
      [500, 504],
    ]),
    /fail/,
  ],
  [
    'a stated share is of the span',
    applied(
      'mbar',
      [
        [0, 0],
        [250, 255],
        [500, 510],
      ],
      '2 %',
    ),
    /pass/,
  ],
  [
    'above it',
    applied(
      'mbar',
      [
        [0, 0],
        [250, 255.5],
        [500, 511],
      ],
      '2 %',
    ),
    /fail/,
  ],
  [
    'a stated amount',
    applied(
      'mbar',
      [
        [0, 20],
        [250, 270],
        [500, 520],
      ],
      '20 mbar',
    ),
    /pass/,
  ],
  [
    'in another unit',
    applied(
      'mbar',
      [
        [0, 20],
        [250, 270],
        [500, 520],
      ],
      '2 kPa',
    ),
    /pass/,
  ],
  [
    'below it',
    applied(
      'mbar',
      [
        [0, 20],
        [250, 270],
        [500, 520],
      ],
      '19 mbar',
    ),
    /fail/,
  ],
  [
    'a bare amount is in the unit applied',
    applied(
      'mbar',
      [
        [0, 20],
        [250, 270],
        [500, 520],
      ],
      '19',
    ),
    /fail/,
  ],
  [
    'of percentages, percent are points',
    applied(
      '%',
      [
        [0, 0],
        [25, 27],
        [50, 54],
      ],
      '5 %',
    ),
    /pass/,
  ],
  [
    'and not more',
    applied(
      '%',
      [
        [0, 0],
        [25, 27],
        [50, 54],
      ],
      '3 %',
    ),
    /fail/,
  ],
  [
    'the same everywhere is an offset',
    applied('mbar', [
      [0, 20],
      [250, 270],
      [500, 520],
    ]),
    /fail\|.*by the same everywhere: offset/,
  ],
  // Offset 20; the gain of 1.02 makes 10 over the span.
  [
    'more offset than gain',
    applied('mbar', [
      [0, 20],
      [250, 275],
      [500, 530],
    ]),
    /by the same everywhere/,
    /by gain/,
  ],
  // Offset 10; the gain of 1.04 makes 20.
  [
    'more gain than offset',
    applied('mbar', [
      [0, 10],
      [250, 270],
      [500, 530],
    ]),
    /by gain: it shows 104 %/,
    /same everywhere/,
  ],
  [
    'a gain below one',
    applied('mbar', [
      [0, 0],
      [250, 200],
      [500, 400],
    ]),
    /by gain: it shows 80 %/,
  ],
  [
    'a gain below one with a larger offset',
    applied('mbar', [
      [0, -30],
      [250, 210],
      [500, 450],
    ]),
    /by gain|same everywhere/,
  ],
  [
    'a bend in the middle',
    applied('mbar', [
      [0, 0],
      [250, 300],
      [500, 500],
    ]),
    /fail\|.*and not straight \(up to 33\.3 mbar from a line\)/,
  ],
  [
    'a bend within the band is none',
    applied('mbar', [
      [0, 40],
      [250, 300],
      [500, 540],
    ]),
    /same everywhere/,
    /not straight/,
  ],
  [
    'two steps show no bend, and it says so',
    applied('mbar', [
      [0, 0],
      [500, 600],
    ]),
    /by gain: it shows 120 %[^]*\n\|\|Two steps cannot show a bent line; take a third between\.$/,
  ],
  [
    'three do not say it',
    applied('mbar', [
      [0, 0],
      [250, 250],
      [500, 500],
    ]),
    /^\|pass\|[^\n]*$/,
  ],
  [
    'two units that do not compare are refused',
    {
      steps: [
        { truth: '0 mbar', shown: '0.5 V' },
        { truth: '500 mbar', shown: '4.5 V' },
      ],
    },
    /refused.*Applied in mbar, shown in V; give both in one\./,
  ],
]);

const urea = (sample: string, sensor = ''): Typed => ({ sample, sensor });
holds('urea-concentration', [
  // ISO 22241-1: 31.8 to 33.2 % by mass.
  ['31.8 % is in', urea('31.8 %'), /^Solution\|pass\|31\.8 % is between 31\.8 and 33\.2 %\.$/],
  ['31.7 % is too thin', urea('31.7 %'), /^Solution\|fail\|31\.7 % is too thin/, /thick/],
  ['33.2 % is in', urea('33.2 %'), /^Solution\|pass/],
  ['33.3 % is too thick', urea('33.3 %'), /^Solution\|fail\|33\.3 % is too thick/, /thin/],
  [
    'a sensor 1.5 above agrees',
    urea('32.5 %', '34.0 %'),
    /Sensor\|pass\|The tank sensor agrees with the sample \(34\.0 %\)\./,
  ],
  [
    '1.6 above does not',
    urea('32.5 %', '34.1 %'),
    /Sensor\|fail\|The tank sensor says 34\.1 % for a sample of 32\.5 %/,
  ],
  ['1.5 below agrees', urea('32.5 %', '31.0 %'), /Sensor\|pass/],
  [
    'beside a bad fluid, both are named',
    urea('20 %', '30 %'),
    /too thin[^]*Sensor\|fail.*as well as the fluid\.$/,
  ],
  ['1.6 below does not', urea('32.5 %', '30.9 %'), /Sensor\|fail/],
]);
