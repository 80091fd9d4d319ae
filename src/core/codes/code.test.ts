import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { baseCode, codeFromBytes, codeToBytes, readCode } from './code';

describe('fault codes', () => {
  // ISO 15031-6 / SAE J2012, examples of shared/FACTS.md.
  it.each([
    [0x0133, 'P0133'],
    [0xc100, 'U0100'],
    [0x9234, 'B1234'],
  ])('reads the two bytes %s as %s and back', (bytes, code) => {
    expect(codeFromBytes(bytes)).toBe(code);
    expect(codeToBytes(code)).toBe(bytes);
  });

  it('goes both ways for all 65,536 two-byte codes', () => {
    for (let b = 0; b <= 0xffff; b++) if (codeToBytes(codeFromBytes(b)) !== b) throw new Error(String(b));
  });

  it.each([
    ['p0301', { code: 'P0301', generic: true, failureType: '' }],
    ['P0299-00', { code: 'P0299-00', failureType: '00' }],
    ['C1225:1a', { code: 'C1225-1A', generic: false }],
    ['0x0133', { code: 'P0133' }],
    ['$C10087', { code: 'U0100-87' }],
    ['0133h', { code: 'P0133' }],
    ['SPN 3251 FMI 0', { scheme: 'j1939', spn: 3251, fmi: 0 }],
    ['spn:97, fmi 15', { code: 'SPN 97 FMI 15' }],
    ['4F3A', { scheme: 'own', code: '4F3A' }],
    ['(P0420)', { code: 'P0420' }],
  ])('reads %s', (typed, expected) => {
    expect(readCode(typed)).toMatchObject(expected);
  });

  // SAE J1939-73: SPN has 19 bits, FMI 5.
  it('does not take an SPN or FMI out of range for one', () => {
    expect(readCode('SPN 600000 FMI 3')?.scheme).toBe('own');
    expect(readCode('SPN 100 FMI 40')?.scheme).toBe('own');
  });

  it('refuses numbers outside two bytes', () => {
    expect(() => codeFromBytes(0x10000)).toThrow(RangeError);
    expect(() => codeFromBytes(1.5)).toThrow(RangeError);
    expect(() => codeToBytes('P4000')).toThrow(/five-character/);
  });

  it('leaves the failure type byte aside for comparing', () => {
    expect(baseCode('P0299-00')).toBe('P0299');
    expect(baseCode('SPN 97 FMI 15')).toBe('SPN 97 FMI 15');
  });

  it('is stable: reading what it wrote changes nothing', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 40 }), (s) => {
        const once = readCode(s);
        return once === undefined || readCode(once.code)?.code === once.code || once.scheme === 'own';
      }),
    );
  });
});
