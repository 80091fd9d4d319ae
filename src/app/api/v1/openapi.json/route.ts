import { openApi } from '@/core/api';

export function GET() {
  return Response.json(openApi());
}
