import { describe, expect, it } from 'vitest';
import { readSentence } from './read';
import { SYMPTOMS } from './vocabulary';

const read = (text: string) => readSentence(text).symptoms.flatMap((s) => (s.negated ? [] : [s.id]));

describe('what is denied, cured or over', () => {
  it.each([
    'the rattle over bumps has not come back',
    'misfire: no',
    'overheats: none',
    'does it stall? no',
    'had a coolant leak, that was repaired',
    'it overheated, which was fixed last year',
    'the engine light is no longer present',
    'we could not find any oil leak',
    'no sign of a misfire',
    'never saw the engine light',
    'customer denies that it stalls',
    'it stopped stalling',
    'used to overheat',
    'the misfire is gone',
    'engine light has gone out',
    'brakes no longer squeal',
    'it neither stalls nor smokes blue',
  ])('%s: nothing', (text) => {
    expect(read(text)).toEqual([]);
  });

  it.each([
    ['the heater stopped working', 'no-heat'],
    ['coolant leak, that was not repaired', 'coolant-leak'],
    ['the rattle over bumps was never fixed', 'suspension-noise'],
    ['misfire, no power', 'misfire'],
    ['misfire, no power', 'no-power'],
    ["engine light won't go off", 'engine-lamp'],
    ['stalls but not when cold', 'stall'],
    ['no heat', 'no-heat'],
    ['overheats, this was never so bad', 'overheat'],
  ])('%s: %s stays', (text, symptom) => {
    expect(read(text)).toContain(symptom);
  });

  // A measure, since no list of denials is whole: a phrase may say another thing once "no" stands before it.
  it('takes back nearly all of the vocabulary, whatever the way of denying', () => {
    const frames = [
      'no sign of {x}',
      'the {x} is gone',
      '{x} never came back',
      '{x}: none',
      'had {x}, that was repaired',
    ];
    const plain = /\b(?:not|no|won't|never|only|does|is|are|doesn't|can't|without|nothing)\b/;
    let all = 0;
    const left: string[] = [];
    const ways = SYMPTOMS.flatMap((s) => s.says.map((x) => ({ id: s.id, x }))).filter((_, i) => i % 5 === 0);
    for (const { id, x } of ways) {
      if (plain.test(x) || !read(x).includes(id)) continue;
      for (const f of frames) {
        all++;
        if (read(f.replace('{x}', x)).length > 0) left.push(f.replace('{x}', x));
      }
    }
    expect(all).toBeGreaterThan(2000);
    expect(left.length / all, left.slice(0, 20).join('\n')).toBeLessThan(0.03);
  });
});
