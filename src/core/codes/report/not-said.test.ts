import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readReport } from './read';

/** What a report could be taken to say and does not. */

const read = (...lines: string[]) => readReport(lines.join('\n'));
const codes = (...lines: string[]) =>
  read(...lines).codes.map((c) => [c.code, c.text, c.statuses.join('+')].join(' | '));
const modules = (...lines: string[]) =>
  read(...lines).modules.map((m) => (m.answered ? m.name : `${m.name} silent`));

describe('of a module', () => {
  it('nothing is said by a state in a list of values', () => {
    expect(modules('Live data', 'Fuel status   OK   0', 'Heater   OK   0', 'P0135 heater circuit')).toEqual(
      [],
    );
  });
  it('nothing is said where the word and the number contradict each other', () => {
    expect(modules('Engine   FAULT   0', 'Gearbox   OK   3', 'P0300 misfire stored')).toEqual([]);
    expect(
      modules('Klimaanlage   OK   2', 'Motor   Fehler   1', '  P0300 (sporadisch)', 'Komfort   OK   0'),
    ).toEqual(['Motor', 'Komfort']);
  });
  it('one row of an overview is none', () => {
    expect(modules('Gearbox   yes   0', 'P0300 misfire stored')).not.toContain('Gearbox');
  });
  it('what the vehicle has not got did not fall silent', () => {
    expect(modules('PCM yes 1', 'P0340 cam sensor stored', 'IPC no -', 'TCM yes 0')).toEqual(['PCM', 'TCM']);
  });
  it('a status over faults is none, nor is a test that passed', () => {
    const lines = ['Stored', 'P0171 lean', 'P0174 lean', 'Pending', 'P0300 misfire'];
    expect(modules(...lines, 'Battery test: PASS')).toEqual([]);
    expect(codes(...lines)).toEqual([
      'P0171 | lean | stored',
      'P0174 | lean | stored',
      'P0300 | misfire | pending',
    ]);
  });
  it('a road test that failed is none, a controller that failed is read', () => {
    expect(modules('P0300 misfire stored', 'Road test: failed')).toEqual([]);
    expect(modules('Body control module: fail', 'B1421 Solar sensor - present')).toEqual([
      'Body control module',
    ]);
  });
  it('the rest of them has no name', () => {
    expect(modules('Engine: P0300 stored', 'Rest of modules: no codes', 'others ok')).toEqual(['Engine']);
  });
  it('a result below its name is said of it alone', () => {
    expect(modules('Module: ABS', 'Result: no communication', 'Module: Engine', 'P0300 misfire')).toEqual([
      'ABS silent',
      'Engine',
    ]);
  });
});

describe('of a fault', () => {
  it('“detected” and “memory” end a wording', () => {
    const lines = [
      'P0300 Random misfire detected',
      'P0604 Control module random access memory',
      'P0171 Lean stored',
    ];
    expect(codes(...lines, 'P0172 Rich stored', 'P0174 Lean stored')).toEqual([
      'P0300 | Random misfire detected | ',
      'P0604 | Control module random access memory | ',
      'P0171 | Lean | stored',
      'P0172 | Rich | stored',
      'P0174 | Lean | stored',
    ]);
  });
  it('a status below a line that was not understood is not said of the one above it', () => {
    expect(codes('PCM', 'P0420 CAT EFF', 'STATUS CONFIRMED', 'P@44Z EVAP LEAK', 'STATUS PENDING')).toEqual([
      'P0420 | CAT EFF | stored',
    ]);
  });
  it('a status over a table is said of what stands in it, not of the fault above', () => {
    const lines = [
      'SPN  FMI  OC  Description',
      '94   18   2   Fuel pressure low',
      'Inactive',
      'SPN  FMI  OC',
      '110  16   1',
    ];
    expect(codes(...lines)).toEqual(['SPN 94 FMI 18 | Fuel pressure low | ', 'SPN 110 FMI 16 |  | history']);
  });
  it('a module alone with a status is none in words', () => {
    expect(codes('P0300 misfire (stored)', 'ECM (stored: 1, pending: 1)', 'BCM (active)')).toEqual([
      'P0300 | misfire | stored',
    ]);
  });
  it('what is said of other modules behind it is no wording', () => {
    const line = 'Eng: P0171 P0174 (both), Trans OK, Airbag no response';
    expect(codes(line)).toEqual(['P0171 |  | ', 'P0174 |  | ']);
    expect(modules(line)).toEqual(['Eng', 'Trans', 'Airbag silent']);
    expect(codes('U0121 lost communication, ABS')).toEqual(['U0121 | lost communication, ABS | ']);
  });
  it('advice of a tool is no wording', () => {
    expect(
      codes('P0128', 'most likely fix: thermostat', 'P0455 large leak', 'Possible causes: fuel cap'),
    ).toEqual(['P0128 |  | ', 'P0455 | large leak | ']);
  });
  it('a field of an object that only begins like a code is none', () => {
    const text = JSON.stringify({
      ecus: [{ name: 'ECM', dtcs: [{ id: 'P0131', desc: 'O2 low' }], part: 'P01310077A1' }],
    });
    expect(readReport(text).codes.map((c) => [c.code, c.text])).toEqual([['P0131', 'O2 low']]);
  });
  it('whatever stands between them, no code is read that was not printed', () => {
    const word = fc.constantFrom(
      'Engine',
      'OK',
      'FAULT',
      'stored',
      'Inactive',
      'no',
      'yes',
      '-',
      '3',
      'P0300',
      'detected',
      ':',
      '|',
      '(',
      ')',
    );
    fc.assert(
      fc.property(fc.array(fc.array(word, { maxLength: 6 }), { maxLength: 8 }), (lines) => {
        const text = lines.map((l) => l.join(' ')).join('\n');
        const printed = text.match(/P0300/g)?.length ?? 0;
        expect(readReport(text).codes.filter((c) => c.code === 'P0300').length).toBeLessThanOrEqual(printed);
        expect(readReport(text).codes.every((c) => c.code === 'P0300' || !/^[PCBU]\d/.test(c.code))).toBe(
          true,
        );
      }),
    );
  });
});
