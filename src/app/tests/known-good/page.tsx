import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { KnownGoodScreen } from '@/screens/known-good/known-good';
import { knownValues } from '@/services/shop/known-good';

export const metadata: Metadata = { title: 'Known-good values' };
export const dynamic = 'force-dynamic';

export default async function Page() {
  await pageFor('look');
  return <KnownGoodScreen start={await knownValues()} />;
}
