import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { CausesScreen } from '@/screens/causes/causes';
import { catalogueWithUse } from '@/services/shop/catalogue';

export const metadata: Metadata = { title: 'Causes' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  await pageFor('look');
  return <CausesScreen items={await catalogueWithUse()} />;
}
