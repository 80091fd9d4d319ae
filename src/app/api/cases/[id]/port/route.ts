import { PortRequest, simulatedFaults, atPort } from '@/services/scans/port';
import { answer, personHere, readBody } from '../../../answer';

type Params = { params: Promise<{ id: string }> };

export function GET(request: Request) {
  return answer(request, 'look', async () => ({ faults: simulatedFaults() }));
}

export function POST(request: Request, { params }: Params) {
  return answer(request, 'diagnose', async () => {
    const body = await readBody(request, PortRequest);
    const { id } = await params;
    const done = await atPort(id, body, personHere());
    return { said: done };
  });
}
