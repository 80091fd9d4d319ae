import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { BulletinsScreen } from '@/screens/shop/bulletins';
import { shelf } from '@/services/shop/bulletins';

export const metadata: Metadata = { title: 'Bulletins' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  await pageFor('look');
  return <BulletinsScreen shelf={await shelf()} />;
}
