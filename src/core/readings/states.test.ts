import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compareStates } from './states';
import { judgeReading } from './verdict';

/** What was found and what was expected, in words: common practice, no source. Written before the rule. */
const PAIRS = `
on | on | pass
ON | on | pass
on. | on | pass
lit | on or lit | pass
closed | open or closed | pass
lights up | on | pass
good | OK | pass
in order | ok | pass
Yes | yes | pass
y | yes | pass
no leaks | no leak | pass
does not leak | no leaks | pass
no  play | no play | pass
shut | closed | pass
off | on | fail
out | lit | fail
not lit | on | fail
doesn't light up | on | fail
open | closed | fail
no | yes | fail
not ok | OK | fail
NOK | ok | fail
faulty | good | fail
loose | tight | fail
wet | dry | fail
dirty | clean | fail
rough | smooth | fail
stuck | moves | fail
does not move | moves | fail
seized | free | fail
clogged | clear | fail
empty | full | fail
low | high | fail
missing | present | fail
not there | present | fail
erratic | steady | fail
no continuity | continuity | fail
leaks | no leaks | fail
play | no play | fail
cracked | intact | fail
dead | works | fail
does not run | runs | fail
on | not lit | fail
glows faintly | on | unsure
tight, no play | tight | unsure
tight at first, then loose | tight | unsure
on after 3 seconds | on | unsure
sometimes | on | unsure
flickers | on | unsure
brown | clear | unsure
honey coloured | clear or light brown | unsure
hums | clicks | unsure
one click | clicks | unsure
nothing | clicks | fail
nothing happens | lamp lights | fail
nothing | tight | unsure
nothing | pass | unsure
nothing | no cracks | unsure
nothing | always | unsure
leaks | no cracks or leaks | unsure
cracked | not cracked or torn | unsure
wet | without water or oil | unsure
torn | isn't cracked or torn | unsure
no reaction | no leaks | unsure
not tested | ok | unsure
not checked | no leaks | unsure
could not see | dry | unsure
? | on | unsure
same as left | equal left and right | unsure
`;
const rows = PAIRS.trim()
  .split('\n')
  .map((line) => line.split(' | ') as [string, string, string]);

describe('what is found against what is expected, in words', () => {
  it.each(rows)('%s, expected %s: %s', (found, expected, verdict) => {
    expect(judgeReading(found, expected).verdict).toBe(verdict);
  });

  it('says both, and what to do where words do not tell', () => {
    expect(judgeReading('off', 'on').because).toBe('Found "off", expected on.');
    expect(judgeReading('closed', 'open or closed').because).toBe('Found "closed", as expected.');
    expect(judgeReading('stuck', 'free | moves').because).toBe('Found "stuck", expected free or moves.');
    expect(judgeReading('flickers', 'on').because).toBe(
      'Found "flickers", expected on: these words do not tell whether that is right. Set the verdict by hand.',
    );
  });

  it('never passes or fails on words that stand in no pair of opposites', () => {
    const word = fc.stringMatching(/^[a-z]{3,8}$/).map((w) => `qz${w}`);
    fc.assert(fc.property(word, word, (a, b) => compareStates(a, [b]) === (a === b ? 'same' : 'not told')));
  });

  it('turns round: what fails against the one fails the other way too', () => {
    const opposite = rows.filter(
      ([found, expected, v]) => v === 'fail' && !expected.includes(' or ') && !found.startsWith('nothing'),
    );
    for (const [found, expected] of opposite)
      expect([found, expected, compareStates(expected, [found])]).toEqual([found, expected, 'other']);
  });
});
