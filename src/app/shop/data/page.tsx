import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { DataScreen } from '@/screens/shop/data';

export const metadata: Metadata = { title: 'Import and export' };

/** With `numbers`, `day` or `q` these cases are chosen to be given out already. */
export default async function Page({
  searchParams,
}: {
  searchParams: Promise<Record<string, string | string[] | undefined>>;
}) {
  await pageFor('data in and out');
  const given = await searchParams;
  const said = (name: string) => {
    const value = given[name];
    return typeof value === 'string' ? { [name]: value.slice(0, 4000) } : {};
  };
  return <DataScreen start={{ ...said('numbers'), ...said('day'), ...said('until'), ...said('q') }} />;
}
