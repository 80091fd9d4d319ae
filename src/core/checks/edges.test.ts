import { describe, expect, it } from 'vitest';
import { checkOf, runCheck, type Typed } from './index';

/**
 * Where the verdicts turn: on an edge is inside, a hair beyond is not. The edges are the trade's,
 * common practice, no source, where a row names none.
 */
const verdictOf = (id: string, typed: Typed, about?: string) => {
  const result = runCheck(checkOf(id)!, typed);
  if (result.state !== 'done') throw new Error(JSON.stringify(result));
  const found = about === undefined ? result.findings[0] : result.findings.find((f) => f.about === about);
  return found ? `${found.verdict}: ${found.because}` : 'no such finding';
};

describe.each<[string, [Typed, string, string | undefined, RegExp?][]]>([
  [
    'fuel-trim',
    [
      [{ short: '2 %', long: '8 %' }, 'pass', 'Idle'],
      [{ short: '2.1 %', long: '8 %' }, 'unsure', 'Idle'],
      [{ short: '5 %', long: '10 %' }, 'unsure', 'Idle'],
      [{ short: '5.1 %', long: '10 %' }, 'fail', 'Idle', /lean/],
      [{ short: '-6 %', long: '-10 %' }, 'fail', 'Idle', /rich/],
      [{ short: '3 %', long: '32 %' }, 'fail', 'Idle', /gone about as far as it can/],
      // The older block scale: 128 is 0 %, above adds fuel.
      [{ scale: 'block 0–255', short: '128', long: '128' }, 'pass', 'Idle'],
    ],
  ],
  [
    'bus-resistance',
    [
      // Two terminators of 120 Ω in parallel: 60 Ω (ISO 11898-2).
      [{ between: '60 Ω' }, 'pass', 'High to low'],
      [{ between: '55 Ω' }, 'pass', 'High to low'],
      [{ between: '0.12 kΩ' }, 'fail', 'High to low', /one terminator alone/],
      [{ between: '40 Ω' }, 'fail', 'High to low', /three terminators/],
      [{ between: '1 Ω' }, 'fail', 'High to low', /touch/],
      [{ between: 'OL' }, 'fail', 'High to low', /no terminator in reach/],
      [{ between: '70 Ω' }, 'unsure', 'High to low'],
      [{ between: '90 Ω' }, 'fail', 'High to low', /fits no number/],
      [{ between: '60 Ω', highGround: '12 Ω' }, 'fail', 'High to ground', /shorted to ground/],
      [{ between: '60 Ω', lowGround: 'OL' }, 'pass', 'Low to ground'],
    ],
  ],
  [
    'battery-rest',
    [
      [{ rest: '12.7 V' }, 'pass', 'Charge'],
      [{ rest: '12.3 V' }, 'unsure', 'Charge', /charge it before/],
      [{ rest: '11.8 V' }, 'fail', 'Charge'],
      [{ rest: '10.4 V' }, 'fail', 'Charge', /a cell is shorted/],
      [{ rest: '13.2 V' }, 'unsure', 'Charge', /surface charge/],
      [{ rest: '12.7 V', measured: '480 CCA', rated: '600 CCA' }, 'pass', 'Plates'],
      [{ rest: '12.7 V', measured: '479 CCA', rated: '600 CCA' }, 'unsure', 'Plates'],
      [{ rest: '12.7 V', measured: '350 CCA', rated: '600 CCA' }, 'fail', 'Plates', /worn out/],
      // An empty one is not condemned.
      [
        { rest: '11.8 V', measured: '350 CCA', rated: '600 CCA' },
        'unsure',
        'Plates',
        /charge and test again/,
      ],
      [{ rest: '12.7 V', measured: '350 CCA' }, 'unsure', 'Plates'],
    ],
  ],
  [
    'charging-voltage',
    [
      [{ rest: '12.5 V', running: '14.2 V' }, 'pass', 'Running'],
      [{ rest: '12.5 V', running: '15.1 V', control: 'fixed regulator' }, 'fail', 'Running', /too much/],
      [
        { rest: '12.5 V', running: '12.4 V', control: 'fixed regulator' },
        'fail',
        'Running',
        /does not charge/,
      ],
      [{ rest: '12.5 V', running: '13 V' }, 'unsure', 'Running'],
      [{ rest: '12.5 V', running: '14.2 V', loaded: '13.2 V' }, 'pass', 'Under load'],
      [{ rest: '12.5 V', running: '14.2 V', loaded: '12.9 V' }, 'fail', 'Under load'],
      [{ rest: '12.5 V', running: '14.2 V', ripple: '500 mV' }, 'pass', 'Ripple'],
      [{ rest: '12.5 V', running: '14.2 V', ripple: '0.9 V' }, 'fail', 'Ripple', /diode/],
      [{ system: '24 V', rest: '25 V', running: '28 V' }, 'pass', 'Running'],
    ],
  ],
  [
    'cranking-voltage',
    [
      [{ rest: '12.6 V', lowest: '10.4 V' }, 'pass', undefined],
      [{ rest: '12.6 V', lowest: '8 V' }, 'fail', undefined, /Battery weak/],
      [{ rest: '12.0 V', lowest: '8 V' }, 'unsure', undefined, /charge it/],
      [{ rest: '12.6 V', lowest: '12.5 V' }, 'unsure', undefined, /drew next to nothing/],
      // A solenoid that clicks and a starter that does not turn.
      [{ rest: '12.6 V', lowest: '12.2 V' }, 'unsure', undefined, /Did the engine turn/],
      [{ rest: '12.6 V', lowest: '12.1 V' }, 'pass', undefined],
      [{ system: '24 V', rest: '25.2 V', lowest: '24.3 V' }, 'unsure', undefined, /Did the engine turn/],
      [{ system: '24 V', rest: '25.2 V', lowest: '24.2 V' }, 'pass', undefined],
      [{ rest: '12.0 V', lowest: '12.6 V' }, 'unsure', undefined, /went up/],
    ],
  ],
  [
    'contact-drop',
    [
      [{ closed: '90 mV', supply: '12.4 V', current: '8 A' }, 'pass', 'Closed'],
      [{ closed: '90 mV', supply: '12.4 V' }, 'unsure', 'Closed', /without load/],
      [{ closed: '0.6 V', supply: '12.4 V', current: '8 A' }, 'fail', 'Closed', /burnt/],
      [{ closed: '12.3 V', supply: '12.4 V' }, 'fail', 'Closed', /does not close/],
      [{ closed: '0.05 V', supply: '12 V', current: '0 A' }, 'void', undefined],
      [{ closed: '0.05 V', open: '12 V', supply: '12 V', current: '8 A' }, 'pass', 'Open'],
      [{ closed: '0.05 V', open: '0.2 V', supply: '12 V', current: '8 A' }, 'fail', 'Open', /welded/],
    ],
  ],
  [
    'pressure-hold',
    [
      [{ start: '4 bar', end: '3.2 bar', time: '5 min' }, 'pass', undefined],
      [{ start: '4 bar', end: '3.1 bar', time: '5 min' }, 'fail', undefined],
      [{ start: '4 bar', end: '0 bar', time: '1 min' }, 'fail', undefined, /All of/],
      [{ start: '4 bar', end: '3.90 bar', time: '1 min', allowed: '20 %', over: '5 min' }, 'pass', undefined],
      // One digit of a coarse gauge in a minute is 0 to 22 % in five.
      [
        { start: '4 bar', end: '3.9 bar', time: '1 min', allowed: '20 %', over: '5 min' },
        'unsure',
        undefined,
        /by the last digit of the gauge that is 0 % to 22 % in 5 min/,
      ],
    ],
  ],
  [
    'urea-concentration',
    [
      // ISO 22241-1: 31.8 to 33.2 % by mass.
      [{ sample: '31.8 %' }, 'pass', 'Solution'],
      [{ sample: '33.2 %' }, 'pass', 'Solution'],
      [{ sample: '31.7 %' }, 'fail', 'Solution', /too thin/],
      [{ sample: '33.3 %' }, 'fail', 'Solution', /too thick/],
      [{ sample: '32.5 %', sensor: '28 %' }, 'fail', 'Sensor', /not the fluid/],
    ],
  ],
  [
    'plausible-value',
    [
      [{ kind: 'temperature', value: '-40 °F' }, 'fail', undefined, /circuit is open/],
      [{ kind: 'temperature', value: '88 °C' }, 'unsure', undefined, /not told/],
      [{ kind: '5 V signal', value: '4.9 V' }, 'fail', undefined, /upper end/],
      [{ kind: '5 V signal', value: '100 mV' }, 'fail', undefined, /lower end/],
      [{ kind: '5 V signal', value: '11 V' }, 'fail', undefined, /shorted to battery/],
      [{ kind: '5 V signal', value: '2.4 V' }, 'unsure', undefined, /not told/],
      // 29.5 inHg at 0 °C is 99.9 kPa (NIST SP 811).
      [
        { kind: 'manifold pressure, engine off', value: '29.5 inHg', barometer: '99.9 kPa' },
        'pass',
        undefined,
      ],
      [
        { kind: 'manifold pressure, engine off', value: '92 kPa', barometer: '1 bar' },
        'fail',
        undefined,
        /below/,
      ],
      [{ kind: 'share of a range', value: '100 %' }, 'fail', undefined, /an end of the range/],
    ],
  ],
])('%s', (id, rows) => {
  it.each(rows)('%j: %s', (typed, verdict, about, because) => {
    const said = verdictOf(id, typed, about);
    expect(said).toMatch(new RegExp(`^${verdict}: `));
    if (because) expect(said).toMatch(because);
  });
});
