import { describe, expect, it } from 'vitest';
import { HELD_OUT, judgeRecording, LATER, LOOKED_AT } from './index';
import { sheet } from './kit';

const ALL = [...LOOKED_AT, ...HELD_OUT, ...LATER];

describe('recordings made by hand', () => {
  it.each(ALL.map((r) => [r.about, r] as const))('%s: nothing is said that must not be', (_, recording) => {
    expect(judgeRecording(recording).faults.filter((f) => f.startsWith('wrong'))).toEqual([]);
  });

  it('say what they hold in nine of ten', () => {
    const right = ALL.filter((r) => judgeRecording(r).is === 'right').length;
    expect(right / ALL.length).toBeGreaterThan(0.9);
  });

  it('are judged by what is said: an accusation of the sound one counts as wrong', () => {
    const sound = LOOKED_AT.find((r) => r.about.startsWith('fuel pressure') && r.says.length > 0)!;
    expect(judgeRecording({ ...sound, says: [], never: sound.says }).is).toBe('wrong');
    expect(judgeRecording({ ...sound, says: [{ verdict: 'fail', words: /no such words/ }] }).is).toBe(
      'unread',
    );
  });

  it('have a broken file read as a refusal, not as silence', () => {
    const text = sheet(10, [[1, 2, 3]], { head: ['only a head'], between: ',' });
    expect(() => judgeRecording({ about: '', file: 'a.csv', text, says: [], never: [] })).toThrow();
  });
});
