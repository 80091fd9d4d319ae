import type { Metadata } from 'next';
import { OldRecordsScreen } from '@/screens/shop/old-records';

export const metadata: Metadata = { title: 'Old records' };

export default function Page() {
  return <OldRecordsScreen />;
}
