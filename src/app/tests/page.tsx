import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { CheckLibrary } from '@/screens/checks/library';

export const metadata: Metadata = { title: 'Computed checks' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<'q' | 'case', string | string[] | undefined>>;
}) {
  await pageFor('look');
  const { q, case: caseId } = await searchParams;
  return (
    <CheckLibrary start={typeof q === 'string' ? q : ''} caseId={typeof caseId === 'string' ? caseId : ''} />
  );
}
