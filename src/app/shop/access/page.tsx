import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { AccessScreen } from '@/screens/access/overview';
import { accessOverview } from '@/services/access/manage';

export const metadata: Metadata = { title: 'Access' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  await pageFor('run the shop');
  return <AccessScreen view={await accessOverview()} />;
}
