import { ProceduresAnswer } from '@/core/api';
import type { Procedure } from '@/core/case';
import { post } from '../send';

/** Saves or removes a procedure; gives all of them as they are now, or what went wrong. */
export const sendProcedure = (
  request: { do: 'save'; procedure: Procedure } | { do: 'remove'; id: string; revision: number },
) => post('/api/procedures', request, ProceduresAnswer);
