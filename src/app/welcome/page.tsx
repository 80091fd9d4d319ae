import type { Metadata } from 'next';
import { redirect } from 'next/navigation';
import { Welcome } from '@/screens/access/welcome';
import { whoIsHere } from '@/app/page-for';
import { canSignIn } from '@/services/access/who';

export const metadata: Metadata = { title: 'Set up' };
export const dynamic = 'force-dynamic';

/** Open to everybody, until there is an owner. */
export default async function Page() {
  if ((await whoIsHere()) || (await canSignIn())) redirect('/');
  return <Welcome />;
}
