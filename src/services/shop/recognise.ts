import type { RowOf } from '@/core/case';
import { plainPlate, readVin, recognise, type Identity, type Recognised } from '@/core/vehicle';
import type { Db, Tx } from '@/store/database';
import { casesOfVehicle, vehiclesByMakeModel, vehiclesByPlate, vehiclesByVin } from '@/store/vehicles';

/** Vehicles looked at closely, of those that share a plate, a VIN or a model. */
const MOST = 200;
const VIN_START = 5;
const SURE = { certain: 0, likely: 1, perhaps: 2 };

/** A vehicle that was here before, with the cases it had and how surely it is the same one. */
interface Known extends Recognised {
  vehicle: RowOf<'vehicle'>;
  caseIds: string[];
}

/**
 * Vehicles that were here before and may be the one at hand, by VIN, plate, or make, model, year and customer. One
 * without a case, such as what a case left behind when it was put to its vehicle, was never here.
 *
 * @param identity what is known of the vehicle and its customer
 * @param except the vehicle at hand
 * @returns the surest first
 */
export async function recogniseVehicle(q: Tx | Db, identity: Identity, except: string): Promise<Known[]> {
  const { vin } = readVin(identity.vin);
  const plate = plainPlate(identity.plate);
  const found = (
    await Promise.all([
      vin.length >= VIN_START ? vehiclesByVin(q, vin, except, MOST) : [],
      plate.length >= 3 ? vehiclesByPlate(q, [plate.toLowerCase()]) : [],
      identity.make !== '' && identity.model !== '' && (identity.customer !== '' || identity.phone !== '')
        ? vehiclesByMakeModel(q, identity.make, identity.model, MOST)
        : [],
    ])
  ).flat();
  const rows = new Map(found.map((f) => [f.vehicle.id, f]));
  rows.delete(except);
  const known = (
    await Promise.all(
      [...rows.values()].map(async ({ vehicle, customers }): Promise<Known[]> => {
        const row = vehicle as RowOf<'vehicle'>;
        const best = customers
          .flatMap((c) => recognise(identity, { ...row, ...c }) ?? [])
          .sort((a, b) => SURE[a.sure] - SURE[b.sure])[0];
        return best ? [{ ...best, vehicle: row, caseIds: await casesOfVehicle(q, row.id) }] : [];
      }),
    )
  ).flat();
  // Of several alike vehicles of one customer none is the likely one.
  const byCustomer = known.filter((k) => k.sure === 'likely' && !k.because.includes('plate'));
  if (byCustomer.length > 1)
    for (const k of byCustomer)
      Object.assign(k, { sure: 'perhaps', because: `${k.because}; they have ${byCustomer.length} alike` });
  return known.sort((a, b) => SURE[a.sure] - SURE[b.sure]);
}
