import { describe, expect, it } from 'vitest';
import { emptyScore, PARTS } from '../score';
import { HAND_REPORTS, scoreHandReport } from './index';
import { truthOf } from './kit';

const scoreOf = (reports: (typeof HAND_REPORTS)[keyof typeof HAND_REPORTS]) => {
  const score = emptyScore();
  for (const report of reports) scoreHandReport(report, score);
  return score;
};

describe('scan reports typed by hand', () => {
  it('each say what their truth asks for', () => {
    for (const report of Object.values(HAND_REPORTS).flat()) {
      const truth = truthOf(report);
      expect(truth.codes.length + truth.modules.length + truth.live.length, report.name).toBeGreaterThanOrEqual(
        report.codes + report.modules === '' && !report.live ? 0 : 1,
      );
      for (const { entered } of truth.live) expect(report.text, report.name).toContain(entered.split(' ')[0]);
    }
  });

  it('count a code, a module and a value that the report does not say as wrong', () => {
    const faults = scoreHandReport({
      name: 'something else',
      text: 'Engine\nP0171 lean stored\nCoolant temp: 91 °C',
      codes: 'P0300 @ ABS = active',
      modules: 'ABS',
    });
    expect(faults).toEqual([
      'codes unread: P0300',
      expect.stringContaining('codes wrong: P0171'),
      'modules unread: ABS',
      'modules wrong: Engine is no module',
      expect.stringContaining('live values wrong: Coolant temp'),
    ]);
  });

  it('are read without anything wrong, and at least 95 % right', () => {
    const score = scoreOf(Object.values(HAND_REPORTS).flat());
    for (const part of PARTS) {
      const { right, wrong, unread } = score[part];
      expect(wrong, part).toBe(0);
      expect(right / (right + unread), part).toBeGreaterThanOrEqual(0.95);
    }
  });
});
