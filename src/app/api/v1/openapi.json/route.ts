import { openApi } from '@/core/exchange/api';

export function GET() {
  return Response.json(openApi());
}
