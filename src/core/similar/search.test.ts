import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Catalogue } from '@/core/cause';
import { CaseIndex } from './case-index';
import { countCauses } from './causes';
import { explain, type Near } from './nearness';
import { profileOf, type CaseDigest } from './profile';
import { testDigest as digest } from './test-digest';
import { codeMatches, readQuery } from './query';
import { rank } from './search';
import { haveSameFault } from './same-fault';
import { criteriaOf, criteriaOfCase, type SearchCriteria } from './criteria';

const catalogue = new Catalogue([
  {
    id: 'p-boot',
    kind: 'part',
    system: 'Air',
    name: 'intake boot',
    synonyms: ['air duct'],
    mergedInto: null,
    fresh: false,
  },
  {
    id: 'f-cracked',
    kind: 'failure',
    system: '',
    name: 'cracked',
    synonyms: [],
    mergedInto: null,
    fresh: false,
  },
  {
    id: 'p-pump',
    kind: 'part',
    system: 'Fuel',
    name: 'fuel pump',
    synonyms: [],
    mergedInto: null,
    fresh: false,
  },
  { id: 'f-worn', kind: 'failure', system: '', name: 'worn', synonyms: [], mergedInto: null, fresh: false },
]);
const known = {
  makes: ['Corvane', 'Pellar'],
  models: ['Tessa', 'Nib', 'Shire 16'],
  engines: ['1.6 petrol'],
  vins: ['VC9TA16B5FK104417'],
};
const kinds = (line: string) => readQuery(line, known, catalogue).map((c) => `${c.kind}:${c.value}`);

describe('reading a search line', () => {
  it('takes vehicle, code and symptom in any order', () => {
    const wanted = ['model:Tessa', 'code:P0171', 'symptom:rough-idle'].sort();
    for (const line of [
      'tessa P0171 shakes at idle',
      'P0171 shakes at idle tessa',
      'shakes at idle, p0171, TESSA',
    ]) {
      expect(kinds(line).sort()).toEqual(wanted);
    }
  });
  it('knows years, parts of a VIN, wildcards, parts, grades, conditions and the rest', () => {
    expect(kinds('2015 corvane')).toEqual(['year:2015', 'make:Corvane']);
    expect(kinds('FK104417')).toEqual(['vin:FK104417']);
    expect(kinds('P030x')).toEqual(['code:P030x']);
    expect(kinds('air duct proven')).toEqual(['cause part:p-boot', 'grade:proven']);
    expect(kinds('stalls when hot')).toEqual(['symptom:stall', 'condition:hot']);
    expect(kinds('SPN 97 FMI 15')).toEqual(['code:SPN 97 FMI 15']);
    expect(kinds('shire 16 #12 zorblat')).toEqual(['model:Shire 16', 'number:12', 'text:zorblat']);
  });
  it('leaves out what is said not to be there', () => {
    expect(kinds('no longer stalls')).toEqual([]);
  });
  it('does not take "stuck open" for a state of the case', () => {
    expect(kinds('stuck open')).not.toContain('state:open');
    expect(kinds('open')).toEqual(['state:open']);
  });
  it('never throws', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 120 }), (s) => Array.isArray(readQuery(s, known, catalogue))),
    );
  });
  it('matches codes by wildcard and without failure type byte', () => {
    expect(codeMatches('P030x', 'P0304')).toBe(true);
    expect(codeMatches('P030x', 'P0314')).toBe(false);
    expect(codeMatches('P0299', 'P0299-00')).toBe(true);
  });
});

const other = { ...digest({}).vehicle, id: 'w', make: 'Pellar', model: 'Nib', engine: '1.0 petrol' };
interface Shop {
  index: CaseIndex;
  digests: Map<string, CaseDigest>;
  back: Record<string, number[]>;
}
const shop = (digests: CaseDigest[], back: Record<string, number[]> = {}): Shop => {
  const index = new CaseIndex();
  for (const d of digests) index.put(d, back[d.id] !== undefined);
  return { index, digests: new Map(digests.map((d) => [d.id, d])), back };
};
const shopOf = (...digests: CaseDigest[]) => shop(digests);
const near = (s: Shop, wanted: SearchCriteria, except = ''): Near[] => {
  const ranking = rank(s.index, wanted, catalogue, 40, except);
  return ranking.ranked.map((r) =>
    explain(wanted, profileOf(s.digests.get(r.id)!, catalogue, s.back[r.id]), r, ranking.fit),
  );
};
const search = (s: Shop, line: string) => near(s, criteriaOf(readQuery(line, known, catalogue)));
const code = (c: string, weight = 1) => ({ code: c, weight });

describe('ranking', () => {
  it('puts what shares more first, and says what', () => {
    const index = shopOf(
      digest({ id: 'code', vehicle: other, codes: [code('P0171')] }),
      digest({ id: 'all', codes: [code('P0171')], symptoms: [{ id: 'rough-idle', label: 'rough idle' }] }),
      digest({ id: 'vehicle' }),
      digest({ id: 'nothing', vehicle: other }),
    );
    const hits = search(index, 'tessa P0171 shakes at idle');
    expect(hits.map((h) => h.profile.id)).toEqual(['all', 'code', 'vehicle']);
    expect(hits[0]!.reasons.map((r) => r.text).sort()).toEqual(['P0171', 'Tessa', 'rough idle']);
    expect(hits[2]!.lacks).toEqual(['P0171']);
  });

  it('weighs a rare code more than a common one', () => {
    const many = Array.from({ length: 30 }, (_, i) => digest({ id: `c${i}`, codes: [code('P0562')] }));
    const hits = search(shopOf(...many, digest({ id: 'rare', codes: [code('P0087')] })), 'P0562 P0087');
    expect(hits[0]!.profile.id).toBe('rare');
  });

  it('lets leftovers hardly count, unproven causes less, comebacks less still', () => {
    const index = shopOf(
      digest({ id: 'chase', codes: [code('P0171')] }),
      digest({ id: 'left', codes: [code('P0171', 0.1)] }),
      digest({ id: 'claimed', codes: [code('P0171')], grade: 'claimed' }),
      digest({ id: 'back', codes: [code('P0171')], grade: 'claimed' }),
    );
    index.back.back = [9];
    index.index.setCameBack('back', true);
    const hits = search(index, 'P0171');
    expect(hits.map((h) => h.profile.id)).toEqual(['chase', 'claimed', 'back', 'left']);
    expect(hits.find((h) => h.profile.id === 'back')!.reasons.map((r) => r.text)).toContain(
      'came back as case 9',
    );
  });

  it('counts the code of a sibling cylinder in part', () => {
    const [same, sibling] = search(
      shopOf(digest({ id: 'a', codes: [code('P0303')] }), digest({ id: 'b', codes: [code('P0301')] })),
      'P0303',
    );
    expect(same!.score).toBeGreaterThan(sibling!.score);
    expect(sibling!.reasons[0]!.text).toBe('P0301 (same fault, other cylinder as P0303)');
  });

  it('filters by grade and state, and answers to a filter alone', () => {
    const index = shopOf(
      digest({ id: 'a', grade: 'held' }),
      digest({ id: 'b', grade: 'claimed' }),
      digest({ id: 'c', grade: '', open: true }),
    );
    expect(search(index, 'held').map((h) => h.profile.id)).toEqual(['a']);
    expect(search(index, 'open').map((h) => h.profile.id)).toEqual(['c']);
  });

  it('never ranks the case in hand, and forgets what is removed', () => {
    const me = digest({ id: 'me', codes: [code('P0171')] });
    const index = shopOf(me, digest({ id: 'old', codes: [code('P0171')] }));
    expect(near(index, criteriaOfCase(me), 'me').map((h) => h.profile.id)).toEqual(['old']);
    index.index.remove('old');
    expect(near(index, criteriaOfCase(me), 'me')).toEqual([]);
  });

  it('does not depend on the order in which cases were put in', () => {
    const list = [
      digest({ id: 'a', codes: [code('P0171')], openedAt: '2026-01-03T00:00:00Z' }),
      digest({ id: 'b', codes: [code('P0171')], openedAt: '2026-01-02T00:00:00Z' }),
      digest({ id: 'c', codes: [code('P0172')] }),
    ];
    const ids = (l: CaseDigest[]) => search(shopOf(...l), 'P0171').map((h) => h.profile.id);
    expect(ids([...list].reverse())).toEqual(ids(list));
  });

  it('counts causes with their grades', () => {
    const boot = { partId: 'p-boot', failureId: 'f-cracked' };
    const index = shopOf(
      digest({ id: 'a', number: 3, codes: [code('P0171')], causes: [boot], grade: 'held' }),
      digest({ id: 'b', number: 4, codes: [code('P0171')], causes: [boot], grade: 'claimed' }),
    );
    expect(countCauses(search(index, 'P0171'))).toEqual([
      {
        key: 'p-boot/f-cracked',
        name: 'intake boot, cracked',
        cases: 2,
        byGrade: { held: 1, claimed: 1 },
        notIsolated: 0,
        cameBack: 0,
        numbers: [3, 4],
        caseIds: ['a', 'b'],
      },
    ]);
  });
  it('counts a case in which several things were changed for less, and says so', () => {
    const boot = { partId: 'p-boot', failureId: 'f-cracked' };
    const pump = { partId: 'p-pump', failureId: 'f-worn' };
    const index = shopOf(
      digest({ id: 'a', number: 3, codes: [code('P0171')], causes: [boot], isolated: 'not isolated' }),
      digest({ id: 'b', number: 4, codes: [code('P0171')], causes: [pump], isolated: 'isolated' }),
    );
    expect(countCauses(search(index, 'P0171')).map((c) => [c.name, c.notIsolated])).toEqual([
      ['fuel pump, worn', 0],
      ['intake boot, cracked', 1],
    ]);
  });
  it('tells the same trouble from the same make with a lamp on', () => {
    const lamp = { id: 'engine-lamp', label: 'engine light on' };
    const idle = { id: 'rough-idle', label: 'rough idle' };
    const of = (codes: string[], symptoms: (typeof lamp)[], weight = 1) => ({
      codes: codes.map((c) => ({ code: c, weight })),
      symptoms,
    });
    expect(haveSameFault(of(['P0171'], []), of(['P0174'], []))).toBe(true);
    expect(haveSameFault(of([], [idle, lamp]), of([], [idle]))).toBe(true);
    expect(haveSameFault(of(['P0016'], [lamp]), of(['P0171'], [lamp]))).toBe(false);
    expect(haveSameFault(of(['P0171'], []), of(['P0171'], [], 0.1))).toBe(false);
  });
});
