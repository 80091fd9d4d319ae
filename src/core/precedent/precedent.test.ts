import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Catalogue } from '@/core/cause';
import { wantedOf, wantedOfCase } from './nearness';
import type { CaseProfile } from './profile';
import { codeMatches, readQuery } from './query';
import { CaseIndex, countCauses } from './search';
import { sharesTrouble } from './trouble';

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
    expect(kinds('2015 corvane')).toEqual(['make:Corvane', 'year:2015']);
    expect(kinds('FK104417')).toEqual(['vin:FK104417']);
    expect(kinds('P030x')).toEqual(['code:P030x']);
    expect(kinds('air duct proven')).toEqual(['grade:proven', 'cause part:p-boot']);
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

const profile = (over: Partial<CaseProfile>): CaseProfile => ({
  id: 'x',
  number: 1,
  open: false,
  openedAt: '2026-01-01T00:00:00Z',
  vehicle: {
    id: 'v',
    vin: '',
    make: 'Corvane',
    model: 'Tessa',
    engine: '1.6 petrol',
    year: 2015,
    kind: 'car',
    fuel: 'petrol',
  },
  codes: [],
  symptoms: [],
  conditions: [],
  causes: [],
  grade: 'proven',
  isolated: 'unknown',
  comebacks: [],
  headline: '',
  words: [],
  ...over,
});
const other = { ...profile({}).vehicle, id: 'w', make: 'Pellar', model: 'Nib', engine: '1.0 petrol' };
const indexOf = (...profiles: CaseProfile[]) => {
  const index = new CaseIndex();
  for (const p of profiles) index.put(p);
  return index;
};
const search = (index: CaseIndex, line: string) => index.find(wantedOf(readQuery(line, known, catalogue)));
const code = (c: string, weight = 1) => ({ code: c, weight });

describe('ranking', () => {
  it('puts what shares more first, and says what', () => {
    const index = indexOf(
      profile({ id: 'code', vehicle: other, codes: [code('P0171')] }),
      profile({ id: 'all', codes: [code('P0171')], symptoms: [{ id: 'rough-idle', label: 'rough idle' }] }),
      profile({ id: 'vehicle' }),
      profile({ id: 'nothing', vehicle: other }),
    );
    const hits = search(index, 'tessa P0171 shakes at idle');
    expect(hits.map((h) => h.profile.id)).toEqual(['all', 'code', 'vehicle']);
    expect(hits[0]!.reasons.map((r) => r.text).sort()).toEqual(['P0171', 'Tessa', 'rough idle']);
    expect(hits[2]!.lacks).toEqual(['P0171']);
  });

  it('weighs a rare code more than a common one', () => {
    const many = Array.from({ length: 30 }, (_, i) => profile({ id: `c${i}`, codes: [code('P0562')] }));
    const hits = search(indexOf(...many, profile({ id: 'rare', codes: [code('P0087')] })), 'P0562 P0087');
    expect(hits[0]!.profile.id).toBe('rare');
  });

  it('lets leftovers hardly count, unproven causes less, comebacks less still', () => {
    const index = indexOf(
      profile({ id: 'chase', codes: [code('P0171')] }),
      profile({ id: 'left', codes: [code('P0171', 0.1)] }),
      profile({ id: 'claimed', codes: [code('P0171')], grade: 'claimed' }),
      profile({ id: 'back', codes: [code('P0171')], grade: 'claimed', comebacks: [9] }),
    );
    const hits = search(index, 'P0171');
    expect(hits.map((h) => h.profile.id)).toEqual(['chase', 'claimed', 'back', 'left']);
    expect(hits.find((h) => h.profile.id === 'back')!.reasons.map((r) => r.text)).toContain(
      'came back as case 9',
    );
  });

  it('counts the code of a sibling cylinder in part', () => {
    const [same, sibling] = search(
      indexOf(profile({ id: 'a', codes: [code('P0303')] }), profile({ id: 'b', codes: [code('P0301')] })),
      'P0303',
    );
    expect(same!.score).toBeGreaterThan(sibling!.score);
    expect(sibling!.reasons[0]!.text).toBe('P0301 (same fault, other cylinder)');
  });

  it('filters by grade and state, and answers to a filter alone', () => {
    const index = indexOf(
      profile({ id: 'a', grade: 'held' }),
      profile({ id: 'b', grade: 'claimed' }),
      profile({ id: 'c', grade: '', open: true }),
    );
    expect(search(index, 'held').map((h) => h.profile.id)).toEqual(['a']);
    expect(search(index, 'open').map((h) => h.profile.id)).toEqual(['c']);
  });

  it('never ranks the case in hand, and forgets what is removed', () => {
    const me = profile({ id: 'me', codes: [code('P0171')] });
    const index = indexOf(me, profile({ id: 'old', codes: [code('P0171')] }));
    expect(index.find(wantedOfCase(me), 10, 'me').map((h) => h.profile.id)).toEqual(['old']);
    index.remove('old');
    expect(index.find(wantedOfCase(me), 10, 'me')).toEqual([]);
  });

  it('does not depend on the order in which cases were put in', () => {
    const list = [
      profile({ id: 'a', codes: [code('P0171')], openedAt: '2026-01-03T00:00:00Z' }),
      profile({ id: 'b', codes: [code('P0171')], openedAt: '2026-01-02T00:00:00Z' }),
      profile({ id: 'c', codes: [code('P0172')] }),
    ];
    const ids = (l: CaseProfile[]) => search(indexOf(...l), 'P0171').map((h) => h.profile.id);
    expect(ids([...list].reverse())).toEqual(ids(list));
  });

  it('counts causes with their grades', () => {
    const boot = { key: 'p-boot/f-cracked', name: 'intake boot, cracked' };
    const index = indexOf(
      profile({ id: 'a', number: 3, codes: [code('P0171')], causes: [boot], grade: 'held' }),
      profile({ id: 'b', number: 4, codes: [code('P0171')], causes: [boot], grade: 'claimed' }),
    );
    expect(countCauses(search(index, 'P0171'))).toEqual([
      {
        ...boot,
        cases: 2,
        byGrade: { held: 1, claimed: 1 },
        notIsolated: 0,
        numbers: [3, 4],
        caseIds: ['a', 'b'],
      },
    ]);
  });
  it('counts a case in which several things were changed for less, and says so', () => {
    const boot = { key: 'p-boot/f-cracked', name: 'intake boot, cracked' };
    const pump = { key: 'p-pump/f-worn', name: 'fuel pump, worn' };
    const index = indexOf(
      profile({ id: 'a', number: 3, codes: [code('P0171')], causes: [boot], isolated: 'not isolated' }),
      profile({ id: 'b', number: 4, codes: [code('P0171')], causes: [pump], isolated: 'isolated' }),
    );
    expect(countCauses(search(index, 'P0171')).map((c) => [c.name, c.notIsolated])).toEqual([
      ['fuel pump, worn', 0],
      ['intake boot, cracked', 1],
    ]);
  });
  it('tells the same trouble from the same make with a lamp on', () => {
    const lamp = { id: 'engine-lamp', label: 'engine lamp on' };
    const idle = { id: 'rough-idle', label: 'rough idle' };
    const of = (codes: string[], symptoms: (typeof lamp)[], weight = 1) => ({
      codes: codes.map((c) => ({ code: c, weight })),
      symptoms,
    });
    expect(sharesTrouble(of(['P0171'], []), of(['P0174'], []))).toBe(true);
    expect(sharesTrouble(of([], [idle, lamp]), of([], [idle]))).toBe(true);
    expect(sharesTrouble(of(['P0016'], [lamp]), of(['P0171'], [lamp]))).toBe(false);
    expect(sharesTrouble(of(['P0171'], []), of(['P0171'], [], 0.1))).toBe(false);
  });
});
