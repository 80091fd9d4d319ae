import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { createCase, openCase, vehiclesLike } from '../cases/cases';
import { setOn, testShop, writeOn } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

let n = 0;
const opened = async (id: string) => (await openCase(id))!;
const nobody = { vin: '', plate: '', make: '', model: '', year: null, customer: '', phone: '' };
const VIN = 'VC9TA16B5FK104417';

/** A case with a repaired, closed P0171 on a vehicle. */
async function repaired(vehicle: Record<string, unknown>, customer: string): Promise<string> {
  const { id } = await createCase('lead');
  await setOn(id, 'vehicle', vehicle);
  const tag = ++n;
  await writeOn(
    id,
    'lead',
    { op: 'add', kind: 'symptom', id: `s${tag}`, row: { concept: 'rough-idle' } },
    { op: 'add', kind: 'cause', id: `c${tag}`, row: { state: 'repaired' } },
    { op: 'add', kind: 'repair', id: `r${tag}`, row: { causeId: `c${tag}`, at: new Date().toISOString() } },
  );
  await setOn(id, 'case', { customer, closedAt: new Date().toISOString() });
  return id;
}

describe('a vehicle that comes again', () => {
  it('is offered by plate and by customer, with how sure, and its comeback at once', async () => {
    const before = await repaired(
      { make: 'Corvane', model: 'Tessa', year: 2015, plate: 'KV 442' },
      'Ana Petrov',
    );
    const { id } = await createCase('lead');
    await setOn(id, 'vehicle', { plate: 'kv-442' });
    await writeOn(id, 'lead', { op: 'add', kind: 'symptom', id: 'again', row: { concept: 'rough-idle' } });
    const own = (await opened(id)).record.vehicle.id;
    const known = await vehiclesLike({ ...nobody, plate: 'kv-442' }, own);
    expect(known.map((k) => [k.name, k.sure, k.because, k.cases.map((c) => c.id)])).toEqual([
      ['2015 Corvane Tessa', 'likely', 'the same plate', [before]],
    ]);
    expect((await opened(id)).comebackOffers.map((o) => [o.caseId, o.shares])).toEqual([
      [before, ['rough idle again']],
    ]);
    const byCustomer = { ...nobody, make: 'Corvane', model: 'tessa', year: 2015, customer: 'PETROV Ana' };
    expect((await vehiclesLike(byCustomer, own)).map((k) => k.because)).toEqual([
      'the same make, model, year and customer',
    ]);
  });

  it('leaves nothing behind when its case is put to it: no vehicle without a case is offered', async () => {
    const before = await repaired({ vin: VIN, make: 'Corvane', model: 'Tessa' }, 'Bo');
    const known = (await opened(before)).record.vehicle.id;
    const { id } = await createCase('lead');
    await setOn(id, 'vehicle', { vin: VIN });
    const left = (await opened(id)).record.vehicle.id;
    await setOn(id, 'case', { vehicleId: known });
    const now = await opened(id);
    expect(now.record.vehicle.id).toBe(known);
    expect(now.sameVehicle.map((c) => c.id)).toEqual([before]);
    expect((await vehiclesLike({ ...nobody, vin: VIN }, known)).map((k) => k.vehicle.id)).not.toContain(left);
  });

  it('keeps its comeback offered when what is empty is filled in, instead of taking the vehicle over', async () => {
    const vin = 'VC9TA16B7FK104418';
    const before = await repaired({ vin, make: 'Corvane', model: 'Tessa' }, 'Cy');
    const { id } = await createCase('lead');
    await setOn(id, 'vehicle', { vin, make: 'Corvane', model: 'Tessa' });
    await writeOn(id, 'lead', { op: 'add', kind: 'symptom', id: 'again2', row: { concept: 'rough-idle' } });
    expect((await opened(id)).comebackOffers.map((o) => o.caseId)).toEqual([before]);
  });

  it('is none of several alike ones of a fleet, and their trouble is no comeback of it', async () => {
    const van = { make: 'Haldric', model: 'Lugger', year: 2018 };
    for (const plate of ['FLEET 1', 'FLEET 2']) await repaired({ ...van, plate }, 'Fenwick Haulage');
    const { id } = await createCase('lead');
    await setOn(id, 'vehicle', van);
    await setOn(id, 'case', { customer: 'Fenwick Haulage' });
    await writeOn(id, 'lead', { op: 'add', kind: 'symptom', id: 'fleet', row: { concept: 'rough-idle' } });
    const own = (await opened(id)).record.vehicle.id;
    const asked = { ...nobody, ...van, customer: 'Fenwick Haulage' };
    expect((await vehiclesLike(asked, own)).map((k) => [k.sure, k.because])).toEqual([
      ['perhaps', 'the same make, model, year and customer; they have 2 alike'],
      ['perhaps', 'the same make, model, year and customer; they have 2 alike'],
    ]);
    expect((await opened(id)).comebackOffers).toEqual([]);
    await setOn(id, 'vehicle', { plate: 'fleet-2' });
    expect((await opened(id)).comebackOffers).toHaveLength(1);
  });

  it('taken in twice within the hour is said, until somebody says that it is another matter', async () => {
    const first = (await createCase('desk')).id;
    await setOn(first, 'vehicle', { plate: 'TWIN 1' });
    const second = (await createCase('lead')).id;
    expect((await opened(second)).twin).toBeNull();
    await setOn(second, 'vehicle', { plate: 'twin1' });
    expect((await opened(second)).twin).toMatchObject({ caseId: first, minutes: 0 });
    expect((await opened(first)).twin).toBeNull();
    await writeOn(second, 'lead', {
      op: 'add',
      kind: 'comeback',
      id: 'other',
      row: { ofCaseId: first, state: 'rejected' },
    });
    expect((await opened(second)).twin).toBeNull();
  });
});
