import type { Metadata } from 'next';
import { DataScreen } from '@/screens/shop/data';

export const metadata: Metadata = { title: 'In and out' };

export default function Page() {
  return <DataScreen />;
}
