import { describe, expect, it } from 'vitest';
import { CaseFile } from '@/core/exchange';
import { demoCases } from './shop';

const cases = demoCases(new Date('2026-06-01T08:00:00Z'));
const closed = cases.filter((c) => c.closedAt);

describe('the demo shop', () => {
  it('has valid case files with running numbers', () => {
    for (const c of cases) expect(CaseFile.safeParse(c).error?.issues ?? []).toEqual([]);
    expect(cases.map((c) => c.number)).toEqual(cases.map((_, i) => i + 1));
  });

  it('has at least 30 complete cases: complaint, evidence, cause, repair, proof', () => {
    const complete = closed.filter(
      (c) =>
        c.said &&
        c.symptoms?.length &&
        c.tests?.length &&
        c.causes?.length &&
        c.repairs?.length &&
        c.proof?.length,
    );
    expect(complete.length).toBeGreaterThanOrEqual(30);
  });

  it('has a comeback, a case with two causes, and cases with dead ends', () => {
    expect(cases.some((c) => c.comebackOf?.state === 'confirmed')).toBe(true);
    expect(cases.some((c) => (c.causes?.length ?? 0) > 1)).toBe(true);
    expect(cases.filter((c) => c.suspects?.some((s) => s.state === 'ruled out')).length).toBeGreaterThan(10);
  });

  it('has at least three codes that had different causes', () => {
    const causes = new Map<string, Set<string>>();
    for (const c of closed) {
      for (const cause of c.causes ?? []) {
        for (const code of cause.explains?.codes ?? [])
          causes.set(code, (causes.get(code) ?? new Set()).add(cause.part ?? ''));
      }
    }
    expect([...causes.values()].filter((s) => s.size > 1).length).toBeGreaterThanOrEqual(3);
  });

  it('has open cases at each part, some waiting for authorisation and a part', () => {
    const open = cases.filter((c) => !c.closedAt);
    const waits = new Set(open.map((c) => c.waitsFor));
    for (const w of ['diagnosis', 'authorisation', 'part', 'customer', 'road test'] as const)
      expect(waits).toContain(w);
    expect(open.some((c) => !c.symptoms?.length)).toBe(true);
    expect(open.some((c) => c.tests?.length && !c.causes?.length)).toBe(true);
    expect(open.some((c) => c.causes?.length && !c.repairs?.length)).toBe(true);
    expect(open.some((c) => c.repairs?.length && c.proof?.some((p) => p.state === 'open'))).toBe(true);
  });

  it('has every kind of vehicle: van, pickup, bus, motorcycle, machine, boat, 24 V, hybrid, and one from before OBD', () => {
    const kinds = new Set(cases.map((c) => c.vehicle.kind));
    for (const k of ['car', 'van', 'pickup', 'bus', 'motorcycle', 'machine', 'boat', '24 V vehicle'] as const)
      expect(kinds).toContain(k);
    expect(cases.some((c) => c.vehicle.fuel?.includes('hybrid'))).toBe(true);
    expect(cases.some((c) => (c.vehicle.year ?? 2000) < 1990 && !c.scans?.length)).toBe(true);
  });
});
