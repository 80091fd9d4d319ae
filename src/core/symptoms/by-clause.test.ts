import { describe, expect, it } from 'vitest';
import { SHIPPED, symptomsByClause } from './index';

const read = (text: string) =>
  symptomsByClause(SHIPPED, text).map((s) => [s.id, ...s.conditions, s.frequency].filter(Boolean).join(' '));

describe('symptoms clause by clause', () => {
  it.each([
    ['rough idle, only when cold', ['rough-idle cold-start']],
    ['rough idle when cold, overheats in traffic', ['rough-idle cold-start', 'overheat low-speed']],
    ['sometimes stalls at idle. Battery goes flat', ['stall idle intermittent', 'battery-drain']],
    ['no misfire, but stalls', ['stall']],
    ['stalls; stalls when hot', ['stall hot']],
    ['', []],
    ['when cold', []],
  ])('"%s"', (text, is) => expect(read(text)).toEqual(is));
});
