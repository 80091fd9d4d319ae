import type { VinAnswer } from '@/core/api';
import type { RowOf } from '@/core/case';
import { bestValues, readVin } from '@/core/vehicle';
import { db } from '@/store/database';
import { casesOfVehicle, vehiclesByEngine, vehiclesByVin } from '@/store/vehicles';
import { VIN_ELEMENTS, vinData, vinPatterns, vinWord } from '@/store/vin-data';

type VehicleSays = NonNullable<VinAnswer['data']>;

const BUILD = [
  'make',
  'model',
  'engine',
  'fuel',
  'cylinders',
  'displacement',
  'firingOrder',
  'firing',
  'strokes',
  'banks',
  'kind',
  'market',
] as const;

/** Kinds of vehicle for which position 7 tells the cycle of the model year; 49 CFR 565.15(d). */
const LIGHT = /passenger/i;

function filled(vehicle: Partial<RowOf<'vehicle'>>): VehicleSays {
  return Object.fromEntries(
    BUILD.filter((f) => vehicle[f] !== '' && vehicle[f] !== null && vehicle[f] !== undefined).map((f) => [
      f,
      vehicle[f],
    ]),
  );
}

/**
 * As most of them are named, not as somebody wrote the last one down; where no way of naming has more than half,
 * only what all of them say alike.
 */
function agreed(alike: RowOf<'vehicle'>[]): VehicleSays {
  const named = (v: RowOf<'vehicle'>) => [v.make, v.model, v.engine].join('/').toLowerCase();
  const usual = alike.find((v) => alike.filter((x) => named(x) === named(v)).length * 2 > alike.length);
  if (usual) return { ...filled(usual), year: usual.year };
  const [first, ...others] = alike.map((v) => ({ ...filled(v), year: v.year }));
  const alikeInAll = Object.entries(first ?? {}).filter(([field, value]) =>
    others.every((o) => String(o[field as keyof VehicleSays]).toLowerCase() === String(value).toLowerCase()),
  );
  return Object.fromEntries(alikeInAll);
}

/**
 * What a VIN says: from the shop's own past first, then from the public data set, offline.
 *
 * @param typed the VIN as typed
 * @param exceptVehicle the vehicle it is being typed for
 */
export async function decodeVin(typed: string, exceptVehicle: string): Promise<Omit<VinAnswer, 'layout'>> {
  const read = readVin(typed);
  const answer: Omit<VinAnswer, 'layout'> = { past: null, data: null, unpacking: false };
  if (!read.ok) return answer;
  const { vin } = read;

  const alike = (await vehiclesByVin(db(), vin.slice(0, 8), exceptVehicle, 50))
    .map((k) => k.vehicle as RowOf<'vehicle'>)
    .filter((v) => v.vin[9] === vin[9] && v.make !== '');
  if (alike.length) {
    const cases = (await Promise.all(alike.map((v) => casesOfVehicle(db(), v.id)))).flat().length;
    answer.past = { cases, says: agreed(alike) };
  }

  const data = vinData();
  if (!data) return { ...answer, unpacking: true };
  const wmi = vin[2] === '9' ? vin.slice(0, 3) + vin.slice(11, 14) : vin.slice(0, 3);
  const found = [];
  for (const year of read.byPosition7 ? read.years : [...read.years].reverse()) {
    const { patterns, make, kind } = await vinPatterns(data, wmi, year);
    const best = bestValues(patterns, vin);
    const named = (best.get(VIN_ELEMENTS.model) ?? '') !== '';
    if (named || make) found.push({ year, best, make, named, light: LIGHT.test(kind) });
  }
  const [first, second] = found.sort((a, b) => Number(b.named) - Number(a.named));
  if (!first) return answer;
  // Position 7 tells the year of light vehicles; elsewhere, where both years are in the data, nothing does.
  const either = second !== undefined && second.named === first.named && read.byPosition7 && !first.light;
  const value = (element: number) => first.best.get(element) ?? '';
  const model = value(VIN_ELEMENTS.model);
  const litres = Number(value(VIN_ELEMENTS.displacement));
  const fuel = value(VIN_ELEMENTS.fuel) ? await vinWord(data, 'FuelType', value(VIN_ELEMENTS.fuel)) : '';
  const makeId = value(VIN_ELEMENTS.make);
  answer.data = {
    ...filled({
      make: makeId ? await vinWord(data, 'Make', makeId) : first.make,
      model: model ? await vinWord(data, 'Model', model) : '',
      engine: [litres ? litres.toFixed(1) : '', value(VIN_ELEMENTS.engine)].filter(Boolean).join(' '),
      fuel: fuel.toLowerCase(),
      cylinders: Number(value(VIN_ELEMENTS.cylinders)) || null,
      displacement: litres ? `${litres.toFixed(1)} L` : '',
    }),
    ...(either ? {} : { year: first.year }),
  };
  return answer;
}

/** The layout of an engine as another vehicle of the shop has it: kept per engine, offered for the next. */
export async function layoutOf(
  make: string,
  engine: string,
  exceptVehicle: string,
): Promise<VehicleSays | null> {
  if (engine.trim() === '') return null;
  const rows = (await vehiclesByEngine(db(), make, engine, exceptVehicle)) as RowOf<'vehicle'>[];
  const known = rows.find((v) => v.firingOrder !== '') ?? rows.find((v) => v.cylinders !== null);
  if (!known) return null;
  const { cylinders, firingOrder, firing, displacement, strokes, banks } = filled(known);
  return { cylinders, firingOrder, firing, displacement, strokes, banks };
}
