import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { FindScreen } from '@/screens/find/find';
import { findWithBeside } from '@/services/find';
import { readPutting } from '../api/find/putting';

export const metadata: Metadata = { title: 'Find' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  await pageFor('look');
  const { q, with: inHand, put } = await searchParams;
  const line = typeof q === 'string' ? q : '';
  const how = readPutting(typeof put === 'string' ? put : null);
  return (
    <FindScreen
      line={line}
      put={how}
      found={await findWithBeside(line, 30, how)}
      inHand={typeof inHand === 'string' ? inHand : ''}
    />
  );
}
