'use client';

import styled from 'styled-components';
import Link from '@/ui/link';
import { Quiet } from '@/ui/controls';

const Links = styled.p`
  padding: 4px 0 10px;
  line-height: 1.7;
`;

/** Where the page of experience with a code, a cause, a vehicle or a build is. */
export const experienceAddress = (about: string, value: string) =>
  `/experience/${about}/${value.split('/').map(encodeURIComponent).join('/')}`;

/** Ways to what the shop knows of codes, a build and a vehicle. */
export function ExperienceLinks({
  codes,
  build,
  vehicleId,
}: {
  codes: readonly string[];
  /** make/model/engine, or empty. */
  build: string;
  vehicleId?: string;
}) {
  const links = [
    ...codes.map((c) => ({ href: experienceAddress('code', c), label: c })),
    ...(build ? [{ href: experienceAddress('build', build), label: build.split('/').join(' ') }] : []),
    ...(vehicleId ? [{ href: experienceAddress('vehicle', vehicleId), label: 'this vehicle' }] : []),
  ];
  if (links.length === 0) return null;
  return (
    <Links>
      <Quiet>What the shop knows of</Quiet>{' '}
      {links.map((l, i) => (
        <span key={l.href}>
          {i > 0 && ', '}
          <Link href={l.href}>{l.label}</Link>
        </span>
      ))}
    </Links>
  );
}
