import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { ChangeResult } from '@/core/api';
import type { Change } from '@/core/case';
import { keepOutbox, keptOutboxes, takeOutboxes } from '../case/saving/outbox';
import { casesShown, tabName } from '../tab';
import { sendUnsent } from './send-unsent';

/** A browser's storage whose room can be taken away. */
let room = true;
function storage() {
  const kept: Record<string, string> = {};
  return new Proxy(kept, {
    get: (_, name: string) =>
      ({
        getItem: (key: string) => kept[key] ?? null,
        setItem: (key: string, value: string) => {
          if (!room) throw new DOMException('full', 'QuotaExceededError');
          kept[key] = value;
        },
        removeItem: (key: string) => void delete kept[key],
      })[name] ?? kept[name],
  });
}
let n = 0;
const change = (said: string): Change => ({
  id: `c${++n}`,
  ops: [{ op: 'set', kind: 'case', id: 'k', revision: 1, set: { said }, was: { said: '' } }],
});
/** Names of the tabs that are open beside this one. */
let open: string[];
let answer: (change: Change) => ChangeResult | 'lost';
let sent: string[];
beforeEach(() => {
  room = true;
  open = [];
  sent = [];
  answer = (c) => ({ id: c.id, ok: true });
  casesShown.clear();
  vi.stubGlobal('localStorage', storage());
  vi.stubGlobal('sessionStorage', storage());
  vi.stubGlobal('navigator', {
    locks: {
      query: async () => ({ held: [tabName(), ...open].map((t) => ({ name: `vantle:tab:${t}` })) }),
    },
  });
  vi.stubGlobal('fetch', async (url: string, init: { body: string }) => {
    const { changes } = JSON.parse(init.body) as { changes: Change[] };
    const results = changes.map((c) => {
      const result = answer(c);
      if (result === 'lost') throw new TypeError('network');
      sent.push(`${url.split('/')[3]} ${c.id}`);
      return result;
    });
    return {
      ok: true,
      status: 200,
      json: async () => ({ results, changed: { seq: 2, rows: [], removed: [] } }),
    };
  });
});
afterEach(() => vi.unstubAllGlobals());
const box = (changes: Change[]) => ({ changes, conflicts: [], number: 12 });

describe('what was written on cases that are not open', () => {
  it('goes out: of a tab that is gone, and of a case that this tab left; not of one that looks after itself', async () => {
    const [gone, left, other, shown] = [change('a'), change('b'), change('c'), change('d')];
    keepOutbox('one', box([gone]), 'closed');
    keepOutbox('two', box([left]));
    keepOutbox('three', box([other]), 'busy');
    keepOutbox('four', box([shown]));
    open = ['busy'];
    casesShown.add('four');
    expect(await sendUnsent()).toEqual([{ caseId: 'three', number: 12 }]);
    expect(sent).toEqual([`one ${gone.id}`, `two ${left.id}`]);
    expect(keptOutboxes().map((k) => k.caseId)).toEqual(['three', 'four']);
  });

  it('stays, and is named, without a connection; and goes out when it is back', async () => {
    keepOutbox('one', box([change('a')]), 'closed');
    answer = () => 'lost';
    expect(await sendUnsent()).toEqual([{ caseId: 'one', number: 12 }]);
    expect(keptOutboxes()).toHaveLength(1);
    answer = (c) => ({ id: c.id, ok: true });
    expect(await sendUnsent()).toEqual([]);
    expect(keptOutboxes()).toEqual([]);
  });

  it('that meets another version is kept as a conflict for its case to ask, and not sent again', async () => {
    keepOutbox('one', box([change('mine')]), 'closed');
    const conflict = {
      ...{ kind: 'case' as const, id: 'k', field: 'said', mine: 'mine', theirs: 'theirs' },
      ...{ by: 'Mara', at: '', revision: 3 },
    };
    answer = (c) => ({ id: c.id, ok: false, conflict });
    expect(await sendUnsent()).toEqual([{ caseId: 'one', number: 12 }]);
    await sendUnsent();
    expect(sent).toHaveLength(1);
    const taken = takeOutboxes('one', new Set([tabName()]));
    expect(taken).toMatchObject({ changes: [], conflicts: [{ mine: 'mine', theirs: 'theirs' }] });
  });

  it('that is refused for good is kept for its case to show, and the rest goes on', async () => {
    const [bad, good] = [change('bad'), change('good')];
    keepOutbox('one', box([bad, good]), 'closed');
    answer = (c) =>
      c === bad || c.id === bad.id
        ? { id: c.id, ok: false, error: 'That row belongs to another case.', code: 'invalid' }
        : { id: c.id, ok: true };
    await sendUnsent();
    await sendUnsent();
    expect(sent.filter((s) => s.endsWith(bad.id))).toHaveLength(1);
    expect(keptOutboxes()[0]!.box.changes.map((c) => c.id)).toEqual([bad.id]);
  });
});

describe('an outbox', () => {
  it('is taken over at once where the browser tells that its tab is gone, and left to a tab that is open', () => {
    const mine = change('x');
    keepOutbox('one', box([mine]), 'closed');
    expect(takeOutboxes('one', new Set([tabName(), 'closed'])).changes).toEqual([]);
    expect(takeOutboxes('one', new Set([tabName()])).changes.map((c) => c.id)).toEqual([mine.id]);
    expect(keptOutboxes()).toEqual([]);
  });

  it('is taken over after a while without a sign of life where the browser cannot tell', () => {
    vi.useFakeTimers();
    keepOutbox('one', box([change('x')]), 'closed');
    expect(takeOutboxes('one').changes).toEqual([]);
    vi.advanceTimersByTime(12_001);
    expect(takeOutboxes('one').changes).toHaveLength(1);
    vi.useRealTimers();
  });

  it('says when the browser has no room for it, and leaves what another version kept where it is', () => {
    localStorage.setItem('vantle:outbox:one:old', '{"of another shape":true}');
    room = false;
    expect(keepOutbox('one', box([change('x')]))).toBe(false);
    room = true;
    expect(keptOutboxes()).toEqual([]);
    expect(localStorage.getItem('vantle:outbox:one:old')).not.toBeNull();
  });
});
