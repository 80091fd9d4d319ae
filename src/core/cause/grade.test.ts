import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { KINDS, PROOF_KINDS, type CaseRecord, type RowOf } from '@/core/case';
import { seenAgainst, type GradeInput } from './after-repair';
import { gradeProof } from './grade';

/** The grade over cases drawn at random. What single cases come to stands in `core/scenarios`. */

const RANK = ['', 'claimed', 'checked', 'proven', 'held'];
const rank = (input: GradeInput) => RANK.indexOf(gradeProof(input).grade);

let made = 0;
const row = <K extends keyof typeof KINDS>(kind: K, over: Record<string, unknown>): RowOf<K> =>
  KINDS[kind].parse({ id: `r${made++}`, caseId: 'k', ...over }) as RowOf<K>;
const at = (hour: number) => new Date(Date.UTC(2026, 2, 2) + hour * 3_600_000).toISOString();

/** One scan of the engine, with or without the code. */
function scan(hour: number, has: boolean, name = 'Engine'): Pick<CaseRecord, 'scan' | 'module' | 'code'> {
  const s = row('scan', { at: at(hour), text: 'x' });
  const m = row('module', { scanId: s.id, name });
  return {
    scan: [s],
    module: [m],
    code: has ? [row('code', { scanId: s.id, moduleId: m.id, code: 'P0171', statuses: ['stored'] })] : [],
  };
}

const joined = (a: GradeInput, b: Partial<GradeInput>): GradeInput =>
  Object.fromEntries(
    Object.entries(a).map(([k, v]) => [
      k,
      Array.isArray(v) ? [...(v as unknown[]), ...((b[k as 'scan'] ?? []) as unknown[])] : v,
    ]),
  ) as unknown as GradeInput;

const REPAIR = 10;

/** What may stand on a case: each piece of evidence for the repair is there or not. */
const pieces = fc.record({
  code: fc.boolean(),
  tests: fc.integer({ min: 0, max: 2 }),
  repeats: fc.integer({ min: 0, max: 2 }),
  clear: fc.boolean(),
  after: fc.boolean(),
  drive: fc.boolean(),
  held: fc.boolean(),
  second: fc.boolean(),
  ticks: fc.array(fc.constantFrom(...PROOF_KINDS), { maxLength: 4 }),
  shift: fc.integer({ min: 0, max: 3 }),
});
type Pieces = typeof pieces extends fc.Arbitrary<infer P> ? P : never;

function caseOf(p: Pieces): GradeInput {
  const cause = row('cause', { id: 'cause', state: 'repaired' });
  const tests = Array.from({ length: p.tests }, (_, i) =>
    row('test', { id: `t${i}`, at: at(8 + i / 10), question: `test ${i}`, verdict: 'fail' }),
  );
  let input: GradeInput = {
    case: KINDS.case.parse({ id: 'k', number: 1, vehicleId: 'v', openedAt: at(0) }),
    cause: [cause, ...(p.second ? [row('cause', { state: 'diagnosed' })] : [])],
    explains: [],
    repair: [row('repair', { at: at(REPAIR), causeId: 'cause' })],
    scan: [],
    module: [],
    clear: p.clear ? [row('clear', { at: at(11) })] : [],
    code: [],
    role: [],
    symptom: [],
    earlier: [],
    test: [
      ...tests,
      ...tests
        .slice(0, p.repeats)
        .map((t, i) => row('test', { at: at(12 + i / 10), repeatOf: t.id, verdict: 'pass' })),
    ],
    proof: [
      ...(p.drive ? [row('proof', { kind: 'road test', state: 'passed', at: at(13) })] : []),
      ...p.ticks.map((kind) => row('proof', { kind, state: 'passed', at: at(13 + p.shift) })),
    ],
    followUp: p.held ? [row('followUp', { state: 'held', doneAt: at(900) })] : [],
    comebackNumbers: [],
  };
  input = joined(input, scan(7, p.code));
  if (p.after) input = joined(input, scan(12, false));
  return input;
}

/** What speaks against the repair when it is added. */
const against: Record<string, (i: GradeInput) => GradeInput> = {
  'the code in a scan after repair and clear': (i) => joined(i, scan(14, true)),
  'a repeat that fails': (i) =>
    joined(i, { test: [row('test', { at: at(15), repeatOf: 't0', verdict: 'fail' })] }),
  'another test that failed before the repair': (i) =>
    joined(i, { test: [row('test', { at: at(9), question: 'one more', verdict: 'fail' })] }),
  'a proof step that failed': (i) =>
    joined(i, { proof: [row('proof', { kind: 'road test', state: 'failed', at: at(15) })] }),
  'a follow-up that came back': (i) =>
    joined(i, { followUp: [row('followUp', { state: 'came back', doneAt: at(901) })] }),
  'a confirmed comeback': (i) => ({ ...i, comebackNumbers: [9] }),
  'a second cause found': (i) => joined(i, { cause: [row('cause', { state: 'diagnosed' })] }),
};

describe('the grade, over cases drawn at random', () => {
  it.each(Object.entries(against))('%s never raises it', (_, add) => {
    fc.assert(
      fc.property(pieces, (p) => rank(add(caseOf(p))) <= rank(caseOf(p))),
      { numRuns: 150 },
    );
  });

  it('is claimed as soon as anything seen after the repair speaks against it, and that is said', () => {
    const seen = fc.constantFrom(
      'the code in a scan after repair and clear',
      'a proof step that failed',
      'a follow-up that came back',
      'a confirmed comeback',
    );
    fc.assert(
      fc.property(pieces, seen, (p, what) => {
        const input = against[what]!(caseOf({ ...p, clear: true, code: true }));
        const drawn = gradeProof(input);
        return seenAgainst(input) === drawn.because && drawn.grade === 'claimed';
      }),
      { numRuns: 300 },
    );
    // Nothing but the repair: nothing speaks against it, and nothing for it.
    for (const p of fc.sample(pieces, 300)) expect(seenAgainst(caseOf({ ...p, code: false }))).toBe('');
  });

  it('evidence taken away never raises it', () => {
    const take = fc.constantFrom<(p: Pieces) => Pieces>(
      (p) => ({ ...p, repeats: Math.max(0, p.repeats - 1) }),
      (p) => ({ ...p, after: false }),
      (p) => ({ ...p, clear: false }),
      (p) => ({ ...p, drive: false }),
      (p) => ({ ...p, held: false }),
      (p) => ({ ...p, ticks: p.ticks.slice(1) }),
    );
    fc.assert(
      fc.property(pieces, take, (p, less) => rank(caseOf(less(p))) <= rank(caseOf(p))),
      { numRuns: 600 },
    );
  });

  it('ticks alone never change claimed', () => {
    fc.assert(
      fc.property(pieces, fc.array(fc.constantFrom(...PROOF_KINDS), { maxLength: 6 }), (p, ticks) => {
        const bare = caseOf({ ...p, drive: false, ticks: [] });
        if (gradeProof(bare).grade !== 'claimed') return true;
        const more = joined(bare, {
          proof: ticks.map((kind) =>
            row('proof', { kind, state: 'passed', at: at(13), testId: p.tests ? 't0' : null }),
          ),
        });
        return gradeProof(more).grade === 'claimed';
      }),
      { numRuns: 600 },
    );
  });

  it('does not depend on the order in which rows were typed, only on their times', () => {
    fc.assert(
      fc.property(pieces, fc.integer(), (p, seed) => {
        const input = caseOf(p);
        const turned = Object.fromEntries(
          Object.entries(input).map(([k, v]) => [
            k,
            Array.isArray(v) ? (seed % 2 ? [...(v as unknown[])].reverse() : v) : v,
          ]),
        ) as unknown as GradeInput;
        const a = gradeProof(input);
        const b = gradeProof(turned);
        return a.grade === b.grade && a.because === b.because;
      }),
    );
  });

  it('reaches each grade somewhere, so that none of this is empty', () => {
    const seen = new Set(fc.sample(pieces, 800).map((p) => gradeProof(caseOf(p)).grade));
    expect([...seen].sort()).toEqual(['checked', 'claimed', 'held', 'proven']);
  });

  it('proven always lacks nothing but the follow-up, and held nothing', () => {
    for (const p of fc.sample(pieces, 800)) {
      const g = gradeProof(caseOf(p));
      if (g.grade === 'proven') expect(g.missing.map((m) => m.of)).toEqual(['follow-up']);
      if (g.grade === 'held') expect(g.missing).toEqual([]);
      if (g.grade === 'claimed' || g.grade === 'checked') expect(g.missing.length).toBeGreaterThan(0);
    }
  });
});
