import { reportsTable } from './reports/measure';

/** Reading of scan reports whose truth is known. */
export async function reports(): Promise<string> {
  return reportsTable();
}
