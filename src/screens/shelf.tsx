'use client';

import Link from '@/ui/link';
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
  flex-wrap: wrap;
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

/** Pages that belong together, with a bar to go between them. The first is the one without a name of its own. */
export function Shelf({
  label,
  sections,
  children,
}: {
  label: string;
  sections: readonly { href: string; label: string }[];
  children: ReactNode;
}) {
  const path = usePathname();
  const current =
    sections.slice(1).find((s) => path === s.href || path.startsWith(`${s.href}/`)) ?? sections[0];
  return (
    <Sheet>
      <Bar aria-label={label}>
        {sections.map((s) => (
          <Link key={s.href} href={s.href} aria-current={s === current ? 'page' : undefined}>
            {s.label}
          </Link>
        ))}
      </Bar>
      {children}
    </Sheet>
  );
}
