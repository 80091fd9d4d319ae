import type { Typed } from './index';
import { holds, told } from './test-borders';
import { describe, expect, it } from 'vitest';

/** Borders of the checks of single values and of siblings, from both sides; worked by hand from what each check names. */

const rows = (unit: string, ...values: string[]) =>
  values.map((v, i) => ({ at: String(i + 1), entered: v === 'OL' ? v : `${v} ${unit}` }));
const START = 'what was left of a start';
holds('odd-one-out', [
  [
    'left over after different starts: the losses are alike',
    { kind: START, each: rows('bar', '90', '85', '88', '92'), start: rows('bar', '100', '95', '98', '102') },
    /pass/,
  ],
  [
    'one that lost more is named, though it has most left',
    { kind: START, each: rows('bar', '90', '85', '88', '92'), start: rows('bar', '100', '95', '98', '130') },
    /fail.*4/,
  ],
  [
    'the same figures, read as they are, differ by under 10 %',
    { each: rows('bar', '90', '85', '88', '92') },
    /pass/,
  ],
  [
    'a start that is missing is asked for, and nothing judged',
    { kind: START, each: rows('bar', '90', '85', '88', '92'), start: rows('bar', '100', '95', '98') },
    /unsure\|What is left over depends on what each began at, which is missing for 4\./,
  ],
  [
    'two are',
    { kind: START, each: rows('bar', '90', '85', '88', '92'), start: rows('bar', '100', '95') },
    /missing for 3, 4\./,
  ],
  [
    '10 % beside 100 is inside the stated band',
    { each: rows('Ω', '100', '100', '100', '110'), band: '10 %' },
    /pass/,
  ],
  ['11 is not', { each: rows('Ω', '100', '100', '100', '111'), band: '10 %' }, /fail.*4/],
  [
    'a stated amount counts instead of a share',
    { each: rows('Ω', '100', '100', '100', '111'), band: '12 Ω' },
    /pass/,
  ],
  [
    'and a smaller one accuses what 10 % would not',
    { each: rows('Ω', '100', '100', '100', '106'), band: '5 Ω' },
    /fail.*4/,
  ],
]);

const soak = (...values: [string, string][]): Typed => ({
  sensors: values.map(([at, v]) => ({ at, entered: `${v} °C` })),
});
holds('cold-soak', [
  [
    '−40 is the end of the scale, not a cold sensor',
    soak(['coolant', '11'], ['intake', '12'], ['exhaust', '-40']),
    /exhaust\|fail\|−40 °C is the end of the scale: its circuit is open\.\n[^|]*\|pass/,
  ],
  [
    '−39.6 reads as the end too',
    soak(['coolant', '11'], ['intake', '12'], ['exhaust', '-39.6']),
    /exhaust\|fail\|−39\.6 °C is the end of the scale/,
  ],
  [
    '−39 is a temperature, and odd',
    soak(['coolant', '11'], ['intake', '12'], ['air', '11'], ['exhaust', '-39']),
    /fail.*exhaust/,
    /end of the scale/,
  ],
  ['+40 is none', soak(['coolant', '39'], ['intake', '40'], ['exhaust', '40']), /pass/, /end of the scale/],
  [
    'one beside an open one says nothing',
    soak(['coolant', '11'], ['exhaust', '-40']),
    /coolant\|unsure\|11 °C alone says nothing/,
  ],
  [
    'all open: nothing is said of agreement',
    soak(['coolant', '-40'], ['exhaust', '-40']),
    /coolant\|fail.*\nexhaust\|fail[^\n]*$/,
  ],
]);

const temperature = (value: string, more: Record<string, string> = {}): Typed => ({
  kind: 'temperature',
  value,
  ...more,
});
const signal = (value: string): Typed => ({ kind: '5 V signal', value });
const share = (value: string): Typed => ({ kind: 'share of a range', value });
const other = (value: string, more: Record<string, string>): Typed => ({ kind: 'other', value, ...more });
holds('plausible-value', [
  ['−40 °C', temperature('-40 °C'), /fail\|−40 °C is the cold end/],
  ['−40 °F is the same', temperature('-40 °F'), /fail\|−40 °F is the cold end/],
  ['−42 °C is colder than the scales go', temperature('-42 °C'), /unsure.*colder than the scale/],
  [
    'unless its own scale was given',
    temperature('-42 °C', { low: '-50 °C' }),
    /unsure.*can be/,
    /colder than/,
  ],
  ['139 °C can be', temperature('139 °C'), /unsure.*can be/],
  ['140 °C is near the hot end', temperature('140 °C'), /unsure.*near the hot end/],
  [
    'unless its own scale was given, which it sits on',
    temperature('150 °C', { high: '150 °C' }),
    /can be.*\n\|fail\|150 °C sits on the upper end/,
  ],
  ['a temperature in volts is refused at the value', temperature('3 V'), /"value"/],
  ['4.79 V is inside', signal('4.79 V'), /unsure\|4\.79 V lies inside/],
  ['4.8 V is the upper end', signal('4.80 V'), /fail\|4\.80 V is the upper end/],
  ['5.5 V still is', signal('5.50 V'), /fail\|5\.50 V is the upper end/],
  ['5.51 V is more than there is', signal('5.51 V'), /fail.*shorted to battery/],
  ['0.2 V is the lower end', signal('0.20 V'), /fail\|0\.20 V is the lower end/],
  ['0.21 V is inside', signal('0.21 V'), /unsure\|0\.21 V lies inside/],
  ['200 mV is 0.2 V', signal('200 mV'), /fail\|200 mV is the lower end/],
  ['0.4 % is an end', share('0.4 %'), /fail.*an end of the range/],
  ['0.5 % is not', share('0.5 %'), /unsure.*inside its range/],
  ['99.6 % is', share('99.6 %'), /fail/],
  ['99.5 % is not', share('99.5 %'), /unsure/],
  ['a bare number is taken as percent', share('50'), /unsure/],
  ['a pressure is refused', share('50 bar'), /"value"/],
  [
    'manifold without a barometer is refused there',
    { kind: 'manifold pressure, engine off', value: '98 kPa' },
    /"barometer"/,
  ],
  [
    'above',
    { kind: 'manifold pressure, engine off', value: '112 kPa', barometer: '98 kPa' },
    /fail.*14\.0 kPa above the barometer/,
  ],
  [
    'below',
    { kind: 'manifold pressure, engine off', value: '84 kPa', barometer: '98 kPa' },
    /fail.*14\.0 kPa below the barometer/,
  ],
  [
    'on it',
    { kind: 'manifold pressure, engine off', value: '98 kPa', barometer: '98 kPa' },
    /pass\|98 kPa is the barometer, within 0\.0 kPa/,
  ],
  [
    'on the lower end, given without a unit',
    other('0 bar', { low: '0' }),
    /fail\|0 bar sits on the lower end/,
  ],
  [
    'on the lower end, given in another',
    other('1 bar', { low: '100 kPa' }),
    /fail\|1 bar sits on the lower end/,
  ],
  ['on the upper end', other('2.5 bar', { high: '2.5 bar' }), /fail\|2\.5 bar sits on the upper end/],
  ['inside both', other('1.2 bar', { low: '0 bar', high: '2.5 bar' }), /\|\|/, /sits on/],
  ['another kind of unit is refused at its own end: lower', other('1 bar', { low: '3 V' }), /"low"/],
  ['upper', other('1 bar', { high: '3 V' }), /"high"/],
  ['ends the wrong way round', other('1 bar', { low: '3 bar', high: '2 bar' }), /below the upper end/],
  ['and the same', other('1 bar', { low: '2 bar', high: '2 bar' }), /below the upper end/],
  [
    'a jump without the time is asked for it',
    other('1 bar', { previous: '2 bar', fastest: '1 bar' }),
    /"apart"/,
  ],
  ['without what is possible, for that', other('1 bar', { previous: '2 bar', apart: '1 s' }), /"fastest"/],
  [
    'a step of just what is possible',
    other('3 bar', { previous: '1 bar', apart: '2 s', fastest: '1 bar' }),
    /\|\|The step of 2 bar is possible/,
  ],
  [
    'a little more',
    other('3.1 bar', { previous: '1.0 bar', apart: '2 s', fastest: '1 bar' }),
    /fail\|It jumped by 2\.1 bar in 2 s; no more than 2(?:\.0)? bar is possible: a contact/,
  ],
  [
    'downwards as well',
    other('1 bar', { previous: '3.1 bar', apart: '2 s', fastest: '1 bar' }),
    /fail\|It jumped by/,
  ],
  [
    'the one before without a unit is in the same',
    other('3 bar', { previous: '1', apart: '2 s', fastest: '1' }),
    /possible/,
  ],
  [
    'in another it is converted',
    other('3 bar', { previous: '100 kPa', apart: '2 s', fastest: '1 bar' }),
    /\|\|The step of 2 bar is possible/,
  ],
  [
    'in another kind it is refused there',
    other('3 bar', { previous: '1 V', apart: '2 s', fastest: '1 bar' }),
    /"previous"/,
  ],
]);

const charge = (running: string, more: Record<string, string> = {}): Typed => ({
  system: '12 V',
  rest: '12.6 V',
  running,
  ...more,
});
describe('charging-voltage knows its kinds of control by name', () => {
  it('and refuses another', () => {
    expect(told('charging-voltage', charge('14.2 V', { control: 'no such kind' }))).toMatch(
      /refused|"control"/,
    );
  });
});
holds('charging-voltage', [
  ['15 V', charge('15.0 V'), /Running\|pass/],
  ['15.1 V may be charging on demand', charge('15.1 V'), /Running\|unsure.*charges on demand/],
  ['15.5 V too', charge('15.5 V'), /Running\|unsure/],
  ['15.6 V is too much for any', charge('15.6 V'), /Running\|fail.*too much/],
  ['24 V: 30 V', { system: '24 V', rest: '25.2 V', running: '30.0 V' }, /Running\|unsure|Running\|pass/],
  [
    '24 V: 31 V may be on demand',
    { system: '24 V', rest: '25.2 V', running: '31.0 V' },
    /Running\|unsure.*on demand/,
  ],
  ['24 V: 31.1 V is too much', { system: '24 V', rest: '25.2 V', running: '31.1 V' }, /Running\|fail/],
  ['24 V: 27 V charges', { system: '24 V', rest: '25.2 V', running: '27.0 V' }, /Running\|pass/],
  [
    '24 V: 26.9 V only a little',
    { system: '24 V', rest: '25.2 V', running: '26.9 V' },
    /Running\|unsure.*charges a little/,
  ],
  [
    '24 V: 0.5 V above rest is no charging, though 0.3 would do on 12 V',
    { system: '24 V', rest: '25.2 V', running: '25.7 V', loaded: '25.0 V' },
    /Running\|fail.*does not charge/,
  ],
  [
    '24 V: 0.6 V above rest is a little',
    { system: '24 V', rest: '25.2 V', running: '25.8 V', loaded: '25.0 V' },
    /Running\|unsure.*charges a little/,
  ],
  [
    'just rest is no charging voltage below rest',
    { system: '12 V', rest: '13.6 V', running: '13.6 V' },
    /Running\|pass.*0(?:\.0)? V above rest/,
  ],
  [
    'below rest is not believed',
    { system: '12 V', rest: '13.9 V', running: '13.6 V' },
    /Running\|unsure.*is less than the 13\.9 V at rest/,
  ],
  ['4 V above rest', { system: '12 V', rest: '10.0 V', running: '14.0 V' }, /Running\|pass/],
  [
    'more is a battery that was not read rightly',
    { system: '12 V', rest: '9.9 V', running: '14.0 V' },
    /Running\|unsure.*deeply discharged/,
  ],
  [
    '0.3 V above rest charges a little',
    charge('12.9 V', { loaded: '12.4 V' }),
    /Running\|unsure.*charges a little/,
  ],
  ['0.2 V is none', charge('12.8 V', { loaded: '12.4 V' }), /Running\|fail.*does not charge/],
  [
    'unless it holds under load',
    charge('12.8 V', { loaded: '13.2 V' }),
    /Running\|unsure.*charges under load/,
  ],
  ['13.1 V is not holding', charge('12.8 V', { loaded: '13.1 V' }), /Running\|fail/],
  ['under load 13.2 V holds', charge('14.2 V', { loaded: '13.2 V' }), /Under load\|pass\|Holds 13\.2 V/],
  ['13.1 V does not', charge('14.2 V', { loaded: '13.1 V' }), /Under load\|fail\|Falls to 13\.1 V/],
  ['15 V is still usual', charge('14.2 V', { loaded: '15.0 V' }), /Under load\|pass/],
  [
    '15.1 V is asked about',
    charge('14.2 V', { loaded: '15.1 V' }),
    /Under load\|unsure.*more than a fixed regulator/,
  ],
  ['15.5 V too', charge('14.2 V', { loaded: '15.5 V' }), /Under load\|unsure/],
  ['15.6 V is too much', charge('14.2 V', { loaded: '15.6 V' }), /Under load\|fail.*too much/],
  ['0.5 V of ripple is smooth', charge('14.2 V', { ripple: '500 mV' }), /Ripple\|pass/],
  ['0.51 is a diode', charge('14.2 V', { ripple: '510 mV' }), /Ripple\|fail/],
  [
    'on 24 V it is twice that',
    { system: '24 V', rest: '25.2 V', running: '28.0 V', ripple: '900 mV' },
    /Ripple\|pass/,
  ],
  [
    'what was not measured is said where the rest passes',
    charge('14.2 V'),
    /Not measured\|unsure\|under load and ripple/,
  ],
  ['and not where it does not', charge('15.6 V'), /Running\|fail/, /Not measured/],
]);

const points = (...p: [number, string][]) => p.map(([t, r]) => ({ temperature: `${t} °C`, resistance: r }));
// Ohms that halve every 20 degrees: between two points the temperature goes with the logarithm.
const FOUR = points([0, '8 kΩ'], [20, '4 kΩ'], [40, '2 kΩ'], [60, '1 kΩ']);
const THREE = points([0, '8 kΩ'], [20, '4 kΩ'], [40, '2 kΩ']);
const sensor = (more: Record<string, unknown>): Typed => ({ supply: '5 V', points: FOUR, ...more }) as Typed;
holds('sensor-divider', [
  // 2828 Ω is 4000 / √2: halfway from 20 to 40.
  ['halfway by the logarithm', sensor({ resistance: '2828 Ω' }), /stands for 30\.0 °C/],
  ['the first point', sensor({ resistance: '8 kΩ' }), /stands for 0\.0 °C/],
  ['the last', sensor({ resistance: '1 kΩ' }), /stands for 60\.0 °C/],
  ['beyond four points nothing is said', sensor({ resistance: '8.1 kΩ' }), /unsure.*beyond the points/],
  ['at the other end', sensor({ resistance: '0.99 kΩ' }), /unsure.*beyond the points/],
  [
    'by three points a little beyond is',
    sensor({ points: THREE, resistance: '15.9 kΩ' }),
    /stands for −/,
    /beyond/,
  ],
  ['twice beyond still is', sensor({ points: THREE, resistance: '16 kΩ' }), /stands for/],
  ['further is not', sensor({ points: THREE, resistance: '16.1 kΩ' }), /unsure.*beyond/],
  ['half is', sensor({ points: THREE, resistance: '1 kΩ' }), /stands for/],
  ['less is not', sensor({ points: THREE, resistance: '0.99 kΩ' }), /unsure.*beyond/],
  [
    'two temperatures of one resistance contradict each other',
    sensor({ points: points([0, '8 kΩ'], [20, '4 kΩ'], [40, '4 kΩ']), resistance: '4 kΩ' }),
    /contradict/,
  ],
  [
    'up and down again too',
    sensor({ points: points([0, '8 kΩ'], [40, '4 kΩ'], [20, '2 kΩ']), resistance: '4 kΩ' }),
    /contradict/,
  ],
  [
    'also in the middle of four',
    sensor({ points: points([0, '8 kΩ'], [40, '4 kΩ'], [20, '2 kΩ'], [60, '1 kΩ']), resistance: '4 kΩ' }),
    /contradict/,
  ],
  ['5° off is right', sensor({ resistance: '4 kΩ', real: '25 °C' }), /pass\|.*5\.0 °C from the real 25 °C/],
  ['6° is not', sensor({ resistance: '4 kΩ', real: '26 °C' }), /fail\|.*6\.0 °C from/],
  // 4 kΩ under 4 kΩ: half of the supply.
  [
    'signal and sensor tell one story',
    sensor({ resistance: '4 kΩ', voltage: '2.5 V', pullup: '4 kΩ' }),
    /Signal\|\|2\.5 V stands for 20\.0 °C/,
    /apart/,
  ],
  // 2.9 V: 4 × 2.9 / 2.1 = 5.52 kΩ, 10.7 °C.
  [
    'nine degrees apart is the wiring',
    sensor({ resistance: '4 kΩ', voltage: '2.9 V', pullup: '4 kΩ' }),
    /fail\|Sensor and signal are 9\.3 °C apart/,
  ],
  [
    'a signal without the sensor is held against nothing',
    sensor({ voltage: '2.9 V', pullup: '4 kΩ' }),
    /Signal\|\|/,
    /apart/,
  ],
  [
    'nor against a sensor beyond the points',
    sensor({ resistance: '20 kΩ', voltage: '2.9 V', pullup: '4 kΩ' }),
    /Sensor\|unsure/,
    /apart/,
  ],
  [
    '4.9 V of 5 is the supply itself',
    sensor({ voltage: '4.90 V', pullup: '4 kΩ' }),
    /Signal\|fail.*the circuit is open/,
  ],
  ['4.89 V is not', sensor({ voltage: '4.89 V', pullup: '4 kΩ' }), /Signal\|unsure.*beyond/],
  ['5.1 V is still that', sensor({ voltage: '5.10 V', pullup: '4 kΩ' }), /Signal\|fail.*open/],
  [
    '5.11 V is more than there is',
    sensor({ voltage: '5.11 V', pullup: '4 kΩ' }),
    /Signal\|unsure.*more than the supply/,
  ],
  ['0.1 V is ground', sensor({ voltage: '0.10 V', pullup: '4 kΩ' }), /Signal\|fail.*shorted to ground/],
  ['0.11 V is not', sensor({ voltage: '0.11 V', pullup: '4 kΩ' }), /Signal\|unsure.*beyond/],
  ['nothing measured is asked for at the resistance', sensor({}), /"resistance"/],
  ['a voltage without the resistor, at that', sensor({ voltage: '2.5 V' }), /"pullup"/],
]);
