import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { OddsHeldScreen } from '@/screens/experience/odds-held';
import { oddsHeld } from '@/services/guide/learned';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'How the odds turned out' };

const MOST = 100;

export default async function Page() {
  await pageFor('look');
  return <OddsHeldScreen held={await oddsHeld(MOST)} />;
}
