import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { CompareScreen } from '@/screens/compare/compare';
import { caseIdOf } from '@/services/cases/cases';
import { compared } from '@/services/find/forks';

export const dynamic = 'force-dynamic';
export const metadata: Metadata = { title: 'Two cases side by side' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<'a' | 'b', string | string[] | undefined>>;
}) {
  await pageFor('look');
  const { a, b } = await searchParams;
  if (typeof a !== 'string' || typeof b !== 'string') notFound();
  const both = await compared(await caseIdOf(a), await caseIdOf(b));
  if (!both) notFound();
  return <CompareScreen {...both} />;
}
