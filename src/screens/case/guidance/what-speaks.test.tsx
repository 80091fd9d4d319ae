import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { KINDS, type CaseRecord } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { CatalogueProvider } from '../conclusion/parts';
import { renderOnCase } from '../test-case';
import { WhatSpeaks } from './what-speaks';

beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));

const suspect = KINDS.suspect.parse({ id: 's', caseId: 'k', words: 'breather pipe' });
const test = (id: string, question: string, verdict: string, over = {}) =>
  KINDS.test.parse({ id, caseId: 'k', question, verdict, at: '2026-01-02T10:00:00.000Z', ...over });

function board(record: Partial<CaseRecord>, state: 'standing' | 'ruled out' = 'standing') {
  const s = { ...suspect, state };
  return renderOnCase(
    <CatalogueProvider items={[]}>
      <WhatSpeaks suspect={s} />
    </CatalogueProvider>,
    { ...emptyRecord(), suspect: [s], ...record },
  );
}
const column = (title: string) =>
  within(screen.getByRole('heading', { name: title }).parentElement!).getAllByRole('listitem');

describe('what speaks for a suspect', () => {
  it('says so where nothing was tested', () => {
    board({});
    expect(screen.getByText('Not tested yet.')).toBeTruthy();
    expect(column('For')[0]!.textContent).toBe('nothing');
  });

  it('puts tests for and against it into their columns, with what rules it out marked', () => {
    board({
      test: [test('a', 'Smoke at the pipe', 'fail'), test('b', 'Trim with the pipe shut', 'pass')],
      bearing: [
        KINDS.bearing.parse({ id: '1', caseId: 'k', testId: 'a', suspectId: 's', says: 'for' }),
        KINDS.bearing.parse({ id: '2', caseId: 'k', testId: 'b', suspectId: 's', says: 'rules out' }),
      ],
    });
    expect(column('For')[0]!.textContent).toContain('Smoke at the pipe');
    expect(column('Against')[0]!.textContent).toContain('Trim with the pipe shut');
    expect(column('Against')[0]!.textContent).toContain('rules out');
    expect(screen.getByText('every test counts for or against it')).toBeTruthy();
  });

  it('asks only of tests that have a result of their own: not of repeats, void or open ones', () => {
    board({
      test: [
        test('a', 'Smoke at the pipe', 'fail'),
        test('b', 'Smoke again', 'pass', { repeatOf: 'a' }),
        test('c', 'Leak-off', 'void'),
        test('d', 'Trim', ''),
      ],
    });
    expect(column('Not asked').map((l) => l.textContent)).toEqual([
      expect.stringContaining('Smoke at the pipe'),
    ]);
  });

  it('links a test with a press, and takes a suspect off the board that it rules out', async () => {
    const { store } = board({ test: [test('a', 'Smoke at the pipe', 'pass')] });
    await userEvent.click(screen.getByRole('button', { name: /Smoke at the pipe: rules out/ }));
    expect(store.getState().record.bearing).toMatchObject([
      { testId: 'a', suspectId: 's', says: 'rules out' },
    ]);
    expect(store.getState().record.suspect[0]!.state).toBe('ruled out');
  });

  it('shows three open tests and the others on request, and asks nothing once it is decided', async () => {
    const tests = ['One', 'Two', 'Three', 'Four', 'Five'].map((q, i) => test(`t${i}`, q, 'pass'));
    const { unmount } = board({ test: tests });
    expect(column('Not asked')).toHaveLength(3);
    await userEvent.click(screen.getByRole('button', { name: '2 more' }));
    expect(column('Not asked')).toHaveLength(5);
    unmount();
    board({ test: tests }, 'ruled out');
    expect(screen.getByText('decided')).toBeTruthy();
    expect(screen.queryByText('One')).toBeNull();
  });
});
