import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { vinCheckDigit } from './vin';
import { vinsIn } from './vin-in-text';

// 1M8GDM9AXKP042788 is the worked example of the check digit that goes round; its digit is X by 49 CFR 565.15(c).
const VIN = '1M8GDM9AXKP042788';

describe('VINs in what a label says', () => {
  it.each([
    VIN,
    `I${VIN}`,
    `*${VIN}*`,
    VIN.toLowerCase(),
    '1M8 GDM9A XKP 042788',
    `https://shop.example/v/${VIN}?x=1`,
    `VIN ${VIN} MADE IN NOWHERE 2019`,
    VIN.replaceAll('0', 'O'),
  ])('finds it in %s', (text) => expect(vinsIn(text)[0]).toEqual({ vin: VIN, checked: true }));
  it('gives one without a right check digit as not borne out', () => {
    expect(vinsIn('WVWZZZ1KZAW000123'.replace('WVW', 'ZZQ').replace('Q', 'Y'))).toEqual([
      { vin: 'ZZYZZZ1KZAW000123', checked: false },
    ]);
  });
  it.each([
    '',
    'PART NO 0K0 907 115',
    'ABCDEFGHJKLMNPRST',
    '12345678901234567',
    'SERIAL 99 88 77 66 55 44 33',
  ])('finds none in %s', (text) => expect(vinsIn(text)).toEqual([]));
  it('finds every VIN with a right digit, whatever stands before and behind it', () => {
    const letters = [...'ABCDEFGHJKLMNPRSTUVWXYZ0123456789'];
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom(...letters), { minLength: 14, maxLength: 14 }),
        fc.integer({ min: 100, max: 999 }),
        fc.constantFrom('', 'I', '*', 'VIN: ', '\n'),
        (body, end, before) => {
          const raw = `A1${body.slice(2).join('')}${end}`;
          const vin = `${raw.slice(0, 8)}${vinCheckDigit(raw.padEnd(17, '0'))!}${raw.slice(9)}`;
          const right = `${vin.slice(0, 8)}${vinCheckDigit(vin)!}${vin.slice(9)}`;
          if ((right.match(/\d/g)?.length ?? 0) < 4) return true;
          return vinsIn(`${before}${right}`).some((f) => f.vin === right && f.checked);
        },
      ),
    );
  });
});
