import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { typedCodes } from './typed-codes';

const codes = (line: string) => typedCodes(line).map((c) => c.code);

describe('codes typed into one line', () => {
  it.each([
    ['P0171', ['P0171']],
    ['po171', ['P0171']],
    ['P 0171 lean', ['P0171']],
    ['PO3O1 misfire', ['P0301']],
    ['DTC P0300', ['P0300']],
    ['U0100:87', ['U0100-87']],
    ['P0171 P0174', ['P0171', 'P0174']],
    ['P0171, P0174', ['P0171', 'P0174']],
    ['P0171/P0174', ['P0171', 'P0174']],
    ['P0301 P0302 P0303 P0304', ['P0301', 'P0302', 'P0303', 'P0304']],
    // Of a range both ends are said.
    ['p0300-p0304', ['P0300', 'P0304']],
    ['P0171 to P0174', ['P0171', 'P0174']],
    ['P0420-00', ['P0420-00']],
    ['P0420 - low efficiency', ['P0420']],
    ['spn 636 fmi 2', ['SPN 636 FMI 2']],
    // A maker's own number, a number that could be of any scheme, and faults in words stay as they were typed.
    ['17961', ['17961']],
    ['0171', ['0171']],
    ['C28', ['C28']],
    ['side stand switch', ['side stand switch']],
    ['  ', []],
  ])('“%s”', (line, read) => {
    expect(codes(line)).toEqual(read);
  });

  it('keep their wording and status', () => {
    expect(typedCodes('P0171 too lean bank 1')).toEqual([
      { code: 'P0171', text: 'too lean bank 1', statuses: [] },
    ]);
    expect(typedCodes('P0420 (pending)')).toEqual([{ code: 'P0420', text: '', statuses: ['pending'] }]);
    expect(typedCodes('C1201-64 history')[0]?.statuses).toEqual(['history']);
  });

  it('are never fewer than were typed, whatever parts them', () => {
    const one = fc
      .tuple(fc.constantFrom('P', 'C', 'B', 'U'), fc.integer({ min: 0, max: 0xfff }))
      .map(([letter, n]) => `${letter}0${n.toString(16).toUpperCase().padStart(3, '0')}`);
    fc.assert(
      fc.property(
        fc.uniqueArray(one, { minLength: 1, maxLength: 6 }),
        fc.constantFrom(' ', ', ', ' / ', ' & ', '; '),
        (all, between) => {
          expect(codes(all.join(between))).toEqual(all);
        },
      ),
    );
  });
});
