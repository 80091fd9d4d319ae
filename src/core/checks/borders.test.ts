import { holds, type Border } from './test-borders';
import type { Typed } from './index';

/**
 * Each border of a check from both sides, and what decides between two sentences: worked by hand from the limits that
 * the check names (its `source`). An equal sign that moves, or a word that is left out, shows here.
 */
const AIR = /air that nobody meters/;
const FUEL = /fuel supply or an air meter/;
holds('fuel-trim', [
  [
    'idle + 12, fast + 5: less than half',
    { short: '2', long: '10', shortFast: '1', longFast: '4' },
    AIR,
    FUEL,
  ],
  [
    'idle + 12, fast + 6: half is not less than half',
    { short: '2', long: '10', shortFast: '2', longFast: '4' },
    /Idle\|unsure/,
    AIR,
  ],
  [
    'idle + 10 is inside, whatever it is at speed',
    { short: '2', long: '8', shortFast: '0', longFast: '1' },
    /Idle\|pass/,
    AIR,
  ],
  [
    'idle + 12, fast − 12: rich at speed is no air leak',
    { short: '2', long: '10', shortFast: '-2', longFast: '-10' },
    /2500 rpm\|unsure/,
    AIR,
  ],
  ['fast + 16, idle + 7', { short: '1', long: '6', shortFast: '1', longFast: '15' }, FUEL, AIR],
  [
    'fast + 16, idle + 8: half of it',
    { short: '1', long: '7', shortFast: '1', longFast: '15' },
    /2500 rpm\|fail/,
    FUEL,
  ],
  ['fast + 10 is inside', { short: '0', long: '1', shortFast: '1', longFast: '9' }, /2500 rpm\|pass/, FUEL],
  [
    'fast + 16, idle − 12: rich at idle is no starved engine',
    { short: '-2', long: '-10', shortFast: '1', longFast: '15' },
    /2500 rpm\|fail/,
    FUEL,
  ],
  [
    'without the figures at speed neither is said',
    { short: '4', long: '16' },
    /Idle\|fail/,
    /air that nobody|fuel supply or/,
  ],
  [
    'good at idle alone says what it does not show',
    { short: '1', long: '2' },
    /Only at idle: fuel that does not arrive under flow shows at speed/,
  ],
  [
    'with the figures at speed it does not',
    { short: '1', long: '2', shortFast: '1', longFast: '1' },
    /Idle\|pass/,
    /Only at idle/,
  ],
  [
    'bank 2 does not say it of idle',
    { short: '1', long: '2', short2: '1', long2: '2', shortFast: '1', longFast: '1' },
    /Bank 2, idle\|pass/,
    /Only at idle/,
  ],
  [
    'banks 10 apart are alike',
    { short: '1', long: '6', short2: '-1', long2: '-2' },
    /Bank 2, idle\|pass/,
    /One bank only/,
  ],
  ['banks 11 apart are not', { short: '1', long: '6', short2: '-1', long2: '-3' }, /One bank only/],
  [
    'both banks lean alike: nothing of one bank',
    { short: '1', long: '6', short2: '1', long2: '5' },
    /Bank 2, idle\|pass/,
    /One bank only/,
  ],
  ['a long term of 25 has gone as far as it can', { short: '1', long: '25' }, /gone about as far as it can/],
  ['a long term of 24.9 has not', { short: '1', long: '24.9' }, /Idle\|fail/, /gone about/],
  [
    'nothing at all is neither lean nor rich, and has no sign',
    { short: '0', long: '0' },
    /Idle\|pass\|0\.0 %/,
    /\+0/,
  ],
  [
    '5 on the block scale is 96 % taken away: no engine runs so',
    { scale: 'block 0–255', short: '5', long: '21' },
    /"field":"scale"|choose that scale/,
  ],
  // (52 − 128) × 100 / 128 = −59.4; (51 − 128) × 100 / 128 = −60.2.
  ['52 is still read', { scale: 'block 0–255', short: '128', long: '52' }, /Idle\|fail\|−59\.4 %/],
  ['51 is not', { scale: 'block 0–255', short: '128', long: '51' }, /choose that scale/],
]);

const corners = (unit: string, ...[fl, fr, rl, rr]: string[]) =>
  Object.entries({ FL: fl, FR: fr, RL: rl, RR: rr }).flatMap(([at, v]) =>
    v ? [{ at, entered: `${v} ${unit}` }] : [],
  );
const heights = corners('mm', '400', '400', '410', '410');
holds('ride-height', [
  [
    '10 mm from the maker’s height is level',
    { heights: corners('mm', '390', '390', '410', '410'), front: '400', rear: '410', pressures: [] },
    /Front\|pass/,
    /too low|too high/,
  ],
  [
    '11 mm is too low, on its side',
    { heights: corners('mm', '389', '399', '410', '410'), front: '400', rear: '410', pressures: [] },
    /FL\|fail\|389 mm is 11 mm too low/,
  ],
  [
    '12 mm above is too high',
    { heights: corners('mm', '400', '400', '422', '422'), front: '400', rear: '410', pressures: [] },
    /RL\|fail\|422 mm is 12 mm too high/,
  ],
  [
    'left and right 10 mm apart are level',
    { heights: corners('mm', '395', '405', '410', '410'), pressures: [] },
    /Front\|pass\|Left and right within 10 mm/,
  ],
  [
    '11 mm apart: the lower one is named',
    { heights: corners('mm', '394', '405', '410', '410'), pressures: [] },
    /Front\|fail\|Left hangs 11 mm lower/,
  ],
  [
    'and on the other side',
    { heights: corners('mm', '400', '400', '421', '410'), pressures: [] },
    /Rear\|fail\|Right hangs 11 mm lower/,
  ],
  [
    'one side alone tells nothing of the axle',
    { heights: corners('mm', '400', '400', '410', ''), pressures: [] },
    /Rear\|unsure\|Only one side/,
  ],
  // (10 + 10) against (8.6 + 8.6): 2.8 of 18.6, 15.05 %; against 8.7: 13.9 %.
  [
    'diagonals 14 % apart carry alike',
    { heights, pressures: corners('bar', '10', '8.7', '8.7', '10') },
    /Diagonals\|pass\|The two diagonals carry alike/,
  ],
  [
    '15.1 % apart it stands twisted',
    { heights, pressures: corners('bar', '10', '8.6', '8.6', '10') },
    /Diagonals\|fail\|FL and RR carry/,
  ],
  [
    'the other way',
    { heights, pressures: corners('bar', '8.6', '10', '10', '8.6') },
    /Diagonals\|fail\|FR and RL carry/,
  ],
  // 2 × 1.075 against 2 × 0.925: 0.3 of 2, just 15 %.
  [
    'exactly 15 % carries alike',
    {
      heights,
      pressures: corners('bar', '1.075', '0.925', '0.925', '1.075').map((r) => ({
        ...r,
        entered: r.entered.replace(' bar', '0 bar'),
      })),
    },
    /Diagonals\|pass/,
  ],
  ...['FL', 'FR', 'RL', 'RR'].map((gone): Border => [
    `three pressures, ${gone} missing, tell nothing`,
    { heights, pressures: corners('bar', '10', '5', '10', '10').filter((r) => r.at !== gone) },
    /Diagonals\|unsure\|All four pressures/,
  ]),
  ['no pressure at all is not asked about', { heights, pressures: [] }, /Rear\|pass/, /Diagonals/],
]);

holds('must-change', [
  [
    'a unit at the second alone holds for the first',
    { before: '450', after: '0 mV', want: 'has to fall' },
    /pass/,
  ],
  [
    'a unit at the first alone holds for the second',
    { before: '450 mV', after: '0', want: 'has to fall' },
    /pass/,
  ],
  [
    '0.45 V and 430 mV are 20 mV apart',
    { before: '0.45 V', after: '430 mV', want: 'has to fall', least: '10 mV' },
    /pass\|It fell by 0\.02 V/,
  ],
  [
    'other kinds of unit are refused at the second field',
    { before: '4 V', after: '3 bar', want: 'has to fall' },
    /"after"/,
  ],
  [
    'nothing moved',
    { before: '4.48 V', after: '4.48 V', want: 'has to fall' },
    /fail\|It did not change at all; it has to fall/,
    /that counts/,
  ],
  [
    '20 % of 4 V are 0.8 V: 0.9 counts',
    { before: '4.0 V', after: '3.1 V', want: 'has to fall', least: '20 %' },
    /pass/,
  ],
  [
    '0.7 does not',
    { before: '4.0 V', after: '3.3 V', want: 'has to fall', least: '20 %' },
    /fail\|It fell by 0\.7 V, less than the 0\.8 V that counts/,
  ],
  [
    'of a percentage, percent are its own',
    { before: '40 %', after: '35 %', want: 'has to fall', least: '4 %' },
    /pass/,
  ],
  [
    '4 % are not 4 % of 40',
    { before: '40 %', after: '37 %', want: 'has to fall', least: '4 %' },
    /fail\|It fell by 3 %, less than the 4 % that counts/,
  ],
  // 2 % of the larger, 100: 2. From 100 to 98.5 is less, also the other way round.
  [
    '2 % of the larger of the two where nothing is said',
    { before: '98.5 kPa', after: '100.0 kPa', want: 'has to rise' },
    /fail\|It rose by 1\.5 kPa, less than the 2\.0 kPa/,
  ],
  [
    'just the least that counts does not count as more',
    { before: '4.0 V', after: '4.5 V', want: 'has to fall', least: '0.5 V' },
    /It rose by 0\.5 V/,
  ],
]);

const warm = (...points: [number, number][]) =>
  points.map(([time, coolant]) => ({ time: String(time), coolant: String(coolant) }));
const run = (...ends: [number, number][]): Typed => ({
  opens: '88 °C',
  warmUp: warm([0, 20], [4, 50], ...ends),
});
holds('thermostat', [
  ['8 below and still', run([12, 80], [16, 80]), /pass/],
  ['9 below and still: stuck open', run([12, 79], [16, 79]), /fail\|It levels out at 79 °C/],
  [
    '9 below and still rising is not finished',
    run([12, 72], [16, 79]),
    /unsure\|79 °C at the end and still moving/,
  ],
  ['within 8, rising by 1.25 a minute', run([12, 78], [16, 83]), /unsure\|83 °C and still rising/],
  ['within 8, rising by 0.75 a minute holds well enough', run([12, 80], [16, 83]), /pass/],
  ['within 8, and falling after it opened', run([12, 89], [16, 84]), /pass/],
  ['3 above', run([12, 91], [16, 91]), /pass/],
  [
    '4 above: the fan may hold it',
    run([12, 92], [16, 92]),
    /unsure\|It holds at 92 °C, 4 °C above the opening: the fan may hold it/,
  ],
  ['15 above', run([12, 103], [16, 103]), /unsure.*opens late/],
  ['16 above: past it', run([12, 95], [16, 104]), /fail\|It went on to 104 °C/],
  [
    'falling by 16 to far below is no warm-up',
    run([12, 90], [16, 74]),
    /unsure\|It fell from 90 °C to 74 °C: no warm-up does that/,
  ],
  ['falling by 15 is not', run([12, 90], [16, 75]), /fail\|It levels out at 75/],
  ['falling by 16, and back within 8 of the opening', run([12, 97], [16, 81]), /pass/, /no warm-up/],
  [
    'begun at 68, 20 under it, is cold',
    { opens: '88 °C', warmUp: warm([0, 68], [6, 80], [8, 88], [12, 88]) },
    /pass/,
  ],
  [
    'begun at 69 is not',
    { opens: '88 °C', warmUp: warm([0, 69], [6, 80], [8, 88], [12, 88]) },
    /void\|It began at 69 °C/,
  ],
]);

const spark = (burn: string, peak = '', rings = '') => ({ cylinder: '1', burn, peak, rings });
const others = ['2', '3', '4'].map((cylinder) => ({ cylinder, burn: '1.8', peak: '10 kV', rings: '5' }));
const sparks = (burn: string, peak = '', rings = ''): Typed => ({
  sparks: [spark(burn, peak, rings), ...others],
});
holds('ignition-burn', [
  [
    '15 kV beside 10 is one and a half times as much, no more',
    sparks('1.8', '15 kV', '5'),
    /Cylinder 1\|pass/,
  ],
  ['15.1 kV is more', sparks('1.8', '15.1 kV', '5'), /Cylinder 1\|unsure.*is high: watch it under load/],
  ['6 kV beside 10', sparks('1.8', '6 kV', '5'), /Cylinder 1\|pass/],
  [
    '5.9 kV with a long burn',
    sparks('1.8', '5.9 kV', '5'),
    /Cylinder 1\|fail.*peak only 5\.9 kV with a long burn/,
  ],
  [
    '5.9 kV with a burn that is no long one',
    sparks('1.0', '5.9 kV', '5'),
    /Cylinder 1\|(?:unsure|fail)/,
    /with a long burn/,
  ],
  [
    'a peak that was not seen is not told',
    sparks('1.8', '', '5'),
    /Cylinder 1\|pass.*not told without its peak: lead, plug and coil/,
  ],
  [
    'nor the oscillations',
    sparks('1.8', '10 kV'),
    /Cylinder 1\|pass.*not told without the oscillations after it/,
  ],
  ['nor both', sparks('1.8'), /not told without its peak and the oscillations after it/],
  ['no burn', sparks('0', '10 kV', '5'), /Cylinder 1\|unsure\|No burn was seen/],
  [
    'two faults are parted',
    sparks('0.5', '20 kV', '1'),
    /Cylinder 1\|fail.*open lead; 1 oscillations after the burn/,
  ],
]);

const leak = (entered: string): Typed => ({ losses: [{ at: '1', entered }], heard: 'exhaust' });
holds('cylinder-leakage', [
  ['10 % is tight', leak('10 %'), /1\|pass/],
  ['10.1 % is worn', leak('10.1 %'), /1\|unsure/],
  ['20 % is worn', leak('20 %'), /1\|unsure/],
  ['20.1 % is a fault', leak('20.1 %'), /1\|fail/],
  ['none at all is not tight', leak('0 %'), /1\|unsure\|0 % lost: every engine/],
]);

holds('cam-crank', [
  ['5° is harmless', { wanted: '0°', measured: '5°', teeth: '24' }, /pass\|.*harmless/],
  ['5.1° is not', { wanted: '0°', measured: '5.1°', teeth: '24' }, /unsure\|.*no whole tooth/],
  ['10° is wrong', { wanted: '0°', measured: '10°', teeth: '24' }, /fail\|.*no whole tooth/],
  ['9.9° is between', { wanted: '0°', measured: '9.9°', teeth: '24' }, /unsure/],
  [
    '350° too much is 10° on a circle of 720 the long way round',
    { wanted: '-5°', measured: '355°', teeth: '24' },
    /fail\|(?:−360|360)/,
  ],
  [
    '−355 against 355 is 10°',
    { wanted: '-355°', measured: '355°', teeth: '24' },
    /−10\.0° from where it should be/,
  ],
  [
    'two teeth of 24 on the crank are 30°',
    { wanted: '0°', measured: '30°', teeth: '24' },
    /: 2 teeth\. It jumped/,
  ],
  ['one is 15°', { wanted: '0°', measured: '15°', teeth: '24' }, /: one tooth\. It jumped/],
  [
    'a whole tooth within what is harmless is not passed',
    { wanted: '0°', measured: '15°', teeth: '24', free: '20°' },
    /unsure\|.*just one tooth/,
  ],
  ['two of them', { wanted: '0°', measured: '30°', teeth: '24', free: '40°' }, /unsure\|.*just 2 teeth/],
]);
