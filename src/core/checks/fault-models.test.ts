import { describe, expect, it } from 'vitest';
import { compareSiblings, judgeSiblings } from '@/core/readings';
import { checkOf, overall, runCheck, type Typed } from './index';

/** Faults that were told wrongly once, each with the readings that show it. Common practice, no source. */

const run = (id: string, typed: Typed) => {
  const result = runCheck(checkOf(id)!, typed);
  if (result.state !== 'done') throw new Error(JSON.stringify(result));
  return { ...overall(result.findings), findings: result.findings };
};
const list = (...entered: string[]) => entered.map((e, i) => ({ at: String(i + 1), entered: e }));
const warm = (...pairs: [string, string][]) => pairs.map(([time, coolant]) => ({ time, coolant }));

describe('a contact', () => {
  it('that does not close has the supply across it and no current, which is no reason to switch the load on', () => {
    const r = run('contact-drop', { closed: '12.3 V', supply: '12.5 V', current: '0 A' });
    expect(r.verdict).toBe('fail');
    expect(r.because).toMatch(/does not close, if it was switched on/);
  });
  it('without current and without voltage says nothing', () => {
    expect(run('contact-drop', { closed: '0.02 V', supply: '12.5 V', current: '0 A' }).verdict).toBe('void');
    expect(run('contact-drop', { closed: '0.02 V', supply: '12.5 V' }).verdict).toBe('unsure');
  });
  it('with a tenth of a volt at 9 A is good, with 1.85 V burnt', () => {
    expect(run('contact-drop', { closed: '0.09 V', supply: '12.5 V', current: '9 A' }).verdict).toBe('pass');
    expect(run('contact-drop', { closed: '1.85 V', supply: '12.5 V', current: '9 A' }).because).toMatch(
      /206.mΩ.*burnt/,
    );
  });
});

describe('wheel speeds', () => {
  const wheels = (...entered: string[]) => run('wheel-speeds', { wheels: list(...entered) });
  it('of which one alone shows something accuse nobody: what three at once share comes first', () => {
    const r = wheels('50', '0', '0', '0');
    expect(r.verdict).toBe('unsure');
    expect(r.because).toMatch(/^Only 1 shows a speed.*2, 3, 4 share/);
    expect(r.findings).toHaveLength(1);
  });
  it('that are missing are named, whether or not the others agree', () => {
    const r = wheels('50', '47', '0', '0');
    expect(r.findings.map((f) => [f.about, f.verdict])).toEqual([
      ['3', 'fail'],
      ['4', 'fail'],
      ['The other wheels', 'unsure'],
    ]);
  });
  it('of a wheel that barely moves in the workshop say nothing', () => {
    expect(wheels('2.4', '0', '0', '0').verdict).toBe('void');
    expect(wheels('30', '2', '30', '30').findings.at(-1)).toMatchObject({ about: '2', verdict: 'fail' });
  });
});

describe('a thermostat that opens at 82 °C', () => {
  const rise = (end: string, last: string = end) =>
    warm(['0', '15 °C'], ['4', '40'], ['8', '62'], ['12', end], ['16', last]);
  const at = (end: string, more: Typed = {}, last?: string) =>
    run('thermostat', { opens: '82 °C', warmUp: rise(end, last), ...more });
  it('is good where the temperature holds at it', () => {
    expect(at('83').verdict).toBe('pass');
    expect(at('79').verdict).toBe('pass');
  });
  it('is not seen where the fan may hold the temperature', () => {
    expect(at('88').verdict).toBe('unsure');
    expect(at('88').because).toMatch(/6.°C above the opening: the fan may hold it/);
    expect(at('88', { fan: 'ran' }).because).toMatch(/the fan holds it there/);
    expect(at('88', { fan: 'stood still' }).verdict).toBe('pass');
  });
  it('steady at 94 °C is not still moving', () => {
    const r = at('94');
    expect(r.verdict).toBe('unsure');
    expect(r.because).toMatch(/It holds at 94/);
    expect(r.because).not.toMatch(/moving/);
  });
  it('is stuck open far below, and stuck shut far above', () => {
    expect(at('64').because).toMatch(/stuck open/);
    expect(at('99').because).toMatch(/stuck shut/);
    expect(at('66', {}, '70').because).toMatch(/still moving/);
  });
});

describe('two bad of four', () => {
  it('are named where only being bad puts them there: cylinders hardly missed, wheels without a signal', () => {
    const weak = run('power-balance', { cylinders: '4', falls: list('92', '15', '12', '95') });
    expect(weak.findings.flatMap((f) => (f.about ? [f.about] : []))).toEqual(['Cylinder 2', 'Cylinder 3']);
    expect(weak.verdict).toBe('fail');
    const dead = run('wheel-speeds', { wheels: list('50', '0', '50.2', '0') });
    expect(dead.findings.filter((f) => f.verdict === 'fail').map((f) => f.about)).toEqual(['2', '4']);
  });
  it('are said as two groups where either could be right', () => {
    const r = run('injector-balance', {
      rest: '57 psi',
      cylinders: '4',
      given: 'drop',
      each: list('17', '22', '17.2', '22.3'),
    });
    expect(r.verdict).toBe('unsure');
    expect(r.because).toMatch(/two groups: 1, 3 at 17.*2, 4 at 22/);
    const group = judgeSiblings(
      [
        ['FL', '24'],
        ['FR', '31'],
        ['RL', '24'],
        ['RR', '31 psi'],
      ].map(([label, entered]) => ({ label: label!, entered: entered!, limit: 'siblings' })),
    )!.group;
    expect(group.because).toMatch(/FL, RL at 24.psi; FR, RR at 31.psi/);
  });
  it.each([
    [[90, 12, 88, 15], 'low', ['b', 'd']],
    [[90, 12, 88, 15], 'high', ['a', 'c']],
    [[90, 12, 88, 15], undefined, []],
    // Three low ones of four are the majority, and the one left could be the odd one.
    [[12, 13, 12, 90], 'low', ['d']],
    [[90, 50, 88, 15], 'low', []],
  ] as const)('%j with %s as bad: %j', (values, bad, odd) => {
    const c = compareSiblings(
      values.map((value, i) => ({ at: 'abcd'[i]!, value })),
      5,
      bad,
    );
    expect(c.odd.map((o) => o.at)).toEqual(odd);
  });
});

describe('a cam off by exactly one tooth', () => {
  const cam = (measured: string, teeth: string) => run('cam-crank', { wanted: '0°', measured, teeth });
  it('is a fault, though it is less than the limit of the code', () => {
    // 48 teeth: 7.5° each.
    expect(cam('7.5°', '48').verdict).toBe('fail');
    expect(cam('7.5°', '48').because).toMatch(/one tooth/);
    expect(cam('6°', '24').verdict).toBe('unsure');
  });
  it('is not called harmless where a tooth is that small', () => {
    expect(cam('4.5°', '80').verdict).toBe('unsure');
    expect(cam('4.5°', '80').because).toMatch(/within what is harmless, and just one tooth/);
    expect(cam('2°', '80').verdict).toBe('pass');
    expect(cam('4°', '22').verdict).toBe('pass');
  });
});

describe('heights', () => {
  it('below zero are heights', () => {
    const r = run('ride-height', {
      heights: [
        { at: 'LF', entered: '−18 mm' },
        { at: 'RF', entered: '−20' },
        { at: 'left rear', entered: '-18' },
        { at: 'RR', entered: '-41' },
      ],
    });
    expect(r.findings.map((f) => `${f.about}: ${f.verdict}`)).toEqual(['Front: pass', 'Rear: fail']);
    expect(r.because).toMatch(/Right hangs 23/);
  });
});

describe('units of one kind that differ', () => {
  it('are converted: bar applied and kPa shown, % asked and ppm read', () => {
    const steps = [
      ['0 bar', '0 kPa'],
      ['1 bar', '101 kPa'],
      ['2 bar', '199 kPa'],
    ].map(([truth, shown]) => ({ truth: truth!, shown: shown! }));
    expect(run('applied-truth', { steps }).verdict).toBe('pass');
    const off = steps.map((s, i) => (i === 2 ? { ...s, shown: '240 kPa' } : s));
    expect(run('applied-truth', { steps: off }).because).toMatch(/At 2.bar it is off by/);
  });
  it('of different kinds are refused: gauge and absolute pressure', () => {
    const r = runCheck(checkOf('applied-truth')!, {
      steps: [
        { truth: '0 bar', shown: '1.01 bar abs' },
        { truth: '1 bar', shown: '2.01 bar abs' },
      ],
    });
    expect(r.state).toBe('refused');
  });
});

describe('limits that hold for some systems only', () => {
  const charging = (typed: Typed) => run('charging-voltage', { system: '12 V', rest: '12.6 V', ...typed });
  it('an alternator that charges on demand rests: no verdict until it is loaded', () => {
    expect(charging({ running: '12.6 V' }).verdict).toBe('unsure');
    expect(charging({ running: '12.6 V', loaded: '13.9 V', ripple: '60 mV' }).because).toMatch(
      /charges under load: it rests/,
    );
    expect(charging({ running: '12.6 V', loaded: '12.0 V' }).verdict).toBe('fail');
    expect(charging({ running: '12.6 V', control: 'fixed regulator' }).verdict).toBe('fail');
  });
  it('15.3 V is too much of a fixed regulator, and asked about of one on demand', () => {
    expect(charging({ running: '15.3 V' }).verdict).toBe('unsure');
    expect(charging({ running: '15.3 V', control: 'fixed regulator' }).verdict).toBe('fail');
    expect(charging({ running: '16.1 V' }).verdict).toBe('fail');
    expect(
      charging({ system: '24 V', rest: '25.2 V', running: '28.1 V', loaded: '27.6 V', ripple: '0.8 V' })
        .verdict,
    ).toBe('pass');
  });
  it('ripple is held against the limit given', () => {
    const rippled = { running: '14.2 V', loaded: '13.8 V', ripple: '0.3 V' };
    expect(charging(rippled).verdict).toBe('pass');
    expect(charging({ ...rippled, smooth: '0.1 V' }).verdict).toBe('fail');
  });
  it('burn times of capacitors and of several sparks are compared with each other alone', () => {
    const sparks = ['0.3 ms', '0.31', '0.12', '0.3'].map((burn, i) => ({ cylinder: String(i + 1), burn }));
    expect(run('ignition-burn', { sparks }).verdict).toBe('fail');
    const r = run('ignition-burn', { system: 'capacitor discharge', sparks });
    expect(r.because).toMatch(/^3: 0.12/);
    const alike = sparks.map((s) => ({ ...s, burn: '0.3 ms' }));
    expect(run('ignition-burn', { system: 'several sparks', sparks: alike }).verdict).toBe('pass');
  });
});

describe('a circuit check', () => {
  it('names place and state of what is wrong and of what to measure next', () => {
    const r = run('switched-ground', {
      supply: '12.6 V',
      feed_on: '12.6 V',
      control_off: '12.6 V',
      control_on: '12.6 V',
    });
    expect(r.because).toMatch(
      /^Control wire at the part, switched on: 12\.6.V cannot be in a good circuit\./,
    );
    expect(r.because).toMatch(/Measure next: control pin at the controller, switched (on|off)\.$/);
    expect(r.because).not.toMatch(/switched off: 12\.6/);
  });
});
