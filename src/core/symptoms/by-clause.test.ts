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
    // As somebody talks at the counter: each condition to its own, denials deny, lamps are heard.
    ['It shakes at the lights when hot, never when cold. It pulls fine.', ['rough-idle hot']],
    ['the engine light and the ABS light are on', ['engine-lamp', 'brake-warning']],
    ['no power uphill, in the cold all good', ['no-power load']],
    ['engine lamp came on, in the cold it is not good', ['engine-lamp cold-weather']],
    ['oil light flickers at idle when hot', ['oil-pressure-low idle hot']],
    ['stalls normally when hot', ['stall hot']],
    ['it pulls normally', []],
    // When it is not there is a circumstance, and nothing that it lacks.
    ['noise from the front brakes, not when it rolls slowly', ['brake-noise']],
    ['not if I start it warm', []],
    ['stalls when hot, never when it starts cold', ['stall hot']],
    ['no lights on the dash apart from the airbag lamp', ['airbag-light']],
    ['no warning lights, stalls', ['stall']],
    ['no lights on the left side', ['lights-out']],
    ['battery light off, will not start properly', ['no-start']],
    ['', []],
    ['when cold', []],
  ])('"%s"', (text, is) => expect(read(text)).toEqual(is));
});
