'use client';

import type { ReactNode } from 'react';
import { Shelf } from '../shelf';

const SECTIONS = [
  { href: '/tests', label: 'Computed checks' },
  { href: '/tests/procedures', label: 'Procedures' },
  { href: '/tests/known-good', label: 'Known-good' },
];

/** What stands around the three shelves of tests. */
export function TestShelf({ children }: { children: ReactNode }) {
  return (
    <Shelf label="Tests" sections={SECTIONS}>
      {children}
    </Shelf>
  );
}
