import type { Beside } from '@/core/api';
import type { Vehicle } from '@/core/case';
import { rankProcedures, type MatchSubject } from '@/core/guide';
import type { CaseIndex, SearchCriteria } from '@/core/similar';
import { vehicleNearness } from '@/core/vehicle';
import { bulletinsFor } from '../shop/bulletins';
import { knownValues } from '../shop/known-good';
import { procedures } from '../shop/procedures';

const SHOWN = 5;
const LEAST_NEAR = 0.45;

/** For a search line. */
export async function besideLine(wanted: SearchCriteria, index: CaseIndex): Promise<Beside> {
  const v = wanted.vehicle && completed(wanted.vehicle, index);
  const codes = wanted.codes.map((c) => c.code);
  const looked: MatchSubject = { vehicle: v, codes, symptoms: wanted.symptoms };
  const nothing = codes.length + wanted.symptoms.length === 0 && !v;
  if (nothing) return { build: '', bulletins: [], procedures: [], knownGood: [] };
  const [bulletins, kept, knownGood] = await Promise.all([
    bulletinsFor(looked),
    procedures(),
    v && v.make !== '' ? knownGoodOf(v) : [],
  ]);
  return {
    build: v && v.make && v.model && v.engine ? `${v.make}/${v.model}/${v.engine}` : '',
    bulletins: bulletins.map(({ bulletin: b, because }) => ({
      id: b.id,
      number: b.number,
      title: b.title,
      body: b.body,
      issuedBy: b.issuedBy,
      because,
    })),
    procedures: rankProcedures(
      kept,
      {
        code: codes.map((code) => ({ code })),
        vehicle: { make: v?.make ?? '', model: v?.model ?? '', engine: v?.engine ?? '' },
      } as never,
      [],
    )
      .filter((h) => h.because.length > 0)
      .slice(0, SHOWN)
      .map(({ procedure, because }) => ({ id: procedure.id, title: procedure.title, because })),
    knownGood,
  };
}

/** A vehicle named in part, with the rest filled in where the shop knows only one such build. */
function completed(
  v: NonNullable<SearchCriteria['vehicle']>,
  index: CaseIndex,
): NonNullable<SearchCriteria['vehicle']> {
  const same = (given: string, has: string) => given === '' || given.toLowerCase() === has.toLowerCase();
  const builds = index
    .values('bd')
    .map((b) => b.split('/'))
    .filter(
      ([make, model, engine]) => same(v.make, make!) && same(v.model, model!) && same(v.engine, engine!),
    );
  if (v.model === '' && v.engine === '') return v;
  const only = (i: number) => (new Set(builds.map((b) => b[i])).size === 1 ? builds[0]![i]! : '');
  return { ...v, make: v.make || only(0), model: v.model || only(1), engine: v.engine || only(2) };
}

async function knownGoodOf(v: NonNullable<SearchCriteria['vehicle']>): Promise<Beside['knownGood']> {
  const values = await knownValues(v as Pick<Vehicle, 'make' | 'engine'>);
  return values
    .map((value) => ({ value, near: vehicleNearness(v, value.vehicle) }))
    .filter(({ near }) => near.score >= LEAST_NEAR)
    .sort((a, b) => b.near.score - a.near.score)
    .slice(0, SHOWN)
    .map(({ value, near }) => ({
      label: value.label,
      entered: value.entered,
      conditions: value.conditions,
      build: near.reason,
      from: value.from,
    }));
}
