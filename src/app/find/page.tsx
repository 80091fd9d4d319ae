import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { FindScreen } from '@/screens/find/find';
import { findWithBeside } from '@/services/find/find';
import { readPutting } from '../api/find/refinement';

export const metadata: Metadata = { title: 'Find' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  await pageFor('look');
  const { q, with: inHand, put } = await searchParams;
  const line = typeof q === 'string' ? q : '';
  const how = puttingOr(typeof put === 'string' ? put : null);
  return (
    <FindScreen
      line={line}
      put={how}
      found={await findWithBeside(line, 30, how)}
      inHand={typeof inHand === 'string' ? inHand : ''}
    />
  );
}

/** An address whose corrections are not understood, cut off in a message perhaps, is searched without them. */
const puttingOr = (text: string | null): ReturnType<typeof readPutting> => {
  try {
    return readPutting(text);
  } catch {
    return readPutting(null);
  }
};
