import { describe, expect, it } from 'vitest';
import { dictionaryEntries, DICTIONARY_SIZE, meaningOf } from './dictionary';
import { CODE_KINDS, kindOf } from './kind';
import { proposeRoles } from './triage';
import type { CodeFacts, TriageFacts } from './triage-types';
import { RULES } from './triage-rules';
import { LABELLED_SCANS } from './triage-scans';

describe('kind of fault', () => {
  it.each([
    ['P0113', 'Intake air temperature sensor circuit high', 'circuit high'],
    ['P0101', 'Mass air flow range/performance', 'range or performance'],
    ['P0335', 'Crankshaft position sensor circuit', 'circuit'],
    ['P0301', '', 'misfire'],
    ['P0171', 'System too lean', 'mixture'],
    ['P0420', 'Catalyst efficiency below threshold', 'efficiency'],
    ['U0121', '', 'communication'],
    ['U0415', 'Invalid data received from ABS', 'data invalid'],
    ['P0630', 'VIN not programmed', 'configuration'],
    ['P0606', 'Control module processor', 'internal failure'],
    ['P0562', 'System voltage low', 'voltage'],
    // Failure type bytes of SAE J2012-DA and FMI of SAE J1939-73, from memory.
    ['P0299-13', '', 'circuit open'],
    ['B1D08-11', '', 'circuit low'],
    ['C1A60-72', '', 'mechanical limit'],
    ['U0100-87', '', 'communication'],
    ['P1234-55', 'whatever', 'configuration'],
    ['SPN 97 FMI 3', '', 'circuit high'],
    ['SPN 97 FMI 5', '', 'circuit open'],
    ['SPN 3251 FMI 0', '', 'range or performance'],
  ])('%s "%s" is %s', (code, text, kind) => {
    expect(kindOf(code, text)).toBe(kind);
  });
  it('is known for nine in ten of the dictionary', () => {
    const unknown = dictionaryEntries().filter(([code, says]) => kindOf(code, says) === 'unknown');
    expect(unknown.length).toBeLessThan(DICTIONARY_SIZE * 0.1);
    for (const [code, says] of dictionaryEntries()) expect(CODE_KINDS).toContain(kindOf(code, says));
  });
});

describe('triage', () => {
  it('agrees with the hand-labelled scans in nine of ten codes', () => {
    expect(LABELLED_SCANS.length).toBeGreaterThanOrEqual(60);
    let agree = 0;
    let all = 0;
    for (const { facts, labels } of LABELLED_SCANS) {
      const proposed = proposeRoles(facts);
      for (const [code, role] of labels) {
        all++;
        if (proposed.get(code)?.role === role) agree++;
      }
    }
    expect(agree / all).toBeGreaterThanOrEqual(0.9);
  });

  const fact = (code: string, over: Partial<CodeFacts> = {}): CodeFacts => ({
    code,
    base: code,
    text: meaningOf(code),
    kind: kindOf(code, meaningOf(code)),
    course: 'no clear yet',
    statuses: ['stored'],
    modules: ['Engine'],
    ...over,
  });
  const facts = (codes: CodeFacts[], over: Partial<TriageFacts> = {}): TriageFacts => ({
    codes,
    silent: [],
    battery: 12.5,
    areas: ['running'],
    ...over,
  });

  it('gives every code a role with a reason and the name of a rule', () => {
    for (const { facts: f } of LABELLED_SCANS) {
      for (const c of f.codes) {
        const p = proposeRoles(f).get(c.code)!;
        expect(p.because).toMatch(/\.$/);
        expect(p.rule).not.toBe('');
      }
    }
  });
  it('has rules of different names, each with its own say', () => {
    expect(new Set(RULES.map((r) => r.name)).size).toBe(RULES.length);
    expect(new Set(RULES.map((r) => r.say)).size).toBe(RULES.length);
  });
  it.each(RULES.map((r) => r.name))(
    'rule "%s" is the one that speaks somewhere in the labelled scans',
    (name) => {
      const rare = ['immobiliser tells the engine', 'invalid data of an unnamed sender'];
      const spoke = LABELLED_SCANS.some(({ facts: f }) =>
        [...proposeRoles(f).values()].some((p) => p.rule === name),
      );
      expect(spoke || rare.includes(name)).toBe(true);
    },
  );
  it('hears the immobiliser where the tool’s wording names it', () => {
    const p = proposeRoles(
      facts(
        [
          fact('P1614', { text: 'Immobiliser code missing' }),
          fact('B2799', { text: 'Immobiliser antenna circuit' }),
        ],
        { areas: ['starting'] },
      ),
    );
    expect(p.get('P1614')).toMatchObject({ role: 'knock-on', rule: 'immobiliser tells the engine' });
  });
  it('names no sender that the code does not name', () => {
    const p = proposeRoles(
      facts([fact('P0301'), fact('U1F00', { text: 'Invalid data received', kind: 'data invalid' })]),
    );
    expect(p.get('U1F00')).toMatchObject({ role: 'unsorted', rule: 'invalid data of an unnamed sender' });
  });
  it('calls what did not return a leftover, whatever else it says', () => {
    expect(proposeRoles(facts([fact('P0301', { course: 'did not return' })])).get('P0301')?.role).toBe(
      'leftover',
    );
  });
  it('does not let a leftover explain anything', () => {
    const p = proposeRoles(facts([fact('P0300'), fact('P0171', { course: 'did not return' })]));
    expect(p.get('P0300')?.role).toBe('chase');
  });
  it('calls a code outside the complaint an aside', () => {
    expect(proposeRoles(facts([fact('B1479')], { areas: ['brakes'] })).get('B1479')?.role).toBe('aside');
    expect(proposeRoles(facts([fact('B1479')], { areas: [] })).get('B1479')?.role).toBe('chase');
  });
});
