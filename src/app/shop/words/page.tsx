import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { WordsScreen } from '@/screens/shop/words';
import { buildsKnown, taughtWords, unknownWords } from '@/services/find/words';

export const metadata: Metadata = { title: 'Words' };
export const dynamic = 'force-dynamic';

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  await pageFor('look');
  const { word } = await searchParams;
  return (
    <WordsScreen
      taught={await taughtWords()}
      unknown={await unknownWords()}
      vehicles={await buildsKnown()}
      word={typeof word === 'string' ? word : ''}
    />
  );
}
