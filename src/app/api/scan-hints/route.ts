import { changeScanHints, scanHints, ScanHintsRequest } from '@/services/scan-hints';
import { answer, readBody } from '../answer';

export function GET() {
  return answer(async () => ({ hints: await scanHints() }));
}

export function POST(request: Request) {
  return answer(async () => {
    await changeScanHints(await readBody(request, ScanHintsRequest));
    return { hints: await scanHints() };
  });
}
