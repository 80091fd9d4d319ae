import { z } from 'zod';
import { recordRun } from '@/services/scans/port';
import { answer, readBody } from '../../../answer';

const Body = z.object({ seconds: z.number().min(2).max(120) });

/** Records live values of the connected vehicle; gives the frame log. */
export function POST(request: Request, { params }: { params: Promise<{ id: string }> }) {
  return answer(request, 'diagnose', async () => {
    const { seconds } = await readBody(request, Body);
    return { log: await recordRun((await params).id, seconds) };
  });
}
