import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { ShopScreen } from '@/screens/shop/shop';
import { callAgain, decimalSign, everybody, money, periods, region, shopName } from '@/services/shop/shop';

export const metadata: Metadata = { title: 'Shop' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  await pageFor('look');
  return (
    <ShopScreen
      name={await shopName()}
      people={await everybody()}
      periods={await periods()}
      region={(await region())?.id ?? ''}
      decimalSign={await decimalSign()}
      callAgain={await callAgain()}
      money={await money()}
    />
  );
}
