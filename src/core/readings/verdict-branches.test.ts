import { describe, expect, it } from 'vitest';
import { judgeReading } from './verdict';

const say = (entered: string, limit: string, accuracy?: string) => {
  const { verdict, because } = judgeReading(entered, limit, accuracy);
  return `${verdict}: ${because}`;
};
const verdict = (entered: string, limit: string, accuracy?: string) =>
  judgeReading(entered, limit, accuracy).verdict;

describe('what a verdict says, branch by branch', () => {
  it('a limit that is no number is met by itself alone, however it is spaced', () => {
    expect(say(' 70 Nm + 90°', '70 Nm+90°')).toBe('pass: Found "70 Nm + 90°", as expected.');
    expect(verdict('70 Nm + 80°', '70 Nm + 90°')).toBe('unsure');
  });
  it('a mark that parts thousands or decimals matters only where the verdict turns on it', () => {
    // 1.265 lies above 1.260, and 1265 above 1260.
    expect(verdict('1.265', '1.260 or better')).toBe('pass');
    expect(verdict('1.255', '1.260 or better')).toBe('fail');
    expect(verdict('1,265', '1.260 or better')).not.toBe('fail');
  });
  it('beyond the range passes a least resistance and fails a most, with the sentence of each', () => {
    expect(say('OL', '≥ 10 kΩ')).toBe("pass: Beyond the meter's range, so above 10\u00a0kΩ.");
    expect(say('open', '≤ 5 Ω')).toBe(
      "fail: Beyond the meter's range: the circuit is open, or the meter on the wrong range.",
    );
    expect(say('OL', '≤ 5 V')).toBe(
      "fail: Beyond the meter's range: too high, or the meter on the wrong range.",
    );
    // Open is a state of a circuit, no figure of a voltage.
    expect(verdict('open', '≤ 5 V')).not.toBe('fail');
  });
  it('a short fails where at least an ohm is wanted, and not where less is', () => {
    expect(say('short', '2–4 Ω')).toBe('fail: A short: no resistance where 2–4 Ω is wanted.');
    expect(verdict('dead short', '≥ 1 Ω')).toBe('fail');
    expect(verdict('short', '≤ 0.5 Ω')).not.toBe('fail');
    expect(verdict('short', '≥ 0.9 Ω')).not.toBe('fail');
    expect(verdict('shorted', '2 kΩ')).toBe('fail');
  });
  it('words are no number, and words beside a figure are asked about', () => {
    expect(say('lamp lights', '≤ 5 V ')).toBe(
      'unsure: "lamp lights" is not a number, so it cannot be held against ≤ 5 V.',
    );
    expect(say(' 4 V wobbling about', '≤ 5 V')).toBe(
      'unsure: What "4 V wobbling about" says beside its figure is not known here. Take 4 V if it only says what was read, or where.',
    );
  });
  it('a drop is held against the most there may be, not against a level', () => {
    expect(say('0.3 V drop', '11–13 V')).toBe(
      'unsure: 0.3 V drop is a drop, and 11–13 V may be meant of the whole. Write the limit of the drop.',
    );
    expect(verdict('0.3 V drop', '≤ 0.5 V')).toBe('pass');
    expect(verdict('0.6 V drop', '≤ 0.5 V')).toBe('fail');
  });
  it('a deviation without its target is asked for; a trim is one itself, up to three times as much', () => {
    expect(verdict('0.4 V', '±0.5 V')).toBe('unsure');
    expect(verdict('7 %', '±8 %')).toBe('pass');
    expect(verdict('-9 %', '±8 %')).toBe('fail');
    expect(verdict('24 %', '±8 %')).toBe('fail');
    expect(say(' 25 %', '±8 %')).toBe(
      'unsure: ±8 % of what? 25 % is no deviation. Write the target too, or the range.',
    );
    // A range that only happens to be even is a range.
    expect(verdict('25 %', '-8–8 %')).toBe('fail');
  });
  it('what was counted may say so in a word that is no unit', () => {
    expect(verdict('3 blinks', '3')).toBe('pass');
    expect(verdict('4 blinks', '3')).toBe('fail');
    expect(verdict('4 blinks', '3 V')).toBe('unsure');
  });
  it('units are converted, and units of another kind are not compared', () => {
    expect(verdict('330 kPa', '3.0–3.6 bar')).toBe('pass');
    expect(verdict('370 kPa', '3.0–3.6 bar')).toBe('fail');
    expect(say('3.3 V', '3.0–3.6 bar')).toMatch(/^unsure: V measures voltage; here a pressure is wanted/);
    expect(verdict('1.02', '0.97–1.03 λ')).toBe('pass');
    expect(verdict('1.02 λ', '0.97–1.03')).toBe('pass');
  });
  it('nearer to an edge than the meter can tell is unsure', () => {
    expect(verdict('4.98 V', '≤ 5 V', '1 %')).toBe('unsure');
    expect(verdict('4.90 V', '≤ 5 V', '1 %')).toBe('pass');
    expect(verdict('4.98 V', '≤ 5 V', 'about right')).toBe('unsure');
  });
  it('nothing entered and no limit say nothing', () => {
    expect(judgeReading('  ', '≤ 5 V')).toEqual({ verdict: '', because: '' });
    expect(judgeReading('4 V', '')).toEqual({ verdict: '', because: '' });
    expect(judgeReading('4 qqq', '').verdict).toBe('unsure');
  });
});
