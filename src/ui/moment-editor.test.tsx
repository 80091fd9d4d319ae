import { fireEvent, render, screen } from '@testing-library/react';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import MomentEditor from './moment-editor';

/** The first of a month, where one day less is another month. */
const NOW = new Date('2026-12-01T12:00:00Z');

beforeEach(() => {
  vi.useFakeTimers({ now: NOW, toFake: ['Date'] });
});
afterEach(() => {
  vi.useRealTimers();
});

function open(past: boolean) {
  const kept: string[] = [];
  const doing = {
    onChange: (iso: string) => void kept.push(iso),
    onNow: vi.fn(),
    onDone: vi.fn(),
  };
  render(<MomentEditor label="Read" value={NOW.toISOString()} past={past} {...doing} />);
  return { kept, ...doing };
}
const press = (key: string, segment: RegExp) => {
  const at = screen.getByRole('spinbutton', { name: segment });
  fireEvent.focus(at);
  fireEvent.keyDown(at, { key });
};
const done = () => screen.getByRole<HTMLButtonElement>('button', { name: 'Done' });

describe('setting when something was done', () => {
  it('goes back over the end of a month', () => {
    const { kept } = open(true);
    fireEvent.click(screen.getByRole('button', { name: '1 day earlier' }));
    fireEvent.click(screen.getByRole('button', { name: '1 day earlier' }));
    expect(kept.map((iso) => iso.slice(0, 10))).toEqual(['2026-11-30', '2026-11-29']);
  });
  it('keeps nothing that lies ahead: days down from the first are at the end of the same month', () => {
    const { kept } = open(true);
    press('ArrowDown', /^day/);
    press('ArrowDown', /^day/);
    expect(screen.getByText(/Not kept: this lies ahead/)).toBeTruthy();
    expect(kept).toEqual([]);
    expect(done().disabled).toBe(true);
    // The month put right as well, it is kept.
    press('ArrowDown', /^month/);
    expect(screen.queryByText(/Not kept/)).toBeNull();
    expect(kept.map((iso) => iso.slice(0, 10))).toEqual(['2026-11-30']);
    expect(done().disabled).toBe(false);
  });
  it('a promised day may lie ahead', () => {
    const { kept } = open(false);
    press('ArrowUp', /^day/);
    expect(kept.map((iso) => iso.slice(0, 10))).toEqual(['2026-12-02']);
    expect(done().disabled).toBe(false);
  });
});
