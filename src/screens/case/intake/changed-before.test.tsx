import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { describe, expect, it } from 'vitest';
import { starterItems } from '@/core/cause';
import { emptyRecord } from '@/core/case/test-record';
import { CatalogueProvider } from '../conclusion/parts';
import { renderOnCase } from '../test-case';
import { ChangedBefore } from './changed-before';

const SAID = 'New spark plugs and coil fitted, still misfires';
const onCase = (said: string, record = emptyRecord()) =>
  renderOnCase(
    <CatalogueProvider items={starterItems()}>
      <ChangedBefore said={said} />
    </CatalogueProvider>,
    record,
  );

describe('parts that the customer says were changed', () => {
  it('are offered, and put on the record with a press alone, as changed without help', async () => {
    const { store } = onCase(SAID);
    expect(store.getState().record.earlier).toEqual([]);
    await userEvent.click(screen.getByRole('button', { name: 'ignition coil' }));
    expect(store.getState().record.earlier).toMatchObject([
      { kind: 'repair', part: 'ignition coil', changed: 'no change', what: SAID },
    ]);
    // What is on the record is not offered again; the other one is.
    expect(screen.queryByRole('button', { name: 'ignition coil' })).toBeNull();
    expect(screen.getByRole('button', { name: 'spark plug' })).toBeDefined();
  });
  it('nothing is offered where nobody says that it did not help', () => {
    onCase('New spark plugs in spring. Misfires since yesterday.');
    expect(screen.queryByRole('group', { name: 'Changed before' })).toBeNull();
  });
  it('one that is on the record under another of its names is not offered', () => {
    const record = emptyRecord();
    const { store } = onCase('', record);
    store.getState().add('earlier', { kind: 'repair', part: 'coil pack' });
    const kept = store.getState().record;
    render(<span />);
    onCase('coil replaced, no change', kept);
    expect(screen.queryByRole('button', { name: 'ignition coil' })).toBeNull();
  });
});
