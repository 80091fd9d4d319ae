import { describe, expect, it } from 'vitest';
import { Catalogue } from './catalogue';
import { changedInVain } from './changed-before';
import { starterItems } from './starter';

const list = new Catalogue(starterItems());
const parts = (said: string) => changedInVain(said, list).map((c) => c.part.name);

describe('parts that were changed and did not help', () => {
  // Written as they are said, before the rule was tried on them. Common practice, no source.
  it.each([
    ['replaced plug and coil on 3 still misfire', ['spark plug', 'ignition coil']],
    ['New thermostat fitted by last garage, no change.', ['thermostat']],
    ['Battery and alternator replaced. Still goes flat.', ['battery', 'alternator']],
    ['they changed the wheel speed sensor twice but the light came back', ['wheel speed sensor']],
    ['turbo was replaced under warranty, EGR still faulty', ['turbocharger']],
    ['a new thermostat and coolant sensor fitted, still leaks', ['thermostat']],
    ['Fuel filter renewed, did not help', ['fuel filter']],
    ['fitted a new fuel pump without success', ['fuel pump']],
    ['still stalls after replacing the crank sensor', ['crankshaft sensor']],
    ['same fault again after new EGR valve was installed', ['exhaust gas recirculation valve']],
    ['customer has changed brake discs and pads, no better', ['brake disc', 'brake pad']],
    ['purge valve changed no success', ['purge valve']],
    ['Both batteries renewed in March, no change.', ['battery']],
    ['two brake light switches fitted already, still no brake lights', ['brake light switch']],
  ])('%s', (said, expected) => {
    expect(parts(said)).toEqual(expected);
  });
  it.each([
    // The trouble began with it: a suspect.
    'Since the alternator was replaced the radio is still noisy',
    'started after new coils were fitted, still misfires',
    // It is not done yet, or was not.
    'needs new coils, still misfires',
    'the other garage wanted to replace the turbo, problem still there',
    'thermostat was never changed, still runs cold',
    // A swap is a test.
    'swapped coils 1 and 3, misfire still on 1',
    'Swapped the coil with cylinder 2, still misfires on 3',
    'injectors swapped over, same code',
    'would a new battery help? still slow to crank',
    // It helped.
    'coils replaced, does not stall any more',
    'new battery fitted and now fine',
    // Nobody says that it stayed.
    'new tyres last month',
    'battery changed in spring, engine shakes at idle',
    'still under warranty, new clutch in 2021',
    // No part of the list, no change at all.
    'changed gear late, still the same noise',
    'new house, battery still flat each morning',
    'new battery last year, light came back on after the wash',
    'changed to winter tyres and the abs light is still on',
    'changed down to third and it came back on',
    '',
  ])('not: %s', (said) => {
    expect(parts(said)).toEqual([]);
  });
  it('each part once, with the sentence that says so', () => {
    expect(
      changedInVain('Changed coil 3. Still misfires. Changed coil 3 again, no change.', list),
    ).toMatchObject([{ part: { name: 'ignition coil' }, words: 'Changed coil 3' }]);
  });
  it('what stays is not what was changed', () => {
    expect(
      parts('new spark plugs fitted, still there with noise from the fuel pump and battery light'),
    ).toEqual(['spark plug']);
  });
});
