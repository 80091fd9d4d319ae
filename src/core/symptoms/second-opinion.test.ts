import { describe, expect, it } from 'vitest';
import { perhapsIn } from './by-clause';
import { readSentence, SHIPPED, Vocabulary } from './read';
import { MOST_OFFERED } from './second-opinion';

const said = (text: string) => readSentence(text).symptoms.flatMap((s) => (s.negated ? [] : [s.id]));
const asked = (text: string) => readSentence(text).perhaps.map((p) => p.id);

describe('a phrase is weighed against the rest of its sentence', () => {
  it('stands where they bear it out, and where it is all there is', () => {
    expect(said('it stalls at the lights when hot')).toEqual(['stall']);
    expect(said('leaks oil')).toEqual(['oil-leak']);
    expect(said('shakes at the lights')).toEqual(['rough-idle']);
  });

  it('is asked where they speak for something else', () => {
    const text =
      'A shudder like driving over cobbles at steady 60 to 70 with a light foot, gone when I press harder';
    expect(said(text)).toEqual([]);
    expect(asked(text)).toContain('tcc-shudder');
  });

  it('stands beside another that is said in the same breath', () =>
    expect(said('hesitates and backfires on acceleration').sort()).toEqual(['backfire', 'hesitation']));

  it('needs no second opinion where the shop taught it', () => {
    const shop = new Vocabulary([{ of: 'symptom', concept: 'horn', words: 'does the donkey' }]);
    const text = 'on the motorway it vibrates and it does the donkey at 120';
    expect(shop.read(text).symptoms.map((s) => s.id)).toContain('horn');
  });

  it('stays denied where it was denied', () => {
    const { symptoms } = readSentence(
      'the shop cleaned the throttle on Monday and it does not stall any more',
    );
    expect(symptoms.map((s) => [s.id, s.negated])).toEqual([['stall', true]]);
  });
});

describe('what only the words speak for', () => {
  it('is asked and not taken for said', () => {
    const text = 'Towed in from the camp site, all lamps bright, one single clack from the starter';
    expect(said(text)).not.toContain('starter-grind');
    expect([...said(text), ...asked(text)]).toContain('no-crank');
  });

  it.each(['P0300 is stored but not P0302', 'heater open', 'closed loop', 'temp 3', 'brought by tow truck'])(
    'asks nothing of %s',
    (text) => expect([...said(text), ...asked(text)]).toEqual([]),
  );

  it('asks few questions, each with the words it rests on', () => {
    const text = 'noise, smell, shake, pull, lamp, smoke, leak, hiss, grind, whine, hot, cold, slow';
    const { perhaps } = readSentence(text);
    expect(perhaps.length).toBeLessThanOrEqual(MOST_OFFERED);
    for (const p of perhaps) {
      expect(p.words).not.toBe('');
      expect(p.share).toBeGreaterThanOrEqual(0);
      expect(p.share).toBeLessThanOrEqual(1);
    }
  });

  it('does not ask what a clause of it has said', () => {
    const text = 'Battery goes flat. It stalls when hot, never when it starts cold';
    const clauses = ['battery-drain', 'stall'];
    expect(perhapsIn(SHIPPED, text).filter((p) => clauses.includes(p.id))).toEqual([]);
  });
});
