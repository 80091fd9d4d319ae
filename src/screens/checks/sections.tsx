'use client';

import Link from 'next/link';
import { usePathname } from 'next/navigation';
import type { ReactNode } from 'react';
import styled from 'styled-components';

const Sheet = styled.main`
  max-width: 1120px;
  margin: 0 auto;
  padding: 14px 20px 60px;
`;
const Bar = styled.nav`
  display: flex;
  gap: 4px;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 14px;
  & a {
    min-height: 44px;
    padding: 0 14px;
    display: inline-flex;
    align-items: center;
    color: var(--ink-2);
    text-decoration: none;
  }
  & a[aria-current] {
    color: var(--ink);
    font-weight: 650;
    box-shadow: inset 0 -2px 0 var(--accent);
  }
`;

const SECTIONS = [
  { href: '/tests', label: 'Computed checks' },
  { href: '/tests/procedures', label: 'Procedures' },
  { href: '/tests/known-good', label: 'Known-good' },
];

/** What stands around the three shelves of tests. */
export function TestShelf({ children }: { children: ReactNode }) {
  const path = usePathname();
  return (
    <Sheet>
      <Bar aria-label="Tests">
        {SECTIONS.map((s) => (
          <Link
            key={s.href}
            href={s.href}
            aria-current={
              path === s.href || (s.href === '/tests' && /^\/tests\/(?!procedures|known-good)/.test(path))
                ? 'page'
                : undefined
            }
          >
            {s.label}
          </Link>
        ))}
      </Bar>
      {children}
    </Sheet>
  );
}
