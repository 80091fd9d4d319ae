import { describe, expect, it } from 'vitest';
import { airDensity, airFlow } from './all/engine-air-flow';
import { blockToPercent } from './all/fuel-trim';
import { fuseCurrent } from './all/parasitic-current';
import { leakRate } from './all/pressure-hold';
import { steinhartHart, tableCelsius, thermistorCelsius } from './all/sensor-divider';
import { stateOfCharge } from './all/battery-rest';
import { leastCranking } from './all/cranking-voltage';
import { terminators } from './all/bus-resistance';
import { toothAngle } from './all/cam-crank';
import { checkOf, overall, runCheck, type Typed } from './index';

/** Checks against published values, and facts of the trade. */

const run = (id: string, typed: Typed) => {
  const result = runCheck(checkOf(id)!, typed);
  if (result.state !== 'done')
    return { verdict: result.state, because: JSON.stringify(result), findings: [] };
  return { ...overall(result.findings), findings: result.findings };
};
const refused = (id: string, typed: Typed) => {
  const r = runCheck(checkOf(id)!, typed);
  return r.state === 'refused' ? r.problems.map((p) => p.message).join(' ') : r.state;
};
const list = (...entered: string[]) => entered.map((e, i) => ({ at: String(i + 1), entered: e }));

describe('air', () => {
  it.each([
    [800, 59.9],
    [2000, 149.6],
    [4500, 336.7],
  ])('2.494 L at %d rpm pumps %d m³/h (common practice, no source)', (rpm, flow) => {
    expect(airFlow(2.494, rpm, 4, 1)).toBeCloseTo(flow, 1);
    expect(airFlow(2.494, rpm, 2, 1)).toBeCloseTo(2 * flow, 0);
  });
  it('has the density of the ICAO standard atmosphere at sea level, 1.225 kg/m³ (ISO 2533)', () => {
    expect(airDensity(101.325, 15)).toBeCloseTo(1.225, 3);
  });
  it('shows the flow in the unit chosen', () => {
    const f = run('engine-air-flow', {
      displacement: '152.2 cu in',
      speed: '2000 rpm',
      show: 'm³/min',
    }).findings;
    expect(f[0]!.because).toContain('2.494 m³/min');
  });
});

describe('exhaust', () => {
  const clean = ['60 35', '150 75', '336 170'].map((t) => {
    const [flow = '', pressure = ''] = t.split(' ');
    return { flow, pressure };
  });
  const at = (...p: string[]) => clean.map((c, i) => ({ flow: c.flow, pressure: p[i] ?? '' }));
  it('70, 150 and 450 mbar are a blocked filter, steepening (common practice, no source)', () => {
    const r = run('filter-back-pressure', { off: '0 mbar', clean, measured: at('70', '150', '450') });
    expect(r.because).toMatch(/Above at every point, and steepening.*blocked/);
    expect(run('filter-back-pressure', { clean, measured: at('36', '77', '168') }).verdict).toBe('pass');
  });
  it('a sensor that is not 0 at rest comes first', () => {
    const r = run('filter-back-pressure', { off: '38 mbar', clean, measured: at('70', '150', '450') });
    expect(r.findings.map((f) => f.verdict)).toEqual(['fail', 'unsure']);
  });
  it.each([
    ['250 ppm', '130 ppm', 'fail', '48 %'],
    ['200 ppm', '20 ppm', 'pass', '90 %'],
    ['100 ppm', '15 ppm', 'pass', '85 %'],
  ])('NOx %s in, %s out: %s (definition; limit common practice)', (before, after, verdict, share) => {
    const r = run('nox-conversion', { before, after });
    expect(r.verdict).toBe(verdict);
    expect(r.because).toContain(share);
  });
  it.each([
    ['31.8 %', 'pass'],
    ['33.2 %', 'pass'],
    ['31.7 %', 'fail'],
    ['33.3 %', 'fail'],
  ])('urea solution of %s: %s (ISO 22241-1)', (sample, verdict) => {
    expect(run('urea-concentration', { sample }).verdict).toBe(verdict);
  });
  it('900 °F between two at 1050 °F is the wrong one (common practice, no source)', () => {
    const sensors = ['1050 °F', '900 °F', '1050 °F'].map((entered, i) => ({ at: String(i + 1), entered }));
    expect(run('cold-soak', { sensors }).because).toMatch(/^2: 900\s°F is 150\s°F below/);
  });
  it('−40 is an open circuit on both scales (common practice, no source)', () => {
    for (const value of ['-40 °C', '-40 °F'])
      expect(run('plausible-value', { kind: 'temperature', value }).verdict).toBe('fail');
  });
  it('500 mbar from a hand pump must read 500 (common practice, no source)', () => {
    const steps = (last: string) => [
      { truth: '0 mbar', shown: '0 mbar' },
      { truth: '500', shown: last },
    ];
    expect(run('applied-truth', { steps: steps('500') }).verdict).toBe('pass');
    expect(run('applied-truth', { steps: steps('420') }).verdict).toBe('fail');
  });
  it('manifold pressure with the engine off is the barometer (common practice, no source)', () => {
    const typed = { kind: 'manifold pressure, engine off', barometer: '29.5 inHg' };
    expect(run('plausible-value', { ...typed, value: '29.5 inHg' }).verdict).toBe('pass');
    expect(run('plausible-value', { ...typed, value: '24 inHg' }).verdict).toBe('fail');
  });
});

describe('fuel', () => {
  it('has the steps of SAE J1979 PID 06–09, 128 in the middle', () => {
    expect(blockToPercent(128)).toBe(0);
    expect(blockToPercent(0)).toBe(-100);
    expect(blockToPercent(255)).toBeCloseTo(99.2, 1);
  });
  it.each([
    ['32 %', '3 %', 'fail'],
    ['8 %', '2 %', 'pass'],
    ['9 %', '3 %', 'unsure'],
    ['-14 %', '-4 %', 'fail'],
  ])('long %s, short %s: %s (common practice, no source)', (long, short, verdict) => {
    expect(run('fuel-trim', { long, short }).verdict).toBe(verdict);
  });
  it('drops of 17 16 16 16 20 16 psi single out the fifth (common practice, no source)', () => {
    const typed = {
      rest: '57.2 psi',
      cylinders: '6',
      given: 'drop',
      each: list('17', '16', '16', '16', '20', '16'),
    };
    const r = run('injector-balance', typed);
    expect(r.findings.map((f) => f.about)).toEqual(['Injector 5']);
  });
  it.each([
    ['1', '500 ms'],
    ['50', '10 ms'],
    ['100', '5 ms'],
  ])('%s × %s open for 500 ms (common practice, no source)', (pulses, width) => {
    const each = list('40', '40', '40', '40');
    const r = run('injector-balance', { rest: '57.2 psi', cylinders: '4', each, pulses, width });
    expect(r.findings.at(-1)!.because).toContain('500\u00a0ms');
  });
  it('leaks by the same share in equal times', () => {
    expect(leakRate(4, 1, 2)).toBeCloseTo(0.5, 12);
    expect(leakRate(3, 3, 5)).toBe(0);
  });
});

describe('electrical', () => {
  it.each([
    ['60 Ω', 'pass'],
    ['120 Ω', 'fail'],
    ['40 Ω', 'fail'],
    ['2 Ω', 'fail'],
    ['OL', 'fail'],
    ['52 Ω', 'unsure'],
  ])('%s between high and low: %s (ISO 11898-2)', (between, verdict) => {
    expect(run('bus-resistance', { between }).verdict).toBe(verdict);
    expect(terminators(2)).toBe(60);
  });
  it('follows Steinhart–Hart: three points of a B-value sensor give it back', () => {
    // R(T) = R25 · exp(B·(1/T − 1/T25)), IEC 60539-1, for 10 kΩ and B = 3435 K.
    const ohms = (c: number) => 10_000 * Math.exp(3435 * (1 / (c + 273.15) - 1 / 298.15));
    const abc = steinhartHart([0, 25, 70].map((celsius) => ({ celsius, ohms: ohms(celsius) })) as never);
    for (const t of [-10, 0, 12.5, 25, 50, 85]) expect(thermistorCelsius(abc, ohms(t))).toBeCloseTo(t, 6);
    expect(abc[1]).toBeCloseTo(1 / 3435, 9);
    const table = [0, 20, 40, 60].map((celsius) => ({ celsius, ohms: ohms(celsius) }));
    expect(tableCelsius(table, ohms(30))).toBeCloseTo(30, 0);
    expect(tableCelsius(table, ohms(80))).toBeUndefined();
  });
  it('knows fuses, batteries and teeth (tables from memory)', () => {
    expect(fuseCurrent(0.77, 10, 'blade')).toBeCloseTo(0.1, 3);
    expect(fuseCurrent(1, 6, 'blade')).toBeUndefined();
    expect(stateOfCharge(12.45, 'flooded')).toBe(75);
    expect(stateOfCharge(11, 'flooded')).toBe(0);
    expect(stateOfCharge(13, 'flooded')).toBe(100);
    expect(leastCranking(21, 12)).toBe(9.6);
    expect(leastCranking(-30, 24)).toBe(17);
    expect(toothAngle(22)).toBeCloseTo(16.36, 2);
  });
  it('16° is one tooth at a crank sprocket of 22 (common practice, no source)', () => {
    const at = (measured: string) => run('cam-crank', { wanted: '4°', measured, teeth: '22' });
    expect(at('20°')).toMatchObject({ verdict: 'fail' });
    expect(at('20°').because).toContain('one tooth');
    expect(at('4°').verdict).toBe('pass');
    expect(at('-1°').verdict).toBe('pass');
  });
  it.each([
    ['1.6 ms', '5', 'pass'],
    ['1.3 ms', '5', 'fail'],
    ['1.6 ms', '3', 'fail'],
  ])('burning %s with %s oscillations: %s (common practice, no source)', (burn, rings, verdict) => {
    expect(run('ignition-burn', { sparks: [{ cylinder: '1', peak: '10 kV', burn, rings }] }).verdict).toBe(
      verdict,
    );
  });
  it('no current, no drop: void', () => {
    expect(run('voltage-drop', { drops: list('0 V', '0 V'), current: '0 A' }).verdict).toBe('void');
    expect(run('contact-drop', { closed: '0 V', supply: '12 V', current: '0 A' }).verdict).toBe('void');
  });
});

describe('bad input is a sentence', () => {
  it.each([
    [
      'injector-balance',
      { rest: '57 psi', cylinders: '6', each: list('40', '41', '40') },
      /3 of 6 injectors/,
    ],
    ['injector-balance', { rest: '57 psi', cylinders: '0', each: list('40') }, /whole number from 1 to 16/],
    [
      'compression-spread',
      { cylinders: '4', dry: list('12 bar', '12', '-3', '12') },
      /cannot be less than 0/,
    ],
    [
      'reference-curve',
      { reference: [{ x: '1', y: '1' }], measured: [{ x: '1', y: '1' }] },
      /At least 2 rows/,
    ],
    ['plausible-value', { kind: 'temperature', value: '-300 °C' }, /below absolute zero/],
    ['nox-conversion', { before: '0 ppm', after: '0 ppm' }, /Nothing goes in/],
    [
      'cranking-voltage',
      { rest: '12 V', lowest: '24 inHg' },
      /inHg measures pressure; here a voltage is wanted/,
    ],
    ['charging-voltage', { rest: 'NaN', running: '14 V' }, /not a number/],
    ['pressure-hold', { start: '3 bar', end: '4 bar', time: '5 min' }, /It rose/],
    ['odd-one-out', { each: list('1 V', '2 bar', '3 V') }, /here a voltage is wanted/],
    [
      'sensor-divider',
      {
        supply: '5 V',
        resistance: '1 kΩ',
        points: [
          ['0', '5 kΩ'],
          ['20', '9 kΩ'],
          ['80', '300'],
        ].map(([temperature = '', resistance = '']) => ({ temperature, resistance })),
      },
      /contradict/,
    ],
    ['ride-height', { heights: [{ at: 'front middle', entered: '400' }] }, /no corner/],
    [
      'two-sensors',
      { run: [1, 2, 3, 4, 5].map((t) => ({ time: `${t}`, first: '5 V', second: '5 V' })) },
      /does not move/,
    ],
  ] as const)('%s %j', (id, typed, sentence) => {
    expect(refused(id, typed as unknown as Typed)).toMatch(sentence);
  });
});

describe('facts of the trade, common practice, no source', () => {
  it('a cylinder that is hardly missed when switched off does no work', () => {
    const r = run('power-balance', { cylinders: '4', falls: list('90', '15', '85', '92') });
    expect(r.verdict).toBe('fail');
    expect(r.findings.find((f) => f.about === 'Cylinder 2')?.because).toMatch(
      /Hardly missed: it gives about 17 %/,
    );
    expect(refused('power-balance', { cylinders: '4', falls: list('90', '85') })).toMatch(/2 of 4 cylinders/);
  });
  it('air heard at the tail pipe while the cylinder loses 46 % is an exhaust valve', () => {
    const r = run('cylinder-leakage', { losses: list('8', '46'), heard: 'exhaust' });
    expect(r.findings.map((f) => f.verdict)).toEqual(['pass', 'fail']);
    expect(r.findings[1]!.because).toMatch(/exhaust valve/i);
  });
  it('a thermostat that lets the coolant creep up slowly and settle early is stuck open', () => {
    const warm = (...t: number[]) => t.map((c, i) => ({ time: `${i * 3} min`, coolant: `${c} °C` }));
    expect(run('thermostat', { opens: '88 °C', warmUp: warm(18, 45, 72, 87, 89, 88) }).verdict).toBe('pass');
    expect(run('thermostat', { opens: '88 °C', warmUp: warm(18, 28, 38, 47, 55, 60, 62, 63) }).verdict).toBe(
      'fail',
    );
  });
  it('one wheel speed of 0 while three agree is no signal; a few percent is a tyre', () => {
    const wheels = (...v: string[]) => v.map((entered, i) => ({ at: ['FL', 'FR', 'RL', 'RR'][i]!, entered }));
    const dead = run('wheel-speeds', { wheels: wheels('50', '50', '0', '50') });
    expect(dead.because).toContain('No signal');
    const tyre = run('wheel-speeds', { wheels: wheels('50', '50', '50', '52.6') });
    expect(tyre.because).toContain('tyre');
    expect(run('wheel-speeds', { wheels: wheels('0', '0', '0', '0') }).verdict).toBe('void');
  });
  it('4.48 V at rest that does not move under vacuum has failed', () => {
    const r = run('must-change', { before: '4.48 V', after: '4.47 V', want: 'has to fall', least: '1 V' });
    expect(r.verdict).toBe('fail');
    expect(
      run('must-change', { before: '3.3 V', after: '1.7 V', want: 'has to fall', least: '1 V' }).verdict,
    ).toBe('pass');
  });
  it('an actuator that follows to 58 % and no further is blocked there', () => {
    const steps = [10, 30, 50, 70, 90].map((c) => ({
      command: `${c} %`,
      actual: `${Math.min(c, 58)} %`,
    }));
    expect(run('command-actual', { steps, band: '4 %' }).because).toMatch(/follows up to 58.% and no higher/);
  });
});
