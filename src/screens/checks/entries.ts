import type { ReactNode } from 'react';
import type { Input as InputRow } from '@/core/case';

export type Entry = Pick<InputRow, 'id' | 'field' | 'at' | 'column' | 'entered' | 'position'>;

/** How the rows of a check are shown and written: on a case through its outbox, else in the page. */
export interface Entries {
  rows: Entry[];
  /** A field for one cell of a row. */
  cell: (row: Entry, of: 'entered' | 'at', props: CellProps) => ReactNode;
  choice: (row: Entry, label: string, options: readonly string[]) => ReactNode;
  add: (rows: Omit<Entry, 'id' | 'position'>[]) => void;
  remove: (rows: Entry[]) => void;
  /** Writes into a cell from outside it. */
  fill: (row: Entry, value: string) => void;
}

export interface CellProps {
  label: string;
  hideLabel?: boolean;
  placeholder?: string;
  figure?: boolean;
  onEnter?: (() => void) | undefined;
}
