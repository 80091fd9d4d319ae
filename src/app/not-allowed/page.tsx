import Link from '@/ui/link';
import { pageFor } from '@/app/page-for';
import { ACTIONS, notAllowed, type Action } from '@/core/access';
import { NarrowPage, Text } from '@/ui/layout';

/** Says who may do what somebody may not. */
export default async function Page({ searchParams }: { searchParams: Promise<{ action?: string }> }) {
  const who = await pageFor('own');
  const { action = '' } = await searchParams;
  return (
    <NarrowPage>
      <h1>Not for you</h1>
      <Text $margin="12px 0">
        {Object.hasOwn(ACTIONS, action)
          ? notAllowed(who.role, action as Action)
          : 'Your role may not see this page. Ask a lead.'}
      </Text>
      <Link href="/">Back to the desk</Link>
    </NarrowPage>
  );
}
