import { describe, expect, it } from 'vitest';
import { CaseFile } from '@/core/exchange';
import { Catalogue, starterItems } from '@/core/cause';
import { symptomById } from '@/core/symptoms';
import { pastCases } from './index';
import { FAULTS, TESTS, WHEN, WORDS } from './table';

const now = new Date('2026-06-01T08:00:00Z');
const cases = pastCases(now);

describe('the years before the written cases', () => {
  it('are 400 valid case files, the same for the same day', () => {
    for (const c of cases) expect(CaseFile.safeParse(c).error?.issues ?? []).toEqual([]);
    expect(cases.map((c) => c.number)).toEqual(cases.map((_, i) => 101 + i));
    expect(pastCases(now)).toEqual(cases);
    for (const c of cases) expect(Date.parse(c.openedAt!)).toBeLessThan(now.getTime() - 690 * 86_400_000);
  });

  it('name parts and failures that the shop’s list has, and symptoms the vocabulary has', () => {
    const catalogue = new Catalogue(starterItems());
    const unknown = cases.flatMap((c) => [
      ...(c.causes ?? []).filter((x) => !catalogue.find('part', x.part ?? '')).map((x) => x.part),
      ...(c.causes ?? []).filter((x) => !catalogue.find('failure', x.failure ?? '')).map((x) => x.failure),
      ...(c.symptoms ?? []).filter((s) => !symptomById(s.concept ?? '')).map((s) => s.concept),
    ]);
    expect([...new Set(unknown)]).toEqual([]);
  });

  it('use only tests, words and circumstances that are written down', () => {
    const keys = new Set(
      TESTS.trim()
        .split('\n')
        .map((t) => t.split('|')[0]!.trim()),
    );
    for (const row of FAULTS.trim().split('\n')) {
      const [, , , symptoms = '', , shown = '', vain = ''] = row.split('|').map((x) => x.trim());
      for (const t of `${shown} ${vain}`.split(' ').filter(Boolean)) expect(keys).toContain(t);
      for (const s of symptoms.split(' ')) {
        const [id = '', when = ''] = s.split(':')[0]!.split('@');
        expect(WORDS[id], id).toBeDefined();
        if (when) expect(WHEN[when], when).toBeDefined();
      }
    }
  });

  it('have the gaps of real records: no codes, no tests, repairs that nothing proved, cars that came back', () => {
    const some = (is: (c: CaseFile) => boolean) => cases.filter(is).length;
    expect(some((c) => !c.scans?.length)).toBeGreaterThan(30);
    expect(some((c) => !c.tests?.length)).toBeGreaterThan(10);
    expect(some((c) => !c.proof?.length)).toBeGreaterThan(20);
    expect(some((c) => c.comebackOf !== undefined)).toBeGreaterThan(4);
    expect(new Set(cases.map((c) => c.vehicle.plate)).size).toBeLessThan(300);
    expect(new Set(cases.map((c) => c.said)).size).toBeGreaterThan(300);
  });
});
