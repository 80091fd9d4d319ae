import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { ReportScreen } from '@/screens/report/report';
import { caseTitle } from '@/app/case-title';
import { caseIdOf } from '@/services/cases/cases';
import { REPORT_READERS, reportOf } from '@/services/shop/report';

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<{ for?: string | string[] }>;
}

export const dynamic = 'force-dynamic';
export const generateMetadata = async ({ params }: Pick<Props, 'params'>): Promise<Metadata> =>
  caseTitle((await params).id, 'Report on');

export default async function Page({ params, searchParams }: Props) {
  await pageFor('look');
  const id = await caseIdOf((await params).id);
  const wanted = (await searchParams).for;
  const reader = REPORT_READERS.find((r) => r === wanted) ?? 'customer';
  const report = await reportOf(id, reader);
  if (!report) notFound();
  return <ReportScreen caseId={id} reader={reader} report={report} />;
}
