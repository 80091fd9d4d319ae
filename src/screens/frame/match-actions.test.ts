import { describe, expect, it } from 'vitest';
import { matchActions } from './match-actions';

const actions = [
  { say: 'Add a test', words: 'test', takes: 'its question' },
  { say: 'Go to the tests of the shop', words: 'checks library' },
  { say: 'Close the case', words: 'done' },
  { say: 'Waits for a part', words: 'wait' },
  { say: 'Go to case', words: 'case open', takes: 'its number' },
];
const said = (line: string) => matchActions(line, actions).map((m) => m.action.say);

describe('the action line', () => {
  it('offers everything, in order, while nothing is typed', () => {
    expect(said('  ')).toEqual(actions.map((a) => a.say));
  });
  it('finds an action by beginnings of its words in any order', () => {
    expect(said('clo')[0]).toBe('Close the case');
    expect(said('part wait')[0]).toBe('Waits for a part');
    expect(said('libr')[0]).toBe('Go to the tests of the shop');
  });
  it('puts the whole word before one that only begins so', () => {
    expect(said('test')[0]).toBe('Add a test');
    expect(said('tests')[0]).toBe('Go to the tests of the shop');
  });
  it('hands on what follows the words, as it was written', () => {
    const [first] = matchActions('test Does the pump hold  3.5 bar?', actions);
    expect(first).toMatchObject({ action: { say: 'Add a test' }, rest: 'Does the pump hold  3.5 bar?' });
    expect(matchActions('case 34', actions)[0]).toMatchObject({ action: { say: 'Go to case' }, rest: '34' });
  });
  it('takes no words it was not made for', () => {
    expect(said('close the window')).toEqual([]);
    expect(said('zebra')).toEqual([]);
  });
});
