import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import { SignIn } from '@/screens/access/sign-in';
import { peopleWithPin } from '@/services/access/manage';
import { canSignIn, deviceHere } from '@/services/access/who';
import { shopName } from '@/services/shop/shop';

export const metadata: Metadata = { title: 'Sign in' };

/** Open to everybody; names are shown on admitted devices only. */
export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  if (!(await canSignIn())) redirect('/welcome');
  const given = await searchParams;
  const said = (name: string) => (typeof given[name] === 'string' ? given[name].slice(0, 400) : '');
  const device = await deviceHere(await headers());
  return (
    <SignIn
      shop={await shopName()}
      device={device ? { name: device.name, people: await peopleWithPin() } : null}
      to={said('to')}
      chosen={said('person')}
      code={said('code')}
    />
  );
}
