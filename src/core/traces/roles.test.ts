import { describe, expect, it } from 'vitest';
import { ANALYSES } from './analyses';
import { fittingAnalyses } from './roles';

const named = (...channels: [name: string, unit: string][]) =>
  channels.map(([name, unit]) => ({ name, unit }));
const first = (...channels: [name: string, unit: string][]) =>
  fittingAnalyses(named(...channels), ANALYSES)[0];

describe('the analysis that a recording seems meant for', () => {
  it('is that of a command and its answer, whatever else was logged beside them', () => {
    expect(first(['Boost target', 'kPa'], ['Boost actual', 'kPa'])).toBe('command-answer');
    expect(first(['Boost target', 'kPa'], ['Boost actual', 'kPa'], ['RPM', ''])).toBe('command-answer');
  });

  it('looks through signals as they come before it holds them against each other', () => {
    expect(first(['VL', 'mA'], ['VR', 'mA'], ['HL', 'mA'], ['HR', 'mA'])).toBe('drop-outs');
    expect(first(['FL', 'km/h'], ['FR', 'km/h'], ['RL', 'km/h'])).toBe('agreement');
  });

  it('does not hold unlike things against each other for being in volts', () => {
    const all = fittingAnalyses(named(['MAP', 'V'], ['TPS', 'V'], ['Tank', 'V']), ANALYSES);
    expect(all[0]).toBe('drop-outs');
    expect(all).not.toContain('agreement');
  });

  it('is one at least', () => {
    expect(first(['column 1', ''])).toBe('drop-outs');
  });
});
