import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Channel } from '../../channel';
import { followPattern, patternOf, trainOf } from '../../signal';
import { disturbersOf, tail } from './interference';
import { dropOuts } from './index';

const RATE = 10_000;
const channel = (name: string, unit: string, seconds: number, f: (t: number) => number): Channel => ({
  name,
  unit,
  interval: 1 / RATE,
  start: 0,
  samples: Float32Array.from({ length: Math.round(RATE * seconds) }, (_, i) => f(i / RATE)),
});
/** A wheel of 20 teeth at five turns a second: a pulse every 10 ms. */
const hall = (t: number) => ((t * 100) % 1 < 0.5 ? 4.9 : 0.2);
const run = (...signals: Channel[]) => dropOuts.run({ channels: { signals } }, dropOuts.settings.parse({}));
const of = (r: ReturnType<typeof run>, about: string) => r.findings.find((f) => f.about === about)!;

describe('a sensor that switches', () => {
  it('is whole where each pulse comes', () => {
    expect(of(run(channel('Hall', 'V', 3, hall)), 'Hall')).toMatchObject({
      verdict: 'pass',
      because: 'Hall: 299 pulses, none missing, and the swing stays.',
    });
  });
  it('is told by the pulses that are missing, and by those too many', () => {
    const missing = channel('Hall', 'V', 3, (t) =>
      t > 0.9999 && t < 1.006 ? 0.2 : t > 1.9999 && t < 2.016 ? 0.2 : hall(t),
    );
    const found = of(run(missing), 'Hall');
    expect(found).toMatchObject({ verdict: 'fail', figure: '2' });
    expect(found.because).toMatch(/^Hall: 3 pulses are missing, the first at 0\.9899 s/);
    const more = channel('Hall', 'V', 3, (t) => (t > 1.007 && t < 1.008 ? 4.9 : hall(t)));
    expect(of(run(more), 'Hall').because).toContain('1 pulse is too many');
  });
  it.each([
    [0.2, 'stays low (0.2 V)'],
    [4.9, 'stays high (4.9 V)'],
  ])('that goes dead at %f V does so from one pulse to the next', (level, says) => {
    const found = of(run(channel('Hall', 'V', 3, (t) => (t > 1.5 ? level : hall(t)))), 'Hall');
    expect(found.verdict).toBe('fail');
    expect(found.because).toContain(says);
    expect(found.because).toContain('to the end, from one pulse to the next');
    expect(found.place!.from).toBeCloseTo(1.49, 1);
  });
  it('that may be an output is not accused of being switched off', () => {
    const quiet = (t: number) => (t > 1.5 ? 0.2 : hall(t));
    expect(of(run(channel('Injector 2', 'V', 3, quiet)), 'Injector 2').verdict).toBe('unsure');
    expect(of(run(channel('Channel B', 'V', 3, quiet)), 'Channel B')).toMatchObject({
      verdict: 'unsure',
      because: expect.stringContaining('whether it was turning would tell') as string,
    });
    // A twin that goes on tells.
    const r = run(
      channel('Channel B', 'V', 3, quiet),
      channel('Channel A', 'V', 3, (t) => hall(t * 0.9)),
    );
    expect(of(r, 'Channel B')).toMatchObject({
      verdict: 'fail',
      because: expect.stringContaining('while Channel A goes on') as string,
    });
    expect(of(r, 'Channel A').verdict).toBe('pass');
  });
  it('that runs down and stands is at no fault, nor while the speed says it stood', () => {
    // 100 pulses a second, from 1 s on ever slower until it stands at 2 s: the angle is t, then t − (t−1)²/2.
    const angle = (t: number) => (t < 1 ? t : t < 2 ? t - (t - 1) ** 2 / 2 : 1.5);
    const r = run(
      channel('Hall', 'V', 3, (t) => hall(angle(t))),
      channel('Engine speed', 'rpm', 3, (t) => (t < 1 ? 300 : Math.max(0, 300 * (2 - t)))),
    );
    expect(of(r, 'Hall').verdict).toBe('pass');
    expect(of(r, 'Hall').because).toContain('runs down and stands');
  });
  it('is told by a swing that sinks', () => {
    const sinks = channel(
      'Hall',
      'V',
      3,
      (t) => 2.5 + (hall(t) - 2.5) * (t < 1 ? 1 : Math.max(0.4, 1 - (t - 1))),
    );
    const found = of(run(sinks), 'Hall');
    expect(found.verdict).toBe('fail');
    expect(found.because).toContain('swing sinks from 4.7 V');
  });
  it('that gives nothing at all is never whole', () => {
    for (const level of [0, 0.2, 5])
      expect(of(run(channel('Hall', 'V', 3, () => level)), 'Hall').verdict).toBe('unsure');
  });
});

describe('honesty', () => {
  const noise = (seed: number) => {
    let x = seed;
    return () => (x = (x * 16807) % 2147483647) / 2147483647 - 0.5;
  };
  it('accuses nothing that is whole, acquits nothing that went dead, and swaps with the channels', () => {
    fc.assert(
      fc.property(
        fc.record({
          teeth: fc.integer({ min: 2, max: 60 }),
          gap: fc.boolean(),
          speed: fc.double({ min: 3, max: 12, noNaN: true }),
          dead: fc.double({ min: 0.8, max: 2.2, noNaN: true }),
          seed: fc.integer({ min: 1, max: 1e6 }),
        }),
        ({ teeth, gap, speed, dead, seed }) => {
          const n = noise(seed);
          const missing = gap && teeth > 8;
          const wheel = (t: number) => {
            const tooth = t * speed * teeth;
            return missing && Math.floor(tooth) % teeth === teeth - 1 ? 0 : tooth % 1 < 0.5 ? 5 : 0;
          };
          const whole = channel('Hall 1', 'V', 3, (t) => wheel(t) + 0.1 * n());
          const broken = channel('Hall 2', 'V', 3, (t) => (t > dead ? 0 : wheel(t)) + 0.1 * n());
          // A wheel so fast that its teeth are a few samples each cannot be followed.
          fc.pre(speed * teeth < RATE / 12 && speed * teeth > 8);
          expect(of(run(whole), 'Hall 1').verdict).not.toBe('fail');
          expect(of(run(broken), 'Hall 2').verdict).not.toBe('pass');
          for (const pair of [
            [whole, broken],
            [broken, whole],
          ]) {
            const r = run(...(pair as [Channel, Channel]));
            expect(of(r, 'Hall 1').verdict).not.toBe('fail');
            expect(of(r, 'Hall 2').verdict).not.toBe('pass');
          }
        },
      ),
      { numRuns: 40 },
    );
  });
});

describe('slow signals', () => {
  it('moved by a foot do not drop out; the same dips without a ramp do', () => {
    const brake = (ramp: number) =>
      channel('Brake pressure', 'bar', 4, (t) => {
        const x = (t % 1.3) - 0.4;
        const share = Math.min(1, Math.max(0, Math.min(x / ramp, (0.07 + 2 * ramp - x) / ramp)));
        return 30 - 28 * (0.5 - 0.5 * Math.cos(Math.PI * share));
      });
    expect(of(run(brake(0.08)), 'Brake pressure').verdict).not.toBe('fail');
    expect(of(run(brake(0.0002)), 'Brake pressure').verdict).toBe('fail');
  });
  it('that are switches pressed by a foot are not accused, and not called whole', () => {
    const pressed = (t: number) => ((t > 1 && t < 1.4) || (t > 2 && t < 2.1) || (t > 3 && t < 3.4) ? 12 : 0);
    for (const name of ['Brake light', 'Channel B'])
      expect(of(run(channel(name, 'V', 4, pressed)), name)).toMatchObject({
        verdict: 'unsure',
        because: expect.stringContaining('as a switch does') as string,
      });
    expect(of(run(channel('Sensor supply', 'V', 4, (t) => 12 - pressed(t))), 'Sensor supply').verdict).toBe(
      'fail',
    );
  });
  it('that stand at nothing and jump are not whole', () => {
    const jumps = channel('Oil pressure', 'V', 4, (t) => (t % 1.1 > 0.5 && t % 1.1 < 0.53 ? 4 : 0));
    expect(of(run(jumps), 'Oil pressure').verdict).toBe('fail');
  });
  it('of a slow logger are not whole: it cannot see between its samples', () => {
    const logged = { ...channel('Pedal', '%', 0.03, (t) => 15 + 40 * Math.sin(t * 90)), interval: 0.2 };
    expect(of(run(logged), 'Pedal').verdict).not.toBe('pass');
    expect(of(run({ ...logged, interval: 0.02 }), 'Pedal').verdict).toBe('pass');
  });
  it('that begin to turn from standing are at no fault', () => {
    // Two turns a second a second, then even: no jump of speed anywhere.
    const turns = (t: number) => (t < 0.5 ? 0 : t < 1.5 ? (t - 0.5) ** 2 : 1 + 2 * (t - 1.5));
    const teeth = (t: number) => {
      const p = (turns(t) % 1) * 60;
      return p < 58 && p % 1 < 0.5 ? 5 : 0.2;
    };
    expect(of(run(channel('CKP', 'V', 4, teeth)), 'CKP').verdict).not.toBe('fail');
  });
  it('that stand still show nothing, but for what ought to', () => {
    expect(of(run(channel('Oil pressure', 'V', 2, () => 1.2)), 'Oil pressure').verdict).toBe('unsure');
    expect(of(run(channel('Sensor supply', 'V', 2, () => 5)), 'Sensor supply').verdict).toBe('pass');
  });
});

describe('interference', () => {
  const coil = (t: number) => ((t * 20) % 1 < 0.05 ? 40 : 0);
  const sensor = (tied: boolean) =>
    channel('Oil pressure', 'V', 3, (t) => {
      const x = tied ? (t * 20) % 1 : (t * 13.37 + Math.sin(t * 9)) % 1;
      return 2.5 + 0.4 * Math.sin(3 * t) + (x < 0.008 ? 3 : 0);
    });
  it('names the channel the spikes come with, and neither accuses the sensor nor calls it whole', () => {
    const r = run(sensor(true), channel('Coil 3', 'V', 3, coil));
    expect(of(r, 'Oil pressure').verdict).toBe('unsure');
    expect(of(r, 'interference')).toMatchObject({
      verdict: 'fail',
      because: expect.stringMatching(/^Coil 3 disturbs Oil pressure: \d+ of \d+ spikes/) as string,
    });
    expect(of(r, 'Coil 3').verdict).toBe('pass');
  });
  it('is not seen where the spikes come by themselves', () => {
    const r = run(sensor(false), channel('Coil 3', 'V', 3, coil));
    expect(of(r, 'interference')).toBeUndefined();
    expect(of(r, 'Oil pressure').verdict).toBe('fail');
  });
  it('reckons chance by the binomial distribution', () => {
    // P(X ≥ 2), n = 3, p = 0.5: (3 + 1) / 8. P(X ≥ 8), n = 10, p = 0.2: 7.79e-5 (NIST/SEMATECH e-Handbook 1.3.6.6.18).
    expect(tail(3, 2, 0.5)).toBeCloseTo(0.5, 12);
    expect(tail(10, 8, 0.2)).toBeCloseTo(7.79264e-5, 9);
    expect(tail(4, 0, 0.1)).toBe(1);
  });
  it('says nothing of few spikes', () => {
    const c = channel('a', 'V', 1, () => 0);
    expect(disturbersOf([0.1, 0.2], c, [channel('Coil', 'V', 1, coil)])).toEqual([]);
  });
});

describe('the pattern of a wheel', () => {
  it('is found with gaps, equal ones and of several widths', () => {
    const turns = (turn: number[], n: number) => Array.from({ length: n }, () => turn).flat();
    expect(patternOf(turns([1], 50))).toEqual([1]);
    const gap = [...Array<number>(34).fill(1), 2];
    expect(patternOf(turns(gap, 6))).toHaveLength(35);
    const equal = [...Array<number>(10).fill(1), 3];
    expect(patternOf(turns(equal, 12))).toHaveLength(11);
    expect(patternOf(turns([2, 3, 1.2, 3.8], 10))!.map((x) => Number(x.toFixed(2)))).toEqual([
      0.8, 1.2, 0.48, 1.52,
    ]);
  });
  it('is not found in distances that do not repeat', () => {
    let x = 5;
    const wild = Array.from({ length: 90 }, () => 1 + 8 * ((x = (x * 16807) % 2147483647) / 2147483647));
    expect(patternOf(wild)).toBeUndefined();
  });
  it('is left where pulses are missing, too many or silent, and taken up again', () => {
    const one = (...gaps: number[]) => [...Array<number>(12).fill(1), ...gaps, ...Array<number>(12).fill(1)];
    expect(followPattern(one(2), [1])).toMatchObject([{ kind: 'missing', after: 12, count: 1 }]);
    expect(followPattern(one(4), [1])).toMatchObject([{ kind: 'missing', count: 3 }]);
    expect(followPattern(one(0.3, 0.7), [1])).toMatchObject([{ kind: 'extra', count: 1 }]);
    expect(followPattern(one(40), [1])).toMatchObject([{ kind: 'silence', count: 39, slowing: false }]);
    expect(followPattern(one(1.1, 1.3, 1.6, 2.1, 40), [1])).toMatchObject([
      { kind: 'silence', slowing: true },
    ]);
    expect(followPattern(one(), [1], 30)).toMatchObject([{ kind: 'silence', until: 25 }]);
    expect(followPattern(one(), [1], 1.5)).toEqual([]);
  });
  it('is no train in noise, nor in a slow signal that drops out now and then', () => {
    const slow = channel('pedal', 'V', 4, (t) => (t % 0.9 < 0.02 ? 0.05 : 2.5 + 0.6 * Math.sin(5 * t)));
    expect(trainOf(slow)).toBeUndefined();
    let x = 7;
    expect(trainOf(channel('n', 'V', 2, () => (x = (x * 16807) % 2147483647) / 2147483647))).toBeUndefined();
  });
});
