import { pageFor } from '@/app/page-for';
import type { Metadata } from 'next';
import { notFound } from 'next/navigation';
import { TraceScreen } from '@/screens/traces/trace-screen';
import { SCOPE_ENGINES, SCOPE_TESTS } from '@/sim/scope/scope';
import { caseTitle } from '@/app/case-title';
import { caseIdOf, openCase } from '@/services/cases/cases';
import { tracesToLayOver } from '@/services/traces/traces';

export const generateMetadata = async ({ params }: { params: Promise<{ id: string }> }): Promise<Metadata> =>
  caseTitle((await params).id, 'Trace on');
export const dynamic = 'force-dynamic';

/** `new` takes a recording in; any other id opens the trace of that id. */
export default async function Page({ params }: { params: Promise<{ id: string; traceId: string }> }) {
  await pageFor('look');
  const { id, traceId } = await params;
  const open = await openCase(await caseIdOf(id));
  if (!open) notFound();
  if (traceId !== 'new' && !open.record.trace.some((t) => t.id === traceId)) notFound();
  return (
    <TraceScreen
      key={traceId}
      open={open}
      traceId={traceId === 'new' ? undefined : traceId}
      scope={{
        tests: SCOPE_TESTS.map(({ id, title, faults }) => ({ id, title, faults })),
        engines: [...SCOPE_ENGINES],
      }}
      others={await tracesToLayOver(open.record.case.id)}
    />
  );
}
