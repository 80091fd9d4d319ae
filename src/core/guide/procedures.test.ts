import { describe, expect, it } from 'vitest';
import { KINDS, Procedure } from '@/core/case';
import { rankProcedures, runProgress, stepOf } from './procedures';

const procedure = (id: string, more: object) =>
  Procedure.parse({ id, title: id, steps: [{ question: 'Is it?' }], ...more });
const record = {
  vehicle: KINDS.vehicle.parse({ id: 'v', make: 'Haldric', model: 'Lugger', engine: '2.2 diesel' }),
  code: [KINDS.code.parse({ id: 'c', caseId: 'k', scanId: 's', code: 'P2463-00' })],
};
const test = (more: object) =>
  KINDS.test.parse({ id: 't', caseId: 'k', at: '2026-01-01T10:00:00.000Z', ...more });

describe('procedures for a case', () => {
  it('come by code, then build, then suspected part, and say why', () => {
    const hits = rankProcedures(
      [
        procedure('other-build', { codes: [], build: 'Corvane Tessa' }),
        procedure('by-part', { part: 'particle filter' }),
        procedure('by-code', { codes: ['P2463'] }),
        procedure('by-code-and-build', { codes: ['P2463'], build: 'Lugger 2.2 diesel' }),
      ],
      record,
      ['Diesel particle filter'],
    );
    expect(hits.map((h) => h.procedure.id)).toEqual([
      'by-code-and-build',
      'by-code',
      'by-part',
      'other-build',
    ]);
    expect(hits[0]!.because).toEqual(['for P2463', 'for this build']);
    expect(hits[2]!.because).toEqual(['for Diesel particle filter']);
  });
  it('keeps of a test what is worth doing again, and no reading', () => {
    const t = test({
      question: 'Does it hold?',
      caution: 'hot',
      setup: 'leads first',
      note: 'was raining',
      verdict: 'fail',
    });
    const r = KINDS.reading.parse({
      id: 'r',
      caseId: 'k',
      testId: 't',
      label: 'pressure',
      entered: '3 bar',
      limit: '≥ 4 bar',
    });
    const c = KINDS.condition.parse({ id: 'c', caseId: 'k', testId: 't', what: 'engine warm', met: 'yes' });
    const step = stepOf(t, { conditions: [c], readings: [r], inputs: [] });
    expect(step).toMatchObject({
      question: 'Does it hold?',
      conditions: ['engine warm'],
      readings: [{ label: 'pressure', limit: '≥ 4 bar' }],
    });
    expect(JSON.stringify(step)).not.toMatch(/3 bar|raining|fail/);
  });
  it('knows how far a run is, left-out steps included', () => {
    const steps = [
      test({ verdict: 'pass' }),
      test({ skipped: 'no lift free' }),
      test({ question: 'next' }),
      test({}),
    ];
    expect(runProgress(steps)).toMatchObject({ done: 2, all: 4, current: { question: 'next' } });
    expect(runProgress([])).toEqual({ done: 0, all: 0 });
  });
});
