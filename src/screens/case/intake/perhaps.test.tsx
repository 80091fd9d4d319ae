import { fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeAll, describe, expect, it, vi } from 'vitest';
import { emptyRecord } from '@/core/case/test-record';
import { renderOnCase } from '../test-case';
import { Perhaps } from './perhaps';
import { AddSymptom, SymptomRow } from './symptoms';
import { VocabularyProvider, type GivenReadings } from './vocabulary';

const STRANGE = 'Since the chip tuning it goes into emergency programme at full throttle';
const asked = () => screen.findByRole('group', { name: 'May be meant' }, { timeout: 10_000 });

// The vocabulary comes with a request of its own.
beforeAll(() => import('@/core/symptoms'));

describe('what words may mean', () => {
  it('is asked, and taken with a press alone', async () => {
    const onTake = vi.fn();
    render(
      <VocabularyProvider taught={[]}>
        <Perhaps words={STRANGE} known={[]} onTake={onTake} />
      </VocabularyProvider>,
    );
    const button = within(await asked()).getByRole('button', { name: /in limp mode\?/ });
    expect(onTake).not.toHaveBeenCalled();
    await userEvent.click(button);
    expect(onTake.mock.calls[0]?.[0]).toMatchObject({ id: 'limp' });
  });

  it('is not asked where the case has it, nor where it is said for sure', async () => {
    render(
      <VocabularyProvider taught={[]}>
        <Perhaps words={STRANGE} known={['limp']} onTake={vi.fn()} />
        <Perhaps words="it stalls at the lights when hot" known={[]} onTake={vi.fn()} />
        <Perhaps words={STRANGE} known={[]} onTake={vi.fn()} />
      </VocabularyProvider>,
    );
    // The last one alone asks: by then the vocabulary is there for all three.
    await asked();
    expect(screen.getAllByRole('group')).toHaveLength(1);
  });
});

describe('words that came read with the page', () => {
  const meant = { id: 'limp', label: 'in limp mode', words: STRANGE, said: false, negated: false };
  // Nothing else may say it: the reading is not what the vocabulary gives.
  const given = { 'made up': { symptoms: [], perhaps: [meant] } } as unknown as GivenReadings;

  it('are shown at once, without the vocabulary', () => {
    render(
      <VocabularyProvider taught={[]} given={given}>
        <Perhaps words="made up" known={[]} onTake={vi.fn()} />
      </VocabularyProvider>,
    );
    expect(screen.getByRole('button', { name: /in limp mode\?/ })).toBeDefined();
  });

  it('are read anew where a letter has changed', async () => {
    render(
      <VocabularyProvider taught={[]} given={given}>
        <Perhaps words="made up!" known={[]} onTake={vi.fn()} />
        <Perhaps words={STRANGE} known={[]} onTake={vi.fn()} />
      </VocabularyProvider>,
    );
    await asked();
    expect(screen.getAllByRole('group')).toHaveLength(1);
  });
});

describe('a symptom added in words that are not sure', () => {
  it('is kept in its words, says so, and becomes the symptom with a press on its row', async () => {
    const record = emptyRecord();
    const { store, rerender } = renderOnCase(
      <VocabularyProvider taught={[]}>
        <AddSymptom />
        <Perhaps words={STRANGE} known={[]} onTake={vi.fn()} />
      </VocabularyProvider>,
      record,
    );
    await asked();
    await userEvent.type(screen.getByLabelText('Add a symptom'), STRANGE);
    expect(screen.getByRole('status').textContent).toMatch(/^Perhaps in limp mode/);
    await userEvent.keyboard('{Enter}');
    const row = store.getState().record.symptom[0]!;
    expect([row.concept, row.words]).toEqual(['', STRANGE]);
    rerender(<span />);

    const { store: again } = renderOnCase(
      <VocabularyProvider taught={[]}>
        <SymptomRow symptom={row} />
      </VocabularyProvider>,
      { ...record, symptom: [row] },
    );
    await userEvent.click(within(await asked()).getByRole('button', { name: /in limp mode\?/ }));
    expect(again.getState().record.symptom[0]?.concept).toBe('limp');
  });

  it('that was taken back before it could be read stays away', async () => {
    const { store } = renderOnCase(
      <VocabularyProvider taught={[]}>
        <AddSymptom />
        <Perhaps words={STRANGE} known={[]} onTake={vi.fn()} />
      </VocabularyProvider>,
      emptyRecord(),
    );
    const field = screen.getByLabelText('Add a symptom');
    // In one go: the vocabulary, asked for by the first of it, comes after.
    fireEvent.change(field, { target: { value: 'stalls at the lights' } });
    fireEvent.keyDown(field, { key: 'Enter' });
    const { id } = store.getState().record.symptom[0]!;
    store.getState().remove('symptom', id, 'symptom');
    await asked();
    expect(store.getState().record.symptom).toEqual([]);
    expect(
      store
        .getState()
        .waiting.flatMap((c) => c.ops)
        .some((op) => op.op === 'set'),
    ).toBe(false);
  });
});
