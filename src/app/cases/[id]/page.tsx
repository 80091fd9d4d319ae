import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { cache } from 'react';
import { CaseScreen } from '@/screens/case/case';
import { caseIdOf, openCase } from '@/services/cases/cases';
import { catalogueItems } from '@/services/shop/catalogue';
import { marginOf } from '@/services/guide/margin';
import { shopMeanings } from '@/services/guide/meanings';
import { reportOf } from '@/services/shop/report';
import { everybody } from '@/services/shop/shop';
import { taughtWords } from '@/services/find/words';
import { wordsRead } from '@/services/find/words-read';
import type { TaughtWord } from '@/core/symptoms';
import { vehicleName } from '@/core/vehicle';

interface Props {
  params: Promise<{ id: string }>;
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}

/** Title and page ask for the same case; it is loaded once. */
const opened = cache(openCase);

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const open = await opened(await caseIdOf((await params).id));
  if (!open) return { title: 'No such case' };
  return { title: `Case ${open.record.case.number}: ${vehicleName(open.record.vehicle)}` };
}

export default async function Page({ params, searchParams }: Props) {
  await pageFor('look');
  const open = await opened(await caseIdOf((await params).id));
  if (!open) notFound();
  const beside = (await searchParams).beside;
  const other = typeof beside === 'string' ? await openCase(await caseIdOf(beside)) : undefined;
  const closed = open.record.case.closedAt !== null;
  return (
    <CaseScreen
      key={open.record.case.id}
      open={open}
      beside={other}
      margin={await marginOf(open.record.case.id)}
      meanings={await shopMeanings()}
      taught={(await taughtWords()).filter((t) => t.of === 'symptom' || t.of === 'condition') as TaughtWord[]}
      wordsRead={closed ? {} : await wordsRead(open.record)}
      catalogue={await catalogueItems()}
      people={(await everybody()).map(({ id, name, active }) => ({ id, name, active }))}
      now={new Date().toISOString()}
      report={closed && !other ? await reportOf(open.record.case.id, 'technician') : undefined}
    />
  );
}
