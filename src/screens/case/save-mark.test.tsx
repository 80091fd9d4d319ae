import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { emptyRecord } from '@/core/case/test-record';
import { SaveMark } from './save-mark';
import type { CaseState } from './saving/store';
import { renderOnCase } from './test-case';

beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));

const change = (id: string) => ({ id, ops: [], at: '2026-03-02T09:30:00.000Z' });
function shown(state: Partial<CaseState>) {
  const { store } = renderOnCase(<SaveMark />, emptyRecord());
  store.setState(state);
  return store;
}
const says = (words: string) =>
  vi.waitFor(() => expect(screen.getByRole('status').textContent).toContain(words));

describe('whether everything is saved', () => {
  it('is said in a word while nothing is wrong', async () => {
    shown({});
    await says('Saved');
    shown({ saveState: 'typing' });
    await vi.waitFor(() => expect(screen.getAllByRole('status').at(-1)!.textContent).toBe('Saving …'));
  });

  it('says how much waits without a connection, and that it is kept only where it is', async () => {
    const waiting = [change('a'), change('b')] as never;
    const store = shown({ saveState: 'offline', waiting });
    await says('No connection: 2 not saved yet, kept here');
    store.setState({ noRoom: true });
    await says('This browser has no room left');
    expect(screen.getByRole('status').textContent).not.toContain('kept here');
  });

  it('gives the reason of a busy server, and tries again when asked to', async () => {
    const flush = vi.fn(() => Promise.resolve());
    shown({ saveState: 'busy', waiting: [change('a')] as never, waitsBecause: 'The disk is full.', flush });
    await says('1 not saved yet: The disk is full.');
    await userEvent.click(screen.getByRole('button', { name: 'Try now' }));
    expect(flush).toHaveBeenCalledOnce();
  });

  it('counts the fields of which there are two versions', async () => {
    const store = shown({ saveState: 'stuck', conflicts: [{}] as never });
    await says('Two versions of a field: choose one');
    store.setState({ conflicts: [{}, {}, {}] as never });
    await says('Two versions of 3 fields: choose');
  });

  it('lets a refused change go, and asks before a removal of what somebody wrote on', async () => {
    const dropRefused = vi.fn();
    const removeAnyway = vi.fn();
    shown({
      dropRefused,
      removeAnyway,
      refused: [
        { change: change('a'), code: 'invalid', error: 'The year is no year.' },
        { change: change('b'), code: 'changed', error: 'Bela wrote on this test.' },
      ] as never,
    });
    await says('Not saved: The year is no year.');
    await says('Bela wrote on this test.');
    expect(screen.getByRole('status').textContent).not.toContain('Not saved: Bela');
    await userEvent.click(screen.getByRole('button', { name: 'Discard' }));
    expect(dropRefused).toHaveBeenCalledWith('a');
    await userEvent.click(screen.getByRole('button', { name: 'Remove it all the same' }));
    expect(removeAnyway).toHaveBeenCalledWith('b');
    await userEvent.click(screen.getByRole('button', { name: 'Keep it' }));
    expect(dropRefused).toHaveBeenLastCalledWith('b');
  });
});
