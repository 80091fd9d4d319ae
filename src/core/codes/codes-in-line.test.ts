import { describe, expect, it } from 'vitest';
import { readReport } from './report';

const codesOf = (text: string) => {
  const r = readReport(text);
  return r.codes.map((c) => [c.code, c.module === null ? '' : r.modules[c.module]!.name, c.text].join('|'));
};

describe('several codes in one line', () => {
  it.each([
    ['P0102, P0113', ['P0102||', 'P0113||']],
    ['P0102 P0113 B1234', ['P0102||', 'P0113||', 'B1234||']],
    ['P0102/P0113 and U0100', ['P0102||', 'P0113||', 'U0100||']],
    ['engine P0102, airbag B1234', ['P0102|engine|', 'B1234|airbag|']],
    ['Engine: P0102, P0113; ABS: C1234', ['P0102|Engine|', 'P0113|Engine|', 'C1234|ABS|']],
    ['P0102 air flow low, P0113 intake temp high', ['P0102||air flow low', 'P0113||intake temp high']],
    ['SPN 102, FMI 3; SPN 110, FMI 0', ['SPN 102 FMI 3||', 'SPN 110 FMI 0||']],
  ])('%s', (text, codes) => expect(codesOf(text)).toEqual(codes));

  it.each([
    ['P0171 lean, see P0174', ['P0171||lean, see P0174']],
    ['P0300 set because P0301 was set', ['P0300||set because P0301 was set']],
    ['P0171 System too lean P0171', ['P0171||System too lean P0171']],
  ])('a code inside a sentence is not stored: %s', (text, codes) => expect(codesOf(text)).toEqual(codes));
});
