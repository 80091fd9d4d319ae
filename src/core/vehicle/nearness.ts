import type { Vehicle } from '@/core/case';

export type VehicleFacts = Pick<Vehicle, 'vin' | 'make' | 'model' | 'year' | 'engine' | 'kind' | 'fuel'> & {
  id?: string;
};

export interface VehicleNearness {
  /** 0 nothing in common … 1 the same vehicle. */
  score: number;
  /** In words, for the screen: "same build: Corvane Tessa 1.6, one year apart". */
  reason: string;
}

const fold = (s: string) =>
  s
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
const both = (a: string, b: string) => fold(a) !== '' && fold(a) === fold(b);

function yearsApart(years: number | undefined): string {
  if (years === undefined) return '';
  return years === 0 ? ', same year' : `, ${years} year${years === 1 ? '' : 's'} apart`;
}

/**
 * How near two vehicles are, with the reason. The steps and their scores are common practice, no
 * source: same vehicle 1, same build 0.8 (less with each year between), same engine in another
 * body 0.5, same model 0.45, same make 0.2, same kind and fuel 0.08.
 *
 * @param a one vehicle
 * @param b another
 * @returns a score between 0 and 1 and a reason; an empty reason with score 0
 */
export function vehicleNearness(a: VehicleFacts, b: VehicleFacts): VehicleNearness {
  if ((a.id !== undefined && a.id === b.id) || (a.vin.length >= 11 && a.vin === b.vin))
    return { score: 1, reason: 'same vehicle' };
  const make = both(a.make, b.make);
  const model = make && both(a.model, b.model);
  const engine = both(a.engine, b.engine);
  const years = a.year !== null && b.year !== null ? Math.abs(a.year - b.year) : undefined;
  const apart = yearsApart(years);
  if (model && engine) {
    const fade = years === undefined ? 0.08 : Math.min(0.25, years * 0.04);
    return { score: 0.8 - fade, reason: `same build: ${b.make} ${b.model} ${b.engine}${apart}` };
  }
  if (engine && (make || a.engine.trim().length >= 5))
    return { score: 0.5, reason: `same engine ${b.engine} in ${make ? 'another body' : 'another make'}` };
  if (model)
    return {
      score: years !== undefined && years > 8 ? 0.35 : 0.45,
      reason: `same model: ${b.make} ${b.model}${apart}`,
    };
  if (make) return { score: 0.2, reason: `same make: ${b.make}` };
  if (a.kind !== '' && a.kind === b.kind && both(a.fuel, b.fuel))
    return { score: 0.08, reason: `also a ${b.fuel} ${b.kind}` };
  return { score: 0, reason: '' };
}

/** A vehicle in one line: "2016 Corvane Tessa 1.6 petrol", or "Vehicle not named yet". */
export function vehicleName(v: Pick<Vehicle, 'make' | 'model' | 'year' | 'engine'>): string {
  const name = [v.year ?? '', v.make, v.model, v.engine].filter((s) => s !== '').join(' ');
  return name === '' ? 'Vehicle not named yet' : name;
}
