import type { Metadata } from 'next';
import { vehicleName } from '@/core/vehicle';
import { caseIdOf, openCase } from '@/services/cases';

/** The title of a page about a case, with its number and vehicle: "History of case 34: 2018 Corvane Tessa". */
export async function caseTitle(idOrNumber: string, what: string): Promise<Metadata> {
  const open = await openCase(await caseIdOf(idOrNumber));
  if (!open) return { title: 'No such case' };
  return { title: `${what} case ${open.record.case.number}: ${vehicleName(open.record.vehicle)}` };
}
