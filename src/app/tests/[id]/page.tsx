import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { checkOf } from '@/core/checks';
import { CheckPage } from '@/screens/checks/check-page';
import { openCasesByName } from '@/services/cases/cases';

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ case?: string | string[] }>;
}

export const dynamic = 'force-dynamic';

export async function generateMetadata({ params }: Pick<Props, 'params'>): Promise<Metadata> {
  return { title: checkOf((await params).id)?.title ?? 'No such check' };
}

export default async function Page({ params, searchParams }: Props) {
  await pageFor('look');
  const { id } = await params;
  const { case: caseId } = await searchParams;
  if (!checkOf(id)) notFound();
  const start = typeof caseId === 'string' ? caseId : '';
  return <CheckPage id={id} cases={await openCasesByName(start)} start={start} />;
}
