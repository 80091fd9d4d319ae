import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { OldRecordsScreen } from '@/screens/shop/old-records';

export const metadata: Metadata = { title: 'Old records' };

export default async function Page() {
  await pageFor('data in and out');
  return <OldRecordsScreen />;
}
