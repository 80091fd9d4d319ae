import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { comparable, convert, findUnit, UNITS } from './units';

describe('units', () => {
  // NIST SP 811 (2008), appendix B.8: factors to SI.
  it.each([
    [1, 'psi', 'kPa', 6.894757],
    [1, 'inHg', 'kPa', 3.386389],
    [1, 'mmHg', 'Pa', 133.3224],
    [1, 'inH2O', 'Pa', 249.0889],
    [1, 'bar', 'kPa', 100],
    [1, 'mph', 'km/h', 1.609344],
    [1, 'in', 'mm', 25.4],
    [1, 'lb·ft', 'N·m', 1.355818],
    [1, 'gal', 'L', 3.785412],
    [212, '°F', '°C', 100],
    [-40, '°C', '°F', -40],
    [1, 'thou', 'µm', 25.4],
  ])('%d %s in %s', (value, from, to, expected) => {
    // 4·10⁻⁵: the library's inch of water is the 4 °C one, NIST gives both; the rest agree to 7 digits.
    const off =
      Math.abs(convert({ value, unit: from }, to).value - expected) / Math.max(1, Math.abs(expected));
    expect(off).toBeLessThan(from === 'inH2O' ? 4e-5 : 5e-7);
  });

  it('comes back to where it started, between all units that measure the same', () => {
    for (const a of UNITS) {
      for (const b of UNITS) {
        if (!comparable(a.sign, b.sign)) continue;
        fc.assert(
          fc.property(
            fc.double({
              min: findUnit(a.sign)!.measures === 'temperature' ? 0 : -1e6,
              max: 1e6,
              noNaN: true,
            }),
            (value) => {
              const there = convert({ value, unit: a.sign }, b.sign);
              const back = convert(there, a.sign).value;
              return Math.abs(back - value) <= 1e-6 * Math.max(1000, Math.abs(value));
            },
          ),
          { numRuns: 15 },
        );
      }
    }
  });

  it('understands what is typed, and tells mV from MV', () => {
    expect(findUnit('volts')?.sign).toBe('V');
    expect(findUnit('INHG')?.sign).toBe('inHg');
    expect(findUnit('degc')?.sign).toBe('°C');
    expect(findUnit('mohm')?.sign).toBe('mΩ');
    expect(findUnit('Mohm')?.sign).toBe('MΩ');
    expect(findUnit('furlong')).toBeUndefined();
  });

  it('says a sentence below absolute zero', () => {
    expect(() => convert({ value: -300, unit: '°C' }, '°F')).toThrow(/below absolute zero/);
  });

  it('refuses to compare what measures different things', () => {
    expect(() => convert({ value: 1, unit: 'V' }, 'bar')).toThrow(
      /V measures voltage and bar measures pressure/,
    );
  });
});
