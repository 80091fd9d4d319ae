import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clausesOf, didIn } from './clauses';

/** Common practice, no source: what a clause of a work order says was done. */
const deed = (clause: string): string => {
  const did = didIn(clause);
  return did.kind === 'did' ? did.action : did.kind;
};

describe('a clause of a work order', () => {
  it.each([
    ['No repair performed', 'not done'],
    ['Nothing replaced at this time', 'not done'],
    ['Unable to repair', 'not done'],
    ['Could not fix the leak', 'not done'],
    ['Did not replace the coil', 'not done'],
    ['without replacing the pump', 'not done'],
    ['couldn’t program the key', 'not done'],
    ['never been cleaned', 'not done'],
    ['parts on order', 'not done'],
    ['Customer updated by phone', 'found'],
    ['Software up to date', 'found'],
    ['oil change due', 'found'],
    ['noise changes with speed', 'found'],
    ['loose fit at the connector', 'found'],
    ['new complaint of no heat', 'found'],
    ['new concern noted', 'found'],
    ['Repaired wire', 'repaired'],
    ['Fitted hose', 'replaced'],
    ['change of thermostat', 'replaced'],
    ['PCM updated to latest level', 'configured'],
    ['Updated TCM software', 'configured'],
    ['Cleaned ground, resecured', 'cleaned'],
    ['shimmed', 'adjusted'],
    ['Plugged back in', 'connector seated'],
    ['relearned crank position', 'relearned'],
    ['zeroed the sensor', 'calibrated'],
    ['hose rerouted', 'hose rerouted'],
    ['coolant topped up', 'other'],
    ['quoted new turbo', 'not done'],
    ['replaced by the previous garage', 'not done'],
    ['no change', 'in vain'],
    ['same fault again', 'in vain'],
    ['not the coil', 'tested'],
    ['swapped coil 1 with 2', 'tested'],
    ['codes cleared and road tested', 'tested'],
    ['alarm removed', 'repaired'],
  ])('“%s” is %s', (clause, is) => {
    expect(deed(clause)).toBe(is);
  });

  const deeds = fc.constantFrom('replaced', 'repaired', 'cleaned', 'adjusted', 'programmed', 'installed');

  it('that denies a deed never tells of one', () => {
    const denial = fc.constantFrom('nothing', 'could not be', 'was never', 'not', 'unable to get it');
    fc.assert(
      fc.property(denial, deeds, (no, did) => {
        expect(didIn(`${no} ${did}`).kind).not.toBe('did');
      }),
    );
  });

  it('is one of those its text is made of, whatever stands between', () => {
    const mark = fc.constantFrom('. ', ', ', '; ', ' - ', ' -> ', '\n');
    fc.assert(
      fc.property(fc.array(deeds, { minLength: 2, maxLength: 5 }), mark, (all, between) => {
        expect(clausesOf(all.map((d) => `${d} hose`).join(between))).toEqual(all.map((d) => `${d} hose`));
      }),
    );
  });
});
