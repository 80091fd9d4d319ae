import fc from 'fast-check';
import { describe, expect, it, test } from 'vitest';
import { Catalogue, starterItems } from '@/core/cause';
import { CaseIndex } from '../case-index';
import { readQuery, type KnownWords } from '../query';
import { rank } from '../search';
import { testDigest } from '../test-digest';
import { criteriaOf, criteriaOfCase, withLikes } from '../criteria';
import { isBuilt } from './builds';
import { inFamily } from './code-families';
import { nearName } from './names';
import { yearSpan } from './years';

const catalogue = new Catalogue(starterItems());
const known: KnownWords = {
  makes: ['Ostrel', 'Quavo Works'],
  models: ['Lindo 3', 'Lindo 5', 'Perrak-S', 'Merrow'],
  engines: ['M14P', '2.2 diesel'],
  vins: ['ZZTK77120C0004410'],
  readings: new Set(['batteri', 'battery', 'coolant', 'temp', 'trim']),
  people: [{ id: 'ines', name: 'Ines Varga' }],
  today: '2026-05-20',
};
const read = (line: string) => readQuery(line, known, catalogue).map((c) => `${c.kind}:${c.label}`);

describe('a line of the search field', () => {
  test.each([
    // A code however it is spaced, with an O for a nought; a word of that shape is none.
    ['p 0171', ['code:P0171']],
    ['P0-171 PO174', ['code:P0171', 'code:P0174']],
    ['u0100-87', ['code:U0100-87']],
    ['P0301 but not P0300', ['code:P0301', 'without:P0300']],
    ['P0301 or P0300', ['code:P0301', 'code:P0300']],
    ['boost', ['text:boost']],
    // What a sensor does is not what the car does; what the engine does beside a part is.
    ['rail pressure sensor drift', ['cause part:fuel rail pressure sensor', 'text:drift']],
    ['P0171 maf drift', ['code:P0171', 'cause part:air-flow meter', 'text:drift']],
    ['egr stalls', ['cause part:exhaust gas recirculation valve', 'symptom:stalls']],
    // Abbreviations are written out; the coolant of a sensor is not the coolant.
    ['coolant temp sensor open circuit', ['cause part:coolant temperature sensor', 'failure:open circuit']],
    ['oil temp switch', ['text:oil', 'text:temp', 'text:switch']],
    ['fuel pressure low', ['text:fuel', 'text:pressure', 'text:low']],
    ['misfire since monday', ['symptom:misfires', 'date:since monday']],
    // Cases by number, and their likes; a voltage is neither.
    ['case no. 12', ['number:case #12']],
    ['#7', ['number:case #7']],
    ['like case 12', ['like:like case #12']],
    ['similar to #12', ['like:like case #12']],
    // Model years.
    ['2014-2017', ['year:2014 to 2017']],
    ['merrow from 2015 on', ['model:Merrow', 'year:from 2015 on']],
    ['2015+ merrow', ['year:from 2015 on', 'model:Merrow']],
    ['up to 2012', ['year:up to 2012']],
    ["'15 merrow", ['year:2015', 'model:Merrow']],
    ['MY98', ['year:1998']],
    ['2017-2014', ['text:2017-2014']],
    ['since 2025', ['date:since 2025']],
    // Names, with a hyphen or blank more or less, by one word, one letter off.
    ['lindo-3', ['model:Lindo 3']],
    ['lindo5', ['model:Lindo 5']],
    ['perrak', ['model:Perrak-S']],
    ['quavo', ['make:Quavo Works']],
    ['lindo', ['text:lindo']],
    ['osrtel', ['make:Ostrel']],
    ['ostrl gas stalls', ['make:Ostrel', 'fuel:petrol', 'symptom:stalls']],
    ['m14-p', ['engine:M14P']],
    ['ines', ['person:Ines Varga']],
    ['0004410 K77120C', ['text:0004410', 'vin:VIN …K77120C']],
    // Engines by how they are built; a value is none.
    ['V8', ['engine build:V8']],
    ['3.8 merrow', ['engine build:3.8', 'model:Merrow']],
    ['1,9l', ['engine build:1.9']],
    ['drops to 3.8 V', ['text:drops', 'text:3', 'text:8', 'text:V']],
    // Groups of codes.
    ['lean', ['code family:lean codes']],
    ['runs rich', ['code family:rich codes']],
    ['evap leak', ['code family:fuel vapour codes']],
    ['evap pressure sensor', ['cause part:tank pressure sensor']],
    // Parts and how they fail; a named part is no symptom, a noise of one is.
    ['alternator', ['cause part:alternator']],
    ['o2 sensors', ['cause part:oxygen sensor']],
    ['immobiliser', ['cause part:immobiliser']],
    ['engine mount', ['cause part:engine mount']],
    ['wheel bearing noise', ['symptom:wheel or bearing noise']],
    ['alternator light', ['symptom:does not charge']],
    ['boost leak', ['cause part:charge-air hose', 'failure:leaking']],
    ['boost leak?', ['cause part:charge-air hose', 'failure:leaking']],
    ['rich smell', ['symptom:exhaust smells or is rich']],
    ['closed loop', ['text:closed', 'text:loop']],
    ['P0300 p0300 stalls P0300', ['code:P0300', 'symptom:stalls']],
    ['no vacuum leak', ['without:vacuum hose']],
    ['not the alternator', ['without:alternator']],
    ['no starter', ['cause part:starter motor']],
    ['water in connector', ['failure:water inside', 'cause part:connector']],
    ['water in footwell', ['symptom:water inside']],
    ['coolant in oil', ['symptom:oil and coolant mixed']],
    ['jumped timing', ['failure:out of time']],
    ['throttle body dirty', ['cause part:throttle body', 'failure:contaminated']],
    // Open behind a part is a failure, at the beginning or beside a case the state of one.
    ['injector open', ['cause part:fuel injector', 'failure:open circuit']],
    ['thermostat stuck open', ['cause part:thermostat', 'failure:stuck open']],
    ['open merrow', ['state:open', 'model:Merrow']],
    ['still open', ['state:open']],
    ['heater open', ['text:heater', 'text:open']],
    // Values: read where such a reading was ever taken here.
    ['battery 11.2V', ['reading:battery 11.2 V']],
    ['coolant temp -40', ['reading:coolant temp -40']],
    ['temp 3', ['text:temp', 'text:3']],
    ['trim > 20 %', ['reading:trim > 20 %']],
    // When it is well is no circumstance of the trouble; the "no" of "no start" denies no heat.
    ['stalls hot, fine when cold', ['symptom:stalls', 'condition:hot']],
    ['no start hot', ['symptom:cranks but does not start', 'condition:hot']],
    ['not when cold', []],
  ])('%s', (line, chips) => {
    expect(read(line)).toEqual(chips);
  });

  it('says what the same words could mean as well', () => {
    const or = (line: string) => readQuery(line, known, catalogue).flatMap((c) => c.or ?? []);
    expect(or('alternator light')).toMatchObject([{ kind: 'cause part', label: 'alternator' }]);
    expect(or('open')).toMatchObject([{ kind: 'failure', label: 'open circuit' }]);
    expect(or('stalls hot P0171')).toEqual([]);
  });

  it('guesses at a symptom from no single word', () => {
    for (const line of [
      'other',
      'sensor wrong reading',
      'swap',
      'rear left',
      'degrees intake air',
      'resistor',
    ])
      expect(read(line).filter((c) => c.startsWith('symptom'))).toEqual([]);
  });

  const piece = fc.constantFrom(
    ..."P0171 PO300 p 030x lean evap open closed like case 12 # 2014-2017 3.8 V8 -40 battery 11.2V no not merrow lindo boost leak , ; ' gas diesel alternator wheel bearing noise when cold toString".split(
      ' ',
    ),
    '__proto__',
    'ß',
    '（１２）',
  );
  it('claims only words that stand in it, each for one thing of a kind', () => {
    fc.assert(
      fc.property(fc.array(piece, { maxLength: 9 }), (pieces) => {
        const line = pieces.join(' ');
        const chips = readQuery(line, known, catalogue);
        const said = line.normalize('NFKC').toLowerCase();
        for (const c of chips)
          for (const w of c.words.toLowerCase().split(/[\s,]+/)) expect(said).toContain(w);
      }),
      { numRuns: 400 },
    );
  });
});

describe('what the pieces mean', () => {
  it('of years, engines, families and names', () => {
    expect(yearSpan('2014…2017')).toEqual({ from: 2014, until: 2017 });
    expect(yearSpan('2014')).toEqual({ from: 2014, until: 2014 });
    expect(yearSpan('…2012')).toEqual({ from: null, until: 2012 });
    expect([isBuilt('2.3 diesel', '2.3'), isBuilt('V8 4.2L', '4.2'), isBuilt('12.3', '2.3')]).toEqual([
      true,
      true,
      false,
    ]);
    expect([inFamily('lean', 'P0174'), inFamily('lean', 'P0172'), inFamily('evap', 'P0455')]).toEqual([
      true,
      false,
      true,
    ]);
    expect(inFamily('lean', 'P1ZZZ')).toBe(false);
    expect(nearName('merow', known)).toEqual({ kind: 'model', name: 'Merrow' });
    expect(nearName('lind', known)).toBeUndefined();
  });

  const at = (id: string, engine: string, year: number, codes: string[], number: number) =>
    testDigest({
      id,
      number,
      vehicle: { ...testDigest({}).vehicle, id: `v${id}`, make: 'Ostrel', model: 'Merrow', engine, year },
      codes: codes.map((code) => ({ code, weight: 1 })),
      symptoms: [{ id: 'stall', label: 'stalls' }],
      readings: [{ question: '', label: 'battery', value: number, unit: 'V', decimals: 1 }],
    });
  const index = new CaseIndex();
  const cases = [
    at('a', '3.8 petrol', 2013, ['P0171'], 11),
    at('b', 'V8 4.2', 2016, ['P0455'], 12),
    at('c', '1.4 petrol', 2019, ['P2187'], 14),
  ];
  for (const c of cases) index.put(c);
  const found = (line: string) =>
    rank(index, criteriaOf(readQuery(line, known, catalogue)), catalogue, 9)
      .ranked.map((r) => r.id)
      .sort();
  it('finds cases by a span of years, an engine’s build and a group of codes', () => {
    expect(found('2014-2017')).toEqual(['b']);
    expect(found('from 2016 on')).toEqual(['b', 'c']);
    expect(found('up to 2013')).toEqual(['a']);
    expect(found('3.8')).toEqual(['a']);
    expect(found('V8')).toEqual(['b']);
    expect(found('lean')).toEqual(['a', 'c']);
    expect(found('evap')).toEqual(['b']);
    expect(found('#12')).toEqual(['b']);
  });
  it('narrows by a value only where nothing else is asked', () => {
    expect(found('battery 11.2V')).toEqual(['a']);
    expect(found('battery 11.2V stalls')).toEqual(['a', 'b', 'c']);
  });
  it('joins what a case is like with what the line says beside it', () => {
    const wanted = withLikes(criteriaOf(readQuery('P0300 like #11', known, catalogue)), [
      criteriaOfCase(cases[0]!),
    ]);
    expect(wanted.codes.map((c) => c.code)).toEqual(['P0300', 'P0171']);
    expect(wanted.symptoms).toEqual(['stall']);
    expect(wanted.vehicle?.engine).toBe('3.8 petrol');
    expect(index.withNumber(11)).toEqual(['a']);
    expect(index.withNumber(99)).toEqual([]);
  });
});

describe('parts beside other words of a line', () => {
  const parts = (line: string) => read(line).filter((c) => c.startsWith('cause part'));

  test.each([
    ['coolant temp 140', 'coolant'],
    ['oil pressure low', 'engine oil'],
    ['fuel level wrong', 'fuel'],
  ])('%s names a reading, not %s', (line) => {
    expect(parts(line).filter((p) => /: ?(?:coolant|oil|engine oil|fuel)$/.test(p))).toEqual([]);
  });

  it('of names in a row the last says what it is', () => {
    expect(parts('inverter coolant pump')).toHaveLength(1);
    expect(parts('inverter coolant pump')[0]).toMatch(/pump/);
  });

  it('names with something between them are parts each', () => {
    expect(parts('alternator, water pump')).toHaveLength(2);
  });
});
