'use client';

import type { ReactNode } from 'react';
import { Shelf } from '../shelf';

const SECTIONS = [
  { href: '/shop', label: 'People and periods' },
  { href: '/shop/review', label: 'Review' },
  { href: '/shop/words', label: 'Words' },
  { href: '/shop/bulletins', label: 'Bulletins' },
  { href: '/shop/data', label: 'Import and export' },
  { href: '/shop/records', label: 'Old records' },
  { href: '/shop/customers', label: 'Customers' },
  { href: '/shop/access', label: 'Access' },
  { href: '/shop/backups', label: 'Backups' },
];

/** What stands around the pages of the shop itself. */
export function ShopShelf({ children }: { children: ReactNode }) {
  return (
    <Shelf label="Shop" sections={SECTIONS}>
      {children}
    </Shelf>
  );
}
