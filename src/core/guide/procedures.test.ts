import { describe, expect, it } from 'vitest';
import { KINDS, Procedure } from '@/core/case';
import { isSameBuild, rankProcedures, runProgress, stepFor, stepOf } from './procedures';

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

describe('a test of another case, to be done on this one', () => {
  const build = (make: string, model: string, engine: string) => ({ make, model, engine });
  const tessa = build('Corvane', 'Tessa', '1.6 petrol');
  const test = KINDS.test.parse({
    id: 't',
    caseId: 'c',
    question: 'Does the rail pressure hold?',
    checkId: 'nox-conversion',
    expectation: '4 bar',
    expectationSource: 'published limit',
    setup: 'gauge on the rail',
    caution: 'fuel under pressure',
    at: '2026-01-01T10:00:00.000Z',
  });
  const reading = (label: string, limit: string, position: number) =>
    KINDS.reading.parse({ id: label, caseId: 'c', testId: 't', label, limit, position });
  const parts = {
    conditions: [KINDS.condition.parse({ id: 'k', caseId: 'c', testId: 't', what: 'key on' })],
    readings: [
      reading('rail pressure', '3.5–4.1 bar', 0),
      reading('hose', '= tight', 1),
      reading('injectors', 'siblings', 2),
    ],
    inputs: [KINDS.input.parse({ id: 'i', caseId: 'c', testId: 't', field: 'limit', entered: '90 %' })],
  };
  it('is the same on the same build, however it is written', () => {
    const same = build('corvane', 'TESSA', '1.6 Petrol');
    expect(isSameBuild(tessa, same)).toBe(true);
    expect(stepFor(test, parts, tessa, same)).toEqual(stepOf(test, parts));
    expect(stepOf(test, parts).inputs).toHaveLength(1);
  });
  it.each([
    build('Corvane', 'Tessa', '1.4 petrol'),
    build('Corvane', 'Fjell', '1.6 petrol'),
    build('Pellar', 'Tessa', '1.6 petrol'),
    build('Corvane', 'Tessa', ''),
    build('', '', ''),
  ])('brings no figure that held for the other to %j', (other) => {
    expect(isSameBuild(tessa, other)).toBe(false);
    const step = stepFor(test, parts, tessa, other);
    expect(step.readings.map((r) => r.limit)).toEqual(['', '= tight', 'siblings']);
    expect(step).toMatchObject({ expectation: '', expectationSource: '', inputs: [] });
    // How it is done, and what to take care of, holds for both.
    expect(step).toMatchObject({
      setup: 'gauge on the rail',
      caution: 'fuel under pressure',
      conditions: ['key on'],
    });
  });
  it('takes two vehicles of which nothing is known for two', () => {
    expect(isSameBuild(build('', '', ''), build('', '', ''))).toBe(false);
  });
});
