import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { cache } from 'react';
import { ExperienceScreen } from '@/screens/experience/experience';
import { experiencePage, type About } from '@/services/find/experience';

interface Props {
  params: Promise<{ about: string[] }>;
}

/** A part of the address; one that was not encoded as addresses are is taken as it stands. */
const decoded = (part: string): string => {
  try {
    return decodeURIComponent(part);
  } catch {
    return part;
  }
};

const page = cache(async (parts: string) => {
  const [about, ...value] = (JSON.parse(parts) as string[]).map(decoded);
  if (!['code', 'cause', 'vehicle', 'build'].includes(about ?? '')) return undefined;
  return experiencePage(about as About, value.join('/'));
});

export async function generateMetadata({ params }: Props): Promise<Metadata> {
  const view = await page(JSON.stringify((await params).about));
  return { title: view?.title ?? 'Nothing known' };
}

export default async function Page({ params }: Props) {
  await pageFor('look');
  const view = await page(JSON.stringify((await params).about));
  if (!view) notFound();
  return <ExperienceScreen view={view} now={new Date().toISOString()} />;
}
