import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { Change } from '@/core/case';
import { addEdit } from './outbox';

const edit = (value: unknown, before: unknown, field = 'said', changeId = 'c') => ({
  kind: 'case' as const,
  id: 'k',
  revision: 3,
  field,
  value,
  before,
  changeId,
});

describe('outbox', () => {
  it('keeps one change for a field typed on, with what it said before the first letter', () => {
    let waiting: Change[] = [];
    for (const [value, before] of [
      ['i', ''],
      ['it', 'i'],
      ['it s', 'it'],
    ])
      waiting = addEdit(waiting, edit(value, before));
    expect(waiting).toHaveLength(1);
    expect(waiting[0]!.ops[0]).toMatchObject({ set: { said: 'it s' }, was: { said: '' }, revision: 3 });
  });

  it('drops a change that was typed back', () => {
    expect(addEdit(addEdit([], edit('x', '')), edit('', 'x'))).toEqual([]);
  });

  it('keeps fields apart and ends with the last value of each, whatever the order', () => {
    const field = fc.constantFrom('said', 'seen', 'lesson');
    fc.assert(
      fc.property(fc.array(fc.tuple(field, fc.string({ maxLength: 4 })), { maxLength: 30 }), (typed) => {
        const now: Record<string, string> = { said: '', seen: '', lesson: '' };
        let waiting: Change[] = [];
        typed.forEach(([f, v], i) => {
          if (now[f] === v) return;
          waiting = addEdit(waiting, edit(v, now[f], f, `c${i}`));
          now[f] = v;
        });
        const sent: Record<string, unknown> = { said: '', seen: '', lesson: '' };
        for (const c of waiting) for (const op of c.ops) if (op.op === 'set') Object.assign(sent, op.set);
        return JSON.stringify(sent) === JSON.stringify(now);
      }),
    );
  });
});
