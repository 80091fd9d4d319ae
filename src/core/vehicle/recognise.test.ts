import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { plainName, plainPhone, plainPlate, recognise, type Identity } from './recognise';

const nothing: Identity = { vin: '', plate: '', make: '', model: '', year: null, customer: '', phone: '' };
const tessa: Identity = {
  vin: 'VC9TA16B5FK104417',
  plate: 'KV 442 LM',
  make: 'Corvane',
  model: 'Tessa',
  year: 2015,
  customer: 'Ana Petrov',
  phone: '+44 1632 960 112',
};
const van = { make: 'Corvane', model: 'Tessa', year: 2015, customer: 'Ana Petrov', phone: '01632 960112' };
const says = (over: Partial<Identity>, known = tessa) => {
  const found = recognise({ ...nothing, ...over }, known);
  return found && `${found.sure}: ${found.because}`;
};

describe('a vehicle known again', () => {
  it.each<[string, Partial<Identity>, string | undefined]>([
    ['the whole VIN, with blanks', { vin: 'vc9ta16b5 fk104417' }, 'certain: the same VIN'],
    ['a VIN typed so far', { vin: 'VC9TA16' }, 'perhaps: a VIN that begins so'],
    ['too little of a VIN', { vin: 'VC9T' }, undefined],
    ['another VIN on the same plate', { vin: 'VC9TA16B5FK104418', plate: 'KV442LM' }, undefined],
    ['a VIN typed so far that leads elsewhere', { vin: 'VC9TB', plate: 'KV442LM' }, undefined],
    ['the plate, written otherwise', { plate: 'kv-442-lm' }, 'likely: the same plate'],
    [
      'the plate, on another model',
      { plate: 'KV442LM', make: 'Corvane', model: 'Lido' },
      'perhaps: the same plate, on another make, model or year',
    ],
    [
      'make, model, year and customer',
      { make: 'corvane', model: 'Tessa', year: 2015, customer: 'Mrs. Petrov, Ana' },
      'likely: the same make, model, year and customer',
    ],
    [
      'make, model and telephone, no year',
      { make: 'Corvane', model: 'Tessa', phone: '01632 960112' },
      'perhaps: the same make, model and telephone number',
    ],
    ['another year', { make: 'Corvane', model: 'Tessa', year: 2016, customer: 'Ana Petrov' }, undefined],
    ['the customer alone', { customer: 'Ana Petrov' }, undefined],
    ['make and model alone', { make: 'Corvane', model: 'Tessa', year: 2015 }, undefined],
    ['an alike van of the same customer, on another plate', { ...van, plate: 'KV 443 LM' }, undefined],
    ['a surname alone', { make: 'Corvane', model: 'Tessa', year: 2015, customer: 'Petrov' }, undefined],
    ['nothing', {}, undefined],
  ])('%s', (_, over, expected) => expect(says(over)).toBe(expected));

  it('is not recognised by what is written where something is not known', () => {
    const both = (over: Partial<Identity>) => says(over, { ...nothing, ...over });
    for (const plate of ['none', 'N/A', 'trade', 'tba', '---']) expect(both({ plate })).toBeUndefined();
    for (const vin of ['00000000000000000', 'XXXXXXXXXXXXXXXXX'])
      expect(both({ vin })).not.toMatch(/certain/);
    const built = { make: 'Corvane', model: 'Tessa', year: 2015 };
    for (const customer of ['walk-in', 'Cash', 'unknown'])
      expect(both({ ...built, customer })).toBeUndefined();
    expect(both({ ...built, phone: '0000000' })).toBeUndefined();
    // One name may be two people; letters alone may be a word.
    expect(both({ ...built, customer: 'Mr Smith' })).toMatch(/^perhaps/);
    expect(both({ plate: 'BOSS' })).toMatch(/^perhaps/);
  });

  it('is recognised either way round, and never by what nobody wrote', () => {
    const field = fc.constantFrom(
      '',
      'KV 442',
      'kv442',
      'Corvane',
      'Tessa',
      'Ana',
      'VC9TA16B5FK104417',
      'VC9TA16',
    );
    const identity = fc.record({
      vin: field,
      plate: field,
      make: field,
      model: field,
      year: fc.constantFrom(null, 2015, 2016),
      customer: field,
      phone: fc.constantFrom('', '960112', '01632 960112'),
    });
    fc.assert(
      fc.property(identity, identity, (a, b) => {
        expect(recognise(a, b)).toEqual(recognise(b, a));
        expect(recognise(a, nothing)).toBeUndefined();
      }),
    );
  });
});

describe('what is written in many ways', () => {
  it('is compared in one', () => {
    expect(plainPlate('b-kl 442·e')).toBe('BKL442E');
    expect(plainPhone('+44 (0)1632 960112')).toBe('632960112');
    expect(plainName('Dr. Müller, Jörg')).toBe(plainName('JORG MULLER'));
  });
});
