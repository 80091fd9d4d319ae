import type { Metadata } from 'next';
import { pageFor } from '@/app/page-for';
import { CustomersScreen } from '@/screens/shop/customers';

export const metadata: Metadata = { title: 'Customers' };

export default async function Page() {
  await pageFor('run the shop');
  return <CustomersScreen />;
}
