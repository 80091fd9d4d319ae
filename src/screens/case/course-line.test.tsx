import { screen, within } from '@testing-library/react';
import { describe, expect, it } from 'vitest';
import { applyOps, type Op } from '@/core/case';
import { emptyRecord } from '@/core/case/test-record';
import { CourseLine } from './course-line';
import { renderOnCase } from './test-case';

const add = (kind: string, id: string, row: object): Op => ({ op: 'add', kind, id, row }) as Op;
const line = () => screen.queryByRole('region', { name: 'Course of the case' });

describe('the course of a case', () => {
  it('is not drawn while everything is of one day', () => {
    const record = applyOps(emptyRecord(), [
      add('test', 't', { at: '2026-01-01T11:00:00.000Z', question: 'Battery', verdict: 'pass' }),
    ]);
    renderOnCase(<CourseLine />, record);
    expect(line()).toBeNull();
  });
  it('shows each day with the days between, and leads to each row', () => {
    const record = applyOps(emptyRecord(), [
      add('test', 't', { at: '2026-01-02T11:00:00.000Z', question: 'Battery', verdict: 'fail' }),
      add('scan', 's', { at: '2026-01-09T11:00:00.000Z' }),
      add('proof', 'p', { at: '2026-01-09T12:00:00.000Z', what: 'Road test', state: 'passed' }),
      add('followUp', 'f', { doneAt: '2026-02-09T12:00:00.000Z', state: 'held' }),
    ]);
    renderOnCase(<CourseLine />, record);
    const all = within(line()!);
    expect(all.getByText('next day')).toBeDefined();
    expect(all.getByText('7 days')).toBeDefined();
    expect(all.getByText('31 days')).toBeDefined();
    expect(all.getByRole('link', { name: /Battery · fail/i }).getAttribute('href')).toBe('#at-t');
    expect(all.getByRole('link', { name: /Scan/ }).getAttribute('href')).toBe('#at-s');
    expect(all.getByRole('link', { name: /Road test/ }).getAttribute('href')).toBe('#proof-p');
    // The opening and a follow-up have no row to go to.
    expect(all.getByRole('img', { name: /Case opened/ })).toBeDefined();
    expect(all.getByRole('img', { name: /stayed fixed/ })).toBeDefined();
  });
});
