import { ExportQuery } from '@/core/api';
import { sizeOfChoice } from '@/services/exchange/export-choice';
import { answer } from '../../answer';
import { readQueryOf } from '../../v1/query';

/** How much a choice of cases gives out, for whoever is about to. */
export function GET(request: Request) {
  return answer(request, 'data in and out', () => sizeOfChoice(readQueryOf(request, ExportQuery)));
}
