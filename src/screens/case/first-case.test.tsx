import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeAll, describe, expect, it } from 'vitest';
import { emptyRecord } from '@/core/case/test-record';
import { FirstCase } from './first-case';
import { renderOnCase } from './test-case';

const KEPT = 'vantle:draft:first-case';
const guide = () => screen.findByRole('region', { name: 'Guide through this case' });
const noGuide = () => screen.queryByRole('region', { name: 'Guide through this case' });

// It comes with a request of its own; the first takes its time.
beforeAll(() => import('./first-case-guide'));

describe('the guide on a case', () => {
  it('stands on no case where nobody asked for it', () => {
    renderOnCase(<FirstCase />, emptyRecord());
    expect(noGuide()).toBeNull();
  });

  it('takes the next empty case, and only that one', async () => {
    localStorage.setItem(KEPT, 'next');
    const written = renderOnCase(<FirstCase />, emptyRecord({ id: 'old', said: 'it stalls' }));
    expect(noGuide()).toBeNull();
    written.unmount();
    renderOnCase(<FirstCase />, emptyRecord());
    expect((await guide()).textContent).toContain('Step 1 of 9');
    expect(localStorage.getItem(KEPT)).toBe('k');
  });

  it('goes on with the record, whoever wrote it', async () => {
    localStorage.setItem(KEPT, 'k');
    const { store } = renderOnCase(<FirstCase />, emptyRecord());
    await guide();
    store.setState({ record: emptyRecord({ said: 'it stalls' }, { make: 'Haldric' }) });
    expect(
      await screen.findByRole('heading', { name: 'Accept the symptoms heard in it, or add one' }),
    ).toBeTruthy();
    expect((await guide()).textContent).toContain('2 done');
  });

  it('calls nothing whole of which the half was skipped', async () => {
    localStorage.setItem(KEPT, 'k vehicle said symptom scan test cause repair proof close');
    renderOnCase(<FirstCase />, emptyRecord({ said: 'it stalls' }));
    expect((await guide()).textContent).toMatch(/1 of 9 done.*The rest was skipped/);
  });

  it('passes over a step for good, and ends for good', async () => {
    localStorage.setItem(KEPT, 'k');
    const first = renderOnCase(<FirstCase />, emptyRecord());
    await guide();
    await userEvent.click(screen.getByRole('button', { name: 'Skip' }));
    screen.getByRole('heading', { name: 'Write what the customer says' });
    first.unmount();
    renderOnCase(<FirstCase />, emptyRecord());
    await guide();
    screen.getByRole('heading', { name: 'Write what the customer says' });
    await userEvent.click(screen.getByRole('button', { name: 'End the guide' }));
    expect(noGuide()).toBeNull();
    expect(localStorage.getItem(KEPT)).toBeNull();
  });
});
