import Link from '@/ui/link';
import { pageFor } from '@/app/page-for';
import { ACTIONS, notAllowed, type Action } from '@/core/access';

/** Says who may do what somebody may not. */
export default async function Page({ searchParams }: { searchParams: Promise<{ action?: string }> }) {
  const who = await pageFor('own');
  const { action = '' } = await searchParams;
  return (
    <main style={{ maxWidth: 560, margin: '12vh auto', padding: 24 }}>
      <h1>Not for you</h1>
      <p style={{ margin: '12px 0' }}>
        {Object.hasOwn(ACTIONS, action)
          ? notAllowed(who.role, action as Action)
          : 'Your role may not see this page. Ask a lead.'}
      </p>
      <Link href="/">Back to the desk</Link>
    </main>
  );
}
