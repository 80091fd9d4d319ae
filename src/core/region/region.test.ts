import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { findUnit, readEntry } from '@/core/readings';
import { distanceHere, localUnit, odometerHere, REGION_IDS, regionOf, REGIONS } from '.';
import { withLocalUnit } from './local-unit';

const us = regionOf('us');
const uk = regionOf('uk');

describe('regions', () => {
  it('name units that are known, each for one of the same kind', () => {
    expect(REGIONS.map((r) => r.id)).toEqual([...REGION_IDS]);
    for (const region of REGIONS)
      for (const [own, here] of Object.entries(region.units)) {
        expect(findUnit(own)?.measures, own).toBeDefined();
        expect(findUnit(here)?.measures).toBe(findUnit(own)?.measures);
        expect(here).not.toBe(own);
      }
  });

  it.each([
    ['°C', 'us', '°F'],
    ['bar', 'us', 'psi'],
    ['km/h', 'uk', 'mph'],
    ['°C', 'uk', '°C'],
    ['bar', 'metric', 'bar'],
    // Volts, per cent and degrees of the crank are the same everywhere.
    ['V', 'us', 'V'],
    ['%', 'us', '%'],
    ['°', 'us', '°'],
    ['°C', '', '°C'],
  ])('a bare number in a field of %s, in “%s”, is in %s', (own, region, here) => {
    expect(localUnit(own, regionOf(region))).toBe(here);
  });
});

describe('a number without a unit', () => {
  it.each([
    ['185', '°C', us, [], '185 °F'],
    ['-4', '°C', us, [], '-4 °F'],
    ['1,500.5', 'bar', us, ['12.4 V', ''], '1,500.5 psi'],
    ['30', 'km/h', uk, [], '30 mph'],
    // Said already, here or in the same form.
    ['85 °C', '°C', us, [], undefined],
    ['85', '°C', us, ['90 °C'], undefined],
    ['85', '°C', us, ['', '20 C'], undefined],
    // A unit goes on downwards only; above it a number needs its own.
    ['85', '°C', us, ['190 °F'], '85 °F'],
    // The field's own unit is the usual one, or nobody knows where the shop is.
    ['85', '°C', uk, [], undefined],
    ['85', '°C', undefined, [], undefined],
    ['12.4', 'V', us, [], undefined],
    // Not a number.
    ['', '°C', us, [], undefined],
    ['OL', 'bar', us, [], undefined],
    ['85-90', '°C', us, [], undefined],
    ['1:185 2:190', '°C', us, [], undefined],
  ])('%s in a field of %s', (text, unit, region, others, written) => {
    expect(withLocalUnit(text, unit, region, others)).toBe(written);
  });

  it('is then read in that unit, whatever it is, and never gets a second one', () => {
    fc.assert(
      fc.property(fc.integer({ min: -40, max: 400 }), fc.constantFrom('°C', 'bar', 'km/h'), (n, unit) => {
        const text = withLocalUnit(String(n), unit, us, [])!;
        const read = readEntry(text, unit);
        expect(read).toMatchObject({ kind: 'quantity', quantity: { value: n, unit: localUnit(unit, us) } });
        expect(withLocalUnit(text, unit, us, [])).toBeUndefined();
      }),
    );
  });
});

describe('distances', () => {
  it.each([
    ['84,200', us, '84,200 mi'],
    ['84200', regionOf('metric'), '84200 km'],
    ['84 200', uk, '84 200 mi'],
    // What has a unit, or is no number, stays; so does everything where the region is not known.
    ['84,200 km', us, '84,200 km'],
    ['4120 h', us, '4120 h'],
    ['about 80,000', us, 'about 80,000'],
    ['', us, ''],
    ['84,200', undefined, '84,200'],
  ])('an odometer of “%s”', (typed, region, written) => {
    expect(odometerHere(typed, region)).toBe(written);
  });

  it('driven are said in the unit of the odometers', () => {
    expect(distanceHere(800, us)).toBe('497 mi');
    expect(distanceHere(3218.688, uk)).toBe('2,000 mi');
    expect(distanceHere(1204.4, regionOf('metric'))).toBe('1,204 km');
    expect(distanceHere(800, undefined)).toBe('800 km');
  });
});
