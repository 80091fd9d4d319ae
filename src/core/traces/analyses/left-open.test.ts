import { describe, expect, it } from 'vitest';
import type { Channel } from '../channel';
import { ANALYSES } from './index';

/**
 * On what could an analysis accuse or acquit without having seen it? Signals drawn by hand; common practice, no source.
 */
const run = (id: string, channels: Record<string, Channel[]>, settings = {}) => {
  const analysis = ANALYSES.find((a) => a.id === id)!;
  return analysis.run({ channels, engine: undefined }, analysis.settings.parse(settings)).findings;
};
const signal = (
  name: string,
  unit: string,
  hertz: number,
  seconds: number,
  at: (t: number) => number,
): Channel => ({
  name,
  unit,
  interval: 1 / hertz,
  start: 0,
  samples: Float32Array.from({ length: Math.round(seconds * hertz) }, (_, i) => at(i / hertz)),
});
/** Noise of a few parts in a thousand that comes out the same every time. */
const grain = (t: number) => 0.004 * (((Math.sin(t * 12_989.8) * 43_758.5453) % 1) + 0.2);

describe('a value that should hold', () => {
  const held = (at: (t: number) => number) =>
    run('hold', { signal: [signal('Fuel pressure', 'bar', 1, 480, (t) => at(t) + grain(t))] }).find(
      (f) => f.about === 'leak rate',
    )!;

  it('leaks where it falls all along', () => {
    expect(held((t) => 4 - (0.3 * t) / 60).verdict).toBe('fail');
  });

  it('is not told where it rises again in between: somebody feeds it', () => {
    const of = held((t) => 4 - (0.3 * (t % 160)) / 60 - t / 6000);
    expect(of.verdict).toBe('unsure');
    expect(of.because).toContain('rises again by');
  });

  it('is not told where it falls all at once: the speed of a pump, not a leak', () => {
    const of = held((t) => (t < 240 ? 3.1 : 1.2));
    expect(of.verdict).toBe('unsure');
    expect(of.because).toContain('falls at once');
  });

  it('is told beside noise, and beside a swell that is small against the fall', () => {
    expect(held((t) => 4 - (0.3 * t) / 60 + 0.02 * Math.sin(t / 30)).verdict).toBe('fail');
    expect(held(() => 4).verdict).toBe('pass');
  });
});

describe('a slow logger', () => {
  const looked = (at: (t: number) => number) =>
    run('drop-outs', { signals: [signal('Charge pressure', 'kPa', 2, 120, at)] })[0]!;
  const pull = (t: number) => (t > 40 && t < 60 ? 210 : 102) + Math.sin(t);

  it('does not take a step for a drop-out or a spike', () => {
    expect(looked(pull).verdict).toBe('unsure');
    expect(looked(pull).because).toContain('a sample every 500 ms');
  });

  it('finds what goes away and comes back to where it was', () => {
    const of = looked((t) => ((t > 20 && t < 21) || (t > 80 && t < 81) ? 0 : pull(t)));
    expect(of.verdict).toBe('fail');
    expect(of.because).toMatch(/Charge pressure (?:drops out|spikes)/);
  });
});

describe('what only scatters', () => {
  it('is not fast: a supply that sags is found in its noise', () => {
    const of = run('drop-outs', {
      signals: [signal('5V reference', 'V', 1000, 6, (t) => (t > 2 && t < 2.12 ? 3.1 : 4.99) + 3 * grain(t))],
    })[0]!;
    expect(of.verdict).toBe('fail');
  });

  const fired = (t: number) => [0.31, 0.74, 1.62, 2.35].some((at) => t >= at && t < at + 0.0006);

  it('a coil is not accused of the spikes it makes', () => {
    const of = run('drop-outs', {
      signals: [signal('Coil current', 'A', 5000, 3, (t) => (fired(t) ? 38 : 12) + 3 * grain(t))],
    })[0]!;
    expect(of.verdict).toBe('unsure');
    expect(of.because).toContain('spikes of its own');
  });
});

describe('channels held against each other', () => {
  const warm = (name: string, takes: number, from = 15) =>
    signal(name, '°C', 1, 600, (t) => from + 70 * (1 - Math.exp(-t / takes)));
  const cold = (name: string) => signal(name, '°C', 1, 600, (t) => 15 + 0.2 * Math.sin(t / 50));

  it('accuse one that does not move only where it is of their kind', () => {
    const alike = run('agreement', {
      signals: [warm('Oil temp 1', 150), warm('Oil temp 2', 150), cold('Oil temp 3')],
    });
    expect(alike.find((f) => f.about === 'Oil temp 3')?.verdict).toBe('fail');
    const unlike = run('agreement', {
      signals: [warm('Coolant temp', 150), warm('Oil temp', 150), cold('Intake air temp')],
    });
    const of = unlike.find((f) => f.about === 'Intake air temp')!;
    expect(of.verdict).toBe('unsure');
    expect(of.because).toContain('different things');
  });

  it('accuse none of being late where several come one after another', () => {
    const behind = (s: number) => (t: number) => 300 + 200 * Math.sin(Math.max(0, t - s) / 25);
    const all = [0, 9, 18, 27].map((s, i) => signal(`EGT ${i + 1}`, '°C', 2, 500, behind(s)));
    const found = run('agreement', { signals: all });
    expect(found.filter((f) => f.verdict === 'fail')).toEqual([]);
    expect(found.some((f) => f.because.includes('along a pipe'))).toBe(true);
  });
});

describe('an answer to a command', () => {
  const steps = (t: number) => [0, 35, 0, 80, 50, 10, 60, 0, 0][Math.floor(t / 10)]!;
  const command = signal('EGR commanded', '%', 1, 90, steps);
  const judged = (answer: (t: number) => number, unit: string) =>
    run('command-answer', { command: [command], answer: [signal('EGR position', unit, 1, 90, answer)] });

  it('in a unit that nobody named is not stuck for being small', () => {
    const found = judged((t) => 0.6 + 0.036 * steps(t), '');
    expect(found.filter((f) => f.verdict === 'fail')).toEqual([]);
    expect(found[0]!.because).toContain('goes with');
  });

  it('that does not move is stuck in any unit', () => {
    for (const unit of ['', 'V', '%'])
      expect(judged((t) => 2 + 0.3 * grain(t), unit)[0]!.verdict, unit).toBe('fail');
  });

  it('that stops half way is not acquitted of the rest', () => {
    const found = judged((t) => Math.min(0.6 + 0.036 * steps(t), 2.2), 'V');
    expect(found.filter((f) => f.verdict === 'pass')).toEqual([]);
    expect(found.some((f) => f.verdict === 'fail' || f.verdict === 'unsure')).toBe(true);
  });

  it('that comes slowly is told with the time to half its way: ln 2 of its time constant', () => {
    let y = 0;
    const slow = signal('Boost actual', 'kPa', 2, 90, (t) => (y += (steps(t) - y) * (1 - Math.exp(-1 / 8))));
    const found = run('command-answer', {
      command: [signal('Boost target', 'kPa', 2, 90, steps)],
      answer: [slow],
    });
    expect(found[0]!.verdict).toBe('unsure');
    const half = Number(/half the way takes ([\d.]+) s/.exec(found[0]!.because)?.[1]);
    // Eight samples of half a second each.
    expect(Math.abs(half - 4 * Math.LN2)).toBeLessThan(0.6);
  });
});
