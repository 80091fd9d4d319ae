import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { CaseListQuery } from '@/core/case';
import { CaseListScreen } from '@/screens/cases/case-list';
import { caseList } from '@/services/cases/case-list';
import { everybody } from '@/services/shop/shop';

export const metadata: Metadata = { title: 'All cases' };

export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  await pageFor('look');
  const asked = CaseListQuery.safeParse(await searchParams);
  const query = asked.success ? { ...asked.data, from: 0, most: 100 } : CaseListQuery.parse({});
  return (
    <CaseListScreen
      query={query}
      first={await caseList(query)}
      people={(await everybody()).map(({ id, name }) => ({ id, name }))}
    />
  );
}
