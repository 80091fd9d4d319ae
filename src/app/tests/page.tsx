import type { Metadata } from 'next';
import { CheckLibrary } from '@/screens/checks/library';

export const metadata: Metadata = { title: 'Computed checks' };

export default async function Page({ searchParams }: { searchParams: Promise<{ q?: string | string[] }> }) {
  const { q } = await searchParams;
  return <CheckLibrary start={typeof q === 'string' ? q : ''} />;
}
