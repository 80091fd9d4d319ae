import { describe, expect, it } from 'vitest';
import { Bulletin } from '@/core/case';
import { matchBulletins } from './bulletins';

const tessa = { make: 'Corvane', model: 'Tessa', engine: '1.6 petrol', year: 2015 };
const bulletin = (over: object) => Bulletin.parse({ id: 'b', title: 'x', ...over });
const ids = (list: Bulletin[], looked: Parameters<typeof matchBulletins>[1]) =>
  matchBulletins(list, looked).map((h) => h.bulletin.id);

describe('bulletins for a case', () => {
  it('fit by code, symptom in plain words and build, and say so', () => {
    const [hit] = matchBulletins(
      [
        bulletin({
          codes: ['P0171'],
          symptoms: ['shakes at the lights'],
          build: 'Corvane Tessa',
          yearFrom: 2013,
          yearTo: 2017,
        }),
      ],
      { vehicle: tessa, codes: ['P0171-00'], symptoms: ['rough-idle'] },
    );
    expect(hit!.because).toEqual(['for Corvane Tessa 2013–2017', 'for P0171', 'for rough idle']);
  });
  it('are left out for another build or year, however well the code fits', () => {
    const b = bulletin({ codes: ['P0171'], build: 'Pellar Nib' });
    const late = bulletin({ codes: ['P0171'], build: 'Corvane Tessa', yearTo: 2014 });
    expect(ids([b, late], { vehicle: tessa, codes: ['P0171'], symptoms: [] })).toEqual([]);
  });
  it('need more than the build, and take a vehicle named in part', () => {
    const b = bulletin({ codes: ['P0171'], build: 'Corvane Tessa 1.6 petrol' });
    expect(ids([b], { vehicle: tessa, codes: [], symptoms: [] })).toEqual([]);
    const part = { make: '', model: 'Tessa', engine: '', year: null };
    expect(ids([b], { vehicle: part, codes: ['P0171'], symptoms: [] })).toEqual(['b']);
  });
  it('put the exact code before one that is akin', () => {
    const list = [bulletin({ id: 'akin', codes: ['P0302'] }), bulletin({ id: 'same', codes: ['P0301'] })];
    expect(ids(list, { vehicle: null, codes: ['P0301'], symptoms: [] })).toEqual(['same', 'akin']);
  });
});
