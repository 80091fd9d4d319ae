import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { ProceduresScreen } from '@/screens/procedures/procedures';
import { procedures } from '@/services/shop/procedures';

export const metadata: Metadata = { title: 'Procedures' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  await pageFor('look');
  return <ProceduresScreen start={await procedures()} />;
}
