import type { Metadata } from 'next';
import { pageFor } from '@/app/page-for';
import { BackupsScreen } from '@/screens/shop/backups';
import { backupOverview } from '@/services/backup/schedule';

export const metadata: Metadata = { title: 'Backups' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  await pageFor('data in and out');
  return <BackupsScreen start={await backupOverview()} />;
}
