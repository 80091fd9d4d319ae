import { z } from 'zod';
import { tracesLike } from '@/services/traces/traces-like';
import { answer, readBody } from '../../answer';

const Body = z.object({
  traceId: z.string().max(40),
  /** A stretch of one channel that is looked for, in seconds. */
  marked: z.object({ channel: z.string().max(200), from: z.number(), to: z.number() }).optional(),
});

/** Recordings of the shop that are like one, with what they turned out to be. */
export function POST(request: Request) {
  return answer(request, 'look', async () => {
    const { traceId, marked } = await readBody(request, Body);
    return tracesLike(traceId, marked);
  });
}
