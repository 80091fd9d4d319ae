import { z } from 'zod';
import { Procedure } from '@/core/case';
import { post } from '../send';

const Answer = z.object({ procedures: z.array(Procedure) });

/** Saves or removes a procedure; gives all of them as they are now, or what went wrong. */
export const sendProcedure = (request: { do: 'save'; procedure: Procedure } | { do: 'remove'; id: string }) =>
  post('/api/procedures', request, Answer);
