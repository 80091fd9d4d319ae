'use client';

import { nanoid } from 'nanoid';
import { useState } from 'react';
import { rowsFor, type Check, type Typed } from '@/core/checks';
import { Choice } from '@/ui/controls';
import { LineInput } from '@/ui/line-input';
import { pasteFigures } from '../paste-figures';
import type { Entries, Entry } from './entries';

/** The rows of a check as they are when nothing, or this, was typed. */
export const startRows = (check: Check, typed: Typed): Entry[] =>
  rowsFor(check, typed).map((r, position) => ({ ...r, id: `e${position}`, position }));

/**
 * The entries of a check that is tried on a page and kept nowhere.
 *
 * @returns the entries, and how to begin anew with what is given
 */
export function useEntriesOfPage(check: Check, typed: Typed = {}): [Entries, (typed: Typed) => void] {
  const [rows, setRows] = useState<Entry[]>(() => startRows(check, typed));
  const set = (row: Entry, of: 'entered' | 'at', value: string) =>
    setRows((all) => all.map((r) => (r.id === row.id ? { ...r, [of]: value } : r)));
  const entries: Entries = {
    rows,
    cell: (row, of, props) => (
      <LineInput
        key={row.id + of}
        value={row[of]}
        onChange={(v) => set(row, of, v)}
        onPaste={props.figure ? (e) => pasteFigures(e, (v) => set(row, of, v)) : undefined}
        {...props}
      />
    ),
    choice: (row, label, options) => (
      <Choice
        label={label}
        value={row.entered || options[0]!}
        options={options}
        onChange={(v) => set(row, 'entered', v)}
      />
    ),
    add: (more) =>
      setRows((all) => [...all, ...more.map((r, i) => ({ ...r, id: nanoid(8), position: all.length + i }))]),
    remove: (gone) => setRows((all) => all.filter((r) => !gone.some((g) => g.id === r.id))),
    fill: (row, value) => set(row, 'entered', value),
  };
  return [entries, (next) => setRows(startRows(check, next))];
}
