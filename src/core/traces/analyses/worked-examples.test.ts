import { describe, expect, it } from 'vitest';
import { Refusal } from '@/core/checks/contract';
import { firingPlan, type FiringPlan } from '../engine';
import type { Channel } from '../channel';
import { ANALYSES } from './index';

/** Signals drawn by hand whose answer can be read off the drawing; common practice, no source. */
const run = (id: string, channels: Record<string, Channel[]>, settings = {}, engine?: FiringPlan) => {
  const analysis = ANALYSES.find((a) => a.id === id)!;
  return analysis.run({ channels, engine }, analysis.settings.parse(settings));
};
const signal = (
  name: string,
  unit: string,
  rate: number,
  seconds: number,
  at: (t: number) => number,
): Channel => ({
  name,
  unit,
  interval: 1 / rate,
  start: 0,
  samples: Float32Array.from({ length: Math.round(seconds * rate) }, (_, i) => at(i / rate)),
});
type Result = ReturnType<typeof run>;
const of = (r: Result, about: string) => r.findings.find((f) => f.about === about)!;
const verdicts = (r: Result, start: string) =>
  Object.fromEntries(r.findings.filter((f) => f.about?.startsWith(start)).map((f) => [f.about, f.verdict]));
const four = firingPlan('1-3-4-2') as FiringPlan;

/** A rail pressure: rises to rest, and falls by one drop every three seconds; brought back before each. */
const rail = (drops: number[], rest = 50, pause: (k: number) => number = () => 0): Channel => {
  const starts: number[] = [];
  let t = 4;
  drops.forEach((_, k) => {
    t += pause(k);
    starts.push(t);
    t += 3;
  });
  return signal('rail pressure', 'psi', 200, t + 1, (x) => {
    if (x < 1) return 0;
    const k = starts.findLastIndex((s) => s <= x);
    // From 1.8 s after a drop the pump has brought the pressure back.
    if (k < 0 || x - starts[k]! > 1.8) return rest;
    return rest - drops[k]! * Math.min(1, (x - starts[k]!) / 0.5);
  });
};

describe('injector balance', () => {
  it('each pass has its own middle: 20, 20, 14, 20 and 8, 8, 5.6, 8 both leave the third 30 % short', () => {
    const r = run('injector-drops', { pressure: [rail([20, 20, 14, 20, 8, 8, 5.6, 8])] }, { injectors: 4 });
    expect(verdicts(r, 'injector')).toEqual({
      'injector 1': 'pass',
      'injector 2': 'pass',
      'injector 3': 'fail',
      'injector 4': 'pass',
    });
    expect(of(r, 'injector 3').figure).toBe('70 %');
    expect(of(r, 'injector 3').because).toContain('30 % less');
  });
  it('the pump’s first rise is no drop, and pauses of a minute between connectors are none either', () => {
    const pauses = (k: number) => [0, 55, 7, 31][k]!;
    const r = run('injector-drops', { pressure: [rail([16, 16, 21, 16], 57, pauses)] }, { injectors: 4 });
    expect(verdicts(r, 'injector')).toMatchObject({ 'injector 1': 'pass', 'injector 3': 'fail' });
    expect(of(r, 'injector 3').because).toContain('31 % more');
  });
  it('passes that do not agree are left open, and no further one is asked for', () => {
    const r = run('injector-drops', { pressure: [rail([20, 20, 20, 20, 10, 10, 6, 10])] }, { injectors: 4 });
    expect(of(r, 'injector 3').verdict).toBe('unsure');
    expect(of(r, 'injector 3').because).toContain('only flood the cylinders');
  });
  it('one place left empty once is named and not accused; left empty in both passes it is', () => {
    const once = run('injector-drops', { pressure: [rail([16, 0, 16, 16])] }, { injectors: 4 });
    expect(of(once, 'injector 2').verdict).toBe('unsure');
    const both = run(
      'injector-drops',
      { pressure: [rail([16, 0, 16, 16, 16, 0, 16, 16])] },
      { injectors: 4 },
    );
    expect(of(both, 'injector 2').verdict).toBe('fail');
  });
  it('unevenly paused, a missing drop is not put anywhere', () => {
    const pauses = (k: number) => [0, 9, 4][k]!;
    expect(() =>
      run('injector-drops', { pressure: [rail([16, 16, 16], 50, pauses)] }, { injectors: 4 }),
    ).toThrow(Refusal);
  });
});

describe('command and answer of a slow logger', () => {
  const levels = (t: number) => (t < 8 ? 10 : t < 20 ? 60 : t < 32 ? 35 : t < 46 ? 85 : t < 60 ? 20 : 10);
  const command = signal('commanded', '%', 2, 75, levels);
  const answer = (at: (u: number, t: number) => number) =>
    signal('measured', 'V', 2, 75, (t) => at(levels(t), t));
  it('finds the scale: 0.5 V and 0.04 V a per cent', () => {
    const r = run('command-answer', { command: [command], answer: [answer((u) => 0.5 + 0.04 * u)] });
    expect(of(r, 'scale').figure).toBe('Scale found in this run: 0.5 V at 0 %, 4.5 V at 100 %.');
    expect(of(r, 'answered').verdict).toBe('pass');
  });
  it('at two values a second a lag of 200 ms is not told; one of 3 s is', () => {
    const quick = run('command-answer', { command: [command], answer: [answer((u) => 0.5 + 0.04 * u)] });
    expect(of(quick, 'lag').verdict).toBe('unsure');
    const late = run('command-answer', {
      command: [command],
      answer: [answer((_, t) => 0.5 + 0.04 * levels(t - 3))],
    });
    expect(of(late, 'lag').verdict).toBe('fail');
    expect(of(late, 'lag').figure).toBe('3000 ms');
  });
  it('stays after the command is gone', () => {
    const r = run('command-answer', {
      command: [command],
      answer: [answer((u, t) => 0.5 + 0.04 * (t > 60 ? 45 : u))],
    });
    expect(of(r, 'return to rest').verdict).toBe('fail');
    expect(of(r, 'return to rest').because).toContain('stays at 2.3 V');
  });
  it('follows a ramp down to 1.22 V and no lower', () => {
    const ramp = (t: number) => (t < 5 ? 90 : t < 45 ? 90 - 2 * (t - 5) : 10);
    const r = run('command-answer', {
      command: [signal('commanded', '%', 5, 60, ramp)],
      answer: [signal('measured', 'V', 5, 60, (t) => Math.max(1.22, 0.5 + 0.04 * ramp(t)))],
    });
    expect(of(r, 'range').verdict).toBe('fail');
    expect(of(r, 'range').because).toContain('down to 1.22 V and no lower');
  });
  it('a clean answer in four jumps moves, whatever its unit', () => {
    const jumps = (t: number) => (t < 10 ? 5 : t < 22 ? 70 : t < 35 ? 30 : 90);
    const r = run('command-answer', {
      command: [signal('commanded', '%', 2, 45, jumps)],
      answer: [signal('measured', 'mA', 2, 45, (t) => 4 + 0.16 * jumps(t - 3))],
    });
    expect(of(r, 'answered').verdict).toBe('pass');
    expect(of(r, 'lag').verdict).toBe('fail');
  });
  it('a part that does not move at all is stuck', () => {
    const r = run('command-answer', { command: [command], answer: [answer(() => 2.1)] });
    expect(of(r, 'answered').because).toContain('does not move');
  });
});

describe('channels that should agree', () => {
  const drive = (t: number) => 3 + Math.sin(t / 6) + 0.6 * Math.sin(t / 2.3 + 1);
  it('an analyser 10 s behind agrees once the 10 s are taken out', () => {
    const r = run('agreement', {
      signals: [signal('sensor', 'λ', 5, 200, drive), signal('analyser', 'λ', 5, 200, (t) => drive(t - 10))],
    });
    expect(of(r, 'delay').figure).toBe('10.0 s');
    expect(of(r, 'sensor').verdict).toBe('pass');
    expect(of(r, 'analyser').verdict).toBe('pass');
  });
  it('one that has no value for five seconds is not said to agree', () => {
    const wheel = (n: string, gone: boolean) =>
      signal(n, 'km/h', 4, 60, (t) => (gone && t > 37 && t < 42 ? NaN : 30 * drive(t)));
    const r = run('agreement', {
      signals: [wheel('left', true), wheel('right', false), wheel('rear', false)],
    });
    expect(verdicts(r, '')).toEqual({ left: 'unsure', right: 'pass', rear: 'pass' });
    expect(of(r, 'left').because).toContain('no value from 37.25 s');
  });
  it('of three that warm up together one that stays at 21 °C is named', () => {
    const warm = (t: number) => 20 + 60 * (1 - Math.exp(-t / 90));
    const r = run('agreement', {
      signals: [1, 2]
        .map((k) => signal(`temperature ${k}`, '°C', 1, 400, (t) => warm(t) + 0.2 * k))
        .concat(signal('temperature 3', '°C', 1, 400, () => 21)),
    });
    expect(of(r, 'temperature 3').verdict).toBe('fail');
    expect(of(r, 'temperature 3').because).toContain('stays at 21 °C');
  });
  it('along a pipe the two that come the other way round are named', () => {
    const at = (late: number, k: number) =>
      signal(`gas ${k}`, '°C', 2, 200, (t) => 300 + 60 * drive(t - late));
    const r = run(
      'agreement',
      { signals: [at(0, 1), at(6, 2), at(3, 3), at(9, 4)] },
      { as: 'follow each other along a pipe' },
    );
    expect(verdicts(r, 'gas')).toEqual({
      'gas 1': 'pass',
      'gas 2': 'fail',
      'gas 3': 'fail',
      'gas 4': 'pass',
    });
  });
  it('temperatures after a night agree at rest; wheel speeds at nought tell nothing', () => {
    const flat = (name: string, unit: string, at: number) => signal(name, unit, 2, 60, () => at);
    const night = run(
      'agreement',
      { signals: [flat('a', '°C', 11), flat('b', '°C', 11.2), flat('c', '°C', 10.9)] },
      { tolerance: 2 },
    );
    expect(night.findings.every((f) => f.verdict === 'pass')).toBe(true);
    const parked = run('agreement', { signals: ['a', 'b', 'c'].map((n) => flat(n, 'km/h', 0)) });
    expect(parked.findings.every((f) => f.verdict === 'unsure')).toBe(true);
  });
});

describe('relative compression', () => {
  const cycle = 0.6;
  const current = signal(
    'starter current',
    'A',
    2000,
    4.2,
    (t) => 130 + 30 * Math.cos((2 * Math.PI * t) / (cycle / 4)),
  );
  const trigger = (early: number) =>
    signal('trigger', 'V', 2000, 4.2, (t) => ((t / cycle + early / 720) % 1 < 0.01 ? 5 : 0));
  it('says where the trigger stands against the hump, and that it has moved by 40°', () => {
    const r = run(
      'cranking-compression',
      { current: [current], trigger: [trigger(40)] },
      { usual: '0' },
      four,
    );
    expect(Math.abs(Number.parseFloat(of(r, 'trigger').figure!) + 40)).toBeLessThan(6);
    expect(of(r, 'trigger').verdict).toBe('fail');
    const well = run(
      'cranking-compression',
      { current: [current], trigger: [trigger(0)] },
      { usual: '0' },
      four,
    );
    expect(of(well, 'trigger').verdict).toBe('pass');
  });
  it('gives the speed: a cycle of 0.6 s is 200 rpm', () => {
    const r = run('cranking-compression', { current: [current] }, {}, four);
    expect(of(r, 'cranking').figure).toBe('200 rpm');
  });
});

describe('cam against crank', () => {
  const wheel = (a: number) => a % 360 < 348 && a % 6 < 3;
  const turn = (t: number) => t * 900 * 6;
  const crank = signal('crank', 'V', 50_000, 1.2, (t) => (wheel(turn(t)) ? 5 : 0));
  const cam = (late: number) =>
    signal('cam', 'V', 50_000, 1.2, (t) => ((turn(t) - 97 - late + 1440) % 720 > 695 ? 5 : 0));
  it('counts jumped teeth by the timing gear where it is known: 18° are one of 20 teeth', () => {
    const normal = run('cam-crank', { crank: [crank], cam: [cam(0)] }).gives!.normal!;
    const r = run('cam-crank', { crank: [crank], cam: [cam(18)] }, { normal, gear: 20 });
    expect(of(r, 'cam against crank').because).toContain('That is 1 tooth of the timing gear');
    const plain = run('cam-crank', { crank: [crank], cam: [cam(18)] }, { normal });
    expect(plain.findings[0]!.because).toContain('3 teeth of the crank wheel');
  });
});
