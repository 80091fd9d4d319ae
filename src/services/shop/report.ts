import { format, parseISO } from 'date-fns';
import { Catalogue } from '@/core/cause';
import { customerReport, technicianReport, type Report } from '@/core/report';
import { conditionLabel, symptomById } from '@/core/symptoms';
import { db } from '@/store/database';
import { loadCase } from '@/store/rows';
import { listCatalogue } from '@/store/catalogue';
import { confirmedComebacks, listPeople } from '@/store/shop';
import { money, shopName } from './shop';

export const REPORT_READERS = ['customer', 'technician'] as const;
export type ReportReader = (typeof REPORT_READERS)[number];

/**
 * The report of a case as data, for the page, the PDF and the Markdown alike.
 *
 * @returns undefined when there is no such case
 */
export async function reportOf(caseId: string, reader: ReportReader): Promise<Report | undefined> {
  const record = await loadCase(db(), caseId);
  if (!record) return undefined;
  const people = new Map((await listPeople(db())).map((p) => [p.id, p.name]));
  const catalogue = new Catalogue(await listCatalogue(db()));
  const comebacks = (await confirmedComebacks(db())).get(caseId) ?? [];
  const say = (pattern: string) => (iso: string | null) => (iso ? format(parseISO(iso), pattern) : '');
  return (reader === 'customer' ? customerReport : technicianReport)(record, {
    shop: await shopName(),
    person: (id) => people.get(id ?? '') ?? '',
    catalogueName: (id) => catalogue.resolve(id)?.name ?? '',
    symptomLabel: (id) => symptomById(id)?.label ?? id,
    conditionLabel,
    day: say('d MMM yyyy'),
    dayTime: say('d MMM yyyy, HH:mm'),
    comebacks: comebacks.map((c) => c.number),
    money: await money(),
  });
}
