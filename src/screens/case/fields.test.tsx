import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import type { Conflict } from '@/core/api';
import { KINDS } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { LostClashes } from './clash-note';
import { LineField, NumberField, ProseField } from './fields';
import { renderOnCase } from './test-case';

// No server answers here: what is written waits.
beforeEach(() => vi.stubGlobal('fetch', () => new Promise(() => {})));

const clash = (over: Partial<Conflict>): Conflict => ({
  kind: 'case',
  id: 'k',
  field: 'said',
  mine: 'it stalls',
  theirs: 'it jerks',
  revision: 2,
  by: 'Bela Ruhn',
  at: '2026-03-02T09:30:00.000Z',
  removed: false,
  ...over,
});
const said = <ProseField kind="case" id="k" field="said" label="Customer’s own words" />;

describe('a field of a case', () => {
  it('shows what is on the record and writes every letter onto it', async () => {
    const { store } = renderOnCase(said, emptyRecord({ said: 'it' }));
    const field = screen.getByRole('textbox', { name: 'Customer’s own words' });
    expect(field).toHaveProperty('value', 'it');
    await userEvent.type(field, ' stalls');
    expect(store.getState().record.case.said).toBe('it stalls');
    // Nothing was acknowledged yet, so it is kept for sending.
    expect(JSON.stringify(localStorage)).toContain('it stalls');
  });

  it('shows what came from elsewhere', () => {
    const { store } = renderOnCase(said, emptyRecord());
    const record = emptyRecord({ said: 'from the other tablet' });
    store.setState({ record });
    return screen.findByDisplayValue('from the other tablet');
  });

  it('calls for the next cell on Enter, and not while a word is being composed', async () => {
    const next = vi.fn();
    renderOnCase(<LineField kind="vehicle" id="v" field="make" label="Make" onEnter={next} />, emptyRecord());
    await userEvent.type(screen.getByRole('textbox', { name: 'Make' }), 'Haldric{Enter}');
    expect(next).toHaveBeenCalledOnce();
  });

  it('keeps a number that is none in the field, says so, and writes nothing', async () => {
    const { store } = renderOnCase(
      <NumberField kind="vehicle" id="v" field="year" label="Year" />,
      emptyRecord({}, { year: 2014 }),
    );
    const field = screen.getByRole('textbox', { name: 'Year' });
    await userEvent.clear(field);
    expect(store.getState().record.vehicle.year).toBeNull();
    await userEvent.type(field, '20155');
    expect(field).toHaveProperty('value', '20155');
    screen.getByText('not a valid number here');
    // The last one that was valid on the way.
    expect(store.getState().record.vehicle.year).toBe(2015);
    await userEvent.type(field, '{Backspace}');
    expect(screen.queryByText('not a valid number here')).toBeNull();
    expect(store.getState().record.vehicle.year).toBe(2015);
  });
});

// What stands on the record meanwhile is what the server has: theirs.
describe('two people in one field', () => {
  it('shows both versions with who wrote the other', () => {
    renderOnCase(said, emptyRecord({ said: 'it jerks' }), [clash({})]);
    const note = screen.getByRole('alert');
    expect(note.textContent).toMatch(/Bela Ruhn wrote here.*while you did:.*it jerks.*Yours:.*it stalls/s);
  });

  it.each([
    ['Keep mine', 'it stalls'],
    ['Take theirs', 'it jerks'],
    ['Keep both', 'it jerks\nit stalls'],
  ])('“%s” leaves one text, and the note goes', async (press, left) => {
    const { store } = renderOnCase(said, emptyRecord({ said: 'it jerks' }), [clash({})]);
    await userEvent.click(screen.getByRole('button', { name: press }));
    expect(store.getState().record.case.said).toBe(left);
    expect(store.getState().conflicts).toEqual([]);
    expect(screen.queryByRole('alert')).toBeNull();
  });

  it('offers no “both” where only one can be meant', () => {
    renderOnCase(<LineField kind="vehicle" id="v" field="vin" label="VIN" />, emptyRecord(), [
      clash({ kind: 'vehicle', id: 'v', field: 'vin', mine: 'A', theirs: 'B' }),
    ]);
    expect(
      within(screen.getByRole('alert'))
        .getAllByRole('button')
        .map((b) => b.textContent),
    ).toEqual(['Keep mine', 'Take theirs']);
  });

  it('offers a second reading beside theirs', async () => {
    const record = {
      ...emptyRecord(),
      test: [KINDS.test.parse({ id: 't', caseId: 'k', at: '2026-03-02T09:00:00.000Z' })],
      reading: [
        KINDS.reading.parse({
          id: 'r',
          caseId: 'k',
          at: '2026-03-02T09:00:00.000Z',
          testId: 't',
          label: 'rail',
          entered: '2.9 bar',
        }),
      ],
    };
    const { store } = renderOnCase(
      <LineField kind="reading" id="r" field="entered" label="Value" />,
      record,
      [clash({ kind: 'reading', id: 'r', field: 'entered', mine: '3.1 bar', theirs: '2.9 bar' })],
    );
    await userEvent.click(screen.getByRole('button', { name: 'Keep both, as two readings' }));
    expect(
      store
        .getState()
        .record.reading.map((r) => r.entered)
        .sort(),
    ).toEqual(['2.9 bar', '3.1 bar']);
  });

  it('keeps words for a row that somebody removed meanwhile in sight', async () => {
    const { store } = renderOnCase(<LostClashes />, emptyRecord(), [
      clash({ kind: 'test', id: 'gone', field: 'note', mine: 'a long note', removed: true }),
    ]);
    expect(screen.getByRole('alert').textContent).toContain(
      'Somebody else removed this while you were typing: a long note',
    );
    await userEvent.click(screen.getByRole('button', { name: 'Discard mine' }));
    expect(store.getState().conflicts).toEqual([]);
  });

  it('says nothing of a conflict whose field is on the screen twice', () => {
    renderOnCase(<LostClashes />, emptyRecord({ said: 'it stalls' }), [clash({})]);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});
