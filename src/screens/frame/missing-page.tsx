'use client';

import Link from '@/ui/link';
import { usePathname } from 'next/navigation';
import { Inline, NarrowPage, Text } from '@/ui/layout';

/** What is missing, by its address: a case, something on a case, or a page. */
function missingAt(path: string): { title: string; why: string } {
  const [, of, id, part] = path.split('/').map(decodeURIComponent);
  if (of === 'cases' && id && part)
    return {
      title: `Case ${id} does not have this ${part === 'traces' ? 'trace' : 'page'}`,
      why: 'It may have been removed, or the link is old.',
    };
  if (of === 'cases' && id)
    return {
      title: /^\d+$/.test(id) ? `There is no case ${id}` : 'There is no such case',
      why: 'It may have been deleted while empty, or the number is mistyped.',
    };
  if (of === 'tests' && id)
    return { title: 'There is no such check', why: 'It may have another name in this version.' };
  return { title: 'There is no such page', why: `Nothing is kept at ${path}. The link may be old.` };
}

export function MissingPage() {
  const path = usePathname();
  const { title, why } = missingAt(path);
  return (
    <NarrowPage>
      <h1>{title}</h1>
      <Text $margin="12px 0">{why}</Text>
      <Inline as="p" $gap={16} $nowrap>
        <Link href="/cases">All cases</Link>
        <Link href="/find">Find</Link>
        <Link href="/">Desk</Link>
      </Inline>
    </NarrowPage>
  );
}
