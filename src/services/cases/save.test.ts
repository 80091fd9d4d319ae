import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { Change, Op } from '@/core/case';
import { db } from '@/store/database';
import { caseHistory } from '@/store/shop';
import { createCase, discardEmptyCase, openCase } from './cases';
import { undoLast } from './history';
import { applyChanges, saveChanges } from './save';
import { testShop } from '../testing/test-shop';

let end: () => Promise<void>;
beforeAll(async () => {
  end = await testShop();
});
afterAll(() => end());

let n = 0;
const change = (...ops: Op[]): Change => ({ id: `ch${++n}`, ops });
const set = (
  kind: Op['kind'],
  id: string,
  revision: number,
  fields: Record<string, unknown>,
  was: Record<string, unknown>,
): Op => ({ op: 'set', kind, id, revision, set: fields, was });
const fresh = async () => (await openCase((await createCase('lead')).id))!.record;
const again = async (id: string) => (await openCase(id))!.record;

describe('a pause in which several things were done', () => {
  it('is undone one thing at a time, the last first: what was added and removed again comes back', async () => {
    const { case: own } = await fresh();
    const opened = (await again(own.id)).case.seq;
    const symptom = { words: 'rough idle' };
    await applyChanges(
      own.id,
      [
        change({ op: 'add', kind: 'symptom', id: 'pause-a', row: symptom }),
        change({ op: 'add', kind: 'symptom', id: 'pause-b', row: { words: 'stalls' } }),
        change({ op: 'remove', kind: 'symptom', id: 'pause-a' }),
      ],
      'lead',
    );
    const ids = async () => (await again(own.id)).symptom.map((s) => s.id).sort();
    expect(await ids()).toEqual(['pause-b']);
    const first = await undoLast(own.id, 'lead', opened, []);
    expect(await ids()).toEqual(['pause-a', 'pause-b']);
    await undoLast(own.id, 'lead', opened, [first!.seq, first!.by]);
    expect(await ids()).toEqual(['pause-a']);
  });
});

describe('saving', () => {
  it('writes a field, counts the revision and remembers who did it', async () => {
    const r = await fresh();
    const [result] = await applyChanges(
      r.case.id,
      [change(set('case', r.case.id, 1, { said: 'it stalls' }, { said: '' }))],
      'lead',
    );
    expect(result).toMatchObject({ ok: true });
    expect((await again(r.case.id)).case).toMatchObject({ said: 'it stalls', revision: 2 });
    const [last] = await caseHistory(db(), r.case.id, 1);
    expect(last).toMatchObject({
      who: 'lead',
      kind: 'case',
      op: 'set',
      before: { said: '' },
      after: { said: 'it stalls' },
    });
  });

  it('refuses a stale write of the same field with both versions, and changes nothing', async () => {
    const r = await fresh();
    const id = r.case.id;
    await applyChanges(id, [change(set('case', id, 1, { said: 'theirs' }, { said: '' }))], 'lead');
    const [result] = await applyChanges(id, [change(set('case', id, 1, { said: 'mine' }, { said: '' }))], '');
    expect(result).toMatchObject({
      ok: false,
      conflict: { field: 'said', mine: 'mine', theirs: 'theirs', by: 'Diagnostic lead', revision: 2 },
    });
    expect((await again(id)).case.said).toBe('theirs');
    // Settling names the revision now.
    const [settled] = await applyChanges(
      id,
      [change(set('case', id, 2, { said: 'both' }, { said: 'theirs' }))],
      '',
    );
    expect(settled).toMatchObject({ ok: true });
  });

  it('lets two people write different fields of one row', async () => {
    const r = await fresh();
    const id = r.case.id;
    await applyChanges(id, [change(set('case', id, 1, { said: 'a' }, { said: '' }))], '');
    const [result] = await applyChanges(id, [change(set('case', id, 1, { seen: 'b' }, { seen: '' }))], '');
    expect(result).toMatchObject({ ok: true });
    expect((await again(id)).case).toMatchObject({ said: 'a', seen: 'b' });
  });

  it('takes the same change twice as once', async () => {
    const r = await fresh();
    const c = change(
      { op: 'add', kind: 'symptom', id: `sy${n}`, row: { words: 'stalls' } },
      set('case', r.case.id, 1, { said: 'x' }, { said: '' }),
    );
    await applyChanges(r.case.id, [c], '');
    const [second] = await applyChanges(r.case.id, [c], '');
    expect(second).toMatchObject({ ok: true });
    expect((await again(r.case.id)).symptom).toHaveLength(1);
  });

  it('does all of a change or nothing', async () => {
    const r = await fresh();
    const [result] = await applyChanges(
      r.case.id,
      [
        change(
          { op: 'add', kind: 'symptom', id: `sz${n}`, row: { words: 'stalls' } },
          { op: 'add', kind: 'reading', id: `rd${n}`, row: { testId: 'nowhere' } },
        ),
      ],
      '',
    );
    expect(result).toMatchObject({ ok: false, error: expect.stringContaining('not there any more') });
    expect((await again(r.case.id)).symptom).toEqual([]);
  });

  it('keeps rows of other cases out of reach', async () => {
    const [a, b] = [await fresh(), await fresh()];
    const [result] = await applyChanges(
      b.case.id,
      [change(set('case', a.case.id, 1, { said: 'x' }, { said: '' }))],
      '',
    );
    expect(result).toMatchObject({ ok: false, error: expect.stringContaining('another case') });
    const [computed] = await applyChanges(
      a.case.id,
      [change(set('case', a.case.id, 1, { grade: 'held' }, { grade: '' }))],
      '',
    );
    expect(computed).toMatchObject({ ok: false, error: expect.stringContaining('computed') });
  });

  it('says so when what was written on is gone', async () => {
    const r = await fresh();
    const id = `gone${n}`;
    await applyChanges(
      r.case.id,
      [change({ op: 'add', kind: 'suspect', id, row: {} }), change({ op: 'remove', kind: 'suspect', id })],
      '',
    );
    const [result] = await applyChanges(
      r.case.id,
      [change(set('suspect', id, 1, { why: 'mine' }, { why: '' }))],
      '',
    );
    expect(result).toMatchObject({ ok: false, conflict: { removed: true, mine: 'mine' } });
  });

  it('computes verdicts in the same write, and void when a condition is not met', async () => {
    const r = await fresh();
    const [t, rd, c] = [`t${n}`, `r${n}`, `c${n}`];
    await applyChanges(
      r.case.id,
      [
        change(
          { op: 'add', kind: 'test', id: t, row: { at: '2026-01-01T00:00:00Z' } },
          { op: 'add', kind: 'reading', id: rd, row: { testId: t, entered: '4.48 V', limit: '3.0–3.6 V' } },
        ),
      ],
      '',
    );
    expect((await again(r.case.id)).test[0]).toMatchObject({ verdict: 'fail' });
    await applyChanges(
      r.case.id,
      [change({ op: 'add', kind: 'condition', id: c, row: { testId: t, what: 'key on', met: 'no' } })],
      '',
    );
    expect((await again(r.case.id)).test[0]).toMatchObject({ verdict: 'void' });
    await applyChanges(r.case.id, [change({ op: 'remove', kind: 'test', id: t })], '');
    expect(await again(r.case.id)).toMatchObject({ test: [], reading: [], condition: [] });
  });

  it('serves many writers at once without losing or refusing one', async () => {
    const r = await fresh();
    const results = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        applyChanges(
          r.case.id,
          [change({ op: 'add', kind: 'symptom', id: `many${n}-${i}`, row: { words: `w${i}` } })],
          '',
        ),
      ),
    );
    expect(results.flat().every((x) => x.ok)).toBe(true);
    expect((await again(r.case.id)).symptom).toHaveLength(40);
  });

  it('throws away only a case in which nothing is recorded', async () => {
    const r = await fresh();
    await applyChanges(r.case.id, [change(set('case', r.case.id, 1, { said: 'x' }, { said: '' }))], '');
    await expect(discardEmptyCase(r.case.id, '')).rejects.toThrow(/recorded/);
    const empty = await fresh();
    await discardEmptyCase(empty.case.id, '');
    // Its number may stand on a job sheet: no other case gets it.
    expect((await fresh()).case.number).toBe(empty.case.number + 1);
    expect(await openCase(empty.case.id)).toBeUndefined();
  });

  it('takes a pause with several changes in one go: the refused one is taken back, the others stay', async () => {
    const r = await fresh();
    const { results, changed } = await saveChanges(
      r.case.id,
      [
        change({ op: 'add', kind: 'symptom', id: 'pause-1', row: { words: 'stalls' } }),
        change(
          { op: 'add', kind: 'symptom', id: 'pause-2', row: { words: 'smells' } },
          { op: 'add', kind: 'reading', id: 'pause-r', row: { testId: 'not there', entered: '1 V' } },
        ),
        change(set('case', r.case.id, 1, { said: 'it stalls' }, { said: '' })),
      ],
      'lead',
    );
    expect(results).toMatchObject([{ ok: true }, { ok: false, code: 'gone' }, { ok: true }]);
    const now = await again(r.case.id);
    expect(now.symptom.map((s) => s.words)).toEqual(['stalls']);
    expect(now.case.said).toBe('it stalls');
    expect(changed.rows.map((x) => x.kind).sort()).toEqual(['case', 'symptom', 'vehicle']);
    expect(changed.seq).toBe(now.case.seq);
  });

  it('answers with the rows that changed, those others wrote among them, and verdicts that follow', async () => {
    const r = await fresh();
    await applyChanges(
      r.case.id,
      [
        change(
          {
            op: 'add',
            kind: 'test',
            id: 'news-t',
            row: { at: '2026-01-01T10:00:00.000Z', question: 'Holds?' },
          },
          {
            op: 'add',
            kind: 'reading',
            id: 'news-r',
            row: { testId: 'news-t', label: 'p', limit: '≥ 3 bar' },
          },
        ),
      ],
      'lead',
    );
    const seen = (await again(r.case.id)).case.seq;
    await applyChanges(
      r.case.id,
      [change({ op: 'add', kind: 'clear', id: 'news-c', row: { at: '2026-01-01T09:00:00.000Z' } })],
      'other',
    );
    const { changed, around } = await saveChanges(
      r.case.id,
      [change(set('reading', 'news-r', 1, { entered: '2 bar' }, { entered: '' }))],
      'lead',
      seen,
    );
    const row = (kind: string) => changed.rows.find((x) => x.kind === kind)?.row;
    expect(row('clear')).toMatchObject({ id: 'news-c' });
    expect(row('reading')).toMatchObject({ entered: '2 bar', verdict: 'fail' });
    expect(row('test')).toMatchObject({ verdict: 'fail' });
    expect(around).toBeUndefined();
    const gone = await saveChanges(
      r.case.id,
      [change({ op: 'remove', kind: 'test', id: 'news-t' })],
      'lead',
      changed.seq,
    );
    expect(gone.changed.removed.map((x) => x.kind).sort()).toEqual(['reading', 'test']);
  });
});

describe('removing what somebody else just wrote on', () => {
  const withTest = async () => {
    const { case: own } = await fresh();
    const made = await applyChanges(
      own.id,
      [
        change({
          op: 'add',
          kind: 'test',
          id: `rm-${own.id}`,
          row: { question: 'fuel pressure', at: '2026-01-01T08:00:00.000Z' },
        }),
        change({
          op: 'add',
          kind: 'reading',
          id: `rd-${own.id}`,
          row: { testId: `rm-${own.id}`, label: 'rest' },
        }),
      ],
      'lead',
    );
    expect(made).toMatchObject([{ ok: true }, { ok: true }]);
    return { own, test: `rm-${own.id}`, reading: `rd-${own.id}`, seen: (await again(own.id)).case.seq };
  };
  const remove = (id: string, seen?: number) =>
    change({ op: 'remove', kind: 'test', id, ...(seen === undefined ? {} : { seen }) });

  it('is not done unseen, also where it was written on a row that hangs on it, and is done once seen', async () => {
    const { own, test, reading, seen } = await withTest();
    const wrote = await applyChanges(
      own.id,
      [change(set('reading', reading, 1, { entered: '3.1 bar' }, { entered: '' }))],
      'jun',
    );
    expect(wrote).toEqual([expect.objectContaining({ ok: true })]);
    const [refused] = await applyChanges(own.id, [remove(test, seen)], 'lead');
    expect(refused).toMatchObject({ ok: false, code: 'changed' });
    expect((await again(own.id)).test).toHaveLength(1);
    const now = (await again(own.id)).case.seq;
    expect(await applyChanges(own.id, [remove(test, now)], 'lead')).toMatchObject([{ ok: true }]);
    expect((await again(own.id)).reading).toEqual([]);
  });
  it('is done where only the remover wrote, or others wrote elsewhere', async () => {
    const { own, test, reading, seen } = await withTest();
    await applyChanges(
      own.id,
      [change(set('reading', reading, 1, { entered: '3.1 bar' }, { entered: '' }))],
      'lead',
    );
    await applyChanges(
      own.id,
      [change({ op: 'add', kind: 'symptom', id: `sy-${own.id}`, row: { words: 'stalls' } })],
      'jun',
    );
    expect(await applyChanges(own.id, [remove(test, seen)], 'lead')).toMatchObject([{ ok: true }]);
  });
});

describe('an addition under an id that is there', () => {
  const add = (id: string, words: string) => change({ op: 'add', kind: 'symptom', id, row: { words } });
  it('is the same one sent again, also once it was changed since; another one is said, and nothing is lost', async () => {
    const { case: own } = await fresh();
    const id = `twice-${own.id}`.slice(0, 40);
    expect(await applyChanges(own.id, [add(id, 'stalls')], 'lead')).toMatchObject([{ ok: true }]);
    await applyChanges(
      own.id,
      [change(set('symptom', id, 1, { words: 'stalls hot' }, { words: 'stalls' }))],
      'jun',
    );
    expect(await applyChanges(own.id, [add(id, 'stalls')], 'lead')).toMatchObject([{ ok: true }]);
    expect(await applyChanges(own.id, [add(id, 'no power')], 'lead')).toMatchObject([
      { ok: false, code: 'changed', error: expect.stringContaining('another "words"') as string },
    ]);
    expect((await again(own.id)).symptom.map((s) => s.words)).toEqual(['stalls hot']);
  });
});

describe('undoing an addition', () => {
  it('asks where somebody else wrote on it since', async () => {
    const { case: own } = await fresh();
    const id = `undo-${own.id}`.slice(0, 40);
    const opened = (await again(own.id)).case.seq;
    await applyChanges(
      own.id,
      [change({ op: 'add', kind: 'symptom', id, row: { words: 'stalls' } })],
      'lead',
    );
    await applyChanges(
      own.id,
      [change(set('symptom', id, 1, { frequency: 'always' }, { frequency: '' }))],
      'jun',
    );
    await expect(undoLast(own.id, 'lead', opened, [])).rejects.toThrow('wrote on it');
    expect((await again(own.id)).symptom.map((s) => s.frequency)).toEqual(['always']);
  });
});
