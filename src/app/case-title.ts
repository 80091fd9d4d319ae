import type { Metadata } from 'next';
import { caseIdOf, caseName } from '@/services/cases/cases';

/** The title of a page about a case, with its number and vehicle: "History of case 34: 2018 Corvane Tessa". */
export async function caseTitle(idOrNumber: string, what: string): Promise<Metadata> {
  const name = await caseName(await caseIdOf(idOrNumber));
  return { title: name === undefined ? 'No such case' : `${what} ${name}` };
}
