import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { frequencyIn } from './frequency';

/** Common practice, no source: what a service writer would note as how often. */
describe('how often', () => {
  it.each([
    ['cuts out now and again', 'intermittent'],
    ['does not stall every time', 'intermittent'],
    ['doesn’t always start', 'intermittent'],
    ['two starts out of five', ''],
    ['3 out of 10 starts fail', 'intermittent'],
    ['one start in four', 'intermittent'],
    ['three times a week', 'intermittent'],
    ['every third morning', 'intermittent'],
    ['lamp flickers on and off', 'intermittent'],
    ['stalled once, on the way here', 'once'],
    ['it happened once', 'once'],
    ['just the one time', 'once'],
    ['a one-off so far', 'once'],
    ['each cold start', 'always'],
    ['the pump runs non-stop', 'always'],
    ['always after a wash', 'always'],
  ])('“%s” is %s', (text, often) => {
    expect(frequencyIn(text)).toBe(often);
  });

  it.each([
    // When, not how often.
    'stalls once warm',
    'once it is in gear it is fine',
    'at once it went dead',
    'more than once',
    'not once on the road test',
    // What was done to it, or what somebody does.
    'sensor replaced once',
    'tested once, nothing found',
    'she always fills up there',
    'the customer always parks outside',
    // A kind of code, a part, a function.
    'permanent DTC P0420',
    'permanent code stored',
    'P0300 random misfire',
    'constant velocity joint split',
    'compressor clutch cycles on and off',
    'switches on and off as it should',
  ])('“%s” says nothing of it', (text) => {
    expect(frequencyIn(text)).toBe('');
  });

  it('denied is never always, and always denied is intermittent', () => {
    const always = fc.constantFrom('always', 'every time', 'all the time', 'constantly');
    const not = fc.constantFrom('does not', 'doesn’t', 'did not', 'never does it');
    fc.assert(
      fc.property(not, always, fc.constantFrom('', ' when cold', ', only sometimes'), (no, word, rest) => {
        expect(frequencyIn(`${no} ${word}${rest}`)).not.toBe('always');
      }),
    );
  });
});
