import { AccessRequest, accessOverview, changeAccess } from '@/services/access/manage';
import { actor } from '@/services/access/actor';
import { answer, readBody } from '../answer';

/** Devices, sessions, tokens, and who did what. */
export function GET(request: Request) {
  return answer(request, 'run the shop', accessOverview);
}

/** One's own secrets and session; for a lead, everybody's, and devices and tokens. */
export function POST(request: Request) {
  return answer(request, 'own', async () => changeAccess(await readBody(request, AccessRequest), actor()!));
}
