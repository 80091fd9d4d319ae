import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { beforeAll, describe, expect, it } from 'vitest';
import { checkOf, type Typed } from '@/core/checks';
import { RegionOfShop } from '../region';
import { CheckForm } from './check-form';
import { startRows, useEntriesOfPage } from './entries-of-page';

beforeAll(() => import('@/ui/drawing'));

/** A check on its page, with what was typed. */
function Alone({ id, typed = {}, earlier }: { id: string; typed?: Typed; earlier?: Typed }) {
  const check = checkOf(id)!;
  const [entries] = useEntriesOfPage(check, typed);
  return (
    <CheckForm check={check} entries={entries} {...(earlier ? { earlier: startRows(check, earlier) } : {})} />
  );
}
const findings = () =>
  within(screen.getByRole('list', { name: 'Findings' }))
    .getAllByRole('listitem')
    .map((li) => li.textContent?.replaceAll('\u00a0', ' '));

describe('the form of a check', () => {
  it('says what is missing, and judges nothing before', async () => {
    render(<Alone id="nox-conversion" />);
    expect(screen.getByText(/^Still to fill in: /).textContent).toContain('Before the catalyst');
    expect(screen.queryByRole('list', { name: 'Findings' })).toBeNull();
    await userEvent.type(screen.getByLabelText('Before the catalyst'), '250 ppm');
    expect(screen.queryByRole('list', { name: 'Findings' })).toBeNull();
  });

  it('computes with every letter', async () => {
    render(<Alone id="nox-conversion" />);
    await userEvent.type(screen.getByLabelText('Before the catalyst'), '250 ppm');
    // 250 to 130 ppm: 120 of 250 are gone, 48 %.
    await userEvent.type(screen.getByLabelText('After the catalyst'), '130 ppm');
    expect(findings()[0]).toContain('48 %');
    await userEvent.type(
      screen.getByLabelText('After the catalyst'),
      '{Backspace}{Backspace}{Backspace}{Backspace}{Backspace}{Backspace}5 ppm',
    );
    // "1" was left: 15 ppm, 94 %.
    expect(findings()[0]).toContain('94 %');
  });

  it('writes the unit of the shop’s region behind a number without one, once its field is left', async () => {
    const place = (region: string, typed?: Typed) => (
      <RegionOfShop value={region}>
        <Alone id="thermostat" {...(typed ? { typed } : {})} />
      </RegionOfShop>
    );
    const field = () => screen.getByLabelText<HTMLInputElement>('Opens at');
    const american = render(place('us'));
    await userEvent.type(field(), '185');
    expect(field().value).toBe('185');
    await userEvent.tab();
    expect(field().value).toBe('185 °F');
    // What an empty cell shows is what a bare number in it will be in.
    expect(screen.getAllByPlaceholderText('°F').length).toBeGreaterThan(0);
    expect(screen.queryAllByPlaceholderText('°C')).toEqual([]);
    // A unit that was typed stays, and leaving again adds none.
    await userEvent.clear(field());
    await userEvent.type(field(), '85 °C');
    await userEvent.tab();
    expect(field().value).toBe('85 °C');
    american.unmount();
    for (const region of ['metric', '']) {
      const elsewhere = render(place(region));
      await userEvent.type(field(), '85');
      await userEvent.tab();
      expect(field().value).toBe('85');
      elsewhere.unmount();
    }
  });

  it('says what is wrong at the field where it is, and keeps what was typed', async () => {
    render(<Alone id="nox-conversion" typed={{ before: '250 ppm', after: '130 bar' }} />);
    expect(screen.queryByRole('list', { name: 'Findings' })).toBeNull();
    screen.getByText(/^bar measures pressure; here a share is wanted/);
    expect(screen.getByLabelText('After the catalyst')).toHaveProperty('value', '130 bar');
  });

  it('draws a circuit before the first reading, and a repeat beside its first run', async () => {
    const first = render(<Alone id="switched-feed" />);
    expect(await screen.findAllByText('Feed at the part')).not.toEqual([]);
    first.unmount();
    const each = (...values: string[]) => values.map((v, i) => ({ at: String(i + 1), entered: `${v} bar` }));
    render(
      <Alone
        id="along-a-pipe"
        typed={{ each: each('2.0', '2.1', '2.0') }}
        earlier={{ each: each('2.0', '3.0', '2.0') }}
      />,
    );
    expect(
      await screen.findByRole('img', {
        name: '1: before 2 bar, now 2 bar; 2: before 3 bar, now 2.1 bar; 3: before 2 bar, now 2 bar',
      }),
    ).toBeTruthy();
  });
});
