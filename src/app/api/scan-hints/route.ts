import { changeScanHints, scanHints, ScanHintsRequest } from '@/services/scan-hints';
import { answer, personHere, readBody } from '../answer';

export function GET() {
  return answer(async () => ({ hints: await scanHints() }));
}

export function POST(request: Request) {
  return answer(async () => {
    await changeScanHints(await readBody(request, ScanHintsRequest), await personHere());
    return { hints: await scanHints() };
  });
}
