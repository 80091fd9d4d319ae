import type { Metadata } from 'next';
import { FindScreen } from '@/screens/find/find';
import { find } from '@/services/find';

export const metadata: Metadata = { title: 'Find' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  const { q, with: inHand } = await searchParams;
  const line = typeof q === 'string' ? q : '';
  return (
    <FindScreen line={line} found={await find(line)} inHand={typeof inHand === 'string' ? inHand : ''} />
  );
}
