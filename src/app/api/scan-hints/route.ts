import { changeScanHints, scanHints, ScanHintsRequest } from '@/services/scans/scan-hints';
import { answer, personHere, readBody } from '../answer';

export function GET(request: Request) {
  return answer(request, 'look', async () => ({ hints: await scanHints() }));
}

export function POST(request: Request) {
  return answer(request, 'diagnose', async () => {
    await changeScanHints(await readBody(request, ScanHintsRequest), personHere());
    return { hints: await scanHints() };
  });
}
