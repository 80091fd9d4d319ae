import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { HistoryScreen } from '@/screens/history/history';
import { caseTitle } from '@/app/case-title';
import { caseIdOf } from '@/services/cases/cases';
import { historyOf } from '@/services/cases/history';

export const dynamic = 'force-dynamic';
export const generateMetadata = async ({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> =>
  caseTitle((await params).id, 'History of');

export default async function Page({ params }: { params: Promise<{ id: string }> }) {
  await pageFor('look');
  const id = await caseIdOf((await params).id);
  const history = await historyOf(id);
  if (!history) notFound();
  return <HistoryScreen caseId={id} number={history.number} start={history.changes} />;
}
