/** Where a shop is: what units its bare numbers are in, and what it writes where it has not said otherwise. */

export interface Region {
  id: 'us' | 'uk' | 'metric';
  /** As shown to choose from. */
  name: string;
  /** Unit of an odometer. */
  distance: 'km' | 'mi';
  /** What a number without a unit is in here, by the unit a field has otherwise. */
  units: Readonly<Record<string, string>>;
  /** ISO 4217. Empty: not told by the region. */
  currency: '' | 'USD' | 'GBP';
  /** Empty: not told by the region. */
  decimalSign: '' | '.';
}

/** Common practice, no source: what gauges, scan tools and odometers show in these places. */
export const REGIONS: readonly Region[] = [
  {
    id: 'us',
    name: 'United States: miles, °F, psi',
    distance: 'mi',
    units: { '°C': '°F', bar: 'psi', 'km/h': 'mph', km: 'mi' },
    currency: 'USD',
    decimalSign: '.',
  },
  {
    id: 'uk',
    name: 'United Kingdom: miles, °C, bar',
    distance: 'mi',
    units: { 'km/h': 'mph', km: 'mi' },
    currency: 'GBP',
    decimalSign: '.',
  },
  {
    id: 'metric',
    name: 'Elsewhere: kilometres, °C, bar',
    distance: 'km',
    units: {},
    currency: '',
    decimalSign: '',
  },
];

export const REGION_IDS = ['us', 'uk', 'metric'] as const;
export type RegionId = (typeof REGION_IDS)[number];

/**
 * A region by its name in the settings.
 *
 * @param id of the region; empty where the shop never said
 * @returns the region, or undefined where it never said: then no unit is added to a bare number
 * @example regionOf('us')?.distance // 'mi'
 */
export const regionOf = (id: string): Region | undefined => REGIONS.find((r) => r.id === id);

/**
 * The unit that a bare number in a field is in, in a region.
 *
 * @param unit the field's own, `°C`
 * @param region where the shop is; undefined where it never said
 * @returns the region's unit for it, else the field's own
 * @example localUnit('°C', regionOf('us')) // '°F'
 */
export const localUnit = (unit: string, region: Region | undefined): string => region?.units[unit] ?? unit;

const BARE = /^\d[\d\s.,'’]*$/;

/**
 * An odometer with its unit: a bare number is in the region's own, and stays without one where that is unknown.
 *
 * @param odometer as typed, `84,200`
 * @param region where the shop is; undefined where it never said
 * @returns the same with the unit behind it where it had none; what is no bare number is given back as it is
 * @example odometerHere('84,200', regionOf('uk')) // '84,200 mi'
 */
export function odometerHere(odometer: string, region: Region | undefined): string {
  const text = odometer.trim();
  return region && BARE.test(text) ? `${text} ${region.distance}` : odometer;
}

/**
 * A distance driven, in the unit of the region's odometers.
 *
 * @param km in kilometres
 * @param region where the shop is; undefined where it never said
 * @returns whole miles or kilometres with the unit
 * @example distanceHere(1609.344, regionOf('us')) // '1,000 mi'
 */
export function distanceHere(km: number, region: Region | undefined): string {
  // NIST SP 811, appendix B.8: the international mile is 1.609344 km exactly.
  const miles = region?.distance === 'mi';
  const value = Math.round(miles ? km / 1.609344 : km);
  return `${value.toLocaleString('en-US')} ${miles ? 'mi' : 'km'}`;
}
